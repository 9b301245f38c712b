/** Several things in a sentence: “a, b and c”. */
export function listed(words: readonly string[]): string {
  const [last] = words.slice(-1);
  return words.length < 2 ? (last ?? '') : `${words.slice(0, -1).join(', ')} and ${last}`;
}
