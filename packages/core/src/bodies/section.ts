import type { Derived } from '../derived/derived.ts';
import type { Role } from '../document/design-document.ts';
import type { PlacedHolder, StackThickness } from '../holders/holder-kind.ts';
import type { Slab } from '../holders/slab.ts';

/** One layer of the closed piece, cut through. u runs from the open side towards the fold, z upwards from the back; mm */
export interface SectionLayer {
  of: { role: Role } | { line: string };
  label: string;
  u0: number;
  u1: number;
  z0: number;
  z1: number;
  /** A round thing, cut across its axis. */
  round?: boolean;
}

/** A cut through the full piece, at its thickest places. */
export interface Section {
  layers: SectionLayer[];
  /** mm along u. */
  width: number;
  /** Whether the cloth goes round a fold at the far end; then u runs towards it. */
  folded: boolean;
  /** How thick what is folded is, from the back; default all of it. */
  inFold?: number;
  /** How it lies while it is cut. */
  state: 'closed' | 'open';
  /** Thickness of what is drawn. */
  total: Derived;
}

/** A layer before it is known what lies below it. */
export type SectionBar = Omit<SectionLayer, 'z0' | 'z1'> & { thickness: number };

/** Lays bars on each other, from the back: each rests on what lies below it, so that things side by side share a level. */
export function stackBars(bars: readonly SectionBar[]): SectionLayer[] {
  const laid: SectionLayer[] = [];
  for (const { thickness, ...bar } of bars) {
    let z0 = 0;
    for (const below of laid) if (below.u0 < bar.u1 - 1e-6 && below.u1 > bar.u0 + 1e-6) z0 = Math.max(z0, below.z1);
    laid.push({ ...bar, z0, z1: z0 + thickness });
  }
  return laid;
}

/** A wall of a role's cloth, as wide as the section. */
export const clothBar = (role: 'exterior' | 'lining', width: number, stacks: StackThickness): SectionBar => ({
  of: { role },
  label: role,
  u0: 0,
  u1: width,
  thickness: stacks[role].value,
});

/** The things of a compartment as bars, in the middle of the section's width; what stands out at its sides is left away. */
export function thingBars({ slabs }: PlacedHolder, width: number): SectionBar[] {
  const aside = (width - Math.max(0, ...slabs.map(({ x1 }) => x1))) / 2;
  const within = (u: number) => Math.min(width, Math.max(0, u + aside));
  return slabs.map(({ of, label, x0, x1, thickness }) => ({
    of,
    label,
    u0: within(x0),
    u1: within(x1),
    thickness: thickness.value,
  }));
}

/** What is sewn onto a face, where it lies on it. */
export const sewnBars = ({ seat, slabs }: PlacedHolder): SectionBar[] => barsFrom(slabs, seat.x);

/** Slabs as bars, from so far along the section, mm. */
const barsFrom = (slabs: readonly Slab[], from: number): SectionBar[] =>
  slabs.map(({ of, label, x0, x1, thickness, round }) => ({
    of,
    label,
    u0: from + x0,
    u1: from + x1,
    thickness: thickness.value,
    ...(round && { round }),
  }));

/** The things of a room with walls all round, seen from the front: in the middle, standing on its ground. */
export function roomThings({ slabs }: PlacedHolder, width: number, ground: number): SectionLayer[] {
  const aside = (width - Math.max(0, ...slabs.map(({ x1 }) => x1))) / 2;
  return slabs.map(({ of, label, x0, x1, y0, y1 }) => ({
    of,
    label,
    u0: x0 + aside,
    u1: x1 + aside,
    z0: ground + y0,
    z1: ground + y1,
  }));
}

/** Two lined walls with things between them, side by side or on each other. */
export function sleeveLikeSection(
  { width, state, total }: Pick<Section, 'width' | 'state' | 'total'>,
  placed: readonly PlacedHolder[],
  stacks: StackThickness,
): Section {
  const cloth = (role: 'exterior' | 'lining') => clothBar(role, width, stacks);
  const back = stackBars([cloth('exterior'), cloth('lining')]);
  const floor = stacks.exterior.value + stacks.lining.value;
  const things = stackBars(placed.flatMap(({ slabs }) => barsFrom(slabs, 0))).map((layer) => ({
    ...layer,
    z0: layer.z0 + floor,
    z1: layer.z1 + floor,
  }));
  const top = Math.max(floor, ...things.map(({ z1 }) => z1));
  const front = stackBars([cloth('lining'), cloth('exterior')]).map((layer) => ({
    ...layer,
    z0: layer.z0 + top,
    z1: layer.z1 + top,
  }));
  return { layers: [...back, ...things, ...front], width, folded: false, state, total };
}
