import fc from 'fast-check';
import {
  orientations,
  type Orientation,
  type ArrangementGroup,
  type ContentsLine,
  type DesignDocument,
  type Params,
} from '../document/design-document.ts';
import { newDesign } from '../document/edits/new-design.ts';
import { placeForMe } from '../document/edits/place.ts';
import type { Item } from '../shelves/items/item.ts';
import { builtInKinds } from '../kinds/kinds.ts';
import { gridIds } from '../units/grid.ts';
import { anyMesh, anyRules, anyStack, length } from './any-design.ts';

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
      orientation: fc.oneof(
        { weight: 3, arbitrary: fc.constantFrom<Orientation[]>('upright', 'lying') },
        { weight: 1, arbitrary: fc.constantFrom(...orientations) },
      ),
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
      stacks: fc.record({ exterior: anyStack(3), lining: anyStack(2), pocket: anyStack(2), mesh: anyMesh }),
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

/** Every family that may sit on the outside of a wall. */
const onWalls = Object.entries(builtInKinds.holders).filter(([, { seats }]) => seats.includes('wall'));
/** Whatever one of them lets the maker choose; what another does not know changes nothing there. */
const choicesOnWalls: Record<string, string[]> = {};
for (const [, { params }] of onWalls)
  for (const [key, spec] of Object.entries(params))
    if (spec.kind === 'choice') (choicesOnWalls[key] ??= []).push(...spec.choices.map(({ id }) => id));

/** Another thing, flat enough for a pocket, and what holds it on the outside. */
export const anyOutside = fc.record({
  kind: fc.constantFrom(...onWalls.map(([kind]) => kind)),
  params: fc.record({
    visible: length(0, 60),
    ...Object.fromEntries(Object.entries(choicesOnWalls).map(([key, ids]) => [key, fc.constantFrom(...ids)])),
  }),
  long: length(30, 160),
  short: length(20, 100),
  thickness: length(0.2, 30),
  count: fc.integer({ min: 1, max: 2 }),
});
/** A thing and the holder for it, whatever kind that is. */
export type Outside = typeof anyOutside extends fc.Arbitrary<infer T> ? T : never;

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

/** Something that may be sewn onto the front or the back of what hangs in a bag: nothing hangs behind that. */
export const anyOnPouch = fc.record({
  face: fc.constantFrom('front', 'back'),
  outside: anyOutside.map(({ kind, params, ...rest }): Outside => ({
    ...rest,
    kind: kind === 'set-in-pocket' ? 'slip-pocket' : kind,
    params: { ...params, ...(kind === 'zip-pocket' && (params as Params).style === 'window' && { style: 'applied' }) },
  })),
});

/** Any choice of zipper. */
export const anyZipper: fc.Arbitrary<Params> = fc.record({
  gauge: fc.constantFrom('zipper-3', 'zipper-5', 'zipper-8'),
  ends: fc.constantFrom('seam', 'tabs', 'longer'),
  sliders: fc.constantFrom('one', 'two'),
});

/** What a handle or a strap is made from. */
export const anyBand: fc.Arbitrary<Params> = fc.record({
  material: fc.constantFrom('webbing', 'cloth'),
  webbing: fc.constantFrom('webbing-25', 'webbing-38'),
  wide: length(10, 80),
});

/** The same of handles, with where they are placed. */
export const anyHandle: fc.Arbitrary<Params> = fc
  .tuple(anyBand, fc.record({ from: fc.constantFrom('centre', 'sides'), aside: length(20, 400) }))
  .map(([band, place]) => ({ ...band, ...place }));

/** Choices of a closure, by its id. */
export const closureParams: Record<string, fc.Arbitrary<Params>> = {
  'zip-top': anyZipper,
  'fold-zip': fc.record({ gauge: fc.constantFrom('zipper-3', 'zipper-5', 'zipper-8'), beyond: length(10, 40) }),
  'wrap-ribbon': fc.record({ place: fc.constantFrom('below', 'hem') }),
  drawstring: fc.record({
    casing: fc.constantFrom('side-gap', 'applied', 'hem'),
    reach: fc.constantFrom('side', 'patch'),
    patch: length(40, 300),
    cord: fc.constantFrom('round', 'flat', 'ribbon-10', 'ribbon-25'),
    cords: fc.constantFrom('one', 'two'),
  }),
  'strap-over': fc.record({
    fastener: fc.constantFrom('magnet', 'snap', 'hook-and-loop'),
    material: fc.constantFrom('cloth', 'webbing'),
    webbing: fc.constantFrom('webbing-25', 'webbing-38'),
  }),
  flap: fc.record({
    fastener: fc.constantFrom('magnet', 'snap', 'hook-and-loop'),
    corner: length(6, 80),
    pocket: fc.constantFrom('plain', 'zipped'),
  }),
};
