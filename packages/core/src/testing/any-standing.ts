import fc from 'fast-check';
import type { ContentsLine, DesignDocument, Params } from '../document/design-document.ts';
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

interface Family {
  body: fc.Arbitrary<DesignDocument['body']>;
  /** Ids of closures. */
  closures: string[];
  holderParams: fc.Arbitrary<Params>;
}

/** A random design of a family whose things stand in one holder: contents, cloth, rules, grid and choices. */
const anyStanding = ({ body, closures, holderParams }: Family): fc.Arbitrary<DesignDocument> =>
  fc
    .record({
      lines: fc
        .integer({ min: 1, max: 3 })
        .chain((count) => fc.tuple(...Array.from({ length: count }, (_, index) => anyLine(index + 1)))),
      stacks: fc.record({ exterior: anyStack(3), lining: anyStack(2), pocket: anyStack(1) }),
      rules: anyRules,
      grid: fc.constantFrom(...gridIds),
      body,
      holderParams,
      closure: fc.constantFrom(...closures),
    })
    .map(({ lines, holderParams: params, closure, ...rest }) => {
      const contents = lines.map(({ line }) => line);
      const ownItems = lines.map(({ item }) => item);
      const start = {
        ...newDesign({ id: 'any', name: 'Any' }),
        contents,
        ownItems,
        ...rest,
        closure: { kind: closure, params: {} },
      };
      const design = placeForMe(start, []);
      return { ...design, holders: design.holders.map((holder) => ({ ...holder, params })) };
    });

export const anySleeve = anyStanding({
  body: fc
    .record({ form: fc.constantFrom('flat', 'boxed'), bottom: fc.constantFrom('fold', 'seam') })
    .map((params) => ({ kind: 'sleeve', params })),
  closures: ['none', 'snap-row'],
  holderParams: fc.constantFrom('open', 'stitched').map((divide) => ({ divide })),
});

export const anyRoll = anyStanding({
  body: fc.constant({ kind: 'roll', params: {} }),
  closures: ['none', 'tie'],
  holderParams: fc.constant({}),
});
