import fc from 'fast-check';
import type { ContentsLine, DesignDocument, Layer, Params } from '../document/design-document.ts';
import { newDesign } from '../document/edits/new-design.ts';
import { placeForMe } from '../document/edits/place.ts';
import type { Item } from '../shelves/items/item.ts';
import { standardMaterials } from '../shelves/materials/standard-materials.ts';
import type { HouseRule } from '../shelves/rules/house-rule.ts';
import { houseRulesOf } from '../kinds/house-rules.ts';
import { builtInKinds } from '../kinds/kinds.ts';
import { gridIds } from '../units/grid.ts';

const environment = (): Record<string, string | undefined> =>
  (globalThis as { process?: { env: Record<string, string | undefined> } }).process?.env ?? {};

/** The most that a property looks at in the checks of every day: slow machines go through those too. */
const DAILY = 60;

/** How many random designs a property looks at, of those that it asks for: a few; all of them, or a share, with ZINDLE_RUNS; many more
 * with ZINDLE_DEEP. */
export const runs = (count: number): number => {
  const { ZINDLE_DEEP, ZINDLE_RUNS } = environment();
  if (ZINDLE_DEEP) return count * 17;
  return ZINDLE_RUNS ? Math.ceil(count * Number(ZINDLE_RUNS)) : Math.min(count, DAILY);
};

/** Where random designs begin. The same each time, so that the same sources give the same answer; others with ZINDLE_SEED, and
 * new ones in every deep run. */
export const seed = (): number => {
  const { ZINDLE_DEEP, ZINDLE_SEED } = environment();
  return ZINDLE_SEED || !ZINDLE_DEEP ? Number(ZINDLE_SEED ?? 1) : Math.floor(Math.random() * 2 ** 31);
};

/** Any length of a range, in hundredths of a millimetre. */
export const length = (least: number, most: number) =>
  fc.double({ min: least, max: most, noNaN: true }).map((value) => Math.round(value * 100) / 100);

const cardLike = fc.record({ long: length(40, 114), short: length(30, 90), thickness: length(0.3, 2.5) });
const noteLike = fc.record({
  long: length(80, 220),
  short: length(40, 110),
  thickness: fc.constantFrom(0.08, 0.11, 0.25),
});

const anyItem = (index: number): fc.Arbitrary<Item> =>
  fc
    .oneof(
      cardLike.map((size) => ({ ...size, rigid: true })),
      noteLike.map((size) => ({ ...size, rigid: false })),
    )
    .map(({ long, short, thickness, rigid }) => ({
      id: `thing-${index}`,
      name: `Thing ${index}`,
      shape: 'card',
      length: Math.max(long, short),
      width: Math.min(long, short),
      thickness,
      rigid,
      source: 'yours',
    }));

const anyLine = (index: number): fc.Arbitrary<{ item: Item; line: ContentsLine }> =>
  fc
    .record({
      item: anyItem(index),
      count: fc.integer({ min: 1, max: 6 }),
      perHolder: fc.integer({ min: 1, max: 3 }),
      orientation: fc.constantFrom<('lying' | 'upright')[]>('lying', 'lying', 'upright'),
    })
    .map(({ item, ...rest }) => ({ item, line: { id: `c${index}`, item: item.id, ...rest } }));

/** Layers of a role; the first goes into the seam. */
export const anyStack = (most: number): fc.Arbitrary<Layer[]> =>
  fc
    .array(
      fc.record({
        material: fc.constantFrom(...standardMaterials.map(({ id }) => id)),
        coverage: fc.constantFrom<Layer['coverage'][]>('full', 'trimmed', 'corners', 'half'),
      }),
      { minLength: 1, maxLength: most },
    )
    .map(([first, ...rest]) => [{ ...first!, coverage: 'full' }, ...rest]);

/** What is seen through: the mesh that stretches, or something else in its place. */
export const anyMesh: fc.Arbitrary<Layer[]> = fc.oneof(
  { weight: 2, arbitrary: fc.constant<Layer[]>([{ material: 'mesh', coverage: 'full' }]) },
  { weight: 1, arbitrary: anyStack(1) },
);

const anyRule = (rule: HouseRule): fc.Arbitrary<number | string> =>
  rule.kind === 'choice' ? fc.constantFrom(...rule.choices) : length(rule.least, rule.most);
/** House rules, some of them set to anything in their range. */
export const anyRules = fc
  .record(
    Object.fromEntries(
      Object.values(houseRulesOf(builtInKinds))
        // stitches and minutes change no size
        .filter(({ kind }) => kind !== 'number')
        .map((rule) => [rule.id, anyRule(rule)]),
    ),
    { requiredKeys: [] },
  )
  .map((rules) => rules as Record<string, number | string>);

interface Sides {
  long: number;
  short: number;
  thickness: number;
}
const anySides = (most: number) =>
  fc.record({ long: length(20, 160), short: length(20, 120), thickness: length(0.5, most) });

