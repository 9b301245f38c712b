import { say, mm } from '../../errors/wording.ts';
import { contribution, type Contribution, type OperationDraft } from '../../pieces/contribution.ts';
import type { PieceDraft } from '../../pieces/piece.ts';
import type { HolderInputs } from '../holder-kind.ts';
import { contributeApplied } from './contribute-applied.ts';
import { hostMarks } from './front-marks.ts';
import { backingPiece, panelPiece, pocketPieces, stripPiece } from './front-pieces.ts';
import { backingJoins, frontJoins, pocketJoins } from './front-seams.ts';
import { tierRooms } from './rooms.ts';
import { ids, opensBehind, type Placed } from './fronts.ts';

/** Pieces, seams and steps of card tiers: a front (strip or panel with pockets) bagged out with a backing. */
export function contributeTiers(placed: Placed, inputs: HolderInputs): Contribution {
  if (placed.detail.making === 'applied') return contributeApplied(placed, inputs);
  const pleated = placed.detail.making === 'pleated';
  const pieces = [pleated ? stripPiece(placed, inputs) : panelPiece(placed, inputs)];
  if (!pleated) pieces.push(...pocketPieces(placed, inputs));
  pieces.push(backingPiece(placed, inputs));
  const joins = [...frontJoins(placed, inputs), ...(pleated ? [] : pocketJoins(placed)), ...backingJoins(placed)];
  // one line down the middle of two columns goes through everything
  const middle = joins.flatMap(({ id }) => (id.endsWith('#middle') ? [id] : []));
  return contribution({
    pieces,
    joins,
    hostEdits: [hostMarks(placed)],
    rooms: tierRooms(placed, inputs),
    operations: operations(placed, pieces, pleated, middle),
  });
}

function operations(
  placed: Placed,
  pieces: PieceDraft[],
  pleated: boolean,
  middle: readonly string[],
): OperationDraft[] {
  const { id, seat, detail } = placed;
  const own = `holders/${id}`;
  const all = pieces.map((piece) => piece.id);
  const { front, backing } = ids(placed);
  const opens = opensBehind(placed);
  const prepare: OperationDraft = {
    id: `${own}/prepare`,
    phase: 'prepare',
    needs: [],
    uses: all.filter((piece) => piece !== backing),
    seams: pleated ? [] : detail.slots.slice(0, -1).map((_, index) => `${own}/pocket-${index + 1}#bottom`),
    text: pleated
      ? say`Press strip ${id} into ${detail.slots.length} pockets along its numbered folds; topstitch each mouth. The folded strip is ${mm(seat.height.value)} high between its stitch lines.`
      : say`Hem the mouths of the ${detail.slots.length} pockets of ${id}. Lay them on the panel from the top pocket down and stitch each bottom across; baste the sides and the last bottom.`,
  };
  return [
    prepare,
    {
      id: `${own}/bag-out`,
      phase: 'pockets',
      needs: [prepare.id],
      uses: [front, backing],
      seams: [`${own}#top`, `${own}#inner`],
      text: say`Right sides together, sew the backing to panel ${id} along the top and the inner edge. Clip the corner, turn, press.`,
    },
    {
      id: `${own}/set`,
      phase: 'pockets',
      needs: [`${own}/bag-out`],
      uses: [front, backing, seat.host.piece],
      seams: [
        ...(opens ? [] : [`${own}/backing#inner`]),
        `${own}/backing#top`,
        `${own}#outer`,
        `${own}#bottom`,
        `${own}/backing#outer`,
        `${own}/backing#bottom`,
        ...middle,
      ],
      text: opens
        ? say`Topstitch the inner edge of panel ${id}: it is the mouth of the room behind it. Lay the panel on its marks, that edge at the fold, raw edges even with the outside and the bottom. Edge-stitch the top, baste the raw edges, leave the inner edge open. Try the cards before the next seam.`
        : say`Lay panel ${id} on its marks, raw edges even with the outside and the bottom. Edge-stitch the inner edge and the top, baste the raw edges. Try the cards before the next seam.`,
    },
  ];
}
