import { minus, sum, type Derived } from '../../derived/derived.ts';
import { contribution, type Contribution } from '../../pieces/contribution.ts';
import { patchRing } from '../../pieces/room.ts';
import { patch } from '../../pieces/patch.ts';
import type { PieceDraft } from '../../pieces/piece.ts';
import { idsOf, edgePart, faceLine, wholeEdge, type Seam } from '../../pieces/seam.ts';
import { stitchedBeside } from '../face-pocket/pocket.ts';
import type { HolderInputs, PlacedHolder } from '../holder-kind.ts';
import { hostRun, type Side } from '../seat.ts';
import { setOn } from '../set-on.ts';
import { seatEdges } from '../seat-edges.ts';
import { STRIP, zippedRoom, type ZipFront, type ZipPocket } from './zip.ts';
import { tapeSeams, zipperFor } from './zipper.ts';
import { seamAllowance, topstitchInset } from '../../shelves/rules/common-rules.ts';

type Placed = PlacedHolder<ZipPocket>;

/** A patch with a zipper along its top: front, zipper, strip; with a flap sewn above it if it is to be kept from rain. */
export function contributeApplied({ id, seat, detail }: Placed, inputs: HolderInputs): Contribution {
  const { rules } = inputs;
  const own = `holders/${id}`;
  const seam = rules.length(seamAllowance);
  const [w, h] = [seat.width.value, seat.height.value];
  const high = sum('front, bottom to zipper', [seat.height, minus(STRIP), minus(detail.window)]);
  const zipper = zipperFor(own, detail.opening, detail.beyond, inputs, detail.gauge);
  const draft = (name: string, title: string, height: Derived, role: ZipFront = 'pocket'): PieceDraft =>
    patch({ id: `${own}/${name}`, name: title, role, width: seat.width, height, seam });
  const [front, strip] = [`${own}/front`, `${own}/strip`];
  const pieces = [
    draft('front', `Zip pocket ${id}`, high, detail.front),
    draft('strip', `Strip above the zipper ${id}`, STRIP),
    zipper.piece,
  ];
  const middle = (w - detail.opening.value) / 2;
  const tapes = tapeSeams(own, zipper, {
    bottom: edgePart(front, 'top', middle, middle + detail.opening.value, true),
    top: edgePart(strip, 'bottom', middle, middle + detail.opening.value),
  });
  const frontSeat = { ...seat, height: high };
  const stripSeat = { ...seat, y: seat.y + h - STRIP.value, height: STRIP };
  const runs = (piece: string) => ({ left: [wholeEdge(piece, 'left', true)], right: [wholeEdge(piece, 'right')] });
  const below = seatEdges({ id, seat: frontSeat, runs: { ...runs(front), bottom: [wholeEdge(front, 'bottom')] } });
  const above = seatEdges({
    id: `${id}/strip`,
    called: `the strip of ${id}`,
    seat: stripSeat,
    runs: { ...runs(strip), top: [wholeEdge(strip, 'top', true)] },
  });
  const inset = rules.length(topstitchInset).value;
  const flap = detail.style === 'flap' ? flapOver({ id, seat, detail } as Placed, draft) : undefined;
  const edges = [...below.joins, ...above.joins, ...(flap?.joins ?? [])];
  return contribution({
    pieces: [...pieces, ...(flap?.pieces ?? [])],
    joins: [...tapes, ...edges, ...(flap?.around ?? [])],
    hostEdits: [below.edit, above.edit, ...(flap ? [flap.edit] : [])],
    rooms: [
      {
        ...zippedRoom(own, detail, inputs),
        rings: [patchRing({ piece: front, mouth: { edge: 'top' } }, seat.host.piece, below.bounds, stitchedBeside)],
      },
    ],
    hardware: zipper.hardware,
    operations: [
      {
        id: `${own}/zipper`,
        phase: 'prepare',
        needs: [],
        title: `Sew the zipper of pocket ${id}`,
        actions: [
          { verb: 'sew', seams: idsOf(tapes), meet: 'middles' },
          { verb: 'press', pieces: [front, strip] },
          ...[front, strip].map((piece) => ({ verb: 'topstitch', piece, place: 'zipper', distance: inset }) as const),
        ],
      },
      ...(flap ? flap.operations : []),
      setOn({
        id,
        pieces: [front, strip, ...(flap?.pieces.map((piece) => piece.id) ?? [])],
        host: seat.host.piece,
        joins: edges,
        needs: [`${own}/zipper`, ...(flap ? [`${own}/flap`] : [])],
        last: [
          { verb: 'moveSlider', zipper: zipper.piece.id, to: 'inside' },
          { verb: 'inspect', what: 'stopsClear' },
        ],
      }),
    ],
  });
}

/** A flap of two layers, as wide as the pocket, that hangs over the zipper. */
function flapOver({ id, seat, detail }: Placed, draft: (name: string, title: string, height: Derived) => PieceDraft) {
  const own = `holders/${id}`;
  const piece = `${own}/flap`;
  const height = sum('flap, over strip and zipper', [STRIP, detail.window, detail.window]);
  const round = (edge: Side, mate: Side): Seam => ({
    id: `${piece}#${edge}`,
    kind: 'sewn',
    a: wholeEdge(piece, edge),
    b: wholeEdge(piece, mate, true),
  });
  const around = [round('left', 'right'), round('bottom', 'bottom')];
  const line = `${id}-flap`;
  const y = seat.y + seat.height.value;
  const caught = seat.edges.top.kind === 'caught';
  const top: Seam = {
    id: `${piece}#top`,
    kind: caught ? 'caught' : 'stitchedOn',
    a: wholeEdge(piece, 'top', true),
    b: caught ? hostRun(seat, 'top', 0, seat.width.value) : faceLine(seat.host.piece, line),
  };
  return {
    pieces: [{ ...draft('flap', `Flap of pocket ${id}`, height), count: 2 }],
    around,
    joins: [top],
    edit: {
      piece: seat.host.piece,
      lines: [
        {
          id: line,
          from: [seat.x, y] as [number, number],
          to: [seat.x + seat.width.value, y] as [number, number],
          label: `flap of ${id}`,
        },
      ],
    },
    operations: [
      {
        id: `${own}/flap`,
        phase: 'prepare' as const,
        needs: [],
        title: `Make the flap of pocket ${id}`,
        actions: [
          { verb: 'sew' as const, seams: idsOf(around) },
          { verb: 'trim' as const, pieces: [piece], to: 'corners' as const },
          { verb: 'turn' as const, pieces: [piece] },
          { verb: 'press' as const, pieces: [piece] },
        ],
      },
    ],
  };
}
