import fc from 'fast-check';
import { sharePolicies, type DesignDocument, type Params } from '../document/design-document.ts';
import { newDesign } from '../document/edits/new-design.ts';
import { canClose } from '../bodies/exclusions.ts';
import { isSideFolded, isSloped } from '../bodies/sleeve/params.ts';
import { bodyKinds } from '../bodies/body-kinds.ts';
import { gridIds } from '../units/grid.ts';
import { anyMesh, anyPouch, anyRules, anyStack, anyWallet, length, withThingInFlap } from './any-design.ts';
import {
  anyBand,
  anyHandle,
  anyOnPouch,
  anyOutside,
  anyStanding,
  closureParams,
  withPocket,
  type Outside,
} from './any-standing.ts';

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
      turn: fc.constantFrom('side', 'bottom', 'mouth', 'dropped'),
      rim: fc.constantFrom('topstitched', 'plain'),
    })
    // what is folded at the bottom is not open there, and a gap in the mouth is closed by its stitching
    .map((params) => (params.turn === 'bottom' && params.bottom !== 'seam' ? { ...params, turn: 'side' } : params))
    .map((params) => (['mouth', 'dropped'].includes(params.turn) ? { ...params, rim: 'topstitched' } : params))
    // a mouth with three sides is not folded in
    .map((params) => (params.turn === 'dropped' && isSloped(params) ? { ...params, turn: 'side' } : params))
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
  .subarray(['handles', 'strap-over', 'pocket-strap', 'base-pad'])
  .chain((kinds) => fc.tuple(fc.constant(kinds), fc.constantFrom('face', 'seam', 'between'), anyHandle))
  .map(([kinds, at, band]) =>
    kinds.map((kind, index) => ({
      id: `p${index + 1}`,
      kind,
      params: (kind === 'handles' ? { at, ...band } : {}) as Params,
    })),
  );

