/** Makes something when it is first asked for, and keeps it: one worker serves the whole application. */
export function once<T>(make: () => T): () => T {
  let made: T | undefined;
  return () => (made ??= make());
}
