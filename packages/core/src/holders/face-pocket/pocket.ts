import { largest, sum, type Derived } from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import type { HeldContents, HolderInputs, ParamSpec, Seat } from '../holder-kind.ts';
import { lengthParam } from '../params.ts';
import { sheafOf, standsOut, type Sheaf } from '../sides.ts';

export const pocketParams = {
  visible: { kind: 'length', title: 'Stands out of the pocket', rule: 'pocket.visible' },
} as const satisfies Record<string, ParamSpec>;

/** What lies in a pocket on a face, one on another. All mm. */
export interface PocketLoad {
  sheaves: Sheaf[];
  /** Everything together. */
  thickness: Derived;
  /** The widest and the deepest thing. */
  across: Derived;
  deep: Derived;
  /** What stands out of the mouth. */
  visible: Derived;
  /** From the bottom to the mouth, with ease. */
  depth: Derived;
}

const widest = (label: string, sizes: Derived[]): Derived => (sizes.length === 1 ? sizes[0]! : largest(label, sizes));

/** Adds up what a pocket holds. */
export function loadOf(params: Params, contents: HeldContents[], { rules, id }: HolderInputs): PocketLoad {
  const sheaves = contents.map(sheafOf);
  const deep = widest(
    'the deepest',
    sheaves.map((sheaf) => sheaf.deep),
  );
  const wished = lengthParam(params, 'visible', pocketParams.visible, rules, `holders/${id}`);
  const visible = wished.value > 0 ? standsOut(deep, wished) : wished;
  const thickness = sum(
    'everything in the pocket',
    sheaves.map((sheaf) => sheaf.thickness),
  );
  const across = widest(
    'the widest',
    sheaves.map((sheaf) => sheaf.across),
  );
  const depth = sum('pocket depth', [deep, { times: -1, of: visible }, rules.length('ease.pocket.deep')]);
  return { sheaves, thickness, across, deep, visible, depth };
}

/** The seat of a pocket's front: what stands out of its mouth needs room above it, but no cloth. */
export const frontSeat = (seat: Seat, high: Derived): Seat => ({ ...seat, height: high });
