import type { Item } from '@zindle/core';

export type Side = 'length' | 'width' | 'thickness';
const sides: Record<Side, string> = { length: 'Length', width: 'Width', thickness: 'Thickness' };

/** What is asked of a thing: of a rod its diameter once. */
export function askedSides({ shape }: Item): Partial<Record<Side, string>> {
  if (shape === 'cylinder') return { length: 'Length', width: 'Diameter' };
  return shape === 'disc' || shape === 'ball' ? { length: 'Diameter', thickness: 'Height' } : sides;
}

/** The thing with one side measured anew. Sides keep their names: the others stay as they are; only what is round has it twice, and an
 * outline is drawn out to it. */
export function measuredSide(item: Item, side: Side, mm: number): Item {
  if (item.shape === 'cylinder')
    return { ...item, ...(side === 'length' ? { length: mm } : { width: mm, thickness: mm }) };
  const round = item.shape === 'disc' || item.shape === 'ball';
  const next = { ...item, [side]: mm, ...(round && side === 'length' && { width: mm }) };
  if (item.outline)
    return { ...next, outline: stretched(item.outline, next.length / item.length, next.width / item.width) };
  return next;
}

const stretched = (outline: [number, number][], across: number, up: number): [number, number][] =>
  outline.map(([x, y]) => [x * across, y * up]);
