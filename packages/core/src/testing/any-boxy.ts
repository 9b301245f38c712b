import fc from 'fast-check';
import type { DesignDocument, PartEntry } from '../document/design-document.ts';
import { length } from './any-design.ts';
import { facesOf } from '../document/edits/seats.ts';
import { anyBand, anyOnPouch, anyOutside, anyStanding, anyZipper, closureParams, withPocket } from './any-standing.ts';

const maybe = <T>(any: fc.Arbitrary<T>) => fc.option(any, { nil: undefined, freq: 2 });

const plainTube = anyStanding({
  body: fc
    .record({ form: fc.constantFrom('boxed', 'boxed', 'flat'), corners: fc.constantFrom('cut', 'marked') })
    .map((params) => ({ kind: 'zip-tube', params })),
  closures: ['zip-top'],
  holderParams: fc.constant({}),
  // six things at most: so many are arranged exactly, and quickly if some are alike
  lines: 2,
});

/** A zipped pouch, its zipper of any kind, now and then with tabs in its ends. */
export const anyZipTube: fc.Arbitrary<DesignDocument> = fc
  .tuple(plainTube, anyZipper, fc.constantFrom('none', 'ring', 'hook'))
  .map(([design, params, on]) => ({
    ...design,
    closure: { ...design.closure, params },
    parts: on === 'none' ? [] : [{ id: 'tabs', kind: 'ring-tabs', params: { on } }],
  }));

const plainBox = anyStanding({
  body: fc.constantFrom('cross', 'strip', 'five').map((making) => ({ kind: 'box', params: { making } })),
  closures: ['none', 'flap', 'strap-over'],
  holderParams: fc.record({ longSide: fc.constantFrom('across', 'deep') }),
  lines: 2,
});

/** A hard case with any zipper. */
export const anyShell: fc.Arbitrary<DesignDocument> = fc
  .tuple(
    anyStanding({
      body: fc
        .record({ radius: length(8, 80), hinge: length(30, 400), guard: fc.constantFrom('none', 'strips') })
        .map((params) => ({ kind: 'shell', params })),
      closures: ['zip-top'],
      holderParams: fc.record({ longSide: fc.constantFrom('across', 'deep') }),
      lines: 2,
    }),
    anyZipper,
    fc.option(anyOutside, { nil: undefined, freq: 2 }),
    fc.option(anyOutside, { nil: undefined, freq: 2 }),
  )
  .map(([design, params, base, lid]) => {
    const zipped = { ...design, closure: { ...design.closure, params } };
    const withBase = base ? withPocket(zipped, 'base', base, 'B') : zipped;
    return lid ? withPocket(withBase, 'lid', lid, 'L') : withBase;
  });

const onBox: DesignDocument['parts'] = [
  { id: 'base', kind: 'base-pad', params: {} },
  { id: 'tabs', kind: 'ring-tabs', params: {} },
  { id: 'strap', kind: 'shoulder-strap', params: { ends: 'sewn' } },
  { id: 'handles', kind: 'handles', params: {} },
];

/** An open box, cut in any of the ways, with whatever may be set on it. */
export const anyBox: fc.Arbitrary<DesignDocument> = plainBox.chain((design) =>
  fc
    .tuple(closureParams[design.closure.kind] ?? fc.constant({}), fc.subarray(onBox), anyBand)
    .map(([params, parts, band]) => ({
      ...design,
      closure: { ...design.closure, params },
      parts: parts.map((part) =>
        part.kind === 'handles' || part.kind === 'shoulder-strap'
          ? { ...part, params: { ...part.params, ...band } }
          : part,
      ),
    })),
);

