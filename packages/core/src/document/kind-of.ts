/** An entry of a typed map by a name that came from a document; nothing for names that objects have by nature. */
export const kindOf = <T>(kinds: Readonly<Record<string, T>>, id: string): T | undefined =>
  Object.hasOwn(kinds, id) ? kinds[id] : undefined;
