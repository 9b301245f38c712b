import { given, largest, named, product, sum, type Addend, type Derived } from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import type { Finding } from '../../errors/finding.ts';
import { say } from '../../errors/wording.ts';
import { openDepth } from '../../sizing/depth.ts';
import { rectHalfGirth, tubeAround } from '../../sizing/tube-width.ts';
import { topstitchInset } from '../../shelves/rules/common-rules.ts';
import { doubledReach } from '../../stacks/reach.ts';
import { farther } from '../face-pocket/pocket.ts';
import type { HeldContents, HolderInputs, HolderKind, MeasuredHolder } from '../holder-kind.ts';
import { easeNoteAcross, easeNoteDeep } from '../note-compartment/rules.ts';
import type { SeatOf } from '../seat.ts';
import { sheafOf } from '../sides.ts';
import type { Slab } from '../slab.ts';
import { foldRoomParams, takesFront } from './params.ts';
import { contributeFoldRoom, type FoldRoom, type PlacedFoldRoom } from './contribute.ts';

const ownPanel = ({ width, height }: Record<'width' | 'height', Derived>, pocket: Derived): Slab => ({
  of: { role: 'pocket' },
  label: 'panel of the room',
  x0: 0,
  x1: width.value,
  y0: 0,
  y1: height.value,
  thickness: product('panel, both layers', [two, pocket]),
});

const hasNoFront = (id: string): Finding => ({
  code: 'room.ownFront',
  severity: 'watch',
  about: [`holders/${id}`],
  numbers: {},
  text: say`Room ${id} is to have the card panel before it as its front. Before it lies no card panel of one column that is lined and alone on its leaf: it has a panel of its own.`,
});

const two = given('layers', 2, { kind: 'standard', path: 'layers' }, 'count');

/** As it is with its mouth at the fold: across runs up the leaf, deep from its outer edge to the fold. */
function measure(params: Params, contents: HeldContents[], inputs: HolderInputs): MeasuredHolder<FoldRoom> {
  const { rules, stacks, reach, front, id } = inputs;
  const sheaves = contents.map(sheafOf);
  const load = sum(
    'everything in it',
    sheaves.map(({ thickness }) => thickness),
  );
  const bite = rules.length(topstitchInset);
  const walls = { front: front?.reach ?? doubledReach(inputs, 'pocket'), back: inputs.host ?? reach.lining };
  const widest = largest(
    'the widest',
    sheaves.map(({ across }) => across),
  );
  const deepest = largest(
    'the deepest',
    sheaves.map(({ deep }) => deep),
  );
  const clear = tubeAround(rectHalfGirth(widest, load), walls, rules.length(easeNoteAcross));
  const sunk: Addend[] = [deepest, rules.length(easeNoteDeep)];
  const depth = openDepth({ sunk: sum('things', sunk), thickness: load, reach: farther(walls) });
  const width = sum('room, from its outer seam to the fold', [depth, bite]);
  // its upper edge is sewn onto the lining, the lower one lies in the seam
  const height = sum('room, from its upper edge to the seam', [clear, bite]);
  return {
    width,
    height,
    slabs: [
      ...sheaves.map(({ line, name, thickness, across, deep }) => ({
        of: { line },
        label: name,
        x0: bite.value,
        x1: bite.value + deep.value,
        y0: bite.value,
        y1: bite.value + across.value,
        thickness,
      })),
      // what lies before it counts itself
      ...(front ? [] : [ownPanel({ width, height }, stacks.pocket)]),
    ],
    stretches: { width: true, height: true },
    sizes: { roomAcross: clear, roomDeep: depth },
    detail: { sheaves, bite, ...(front && { front }) },
    findings: takesFront(params) && !front ? [hasNoFront(id)] : [],
  };
}

function place(
  { detail, sizes, slabs }: MeasuredHolder<FoldRoom>,
  seat: SeatOf<'behind'>,
  { id }: HolderInputs,
): PlacedFoldRoom {
  const { x, y, width, height, opens } = seat;
  const bite = detail.bite.value;
  /** From the outer edge, as it lies on the host. */
  const along = (from: number, to: number): [number, number] =>
    opens === 'right' ? [from, to] : [width.value - to, width.value - from];
  const clear = height.value - bite;
  return {
    id,
    kind: 'fold-room',
    seat,
    sizes: detail.front
      ? sizes
      : {
          ...sizes,
          panelWidth: named('panel, finished width', width),
          panelHeight: named('panel, finished height', height),
        },
    mouths: [{ id, y: y + height.value, bottom: y, x0: x, x1: x + width.value, towards: opens }],
    stitching: [],
    things: detail.sheaves.map(({ line, name, across, deep }) => ({
      line,
      name,
      x: x + along(bite, bite + deep.value)[0],
      y: y + bite + (clear - across.value) / 2,
      width: deep.value,
      height: across.value,
      radius: 0,
    })),
    slabs: slabs.map((slab) => {
      if ('role' in slab.of) return { ...slab, x1: width.value, y1: height.value };
      const [x0, x1] = along(slab.x0, slab.x1);
      const high = slab.y1 - slab.y0;
      const y0 = bite + (clear - high) / 2;
      return { ...slab, x0, x1, y0, y1: y0 + high };
    }),
    detail,
  };
}

/** A room behind what is sewn onto a leaf, entered from the fold. */
export const foldRoom: HolderKind<FoldRoom, 'behind'> = {
  title: 'Room entered from the fold',
  params: foldRoomParams,
  findings: ['room.ownFront'],
  rules: [easeNoteAcross, easeNoteDeep, topstitchInset],
  shown: { clearWidth: 'roomAcross', opening: 'room' },
  seats: ['behind'],
  panel: 'pocket',
  takesFront,
  suits({ shape, thickness, rigid }) {
    if (shape !== 'card' || thickness > 3) return { score: 0, why: 'A room behind the cards is for what is flat.' };
    return rigid
      ? { score: 0.3, why: 'Out of sight behind the cards.' }
      : { score: 0.8, why: 'Out of sight behind the cards; closed, it cannot fall out.' };
  },
  measure,
  place,
  contribute: contributeFoldRoom,
};
