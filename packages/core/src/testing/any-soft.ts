import fc from 'fast-check';
import { sharePolicies, type DesignDocument, type Params } from '../document/design-document.ts';
import { newDesign } from '../document/edits/new-design.ts';
import { canClose } from '../bodies/exclusions.ts';
import { isSideFolded, isSloped } from '../bodies/sleeve/params.ts';
import { bodyKinds } from '../bodies/body-kinds.ts';
import { gridIds } from '../units/grid.ts';
import { anyMesh, anyRules, anyStack, anyWallet, length } from './any-design.ts';
import { anyOutside, anyStanding, closureParams, withPocket, type Outside } from './any-standing.ts';

const insides: fc.Arbitrary<[kind: string, params: Params]> = fc.constantFrom(
  ['cavity', { divide: 'open' }],
  ['cavity', { divide: 'stitched' }],
  ['packed-room', { longSide: 'across' }],
  ['loose-dividers', { dividers: 'one' }],
  ['loose-dividers', { dividers: 'two' }],
  ['loose-dividers', { dividers: 'two', below: 'fixed' }],
);

const plainSleeve = anyStanding({
  body: fc
    .record({
      form: fc.constantFrom('flat', 'boxed'),
      bottom: fc.constantFrom('fold', 'seam', 'side'),
      layers: fc.constantFrom('lined', 'lined', 'single'),
      corners: fc.constantFrom('whole', 'whole', 'cut', 'mouth'),
    })
    // a hem does not turn the corners of a mouth with three sides
    .map((params) =>
      params.layers === 'single' && isSloped({ ...params, layers: 'lined' }) ? { ...params, corners: 'whole' } : params,
    )
    // nor are corners cut off or boxed at a fold
    .map((params) => (params.bottom === 'side' ? { ...params, form: 'flat', corners: 'whole' } : params))
    .map((params) => ({ kind: 'sleeve', params })),
  closures: ['none', 'snap-row', 'drawstring', 'wrap-ribbon', 'strap-over', 'zip-top', 'fold-zip', 'flap'],
  holderParams: fc.constant({}),
});

/** What is set on a bag; a base only where there is one to lie on. */
const anyParts = fc
  .subarray(['handles', 'strap-over', 'base-pad'])
  .chain((kinds) => fc.tuple(fc.constant(kinds), fc.constantFrom('face', 'seam')))
  .map(([kinds, at]) =>
    kinds.map((kind, index) => ({ id: `p${index + 1}`, kind, params: (kind === 'handles' ? { at } : {}) as Params })),
  );

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
      // nothing hangs where there are no two whole side seams
      const bare = isSloped(design.body.params) || isSideFolded(design.body.params);
      const unhung = bare && wished === 'loose-dividers';
      const kind = (wished === 'packed-room' && things > 3) || unhung ? 'cavity' : wished;
      const boxed = design.body.params.form === 'boxed';
      // what needs a level mouth does not go with one of three sides
      const closes = canClose(bodyKinds.sleeve, design.body.params, design.closure.kind);
      const kindOfClosure = closes ? design.closure.kind : 'strap-over';
      const standing: DesignDocument = {
        ...design,
        closure: { kind: kindOfClosure, params: closes ? closure : {} },
        parts: parts.filter((part) => boxed || part.kind !== 'base-pad'),
        holders: design.holders.map((holder) => ({
          ...holder,
          kind,
          params: kind === 'cavity' && wished === 'cavity' ? { ...params, visible } : kind === wished ? params : {},
        })),
      };
      const parted = pouch && !bare ? withPocket(standing, 'divider', pouch, 'D') : standing;
      return pocket ? withPocket(parted, 'front', pocket) : parted;
    }),
);

export const anyRoll = anyStanding({
  body: fc
    .record({ flap: fc.constantFrom('none', 'flap'), layers: fc.constantFrom('lined', 'hemmed', 'ready') })
    .map((params) => ({ kind: 'roll', params })),
  closures: ['none', 'tie'],
  holderParams: fc.record({ spare: fc.constantFrom('end', 'last', 'all') }),
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
    mouth: fc.constantFrom('up', 'left', 'right'),
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
    stacks: fc.record({ exterior: anyStack(3), lining: anyStack(2), pocket: anyStack(2), mesh: anyMesh }),
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
