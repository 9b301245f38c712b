/** Where a thing begins and ends along a strip, mm. */
export interface Span {
  from: number;
  to: number;
}

/** What is wound on after the first thing: each later thing has the strip from half way before it to half way behind it, the last
 * one up to the end.
 * @param things in winding order, the first one the core
 * @param width of the strip, mm */
export function stretchesOf([core, ...others]: readonly Span[], width: number): Span[] {
  const ends = others.map(({ to }, index) => (others[index + 1] ? (to + others[index + 1]!.from) / 2 : width));
  const first = core && others[0] ? (core.to + others[0].from) / 2 : width;
  return ends.map((to, index) => ({ from: index === 0 ? first : ends[index - 1]!, to }));
}
