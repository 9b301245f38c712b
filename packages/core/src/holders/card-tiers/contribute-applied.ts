import { sum } from '../../derived/derived.ts';
import { contribution, type Contribution } from '../../pieces/contribution.ts';
import { partedRings, patchRing } from '../../pieces/room.ts';
import { patch } from '../../pieces/patch.ts';
import type { StitchLine } from '../../pieces/piece.ts';
import { faceLine, wholeEdge, type Seam } from '../../pieces/seam.ts';
import type { Action } from '../../sewing/actions/action.ts';
import type { HolderInputs, PlacedHolder } from '../holder-kind.ts';
import { sewnOn } from '../set-on.ts';
import type { Seat } from '../seat.ts';
import { seatEdges } from '../seat-edges.ts';
import { insetsOf, slotRooms } from './rooms.ts';
import { pocketBottom, type Tiers } from './tiers.ts';
import { mouthHem, seamAllowance } from '../../shelves/rules/common-rules.ts';

/** Pockets sewn straight onto the face, each lower one lapping over the one above by all but the reveal. */
export function contributeApplied({ id, seat, detail }: PlacedHolder<Tiers>, { rules }: HolderInputs): Contribution {
  const seam = rules.length(seamAllowance);
  const hem = rules.length(mouthHem);
  const two = detail.columns === 2;
  const w = seat.width.value;
  const made = detail.slots.map(({ depth }, index) => {
    const isLast = index === detail.slots.length - 1;
    const height = isLast ? detail.last : depth;
    const piece = `holders/${id}/pocket-${index + 1}`;
    const draft = patch({
      id: piece,
      name: `Card pocket ${id}${index + 1}`,
      role: 'pocket',
      width: seat.width,
      height: sum('pocket, bottom to mouth', [height]),
      seam,
      allowance: { top: hem },
      topArrow: true,
      ...(two && { lines: [{ id: 'middle', from: [w / 2, 0], to: [w / 2, height.value], label: 'middle' }] }),
      ...(hem.value > 0 && { note: 'Hem the top: half of it in, then again.' }),
    });
    const own: Seat = {
      ...seat,
      y: seat.y + (isLast ? 0 : pocketBottom(detail, index)),
      height,
      edges: { ...seat.edges, ...(!isLast && { bottom: { kind: 'stitchedOn' } }), top: { kind: 'free' } },
    };
    const { joins, edit, bounds } = seatEdges({
      id: `${id}/pocket-${index + 1}`,
      called: `${id}${index + 1}`,
      seat: own,
      runs: {
        left: [wholeEdge(piece, 'left', true)],
        right: [wholeEdge(piece, 'right')],
        bottom: [wholeEdge(piece, 'bottom')],
      },
    });
    const ring = patchRing({ piece, mouth: { edge: 'top' } }, seat.host.piece, bounds, insetsOf(isLast));
    if (!two) return { draft, joins, edit, ring };
    const line = `${id}-middle-${index + 1}`;
    const x = own.x + w / 2;
    const middle: Seam = {
      id: `${piece}#middle`,
      kind: 'stitchedOn',
      a: faceLine(piece, 'middle'),
      b: faceLine(seat.host.piece, line),
    };
    const lines = [
      ...edit.lines!,
      { id: line, from: [x, own.y], to: [x, own.y + height.value], label: '' } as StitchLine,
    ];
    return { draft, joins: [...joins, middle], edit: { ...edit, lines }, ring };
  });
  const joins = made.flatMap((each) => each.joins);
  return contribution({
    pieces: made.map(({ draft }) => draft),
    hostEdits: made.map(({ edit }) => edit),
    rooms: made.flatMap(({ draft, ring }, index) =>
      slotRooms({ id, detail }, index, partedRings(ring, two ? [`${draft.id}#middle`] : []), { rules }),
    ),
    joins,
    operations: [
      {
        id: `holders/${id}/set`,
        phase: 'pockets',
        needs: [],
        title: `Sew the card pockets ${id} on`,
        actions: [
          ...(hem.value > 0
            ? [{ verb: 'hem' as const, pieces: made.map(({ draft }) => draft.id), edges: ['top'] }]
            : []),
          // from the top one down: each laps over the one before
          ...made.flatMap(({ draft, joins: own }): Action[] => [
            { verb: 'lay', pieces: [draft.id], onto: seat.host.piece, facing: 'wrongToRight', at: 'marks' },
            ...sewnOn(own),
          ]),
          { verb: 'tryIn', holders: [id] },
        ],
      },
    ],
  });
}
