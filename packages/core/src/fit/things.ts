import {
  asLying,
  isRound,
  pressedSides,
  sectionAs,
  together,
  type HeldContents,
  type Sides,
} from '../contents/held.ts';
import { girthDoubt } from '../contents/girth.ts';
import { byRule, given, halfOf, largest, smallest, sum, times, type Derived, type Rule } from '../derived/derived.ts';
import { nothing } from '../derived/constants.ts';
import { bundleOf } from '../geometry/bundle.ts';
import { hullRound, type Disc } from '../geometry/discs.ts';
import type { Stood } from '../pieces/room.ts';

/** A thing, a stack or a heap of alike ones as it stands in a room. All mm. */
export interface Thing {
  line: string;
  /** Its own among those of its room: alike ones share it. */
  key: string;
  name: string;
  across: Derived;
  /** From front to back. */
  thick: Derived;
  /** Down from the mouth. */
  deep: Derived;
  /** How much of it is meant to stand out above the mouth, and how much may. */
  shows: Derived;
  mayShow: Derived;
  /** Its section seen from above: corners and rounds whose hull it is, from its left and its back. */
  section: readonly Disc[];
  /** Half of the way round it. */
  half: Derived;
  /** The same of one alone: what an opening must let through. */
  one: Derived;
  /** How round its corners are, seen from the side that is widest. */
  round: number;
  /** Of a bound book: how thick a board is. */
  board?: Derived;
}

type Common = 'line' | 'key' | 'name' | 'shows' | 'mayShow' | 'round' | 'board';

const hullRule: Rule = {
  id: 'fitting',
  formula: 'half of the way round the hull',
  source: 'geometry: perimeter of a convex hull',
};

/** Half of the way round what lies within, mm. */
export const halfHull = (label: string, discs: readonly Disc[], of: Derived[]): Derived =>
  byRule(hullRule, label, hullRound(discs) / 2, of);

/** Corners of a rectangle, round or not, mm. */
export const box = (across: number, thick: number, radius = 0): Disc[] => {
  const [r, right, front] = [radius, across - radius, thick - radius];
  return [
    { x: r, y: r, r },
    { x: right, y: r, r },
    { x: right, y: front, r },
    { x: r, y: front, r },
  ];
};

const heapRule = (formula: string): Rule => ({
  id: 'fitting',
  formula,
  source: 'geometry: the tightest heap of discs',
});

/** A thing as its line says that it stands: as large as one of its kind may be, and as thick as it is when pressed. */
export function thingOf(
  { line: id, count, above = 1, flat = false, shows = nothing, mayShow = shows, board, only }: Stood,
  held: HeldContents,
): Thing {
  const { line, item, name } = held;
  const pressed = pressedSides(flat ? asLying(held) : held);
  const sides = board && only ? { ...pressed, thickness: board } : pressed;
  const deep = above === 1 ? sides.deep : sum(`${name}, ${above} above each other`, [times(above, sides.deep)]);
  const common = {
    line: id,
    key: `${id} ${count} ${above}`,
    name,
    deep,
    shows,
    mayShow,
    round: item.planRadius ?? 0,
    ...(board && { board }),
  };
  if (flat) return { ...common, ...lyingFlat(held, sides) };
  if (isRound(item, line) && count > 1) return { ...common, ...heapOf(name, count, sides.across) };
  return { ...common, ...stackOf(held, count, sides) };
}

/** One of it, or some on each other. */
function stackOf(held: HeldContents, count: number, sides: Sides): Omit<Thing, Common | 'deep'> {
  const { line, item, name } = held;
  const { across, thickness } = sides;
  const one = halfOfOne(held, sides);
  // what is round and gives is pressed flatter, and is no longer round it than it was
  const round = isRound(item, line) && (!item.compressible || held.resting);
  if (count === 1) return { across, thick: round ? across : thickness, ...one };
  const thick = together(name, count, thickness);
  const section = box(across.value, thick.value);
  const half = halfHull(`${name}, half round all`, section, [across, thick]);
  return { across, thick, section, half, one: one.half };
}

function lyingFlat({ item, name }: HeldContents, { across, deep, thickness }: Sides): Omit<Thing, Common> {
  const round = item.shape === 'disc';
  const section = round
    ? [{ x: across.value / 2, y: across.value / 2, r: across.value / 2 }]
    : box(across.value, deep.value);
  const half = halfHull(`${name}, half round it`, section, [across, deep]);
  return { across, thick: round ? across : deep, deep: thickness, section, half, one: half };
}

const circleRule: Rule = {
  id: 'fitting',
  formula: '√(side² + side²)',
  source: 'geometry: the circle round a rectangle',
};

/** Across the circle round what it stands on, mm. */
export const footOf = ({ name, across, thick, section }: Thing): Derived =>
  section.length === 1
    ? across
    : byRule(circleRule, `${name}, circle round it`, Math.hypot(across.value, thick.value), [across, thick]);

