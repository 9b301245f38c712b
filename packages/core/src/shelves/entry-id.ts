/** An id for an entry of the maker's own, made from its name: `my-tide-board`, `my-tide-board-2`.
 * @param taken whether an id is in use */
export function idFrom(name: string, taken: (id: string) => boolean): string {
  const plain = name
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-+|-+$/g, '')
    .slice(0, 40);
  const base = `my-${plain || 'entry'}`;
  if (!taken(base)) return base;
  for (let number = 2; ; number++) if (!taken(`${base}-${number}`)) return `${base}-${number}`;
}
