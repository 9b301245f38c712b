import type { Action } from '../../sewing/actions/action.ts';
import { halfMark } from '../fasteners.ts';
import type { Outline } from '../../geometry/outline.ts';
import { contribution, type Contribution } from '../../pieces/contribution.ts';
import { idsOf, wholeEdge, type Seam } from '../../pieces/seam.ts';
import type { Hardware } from '../../shelves/hardware/hardware.ts';
import type { ClosureInputs } from '../closure-kind.ts';
import { CLIP } from '../../pieces/clip.ts';
import { flapOutline } from './outline.ts';
import { flapPiece, mirrored, type Flap, type FlapOuter } from './piece.ts';
import { afterPockets, lapMates, matesSet } from '../mate.ts';
import type { FlapSeat } from './seat.ts';
import { zippedOuter } from './zipped.ts';
import { tabSchool } from '../shoulder-rule.ts';
import { seamAllowance, topstitchInset } from '../../shelves/rules/common-rules.ts';

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
  const caughtSeams = [caught(outer.base, seat.outer(from, to)), caught(inner, seat.inner(from, to))];
  const inset = rules.length(topstitchInset).value;
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
    joins: [...outer.first, ...outer.joins, ...caughtSeams],
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
              title: 'Sew the zipper into the flap',
              actions: [
                { verb: 'nick' as const, piece: zipperOf(outer), every: CLIP },
                {
                  verb: 'sew' as const,
                  seams: idsOf(outer.first),
                  meet: 'middles' as const,
                  from: 'middle' as const,
                  eased: true,
                },
                ...outer.pieces
                  .filter(({ cutFrom }) => !cutFrom)
                  .map((piece): Action => ({ verb: 'topstitch', piece: piece.id, place: 'zipper', distance: inset })),
                { verb: 'inspect' as const, what: 'outsideOut' as const },
              ],
            },
          ]
        : []),
      {
        id: `${id}/flap`,
        phase: 'prepare',
        needs: outer.first.length > 0 ? [`${id}/zip`] : [],
        title: 'Make the flap',
        actions: [
          {
            verb: 'setHardware',
            hardware: fastener.id,
            half: 'upper',
            piece: inner,
            mark: `${id}-cap`,
            from: { distance: end.value, edge: 'tip' },
            backed: true,
          },
          { verb: 'sew', seams: idsOf(outer.joins), smaller: inner },
          {
            verb: 'clip',
            pieces: [...outer.pieces.filter(({ cutFrom }) => !cutFrom).map((piece) => piece.id), inner],
            every: CLIP,
          },
          { verb: 'turn', pieces: [outer.base, inner] },
          { verb: 'press', pieces: [outer.base, inner] },
          { verb: 'topstitch', piece: outer.base, place: 'freeEdge', distance: inset, through: [inner] },
        ],
      },
      {
        id: `${id}/set`,
        phase: 'closures',
        needs: [`${id}/flap`, ...afterPockets([place])],
        title: 'Baste the flap on and set its mate',
        actions: [
          { verb: 'inspect', what: 'outsideOut' },
          {
            verb: 'baste',
            seams: idsOf(caughtSeams),
            facing: 'rightToRight',
            meet: 'middles',
            carries: [`${inner}#base`],
          },
          ...matesSet([place], { hardware: fastener.id, mark: `${id}-mate`, distance: mate.value }),
        ],
      },
    ],
  });
}

const zipperOf = ({ pieces }: FlapOuter): string => pieces.find(({ cutFrom }) => cutFrom)!.id;

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
