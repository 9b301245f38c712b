import { largest, sum, type Derived } from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import type { HeldContents, HolderInputs, MouthHandle, ParamSpec, PlacedThing } from '../holder-kind.ts';
import type { SeatPlace } from '../seat.ts';
import { choiceParam, chosen, visibleParam } from '../params.ts';
import type { Insets } from '../../pieces/room.ts';
import type { Walls } from '../../sizing/tube-width.ts';
import type { Slab } from '../slab.ts';
import { sheafOf, standsOut, type Sheaf } from '../sides.ts';
import { easePocketDeep, pocketVisible } from './rules.ts';

export const pocketParams = {
  visible: { kind: 'length', title: 'Stands out of the pocket', rule: pocketVisible },
} as const satisfies Record<string, ParamSpec>;

const mouthUp = (params: Params): boolean => chosen(params, 'mouth', 'up') === 'up';

export type PocketWide = 'contents' | 'face';

/** How wide a pocket is that may take all of its face. */
export const wideParam = {
  kind: 'choice',
  title: 'As wide as',
  standard: 'contents' as PocketWide,
  choices: [
    {
      id: 'contents' as PocketWide,
      title: 'what it holds',
      why: 'Things do not slide about, and others have room beside it.',
    },
    {
      id: 'face' as PocketWide,
      title: 'all of its face',
      why: 'Its sides lie in the seams of the piece where the face ends in them: none to turn in, and the largest pocket.',
    },
  ],
  // one that opens to a side reaches as far up as it must, so that a strap or flap clears it
  when: mouthUp,
} as const satisfies ParamSpec;

/** Whether a pocket takes all of its face: one whose width is pinned is as wide as that. */
export const asWideAsFace = (params: Params, free: boolean): boolean =>
  free && mouthUp(params) && choiceParam(params, 'wide', wideParam) === 'face';

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
  /** How far the deepest thing goes down, with its ease. */
  sunk: Derived;
}

/** A pocket is topstitched inside its edges. */
export const stitchedBeside = {
  left: 'topstitch.inset',
  right: 'topstitch.inset',
  base: 'topstitch.inset',
} as const satisfies Insets;

const widest = (label: string, sizes: Derived[]): Derived => (sizes.length === 1 ? sizes[0]! : largest(label, sizes));

/** Adds up what a pocket holds.
 * @param shows how far it stands out of the mouth; by default as the holder's settings say. mm */
export function loadOf(
  params: Params,
  contents: HeldContents[],
  { rules, id }: HolderInputs,
  shows?: Derived,
): PocketLoad {
  const sheaves = contents.map(sheafOf);
  const deep = widest(
    'the deepest',
    sheaves.map((sheaf) => sheaf.deep),
  );
  const wished = shows ?? visibleParam(params, contents, pocketParams.visible, rules, `holders/${id}`);
  const visible = wished.value > 0 ? standsOut(deep, wished) : wished;
  const thickness = sum(
    'everything in the pocket',
    sheaves.map((sheaf) => sheaf.thickness),
  );
  const across = widest(
    'the widest',
    sheaves.map((sheaf) => sheaf.across),
  );
  const sunk = sum('goes down', [deep, { times: -1, of: visible }, rules.length(easePocketDeep)]);
  return { sheaves, thickness, across, deep, visible, sunk };
}

/** The wall that runs further outside of what is in the pocket decides how deep both must be, mm. */
export const farther = ({ front, back }: Walls): Derived =>
  front.value === back.value ? front : largest('the outer wall', [front, back]);

/** The seat of a pocket's front: what stands out of its mouth needs room above it, but no cloth. */
export const frontSeat = <S extends SeatPlace>(seat: S, high: Derived): S => ({ ...seat, height: high });

/** Sheaves lying on each other round a middle, from a height upwards, mm. */
export const sheafSlabs = (sheaves: readonly Sheaf[], middle: number, bottom: number): Slab[] =>
  sheaves.map(({ line, name, across, deep, thickness }) => ({
    of: { line },
    label: name,
    x0: middle - across.value / 2,
    x1: middle + across.value / 2,
    y0: bottom,
    y1: bottom + deep.value,
    thickness,
  }));

/** The same, as the board draws them on the host, mm. */
export const sheafThings = (sheaves: readonly Sheaf[], middle: number, bottom: number): PlacedThing[] =>
  sheaves.map(({ line, name, across, deep, radius }) => ({
    line,
    name,
    x: middle - across.value / 2,
    y: bottom,
    width: across.value,
    height: deep.value,
    radius,
  }));

/** The mouth moves with what stands out of it, mm. */
export const visibleHandle = ({ value }: Derived): MouthHandle => ({ param: 'visible', mouth: 0, value, towards: -1 });
