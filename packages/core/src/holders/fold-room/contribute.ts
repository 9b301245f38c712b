import { sum, times, type Derived } from '../../derived/derived.ts';
import { contribution, type Contribution } from '../../pieces/contribution.ts';
import { patch } from '../../pieces/patch.ts';
import { linesOf, onePile, patchRing, type Room } from '../../pieces/room.ts';
import { faceLine, type RunPart, type Seam } from '../../pieces/seam.ts';
import { seamAllowance } from '../../shelves/rules/common-rules.ts';
import type { HolderInputs, PlacedHolder, RoomFront } from '../holder-kind.ts';
import { easeNoteAcross, easeNoteDeep } from '../note-compartment/rules.ts';
import { hostRun, type SeatOf } from '../seat.ts';
import type { Sheaf } from '../sides.ts';

export interface FoldRoom {
  sheaves: Sheaf[];
  /** What the topstitching of the body takes beside its seams. mm */
  bite: Derived;
  /** What lies before it and is its front; default it has a panel of its own. */
  front?: RoomFront;
}
export type PlacedFoldRoom = PlacedHolder<FoldRoom, 'behind'>;

/** A panel folded double, its fold at that of the body: the outer and the lower edges lie in the seams of the body, the upper one is
 * turned in and sewn onto what lies behind. */
export function contributeFoldRoom(placed: PlacedFoldRoom, inputs: HolderInputs): Contribution {
  const { id, seat, detail } = placed;
  const { rules } = inputs;
  const { front } = detail;
  if (front) return contribution({ rooms: [roomBehind(placed, front, inputs)] });
  const own = `holders/${id}`;
  const piece = `${own}/panel`;
  const [width, height] = [seat.width.value, seat.height.value];
  const { x, y } = seat;
  const joins = seamsOf(id, seat);
  const caught = joins.flatMap(({ kind, id: seam }) => (kind === 'caught' ? [seam] : []));
  const named = { sides: { left: `${own}#bottom-front`, right: `${own}#top` }, base: `${own}#outer-front` };
  const { left, right } = seat.opens === 'left' ? named.sides : { left: named.sides.right, right: named.sides.left };
  const inset = 'topstitch.inset';
  const below = seat.opens === 'left' ? { left: inset } : { right: inset };
  return contribution({
    pieces: [
      patch({
        id: piece,
        name: `Panel of the room ${id}`,
        role: 'pocket',
        width: sum('panel, unfolded', [times(2, seat.width)]),
        height: seat.height,
        seam: rules.length(seamAllowance),
        topArrow: true,
        folds: [{ id: 'mouth', order: 1, kind: 'mountain', from: [width, 0], to: [width, height] }],
        note: 'Fold wrong sides in; the fold is the mouth.',
      }),
    ],
    hostEdits: [
      {
        piece: seat.host.piece,
        lines: [
          {
            id: `${id}-top`,
            from: [x, y + height],
            to: [x + width, y + height],
            label: `upper edge of the room ${id}`,
          },
        ],
      },
    ],
    joins,
    rooms: [
      {
        id: `${own}/1`,
        rings: [
          patchRing(
            { piece, mouth: { fold: 'mouth' }, double: true },
            seat.host.piece,
            { left, right, base: named.base },
            { ...below, base: inset },
          ),
        ],
        ...heldIn(detail, inputs),
      },
    ],
    operations: [
      {
        id: `${own}/fold`,
        phase: 'prepare',
        needs: [],
        title: `Fold and turn the panel of ${id}`,
        actions: [
          { verb: 'fold', piece, fold: 'mouth', sides: 'right' },
          { verb: 'sew', seams: [`${own}#closed`] },
          { verb: 'turn', pieces: [piece] },
          { verb: 'press', pieces: [piece] },
          { verb: 'topstitch', piece, along: ['mouth'], distance: detail.bite.value, mouthOf: id },
        ],
      },
      {
        id: `${own}/set`,
        phase: 'layers',
        needs: [`${own}/fold`],
        title: `Sew the panel of ${id} on`,
        actions: [
          { verb: 'edgestitch', seams: [`${own}#top`], leavesOpen: id },
          {
            verb: 'baste',
            what: `the folded panel of ${id}`,
            seams: caught,
            // both halves lie on each other
            carries: caught.filter((seam) => seam.endsWith('-back')),
            facing: 'wrongToRight',
          },
          { verb: 'tryIn', holders: [id] },
        ],
      },
    ],
  });
}