/** Settings of a flap of two faces, and what lies in it if something does. */
export const anyPouch = fc.record({
  params: fc.record(
    {
      fastener: fc.constantFrom('magnet', 'snap', 'hook-and-loop'),
      fastened: fc.constantFrom('one', 'two'),
      gauge: fc.constantFrom('zipper-3', 'zipper-5', 'zipper-8'),
      overlap: length(20, 150),
      corner: length(6, 80),
      tab: length(6, 40),
    },
    { requiredKeys: [] },
  ),
  held: fc.option(anySides(20), { freq: 4, nil: undefined }),
});

/** The same with something put into a holder of its own, on a face. */
function withThingOn(
  design: DesignDocument,
  { face, kind, id, params = {} }: Record<'face' | 'kind' | 'id', string> & { params?: Params },
  { long, short, thickness }: Sides,
): DesignDocument {
  const item: Item = {
    id: `thing-${id}`,
    name: `Thing ${id}`,
    shape: 'box',
    length: Math.max(long, short),
    width: Math.min(long, short),
    thickness,
    rigid: true,
    source: 'yours',
  };
  const line: ContentsLine = { id: `c${id}`, item: item.id, count: 1, perHolder: 1, orientation: 'lying' };
  return {
    ...design,
    contents: [...design.contents, line],
    ownItems: [...design.ownItems, item],
    holders: [...design.holders, { id, kind, params, contents: [{ line: line.id, count: 1 }] }],
    faces: { ...design.faces, [face]: { kind: 'holder', id } },
  };
}

/** The same with something put into its flap. */
export const withThingInFlap = (design: DesignDocument, sides: Sides): DesignDocument =>
  withThingOn(design, { face: 'flap', kind: 'file-room', id: 'F' }, sides);

/** All of its things in one panel on both leaves. */
const acrossTheFold = (design: DesignDocument): DesignDocument => ({
  ...design,
  holders: [
    {
      id: 'A',
      kind: 'fold-tiers',
      params: {},
      contents: design.contents.map(({ id, count }) => ({ line: id, count })),
    },
  ],
  faces: { across: { kind: 'holder', id: 'A' } },
});

/** A random wallet with everything placed: contents, cloth, rules, grid, making and closure. */
export const anyWallet: fc.Arbitrary<DesignDocument> = fc
  .record({
    lines: fc
      .integer({ min: 1, max: 5 })
      .chain((count) => fc.tuple(...Array.from({ length: count }, (_, index) => anyLine(index + 1)))),
    stacks: fc.record({ exterior: anyStack(3), lining: anyStack(2), pocket: anyStack(2) }),
    rules: anyRules,
    grid: fc.constantFrom(...gridIds),
    making: fc.constantFrom('stacked', 'pleated', 'applied', 't-slots'),
    columns: fc.constantFrom('1', '1', '2'),
    corners: fc.constantFrom('square', 'square', 'rounded'),
    across: fc.constantFrom(false, false, true),
    closure: fc.constantFrom('none', 'tab-snap', 'edge-zip', 'elastic-band', 'flap', 'flap-pouch'),
    pouch: anyPouch,
    path: fc.constantFrom('round', 'upper'),
    flap: fc.constantFrom('plain', 'zipped'),
    behind: fc.option(
      fc.record({
        sides: fc.subarray(['left', 'right'], { minLength: 1 }),
        held: fc.tuple(anySides(8), anySides(8)),
        front: fc.constantFrom('panel', 'cards'),
      }),
      { freq: 2, nil: undefined },
    ),
    parts: fc.subarray(['tab-snap', 'ring-tabs', 'shoulder-strap', 'stiffener', 'elastic-band']),
  })
  .map((drawn) => {
    const { lines, stacks, rules, grid, making, columns, corners, across, closure, flap, pouch, path, behind, parts } =
      drawn;
    const paramsOf: Record<string, Params> = {
      flap: { pocket: flap },
      'flap-pouch': pouch.params,
      'edge-zip': { path },
    };
    const design = placeForMe(
      {
        ...newDesign({ id: 'any', name: 'Any' }),
        contents: lines.map(({ line }) => line),
        ownItems: lines.map(({ item }) => item),
        stacks,
        rules,
        grid,
        closure: {
          kind: closure,
          params: paramsOf[closure] ?? {},
        },
        body: { kind: 'foldover', params: { corners } },
        parts: parts.map((kind, index) => {
          const params: Params = kind === 'ring-tabs' && closure.startsWith('flap') ? { place: 'ends' } : {};
          return { id: `p${index + 1}`, kind, params };
        }),
      },
      [],
    );
    const holders = design.holders.map((holder) =>
      holder.kind === 'card-tiers' ? { ...holder, params: { making, columns } } : holder,
    );
    const made = across ? acrossTheFold(design) : { ...design, holders };
    const rooms = !across && corners === 'square' && behind ? behind.sides : [];
    const roomy = rooms.reduce(
      (before, side, index) =>
        withThingOn(
          before,
          { face: `${side}-behind`, kind: 'fold-room', id: `R${index + 1}`, params: { front: behind!.front } },
          behind!.held[index]!,
        ),
      made,
    );
    return closure === 'flap-pouch' && pouch.held ? withThingInFlap(roomy, pouch.held) : roomy;
  });
