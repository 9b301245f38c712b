import type { SizedBody, SizedFace } from '../bodies/body-kind.ts';
import { smaller, TINIEST, type SidesLeft } from '../contents/smaller.ts';
import { given, product, type Derived } from '../derived/derived.ts';
import { holdersIn, type DesignDocument } from '../document/design-document.ts';
import { leastSize, type MeasuredHolders } from '../faces/measure.ts';
import type { MeasuredHolder } from '../holders/holder-kind.ts';
import { CoreError } from '../errors/core-error.ts';
import { assertDrawn, type Made } from './make-pieces.ts';
import { asPinned, pinnedAt, type Pin, type PinnableSize } from './pins.ts';
import type { Resolved } from './resolve.ts';
import type { Fitted, SizedDesign, SizeRun } from './size-body.ts';

type Held = Resolved['held'];
type Pinned = Pick<DesignDocument, 'pins' | 'faces'>;

export interface Obeyed extends Fitted {
  made: Made;
  /** Every size that was asked for, whether it is pinned or not. */
  pinnable: PinnableSize[];
}

/** The ways to size and make a design: all of it, or some of its holders alone. */
export interface Sizing {
  body(held: Held, run: SizeRun, first?: boolean): SizedDesign;
  holders(held: Held, run: SizeRun): MeasuredHolders;
  /** The body alone, round holders that are measured. */
  around(measured: MeasuredHolders, run: SizeRun): SizedBody;
  make(fitted: Fitted, run: SizeRun): Made;
}

const asUsual = (size: Derived): Derived => size;
const third = given('third', 1 / 3, { kind: 'standard', path: 'third' }, 'ratio');

/** Sizes a design as its maker has pinned it. What is pinned is made so while its pieces can be drawn: whether everything still
 * goes in is for the fitting to say. Holders on a face that is pinned smaller than they ask are made for as much of their things
 * as it leaves room for.
 * @throws CoreError whatever making the design without its pins throws */
export function obeyPins(document: Pinned, held: Held, sizing: Sizing): Obeyed {
  const asked = new Map<string, Derived>();
  const grown: Pin = (path, size) => {
    asked.set(path, size);
    const pinned = pinnedAt(document, path);
    return pinned === undefined || pinned < size.value - 1e-9 ? size : asPinned(path, size, pinned);
  };
  const run: SizeRun = { pin: grown, usual: asUsual };
  const sized = sizing.body(held, run, true);
  const tight = () => [...asked].some(([path, size]) => (pinnedAt(document, path) ?? Infinity) < size.value - 1e-9);
  const fitted = { ...sized, unpinned: new Map() };
  // what closes it, and its parts, ask only as it is made
  const pinsLater = Object.keys(document.pins ?? {}).some(isSetOn);
  const made = pinsLater || !tight() ? sizing.make(fitted, run) : undefined;
  if (!made || tight()) return obeySmaller(document, held, sizing, { asked, sized });
  return { ...fitted, made, pinnable: pinnableOf(asked) };
}

/** Of what is set on the body, not of what it holds. */
const isSetOn = (path: string): boolean => path.startsWith('closure/') || path.startsWith('parts/');

interface Unpinned {
  asked: ReadonlyMap<string, Derived>;
  sized: SizedDesign;
}

/** With something pinned at less than it asks for: as pinned, or as near to it as can be drawn. */
function obeySmaller(document: Pinned, held: Held, sizing: Sizing, unpinned: Unpinned): Obeyed {
  const floor = leastDrawn(document, held, sizing, unpinned.asked);
  const pinnedOr = (path: string) => Math.max(pinnedAt(document, path) ?? 0, floor.get(path) ?? 0);
  /** @param share of the way from what is pinned to what would hold everything */
  const atShare = (share: number): Obeyed | undefined => {
    const least = new Map(
      [...unpinned.asked].map(([path, { value }]) => {
        const from = pinnedOr(path);
        const raised = from + share * Math.max(0, value - from);
        // all of what everything asks for is known to be drawn; a tenth more of one may be too much for another
        if (share === 1) return [path, raised];
        return [path, share > 0 ? upToTenth(raised) : (floor.get(path) ?? 0)];
      }),
    );
    return share === 1
      ? obeyDown(document, held, sizing, unpinned, least)
      : orNothing(() => obeyDown(document, held, sizing, unpinned, least));
  };
  const asIs = atShare(0);
  if (asIs) return asIs;
  let [low, high] = [0, 1];
  let best = atShare(1)!;
  for (let step = 0; step < 6; step++) {
    const middle = (low + high) / 2;
    const tried = atShare(middle);
    if (tried) [high, best] = [middle, tried];
    else low = middle;
  }
  return best;
}

/** Nothing where it cannot be drawn. */
function orNothing(make: () => Obeyed): Obeyed | undefined {
  try {
    const obeyed = make();
    assertDrawn(obeyed.made);
    return obeyed;
  } catch (error) {
    if (error instanceof CoreError) return undefined;
    throw error;
  }
}

