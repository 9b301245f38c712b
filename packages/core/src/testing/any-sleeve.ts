import fc from 'fast-check';
import type { ContentsLine, DesignDocument } from '../document/design-document.ts';
import { newDesign } from '../document/edits/new-design.ts';
import { placeForMe } from '../document/edits/place.ts';
import type { Item } from '../shelves/items/item.ts';
import { gridIds } from '../units/grid.ts';
import { anyRules, anyStack, length } from './any-design.ts';

const anyItem = (index: number): fc.Arbitrary<Item> =>
  fc
    .record({ long: length(20, 320), short: length(8, 120), thickness: length(1, 60), round: fc.boolean() })
    .map(({ long, short, thickness, round }) => ({
      id: `thing-${index}`,
      name: `Thing ${index}`,
      shape: round ? 'cylinder' : 'box',
      length: Math.max(long, short),
      width: Math.min(long, short),
      thickness: round ? Math.min(long, short) : thickness,
      rigid: true,
      source: 'yours',
    }));

const anyLine = (index: number): fc.Arbitrary<{ item: Item; line: ContentsLine }> =>
  fc
    .record({
      item: anyItem(index),
      count: fc.integer({ min: 1, max: 3 }),
      orientation: fc.constantFrom<('lying' | 'upright')[]>('upright', 'lying'),
    })
    .map(({ item, ...rest }) => ({ item, line: { id: `c${index}`, item: item.id, perHolder: 1, ...rest } }));

/** A random sleeve with everything in it: contents, cloth, rules, grid, bottom, dividers and closure. */
export const anySleeve: fc.Arbitrary<DesignDocument> = fc
  .record({
    lines: fc
      .integer({ min: 1, max: 3 })
      .chain((count) => fc.tuple(...Array.from({ length: count }, (_, index) => anyLine(index + 1)))),
    stacks: fc.record({ exterior: anyStack(3), lining: anyStack(2), pocket: anyStack(1) }),
    rules: anyRules,
    grid: fc.constantFrom(...gridIds),
    params: fc.record({ form: fc.constantFrom('flat', 'boxed'), bottom: fc.constantFrom('fold', 'seam') }),
    divide: fc.constantFrom('open', 'stitched'),
    closure: fc.constantFrom('none', 'snap-row'),
  })
  .map(({ lines, stacks, rules, grid, params, divide, closure }) => {
    const design = placeForMe(
      {
        ...newDesign({ id: 'any', name: 'Any' }),
        contents: lines.map(({ line }) => line),
        ownItems: lines.map(({ item }) => item),
        body: { kind: 'sleeve', params },
        stacks,
        rules,
        grid,
        closure: { kind: closure, params: {} },
      },
      [],
    );
    return { ...design, holders: design.holders.map((holder) => ({ ...holder, params: { divide } })) };
  });