/** An accordion of two to five compartments, things in some of them, now and then a pocket on the inside of its front or its back. */
export const anyAccordion: fc.Arbitrary<DesignDocument> = fc
  .tuple(
    anyStanding({
      body: fc
        .record({
          compartments: fc.constantFrom('2', '3', '4', '5'),
          foot: fc.constantFrom('flat', 'fan'),
          dividers: fc.constantFrom('plain', 'padded', 'zipped'),
          school: fc.constantFrom('wrapped', 'joined'),
        })
        .map((params) => ({ kind: 'accordion', params })),
      closures: ['none', 'flap', 'strap-over'],
      holderParams: fc.constant({}),
    }),
    fc.option(anyOutside, { nil: undefined, freq: 3 }),
    fc.option(anyOutside, { nil: undefined, freq: 3 }),
  )
  .map(([design, front, back]) => {
    const withFront = front ? withPocket(design, 'front-wall', front, 'X') : design;
    return back ? withPocket(withFront, 'back-wall', back, 'Y') : withFront;
  });

/** A double-ended case, things in one end or both, now and then a pocket on the outside. */
export const anyDoubleTube: fc.Arbitrary<DesignDocument> = fc
  .tuple(
    anyStanding({
      body: fc.constantFrom('fold', 'panels').map((making) => ({ kind: 'double-tube', params: { making } })),
      closures: ['zip-top'],
      holderParams: fc.constant({}),
      lines: 2,
    }),
    anyZipper,
    fc.option(anyOutside, { nil: undefined, freq: 2 }),
  )
  .map(([design, params, front]) => {
    const zipped = { ...design, closure: { ...design.closure, params } };
    return front ? withPocket(zipped, 'front', front, 'F') : zipped;
  });

/** Things that go in with their broad side to the front: loops on a wall are for those. */
const broadSideFirst = (design: DesignDocument): DesignDocument => ({
  ...design,
  contents: design.contents.map((line) => (line.orientation === 'upright' ? line : { ...line, orientation: 'lying' })),
});

/** What is sewn onto the walls of an organizer. */
const IDS: Readonly<Record<string, string>> = { back: 'W', front: 'X', flap: 'Y', rear: 'U', 'rear-flap': 'V' };

/** A framed organizer, its zipper of any kind; something hangs in it, is sewn onto its back or lies in its outer pocket. */
export const anyOrganizer: fc.Arbitrary<DesignDocument> = fc
  .tuple(
    anyStanding({
      body: fc
        .record({
          outer: fc.constantFrom('zipped', 'both', 'none'),
          back: fc.constantFrom('lining', 'shell'),
          radius: length(8, 80),
        })
        .map((params) => ({ kind: 'organizer', params })),
      closures: ['zip-top'],
      holderParams: fc.record({ longSide: fc.constantFrom('across', 'deep') }),
      lines: 2,
    }).map(broadSideFirst),
    fc.record({
      zipper: anyZipper,
      bottom: fc.constantFrom('contents', 'base'),
      pouchWalls: fc.constantFrom('one', 'lined'),
      onPouch: maybe(anyOnPouch),
      parts: fc.subarray<PartEntry>([
        { id: 'tabs', kind: 'ring-tabs', params: { on: 'loop' } },
        { id: 'base', kind: 'base-pad', params: {} },
      ]),
      on: fc.record({
        divider: maybe(anyOutside),
        back: maybe(anyOutside),
        front: maybe(anyOutside),
        flap: maybe(anyOutside),
        rear: maybe(anyOutside),
        'rear-flap': maybe(anyOutside),
      }),
    }),
  )
  .map(
    ([
      design,
      {
        zipper,
        bottom,
        pouchWalls,
        onPouch,
        parts,
        on: { divider, ...walls },
      },
    ]) => {
      const zipped = { ...design, closure: { ...design.closure, params: zipper }, parts };
      const pouch = divider && {
        ...divider,
        kind: 'divider-pouch',
        params: { ...divider.params, bottom, walls: pouchWalls },
      };
      const hung = pouch ? withPocket(zipped, 'divider', pouch, 'Z') : zipped;
      const parted = pouch && onPouch ? withPocket(hung, `Z-${onPouch.face}`, onPouch.outside, 'Q') : hung;
      const there = new Set(facesOf(design).map(({ id }) => id));
      return Object.entries(walls).reduce(
        (made, [face, outside]) => (outside && there.has(face) ? withPocket(made, face, outside, IDS[face]) : made),
        parted,
      );
    },
  );