export const anySleeve: fc.Arbitrary<DesignDocument> = plainSleeve.chain((design) =>
  fc
    .record({
      inside: insides,
      visible: length(0, 80),
      pocket: fc.option(anyOutside, { nil: undefined }),
      pouch: fc.option(
        fc.tuple(anyOutside, fc.constantFrom('one', 'lined')).map(([outside, walls]) => ({
          ...outside,
          kind: 'divider-pouch',
          params: { ...outside.params, walls },
        })),
        { nil: undefined, freq: 2 },
      ),
      onPouch: fc.option(anyOnPouch, { nil: undefined, freq: 2 }),
      closure: closureParams[design.closure.kind] ?? fc.constant({}),
      parts: anyParts,
    })
    .map(({ inside: [wished, params], visible, pocket, pouch, onPouch, closure, parts }) => {
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
      const hung = pouch && !bare ? withPocket(standing, 'divider', pouch, 'D') : standing;
      const parted = hung === standing || !onPouch ? hung : withPocket(hung, `D-${onPouch.face}`, onPouch.outside, 'E');
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
  body: fc
    .record({
      layers: fc.constantFrom('lined', 'lined', 'single'),
      mouth: fc.constantFrom('joined', 'band'),
      band: length(15, 120),
    })
    .map((params) => ({ kind: 'round', params })),
  closures: ['none', 'drawstring'],
  holderParams: fc.constant({}),
});
export const anyRound: fc.Arbitrary<DesignDocument> = roundBag.chain((design) =>
  fc
    .record({
      params: closureParams[design.closure.kind] ?? fc.constant<Params>({}),
      parts: fc.subarray(['trim-band', 'shoulder-strap']),
      band: anyBand,
    })
    .map(({ params, parts, band }) => ({
      ...design,
      closure: { ...design.closure, params },
      parts: parts.map((kind, index) => ({
        id: `p${index + 1}`,
        kind,
        params: kind === 'shoulder-strap' ? band : {},
      })),
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

/** How one thing lies beside another. */
const anyBeside = fc.record({
  kind: fc.constantFrom('row' as const, 'column' as const),
  gap: fc.integer({ min: 0, max: 12 }),
  share: fc.constantFrom(...sharePolicies),
  taker: fc.integer({ min: 0, max: 1 }),
});

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
    cover: fc.constantFrom('whole', 'whole', 'narrow'),
    closure: fc.constantFrom('none', 'magnets'),
    on: fc.array(fc.option(fc.oneof(anyOutside, cardOnLeaf), { nil: undefined }), { minLength: 4, maxLength: 4 }),
    more: fc.array(fc.option(fc.oneof(anyOutside, cardOnLeaf), { nil: undefined, freq: 2 }), {
      minLength: 4,
      maxLength: 4,
    }),
    beside: anyBeside,
    behind: fc.option(
      fc.record({
        kind: fc.constant('file-room'),
        params: fc.constant<Params>({}),
        long: length(20, 300),
        short: length(20, 160),
        thickness: length(0.1, 4),
        count: fc.integer({ min: 1, max: 3 }),
      }),
      { nil: undefined, freq: 2 },
    ),
    stacks: fc.record({ exterior: anyStack(3), lining: anyStack(2), pocket: anyStack(2), mesh: anyMesh }),
    rules: anyRules,
    grid: fc.constantFrom(...gridIds),
  })
  .map(({ leaves, edges, cover, closure, on, more, beside, behind, ...rest }) => {
    const start: DesignDocument = {
      ...newDesign({ id: 'any', name: 'Any' }),
      ...rest,
      body: { kind: 'folio', params: { leaves, edges, cover } },
      closure: { kind: closure, params: {} },
    };
    // nothing lies on a narrow flap
    const there = cover === 'narrow' ? [2, 3, 4] : [1, 2, 3, 4];
    const begun = behind && edges === 'raw' ? withPocket(start, 'notes', behind as Outside, 'N') : start;
    const held = there.filter((leaf) => leaf <= Number(leaves));
    const single = held.reduce<DesignDocument>((design, leaf, index) => {
      const holder = on[index] ?? (index === 0 ? { ...FLAT, count: 1 } : undefined);
      return holder ? withPocket(design, `leaf-${leaf}`, holder as Outside, 'ABCD'[index]) : design;
    }, begun);
    return held.reduce<DesignDocument>((design, leaf, index) => {
      const [face, holder] = [`leaf-${leaf}`, more[index]];
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

/** A panel that stays flat, with one or two things on its inner side, now and then one on the outer one and in its flap. */
export const anyPanel: fc.Arbitrary<DesignDocument> = fc
  .record({
    corners: fc.constantFrom('square', 'square', 'rounded'),
    inner: fc.array(fc.oneof({ weight: 3, arbitrary: anyOutside }, { weight: 1, arbitrary: cardOnLeaf }), {
      minLength: 1,
      maxLength: 3,
    }),
    beside: anyBeside,
    outer: fc.option(anyOutside, { nil: undefined, freq: 2 }),
    closure: fc.constantFrom('none', 'flap', 'flap-pouch', 'tab-snap', 'elastic-band'),
    pouch: anyPouch,
    flap: fc.constantFrom('plain', 'zipped'),
    parts: fc.subarray(['ring-tabs', 'shoulder-strap', 'stiffener', 'elastic-band']),
    stacks: fc.record({ exterior: anyStack(3), lining: anyStack(2), pocket: anyStack(2), mesh: anyMesh }),
    rules: anyRules,
    grid: fc.constantFrom(...gridIds),
  })
  .map(({ corners, inner, beside, outer, closure, pouch, flap, parts, ...rest }) => {
    const paramsOf: Record<string, Params> = { flap: { pocket: flap }, 'flap-pouch': pouch.params };
    const start: DesignDocument = {
      ...newDesign({ id: 'any', name: 'Any' }),
      ...rest,
      body: { kind: 'panel', params: { corners } },
      closure: { kind: closure, params: paramsOf[closure] ?? {} },
      parts: parts.map((kind, index) => {
        const params: Params = kind === 'ring-tabs' && closure.startsWith('flap') ? { place: 'ends' } : {};
        return { id: `p${index + 1}`, kind, params };
      }),
    };
    const held = inner.reduce<DesignDocument>(
      (design, each, index) => withPocket(design, 'panel', each as Outside, 'ABC'[index], beside),
      start,
    );
    const both = outer ? withPocket(held, 'outside', outer, 'O') : held;
    return closure === 'flap-pouch' && pouch.held ? withThingInFlap(both, pouch.held) : both;
  });