const heldIn = ({ sheaves }: FoldRoom, { rules }: HolderInputs): Pick<Room, 'holds' | 'stands' | 'ease'> => ({
  holds: linesOf(sheaves),
  stands: onePile(sheaves),
  ease: { across: rules.length(easeNoteAcross), deep: rules.length(easeNoteDeep) },
});

/** Behind the panel that lies before it: that brings its pieces, and is open at the fold. */
function roomBehind({ id, seat, detail }: PlacedFoldRoom, { layers, seams }: RoomFront, inputs: HolderInputs): Room {
  const [lining] = layers;
  const inset = 'topstitch.inset';
  const opensLeft = seat.opens === 'left';
  // drawn right side up, the lining mirrors the leaf
  const ring = patchRing(
    { piece: lining, mouth: { edge: opensLeft ? 'right' : 'left' } },
    seat.host.piece,
    {
      left: opensLeft ? seams.bottom : seams.top,
      right: opensLeft ? seams.top : seams.bottom,
      base: seams.outer,
    },
    { ...(opensLeft ? { left: inset } : { right: inset }), base: inset },
  );
  const [front, back] = ring.walls;
  return {
    id: `holders/${id}/1`,
    rings: [{ ...ring, walls: [{ ...front!, layers }, back!] }],
    ...heldIn(detail, inputs),
  };
}

/** The half that lies in front is that of the outer edge which it shares with the body. */
function seamsOf(id: string, seat: SeatOf<'behind'>): Seam[] {
  const own = `holders/${id}`;
  const piece = `${own}/panel`;
  const [width, height] = [seat.width.value, seat.height.value];
  const leftLeaf = seat.opens === 'right';
  const outer = leftLeaf ? 'left' : 'right';
  const within = (side: 'left' | 'right' | 'bottom') => {
    const fate = seat.edges[side];
    return fate.kind === 'caught' ? { within: fate.within } : {};
  };
  const span = (edge: string, front: boolean, reversed: boolean): RunPart => {
    // edges are walked counter-clockwise: the top runs from the right
    const near = front === leftLeaf;
    const [from, to] = (edge === 'bottom') === near ? [0, width] : [width, 2 * width];
    return { edge, from, to, ...(reversed && { reversed }) };
  };
  const side = (edge: 'left' | 'right'): RunPart => ({ edge, ...(edge === 'left' && { reversed: true }) });
  const caught = (name: string, part: RunPart, on: 'left' | 'right' | 'bottom', length: number): Seam => ({
    id: `${own}#${name}`,
    kind: 'caught',
    a: { piece, parts: [part] },
    b: hostRun(seat, on, 0, length),
    ...within(on),
  });
  return [
    caught('outer-front', side(outer), outer, height),
    caught('outer-back', side(leftLeaf ? 'right' : 'left'), outer, height),
    caught('bottom-front', span('bottom', true, false), 'bottom', width),
    caught('bottom-back', span('bottom', false, true), 'bottom', width),
    {
      id: `${own}#closed`,
      kind: 'sewn',
      a: { piece, parts: [span('top', true, false)] },
      b: { piece, parts: [span('top', false, true)] },
    },
    {
      id: `${own}#top`,
      kind: 'stitchedOn',
      a: { piece, parts: [span('top', true, true)] },
      b: faceLine(seat.host.piece, `${id}-top`),
    },
  ];
}