function heapOf(name: string, count: number, diameter: Derived): Omit<Thing, Common | 'deep'> {
  const heap = bundleOf(count);
  const r = diameter.value / 2;
  const by = (label: string, formula: string, diameters: number) =>
    byRule(heapRule(formula), `${name}, ${count} in a heap, ${label}`, diameters * diameter.value, [diameter]);
  const section = heap.centres.map(([x, y]) => ({ x: 2 * r * x, y: 2 * r * y, r }));
  return {
    across: by('across', 'width of the heap × diameter', heap.width),
    thick: by('thick', 'height of the heap × diameter', heap.height),
    section,
    half: halfHull(`${name}, half round the heap`, section, [diameter]),
    one: halfHull(`${name}, half round it`, [{ x: r, y: r, r }], [diameter]),
  };
}

/** By the tape, by its section, or by its sides; whatever the tape says, nothing is narrower all round than it is wide. */
function halfOfOne(held: HeldContents, { across, thickness }: Sides): Pick<Thing, 'section' | 'half' | 'one'> {
  const { line, item, name } = held;
  const radius = Math.min(item.edgeRadius ?? 0, thickness.value / 2, across.value / 2);
  const round = isRound(item, line);
  const plain = round
    ? [{ x: across.value / 2, y: across.value / 2, r: across.value / 2 }]
    : box(across.value, thickness.value, radius);
  const asIs = (half: Derived, section: readonly Disc[]) => {
    const least = half.value < across.value ? across : half;
    return { section, half: least, one: least };
  };
  if (line.orientation === 'upright') {
    const { tolerance = 0 } = item;
    const from = (key: 'girth' | 'tolerance') =>
      ({ kind: 'item', path: `items/${item.id}/${key}`, source: item.source }) as const;
    const wider = tolerance > 0 ? [times(2, given('may be larger by', tolerance, from('tolerance')))] : [];
    if (item.girth && girthDoubt(item) !== 'impossible') {
      const tape = halfOf('half its girth', given('round it, by the tape', item.girth, from('girth')));
      const most = wider.length > 0 ? sum('half its girth at most', [tape, ...wider]) : tape;
      // nor is it longer round than its sides together
      const sides = sum('half round its sides', [across, thickness]);
      return asIs(most.value > sides.value ? smallest('half its girth', [most, sides]) : most, plain);
    }
    if (item.section && !round) {
      const section = sectionAs(item.section, across.value, thickness.value).map(([x, y]) => ({ x, y, r: 0 }));
      const half = halfHull(`${name}, half round its section`, section, [across, thickness]);
      return asIs(half, section);
    }
  }
  return asIs(halfHull(`${name}, half round it`, plain, [across, thickness]), plain);
}

/** A thing as one sees it who looks along it. */
export const endways = (thing: Thing): Thing => {
  const section = box(thing.deep.value, thing.thick.value);
  const half = halfHull(`${thing.name}, half round it lengthwise`, section, [thing.deep, thing.thick]);
  return { ...thing, across: thing.deep, deep: thing.across, section, half };
};

/** Things that lie on each other from the back to the front, their middles above each other. All mm. */
export interface Pile {
  things: readonly Thing[];
  across: Derived;
  thick: Derived;
}

export const pileOf = (things: readonly Thing[]): Pile => ({
  things,
  across: widest(
    'the widest',
    things.map(({ across }) => across),
  ),
  thick:
    things.length === 1
      ? things[0]!.thick
      : sum(
          'all on each other',
          things.map(({ thick }) => thick),
        ),
});

export const widest = (label: string, sizes: Derived[]): Derived =>
  sizes.length === 1 ? sizes[0]! : largest(label, sizes);

/** The sections of piles that stand beside each other on one back, seen from above, mm.
 * @param from where the first begins */
export function discsOf(piles: readonly Pile[], from = 0): Disc[] {
  let left = from;
  return piles.flatMap((pile) => {
    const middle = left + pile.across.value / 2;
    left += pile.across.value;
    let back = 0;
    return pile.things.flatMap(({ section, across, thick }) => {
      const [dx, dy] = [middle - across.value / 2, back];
      back += thick.value;
      return section.map(({ x, y, r }) => ({ x: x + dx, y: y + dy, r }));
    });
  });
}

/** Half of the way round all of them, mm. */
export function halfRoundPiles(piles: readonly Pile[]): Derived {
  const things = piles.flatMap((pile) => pile.things);
  if (things.length === 1) return things[0]!.half;
  return halfHull(
    'half of the way round all',
    discsOf(piles),
    things.flatMap(({ across, thick }) => [across, thick]),
  );
}

/** The front of a pocket on what lies in it: as wide as that, for beside it front and back lie on each other. */
export function clothOver(things: readonly Thing[], thick: Derived): Thing {
  const { across } = pileOf(things);
  return { ...NOTHING, name: 'pocket between', across, thick, section: box(across.value, thick.value) };
}

/** A thing of no size. */
export const NOTHING: Thing = {
  line: '',
  key: '',
  name: 'nothing',
  across: nothing,
  thick: nothing,
  deep: nothing,
  shows: nothing,
  mayShow: nothing,
  section: [{ x: 0, y: 0, r: 0 }],
  half: nothing,
  one: nothing,
  round: 0,
};
