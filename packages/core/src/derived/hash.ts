/** A short word that is the same for the same text (FNV-1a, 32 bits). */
export function hashOf(text: string): string {
  let hash = 0x811c9dc5;
  for (const letter of text) hash = Math.imul(hash ^ letter.codePointAt(0)!, 0x01000193);
  return (hash >>> 0).toString(36);
}
