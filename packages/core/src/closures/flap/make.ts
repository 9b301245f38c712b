import { halfMark } from '../fasteners.ts';
import { mm, say } from '../../errors/wording.ts';
import type { Outline } from '../../geometry/outline.ts';
import { contribution, type Contribution } from '../../pieces/contribution.ts';
import { wholeEdge, type Seam } from '../../pieces/seam.ts';
import type { Hardware } from '../../shelves/hardware/hardware.ts';
import type { ClosureInputs } from '../closure-kind.ts';
import { CLIP } from '../../pieces/clip.ts';
import { flapOutline } from './outline.ts';
import { flapPiece, mirrored, type Flap, type FlapOuter } from './piece.ts';
import { afterPockets, lapMates, throughLayers } from '../mate.ts';
import type { FlapSeat } from './seat.ts';
import { zippedOuter } from './zipped.ts';
import { tabSchool } from '../shoulder-rule.ts';
import { seamAllowance } from '../../shelves/rules/common-rules.ts';

/** Pieces, seams and steps of a flap. */
export function makeFlap(flap: Flap, seat: FlapSeat, inputs: ClosureInputs, fastener: Hardware): Contribution {
  const { rules, id } = inputs;
  const { width, length, corner, end, mate } = flap;
  const place = seat.mateAt(mate.value, fastener);
  const seam = rules.length(seamAllowance);
  const inner = `${id}/flap-lining`;
  const outline = flapOutline(width.value, length.value, corner.value);
  const lining = flapPiece({ id: inner, name: 'Flap lining', role: 'lining', outline, width, height: length }, seam);
  const outer = flap.exposed ? zippedOuter(flap, flap.exposed, inputs) : plainOuter(outline, flap, inputs);
  const from = (seat.width.value - width.value) / 2;
  const caught = (piece: string, b: Seam['b']): Seam => ({
    id: `${piece}#base`,
    kind: 'caught',
    within: seat.within,
    centre: true,
    a: wholeEdge(piece, 'bottom'),
    b,
  });
  const to = from + width.value;
  const uses = [...outer.pieces.map((piece) => piece.id), inner];
  return contribution({
    pieces: [
      ...outer.pieces,
      {
        ...lining,
        marks: [
          halfMark(fastener, 'upper', {
            id: `${id}-cap`,
            at: [width.value / 2, length.value - end.value],
            label: 'fastener',
          }),
        ],
      },
    ],
    joins: [
      ...outer.first,
      ...outer.joins,
      caught(outer.base, seat.outer(from, to)),
      caught(inner, seat.inner(from, to)),
    ],
    laps: [
      {
        id,
        name: 'flap',
        piece: inner,
        layers: [outer.base, inner],
        base: { edge: 'bottom' },
        cap: `${id}-cap`,
        tip: { edge: 'tip' },
        ...lapMates([place], `${id}-mate`),
        over: rules.choice(tabSchool),
        ...(seat.rings && { rings: seat.rings }),
        ...(seat.front && { front: seat.front.value }),
      },
    ],
    hardware: [{ id: fastener.id, count: 1 }, ...outer.hardware],
    hostEdits: [
      {
        piece: place.piece,
        marks: [halfMark(fastener, 'lower', { id: `${id}-mate`, at: place.at, label: 'fastener, mate' })],
      },
    ],
    operations: [
      ...(outer.first.length > 0
        ? [
            {
              id: `${id}/zip`,
              phase: 'prepare' as const,
              needs: [],
              uses: outer.pieces.map((piece) => piece.id),
              seams: outer.first.map((join) => join.id),
              text: say`Sew the zipper between the two halves of the flap, middles matched first, then from the middle out: the outer curve is eased onto its tape, the tape nicked along the inner one. Topstitch. Look twice which way up the flap hangs.`,
            },
          ]
        : []),
      {
        id: `${id}/flap`,
        phase: 'prepare',
        needs: outer.first.length > 0 ? [`${id}/zip`] : [],
        uses,
        seams: outer.joins.map((join) => join.id),
        text: say`Set the fastener in the flap lining, ${mm(end.value)} from its end, its plate on a scrap of stiff cloth behind that one layer. Sew flap and lining right sides together, the straight edge open; take a hair more of the lining towards the sides, so that it lies inside. Clip the curves every ${mm(CLIP)}, turn, press, topstitch.`,
      },
      {
        id: `${id}/set`,
        phase: 'closures',
        needs: [`${id}/flap`, ...afterPockets([place])],
        uses: [outer.base, place.piece],
        seams: [],
        text: say`Look twice that the flap's outside will lie outside; baste it to the back, right sides together, middles meeting. With everything in it, lay the flap over and see where its fastener comes to lie: it should be ${mm(mate.value)} from the edge of the front. Set the mate there, through ${throughLayers([place])} backed the same way.`,
      },
    ],
  });
}

function plainOuter(outline: Outline, { width, length }: Flap, { rules, id }: ClosureInputs): FlapOuter {
  const piece = `${id}/flap`;
  const around = outline.map((edge) => edge.id).filter((edge) => edge !== 'bottom');
  return {
    pieces: [
      flapPiece(
        { id: piece, name: 'Flap', role: 'exterior', outline, width, height: length },
        rules.length(seamAllowance),
      ),
    ],
    joins: around.map((edge): Seam => ({
      id: `${piece}#${edge}`,
      kind: 'sewn',
      a: wholeEdge(piece, edge),
      b: wholeEdge(`${id}/flap-lining`, mirrored(edge), true),
    })),
    first: [],
    hardware: [],
    base: piece,
  };
}
