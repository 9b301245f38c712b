import fc from 'fast-check';
import {
  sharePolicies,
  type ArrangementGroup,
  type ContentsLine,
  type DesignDocument,
  type Params,
} from '../document/design-document.ts';
import { newDesign } from '../document/edits/new-design.ts';
import { placeForMe } from '../document/edits/place.ts';
import type { Item } from '../shelves/items/item.ts';
import { gridIds } from '../units/grid.ts';
import { anyRules, anyStack, anyWallet, length } from './any-design.ts';

const anyItem = (index: number): fc.Arbitrary<Item> =>
  fc
    .record({
      long: length(20, 320),
      short: length(8, 120),
      thickness: length(1, 60),
      round: fc.boolean(),
      more: fc.record(
        {
          girth: length(30, 500),
          tolerance: length(0, 5),
          compressible: fc.constantFrom(0, 0.25, 0.5),
          edgeRadius: length(0, 40),
          section: fc.constant<[number, number][]>([
            [0, 0],
            [60, 0],
            [50, 30],
            [20, 35],
          ]),
        },
        { requiredKeys: [] },
      ),
    })
    .map(({ long, short, thickness, round, more }) => ({
      id: `thing-${index}`,
      name: `Thing ${index}`,
      shape: round ? 'cylinder' : 'box',
      length: Math.max(long, short),
      width: Math.min(long, short),
      thickness: round ? Math.min(long, short) : thickness,
      rigid: true,
      source: 'yours',
      ...more,
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
  /** At most so many lines of contents; default three. */
  lines?: number;
}

/** A random design of a family whose things stand in one holder: contents, cloth, rules, grid and choices. */
export const anyStanding = ({ body, closures, holderParams, lines: most = 3 }: Family): fc.Arbitrary<DesignDocument> =>
  fc
    .record({
      lines: fc
        .integer({ min: 1, max: most })
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

const insides: fc.Arbitrary<[kind: string, params: Params]> = fc.constantFrom(
  ['cavity', { divide: 'open' }],
  ['cavity', { divide: 'stitched' }],
  ['packed-room', { longSide: 'across' }],
  ['loose-dividers', { dividers: 'one' }],
  ['loose-dividers', { dividers: 'two' }],
  ['loose-dividers', { dividers: 'two', below: 'fixed' }],
);

/** Another thing, flat enough for a pocket, and the pocket on the outside that holds it. */
export const anyOutside = fc.record({
  kind: fc.constantFrom(
    'slip-pocket',
    'bellows-pocket',
    'mesh-pocket',
    'page-sleeve',
    'zip-pocket',
    'zip-pocket',
    'channel-pocket',
    'loop-row',
    'hold-straps',
  ),
  params: fc.record({
    visible: length(0, 60),
    parts: fc.constantFrom('one', 'two'),
    style: fc.constantFrom('window', 'applied', 'flap'),
    way: fc.constantFrom('parallel', 'upright', 'crossed'),
    gauge: fc.constantFrom('zipper-3', 'zipper-5'),
    elastic: fc.constantFrom('elastic-20', 'elastic-40'),
    below: fc.constantFrom('open', 'stitched'),
  }),
  long: length(30, 160),
  short: length(20, 100),
  thickness: length(0.2, 30),
  count: fc.integer({ min: 1, max: 2 }),
});
type Outside = Omit<typeof anyOutside extends fc.Arbitrary<infer T> ? T : never, 'kind'> & { kind: string };

/** The design with a pocket on a face, holding a thing of its own; beside or above what is there already, or not at all. */
export function withPocket(
  design: DesignDocument,
  face: string,
  { kind, params, ...size }: Outside,
  id = 'P',
  beside?: Omit<ArrangementGroup, 'children'>,
): DesignDocument {
  const there = design.faces[face];
  if (there && !beside) return design;
  const item: Item = {
    id: `thing-${id}`,
    name: `Thing ${id}`,
    shape: 'box',
    length: Math.max(size.long, size.short),
    width: Math.min(size.long, size.short),
    thickness: size.thickness,
    source: 'yours',
  };
  const line: ContentsLine = {
    id: `c${id}`,
    item: item.id,
    count: size.count,
    perHolder: 1,
    orientation: 'upright',
  };
  return {
    ...design,
    contents: [...design.contents, line],
    ownItems: [...design.ownItems, item],
    holders: [...design.holders, { id, kind, params, contents: [{ line: line.id, count: size.count }] }],
    faces: {
      ...design.faces,
      [face]: there ? { ...beside!, children: [there, { kind: 'holder', id }] } : { kind: 'holder', id },
    },
  };
}

const plainSleeve = anyStanding({
  body: fc
    .record({
      form: fc.constantFrom('flat', 'boxed'),
      bottom: fc.constantFrom('fold', 'seam'),
      layers: fc.constantFrom('lined', 'lined', 'single'),
      corners: fc.constantFrom('whole', 'whole', 'cut'),
    })
    .map((params) => ({ kind: 'sleeve', params })),
  closures: ['none', 'snap-row', 'drawstring', 'wrap-ribbon', 'strap-over', 'zip-top', 'flap'],
  holderParams: fc.constant({}),
});

/** Any choice of zipper. */
export const anyZipper: fc.Arbitrary<Params> = fc.record({
  gauge: fc.constantFrom('zipper-3', 'zipper-5', 'zipper-8'),
  ends: fc.constantFrom('seam', 'tabs', 'longer'),
  sliders: fc.constantFrom('one', 'two'),
});

/** Choices of a closure, by its id. */
export const closureParams: Record<string, fc.Arbitrary<Params>> = {
  'zip-top': anyZipper,
  drawstring: fc.record({
    casing: fc.constantFrom('side-gap', 'applied', 'hem'),
    cord: fc.constantFrom('round', 'flat'),
    cords: fc.constantFrom('one', 'two'),
  }),
  'strap-over': fc.record({ fastener: fc.constantFrom('magnet', 'snap', 'hook-and-loop') }),
  flap: fc.record({
    fastener: fc.constantFrom('magnet', 'snap', 'hook-and-loop'),
    corner: length(6, 80),
    pocket: fc.constantFrom('plain', 'zipped'),
  }),
};

/** What is set on a bag; a base only where there is one to lie on. */
const anyParts = fc
  .subarray(['handles', 'strap-over', 'base-pad'])
  .map((kinds) => kinds.map((kind, index) => ({ id: `p${index + 1}`, kind, params: {} })));

export const anySleeve: fc.Arbitrary<DesignDocument> = plainSleeve.chain((design) =>
  fc
    .record({
      inside: insides,
      visible: length(0, 80),
      pocket: fc.option(anyOutside, { nil: undefined }),
      pouch: fc.option(
        anyOutside.map((outside) => ({ ...outside, kind: 'divider-pouch' })),
        { nil: undefined, freq: 2 },
      ),
      closure: closureParams[design.closure.kind] ?? fc.constant({}),
      parts: anyParts,
    })
    .map(({ inside: [wished, params], visible, pocket, pouch, closure, parts }) => {
      // many different things take long to pack: the families of boxes try that
      const things = design.contents.reduce((total, { count }) => total + count, 0);
      const kind = wished === 'packed-room' && things > 3 ? 'cavity' : wished;
      const boxed = design.body.params.form === 'boxed';
      const standing: DesignDocument = {
        ...design,
        closure: { ...design.closure, params: closure },
        parts: parts.filter((part) => boxed || part.kind !== 'base-pad'),
        holders: design.holders.map((holder) => ({
          ...holder,
          kind,
          params: kind === 'cavity' && wished === 'cavity' ? { ...params, visible } : kind === wished ? params : {},
        })),
      };
      const parted = pouch ? withPocket(standing, 'divider', pouch, 'D') : standing;
      return pocket ? withPocket(parted, 'front', pocket) : parted;
    }),
);

export const anyRoll = anyStanding({
  body: fc.constantFrom('none', 'flap').map((flap) => ({ kind: 'roll', params: { flap } })),
  closures: ['none', 'tie'],
  holderParams: fc.constant({}),
});

const roundBag = anyStanding({
  body: fc.constantFrom('lined', 'single').map((layers) => ({ kind: 'round', params: { layers } })),
  closures: ['none', 'drawstring'],
  holderParams: fc.constant({}),
});
export const anyRound: fc.Arbitrary<DesignDocument> = roundBag.chain((design) =>
  fc
    .record({
      params: closureParams[design.closure.kind] ?? fc.constant<Params>({}),
      parts: fc.subarray(['trim-band', 'shoulder-strap']),
    })
    .map(({ params, parts }) => ({
      ...design,
      closure: { ...design.closure, params },
      parts: parts.map((kind, index) => ({ id: `p${index + 1}`, kind, params: {} })),
    })),
);

const jacketOf = anyStanding({
  body: fc
    .record({ flaps: fc.constantFrom('elastic', 'fixed'), marker: fc.constantFrom('ribbon', 'none') })
    .map((params) => ({ kind: 'jacket', params })),
  closures: ['none'],
  holderParams: fc.constant({}),
});
/** One book, of any size. */
export const anyJacket: fc.Arbitrary<DesignDocument> = fc
  .tuple(
    jacketOf,
    fc.record({ long: length(60, 320), short: length(40, 230), thickness: length(2, 60) }),
    length(0.1, 6),
  )
  .map(([design, size, board]) => ({
    ...design,
    contents: [{ id: 'c1', item: 'book', count: 1, perHolder: 1, orientation: 'upright' }],
    ownItems: [
      {
        id: 'book',
        name: 'Book',
        shape: 'book',
        length: Math.max(size.long, size.short),
        width: Math.min(size.long, size.short),
        thickness: size.thickness,
        source: 'yours',
      },
    ],
    holders: [{ id: 'A', kind: 'book-cover', params: { board }, contents: [{ line: 'c1', count: 1 }] }],
    faces: { cover: { kind: 'holder', id: 'A' } },
  }));

const cardOnLeaf = fc.record({
  kind: fc.constant('card-tiers'),
  params: fc.record({
    making: fc.constantFrom('stacked', 'pleated', 'applied', 't-slots'),
    columns: fc.constantFrom('1', '2'),
  }),
  long: length(40, 114),
  short: length(30, 90),
  thickness: length(0.3, 2),
  count: fc.integer({ min: 1, max: 3 }),
});

/** A folio with something on some of its leaves. */
export const anyFolio: fc.Arbitrary<DesignDocument> = fc
  .record({
    leaves: fc.constantFrom('3', '4'),
    edges: fc.constantFrom('turned', 'turned', 'raw'),
    closure: fc.constantFrom('none', 'magnets'),
    on: fc.array(fc.option(fc.oneof(anyOutside, cardOnLeaf), { nil: undefined }), { minLength: 4, maxLength: 4 }),
    more: fc.array(fc.option(fc.oneof(anyOutside, cardOnLeaf), { nil: undefined, freq: 2 }), {
      minLength: 4,
      maxLength: 4,
    }),
    beside: fc.record({
      kind: fc.constantFrom('row' as const, 'column' as const),
      gap: fc.integer({ min: 0, max: 12 }),
      share: fc.constantFrom(...sharePolicies),
      taker: fc.integer({ min: 0, max: 1 }),
    }),
    stacks: fc.record({ exterior: anyStack(3), lining: anyStack(2), pocket: anyStack(1) }),
    rules: anyRules,
    grid: fc.constantFrom(...gridIds),
  })
  .map(({ leaves, edges, closure, on, more, beside, ...rest }) => {
    const start: DesignDocument = {
      ...newDesign({ id: 'any', name: 'Any' }),
      ...rest,
      body: { kind: 'folio', params: { leaves, edges } },
      closure: { kind: closure, params: {} },
    };
    const least = [on[0] ?? { ...FLAT, count: 1 }, ...on.slice(1, Number(leaves))];
    const single = least.reduce<DesignDocument>(
      (design, holder, index) =>
        holder ? withPocket(design, `leaf-${index + 1}`, holder as Outside, 'ABCD'[index]) : design,
      start,
    );
    return more.slice(0, Number(leaves)).reduce<DesignDocument>((design, holder, index) => {
      const face = `leaf-${index + 1}`;
      if (!holder || !(face in design.faces)) return design;
      return withPocket(design, face, holder as Outside, `${'ABCD'[index]}2`, beside);
    }, single);
  });
const FLAT = {
  kind: 'slip-pocket',
  params: { visible: 0, parts: 'one', style: 'window', way: 'parallel' },
  long: 80,
  short: 50,
  thickness: 1,
};

/** A wallet, now and then with a pocket on the outside of its front. */
export const anyBifold: fc.Arbitrary<DesignDocument> = fc
  .tuple(anyWallet, fc.option(anyOutside, { nil: undefined, freq: 2 }))
  .map(([design, pocket]) => (pocket ? withPocket(design, 'front', pocket) : design));
