import { hardwareWidth } from '../hardware-sizes.ts';
import { sum, times, type Derived } from '../../derived/derived.ts';
import type { Role } from '../../document/design-document.ts';
import type { OperationDraft, HardwareNeed } from '../../pieces/contribution.ts';
import { patch } from '../../pieces/patch.ts';
import type { PieceDraft } from '../../pieces/piece.ts';
import type { RoomWall } from '../../pieces/room.ts';
import { idsOf, edgePart, wholeEdge, type EdgeRun, type Seam } from '../../pieces/seam.ts';
import { asCut, strip } from '../../pieces/strip.ts';
import type { HolderInputs } from '../holder-kind.ts';
import type { Side } from '../seat.ts';
import { setOn } from '../set-on.ts';
import { seamAllowance, topstitchInset } from '../../shelves/rules/common-rules.ts';

/** How the mouth of a pocket is finished: the front doubled with the fold at the mouth, or bound. */
export type FrontStyle = 'fold' | 'bound';

interface Front {
  id: string;
  name: string;
  front: FrontStyle;
  role: Extract<Role, 'pocket' | 'mesh'>;
  /** Between its stitch lines, and from the bottom to the mouth, mm. */
  width: Derived;
  height: Derived;
}

/** The front of a pocket with its mouth finished. */
export interface MadeFront {
  pieces: PieceDraft[];
  joins: Seam[];
  hardware: HardwareNeed[];
  /** Its piece and its mouth, as the front wall of a room. */
  wall: Pick<RoomWall, 'piece' | 'mouth' | 'double'>;
  /** What comes to lie on each side of the seat. */
  runs: Partial<Record<Side, EdgeRun[]>>;
  /** Its mouth, then how it is set. */
  operations(joins: readonly Seam[], host: string, needs: readonly string[]): OperationDraft[];
}

const BINDING = 'binding-20';

/** Makes the front of a pocket. */
export function pocketFront(front: Front, inputs: HolderInputs): MadeFront {
  return front.front === 'fold' ? doubled(front, inputs) : boundFront(front, inputs);
}

function doubled({ id, name, role, width, height }: Front, { rules }: HolderInputs): MadeFront {
  const seam = rules.length(seamAllowance);
  const piece = `holders/${id}/front`;
  const [w, h] = [width.value, height.value];
  return {
    pieces: [
      patch({
        id: piece,
        name: `${name} ${id}`,
        role,
        width,
        height: sum('front, unfolded', [times(2, height)]),
        seam,
        topArrow: true,
        folds: [{ id: 'mouth', order: 1, kind: 'mountain', from: [0, h], to: [w, h] }],
        note: 'Fold wrong sides in; the fold is the mouth.',
      }),
    ],
    joins: [],
    hardware: [],
    wall: { piece, mouth: { fold: 'mouth' }, double: true },
    runs: {
      left: [edgePart(piece, 'left', h, 2 * h, true), edgePart(piece, 'left', 0, h)],
      right: [edgePart(piece, 'right', 0, h), edgePart(piece, 'right', h, 2 * h, true)],
      bottom: [wholeEdge(piece, 'bottom'), wholeEdge(piece, 'top', true)],
    },
    operations: (sewn, host, needs) => [
      {
        id: `holders/${id}/fold`,
        phase: 'prepare',
        needs: [],
        title: `Fold the front of pocket ${id}`,
        actions: [
          { verb: 'fold', piece, fold: 'mouth', sides: 'wrong' },
          { verb: 'press', pieces: [piece] },
          { verb: 'topstitch', piece, along: ['mouth'], distance: rules.length(topstitchInset).value },
        ],
      },
      setOn({ id, pieces: [piece], host, joins: sewn, needs: [`holders/${id}/fold`, ...needs] }),
    ],
  };
}

function boundFront({ id, name, role, width, height }: Front, inputs: HolderInputs): MadeFront {
  const seam = inputs.rules.length(seamAllowance);
  const piece = `holders/${id}/front`;
  const tape = `holders/${id}/binding`;
  const length = sum('binding of the mouth', [width, times(2, seam)]);
  const wide = hardwareWidth('binding, wide', BINDING, inputs);
  const joins: Seam[] = [
    {
      id: `holders/${id}#mouth`,
      kind: 'sewn',
      a: edgePart(tape, 'bottom', seam.value, seam.value + width.value),
      b: wholeEdge(piece, 'top', true),
    },
  ];
  return {
    pieces: [
      patch({
        id: piece,
        name: `${name} ${id}`,
        role,
        width,
        height,
        seam,
        allowance: { top: asCut },
        topArrow: true,
        note: 'Bind the top edge; keep the iron away from mesh and film.',
      }),
      strip({ id: tape, name: `Binding of ${id}`, cutFrom: BINDING, length, width: wide }),
    ],
    joins,
    hardware: [{ id: BINDING, count: 1, length: length.value }],
    wall: { piece, mouth: { edge: 'top' } },
    runs: {
      left: [wholeEdge(piece, 'left', true)],
      right: [wholeEdge(piece, 'right')],
      bottom: [wholeEdge(piece, 'bottom')],
    },
    operations: (sewn, host, needs) => [
      {
        id: `holders/${id}/mouth`,
        phase: 'prepare',
        needs: [],
        title: `Bind the mouth of pocket ${id}`,
        actions: [
          { verb: 'bind', by: tape, over: [piece], edge: 'top', seams: idsOf(joins) },
          { verb: 'inspect', what: 'noIron' },
        ],
      },
      setOn({ id, pieces: [piece], host, joins: sewn, needs: [`holders/${id}/mouth`, ...needs] }),
    ],
  };
}