/** @param least what no pin goes below, by path, mm */
function obeyDown(
  document: Pinned,
  held: Held,
  sizing: Sizing,
  unpinned: Unpinned,
  least: ReadonlyMap<string, number>,
): Obeyed {
  const asked = new Map<string, Derived>();
  const run: SizeRun = {
    usual: asUsual,
    pin(path, size) {
      asked.set(path, size);
      const pinned = pinnedAt(document, path);
      return pinned === undefined ? size : asPinned(path, size, pinned, least.get(path));
    },
  };
  const { measured, body } = sizing.body(held, run);
  const cramped = body.faces.filter((face) => !fitsFace(document, face, measured));
  const narrowed = new Map(
    cramped.flatMap((face) => {
      const before = unpinned.sized.body.faces.find(({ id }) => id === face.id);
      // what never asked for its room is left as it is
      if (!before || !fitsFace(document, before, unpinned.sized.measured)) return [];
      return [...fitOnto(document, face, held, (some) => sizing.holders(some, run))];
    }),
  );
  const fitted: Fitted = {
    // a body that is cut to a size of its holder, as a roll to the depth of its pocket, is cut to that which is made
    body: narrowed.size > 0 ? sizing.around(withDriving(measured, narrowed, asked), run) : body,
    measured: new Map([...measured, ...narrowed]),
    unpinned: new Map([...measured].filter(([id]) => narrowed.has(id))),
  };
  const made = sizing.make(fitted, run);
  return { ...fitted, made, pinnable: pinnableOf(asked, least, document) };
}

/** Holders as they ask, with those of their sizes that may be pinned as they are made. */
function withDriving(
  measured: MeasuredHolders,
  narrowed: MeasuredHolders,
  asked: ReadonlyMap<string, Derived>,
): MeasuredHolders {
  return new Map(
    [...measured].map(([id, holder]): [string, MeasuredHolder] => {
      const made = Object.entries(narrowed.get(id)?.sizes ?? {}).filter(([key]) => asked.has(`holders/${id}/${key}`));
      return [id, { ...holder, sizes: { ...holder.sizes, ...Object.fromEntries(made) } }];
    }),
  );
}

/** The least at which each size can be drawn while the others stay as they are: what the design asks for the tiniest things. */
function leastDrawn(
  document: Pinned,
  held: Held,
  sizing: Pick<Sizing, 'body'>,
  asked: ReadonlyMap<string, Derived>,
): Map<string, number> {
  const least = new Map<string, number>();
  sizing.body(shrunk(held, TINIEST), {
    usual: (size) => product(size.label, [size, third]),
    pin(path, size) {
      // how small they may be is seen when they are drawn
      if (isSetOn(path)) return asPinned(path, size, pinnedAt(document, path) ?? size.value);
      // told to a tenth of a millimetre: never a value that would be refused
      least.set(path, upToTenth(size.value));
      const pinned = pinnedAt(document, path);
      if (pinned !== undefined) return pinned > size.value ? asPinned(path, size, pinned) : size;
      const free = path.startsWith('holders/') ? undefined : asked.get(path);
      return free && free.value > size.value ? free : size;
    },
  });
  return least;
}

const upToTenth = (mm: number): number => Math.ceil(10 * mm - 1e-6) / 10;

const shrunk = (held: Held, left: SidesLeft): Held =>
  new Map([...held].map(([id, contents]) => [id, contents.map((each) => smaller(each, left))]));

const pinnableOf = (
  asked: ReadonlyMap<string, Derived>,
  least: ReadonlyMap<string, number> = new Map(),
  document: Partial<Pinned> = {},
): PinnableSize[] =>
  [...asked].map(([path, { label, value }]) => ({
    path,
    label,
    asks: value,
    ...(pinnedAt(document, path) !== undefined && least.has(path) && { least: least.get(path)! }),
  }));

function fitsFace(
  { faces }: Pinned,
  { id, room }: SizedFace,
  measured: MeasuredHolders,
  only: readonly ('width' | 'height')[] = ['width', 'height'],
): boolean {
  const arrangement = faces[id];
  if (!arrangement) return true;
  return only.every((size) => leastSize(size, arrangement, measured).value <= room[size].value + 1e-6);
}

/** The holders of a face, sized for as much of their things as lies on it: first less wide, then less deep. */
function fitOnto(
  document: Pinned,
  face: SizedFace,
  held: Held,
  measure: (held: Held) => MeasuredHolders,
): MeasuredHolders {
  const ids = new Set(holdersIn(document.faces[face.id]!));
  const own = new Map([...held].filter(([id]) => ids.has(id)));
  let left: SidesLeft = { across: 1, deep: 1, thickness: 1 };
  const narrow = (size: 'width' | 'height', by: keyof SidesLeft) => {
    const fits = (share: number) => fitsFace(document, face, measure(shrunk(own, { ...left, [by]: share })), [size]);
    left = { ...left, [by]: most(left[by], fits) };
  };
  for (const [size, by] of [
    ['width', 'across'],
    ['height', 'deep'],
    ['width', 'thickness'],
    ['height', 'thickness'],
  ] as const)
    narrow(size, by);
  return measure(shrunk(own, left));
}

/** The largest share up to one that fits; nothing of it if none does. */
function most(whole: number, fits: (share: number) => boolean): number {
  if (fits(whole)) return whole;
  let [low, high] = [0, whole];
  for (let step = 0; step < 14; step++) {
    const middle = (low + high) / 2;
    if (fits(middle)) low = middle;
    else high = middle;
  }
  return low;
}
