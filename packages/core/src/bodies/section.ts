import type { Derived } from '../derived/derived.ts';
import type { Role } from '../document/design-document.ts';
import type { StackThickness } from '../holders/holder-kind.ts';

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
  /** How it lies while it is cut. */
  state: 'closed' | 'open';
  /** Thickness of what is drawn. */
  total: Derived;
}

/** A layer before it is known what lies below it. */
export type SectionBar = Omit<SectionLayer, 'z0' | 'z1'> & { thickness: number };

/** Lays bars on each other, from the back. */
export function stackBars(bars: readonly SectionBar[]): SectionLayer[] {
  let z = 0;
  return bars.map(({ thickness, ...bar }) => ({ ...bar, z0: z, z1: (z += thickness) }));
}

/** A wall of a role's cloth, as wide as the section. */
export const clothBar = (role: 'exterior' | 'lining', width: number, stacks: StackThickness): SectionBar => ({
  of: { role },
  label: role,
  u0: 0,
  u1: width,
  thickness: stacks[role].value,
});
