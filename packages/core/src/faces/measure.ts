import { given, largest, minus, named, sum, times, type Derived } from '../derived/derived.ts';
import { holdersIn, type Arrangement } from '../document/design-document.ts';
import type { HolderInputs, MeasuredHolder } from '../holders/holder-kind.ts';
import { thickest, type Slab } from '../holders/slab.ts';

/** A face with all that lies on it, measured from the inside out. All mm. */
export interface MeasuredFace {
  id: string;
  occupied: boolean;
  /** Least finished size. */
  width: Derived;
  height: Derived;
  /** Cloth and things at the thickest place. */
  loaded: Derived;
  /** Cloth alone at its thickest place. */
  empty: Derived;
  /** What stands there, side by side. */
  footing: Derived;
  /** The width that a holder needs on a boxed base of a depth, mm; nothing if it needs no more than its own. */
  widthOn?(base: Derived, inputs: Omit<HolderInputs, 'id'>): Derived;
  /** The width that it needs with something flat that hangs behind all of it, so far across and so thick, mm. */
  widthBefore(across: Derived, thick: Derived): Derived;
  /** What other holders must stay below of, if they lie on this face's own holder. */
  mouthDrop?: Derived;
  /** How round the corners of what lies there are, seen from above, mm; nothing if they are square. */
  corner?: Derived;
  /** What an opening must let through: half of the way round the largest thing. */
  passes: Derived;
  /** Sizes of its holders by name; the first holder that has one gives it. */
  sizes: Readonly<Record<string, Derived>>;
  /** Everything that lies on it, each holder from its own lower left corner. */
  slabs: readonly Slab[];
  arrangement: Arrangement | undefined;
}

/** With what hangs behind it: as much wider as that is thick, and as that is wider. */
function widened(width: Derived, footing: Derived, across: Derived, thick: Derived): Derived {
  const label = 'things and pouch';
  if (across.value <= footing.value) return sum(label, [width, thick]);
  return sum(label, [width, thick, sum('wider than the things', [across, minus(footing)])]);
}

export type MeasuredHolders = ReadonlyMap<string, MeasuredHolder>;

/** Adds up what lies on a face: rows add widths, columns add heights, the thickest place counts. */
export function measureFace(id: string, arrangement: Arrangement | undefined, holders: MeasuredHolders): MeasuredFace {
  const at = `faces/${id}`;
  const ids = (arrangement ? holdersIn(arrangement) : []).filter((holder) => holders.has(holder));
  const parts = ids.map((id) => holders.get(id)!);
  const slabs = parts.map((holder) => holder.slabs);
  const most = (label: string, sizes: Derived[]) => named(label, largest(label, [nothing, ...sizes]));
  const piled = (label: string, all: MeasuredHolder['slabs'][]) => all.map((each) => thickest(label, each).thickness);
  const stated = parts.flatMap(({ loaded }) => loaded ?? []);
  const [based] = parts.flatMap((part, index) =>
    part.widthOn
      ? [(base: Derived, inputs: Omit<HolderInputs, 'id'>) => part.widthOn!(base, { ...inputs, id: ids[index]! })]
      : [],
  );
  const [only] = parts;
  const [corner] = parts.length === 1 ? parts.flatMap((part) => part.corner ?? []) : [];
  const [drop] = parts.flatMap(({ mouthDrop }) => mouthDrop ?? []);
  const width = arrangement ? leastSize('width', arrangement, holders, at) : nothing;
  const footing = most(
    'side by side',
    parts.flatMap(({ footing }) => footing ?? []),
  );
  return {
    id,
    occupied: parts.length > 0,
    width,
    height: arrangement ? leastSize('height', arrangement, holders, at) : nothing,
    loaded: most(`${id}, loaded`, [...piled(`${id}, loaded`, slabs), ...stated]),
    empty: most(
      `${id}, empty`,
      piled(
        `${id}, empty`,
        slabs.map((each) => each.filter(({ of, filling }) => 'role' in of && !filling)),
      ),
    ),
    footing,
    passes: most(
      'half round the largest',
      parts.flatMap(({ passes }) => passes ?? []),
    ),
    ...(drop && { mouthDrop: drop }),
    ...(corner && { corner }),
    ...(based && { widthOn: based }),
    widthBefore: (across, thick) =>
      (parts.length === 1 && only?.widthBefore?.(across, thick)) || widened(width, footing, across, thick),
    sizes: Object.assign({}, ...parts.map(({ sizes }) => sizes).reverse()) as Record<string, Derived>,
    slabs: slabs.flat(),
    arrangement,
  };
}

const nothing = given('nothing there', 0, { kind: 'standard', path: 'nothing' });

/** Least width or height of an arrangement, mm.
 * @param at path of the arrangement in its design */
export function leastSize(
  size: 'width' | 'height',
  arrangement: Arrangement,
  holders: MeasuredHolders,
  at = 'faces',
): Derived {
  if (arrangement.kind === 'holder') return holders.get(arrangement.id)?.[size] ?? nothing;
  const { kind, gap, children } = arrangement;
  const sizes = children.map((child, index) => leastSize(size, child, holders, `${at}/children/${index}`));
  if ((kind === 'row') !== (size === 'width')) return largest(`${kind}, ${size}`, sizes.length > 0 ? sizes : [nothing]);
  const between = given('gap', gap, { kind: 'document', path: `${at}/gap` });
  return sum(`${kind}, ${size}`, [...sizes, times(Math.max(0, children.length - 1), between)]);
}
