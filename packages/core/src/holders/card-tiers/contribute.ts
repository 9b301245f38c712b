import { contribution, type OperationDraft, type Contribution } from '../../pieces/contribution.ts';
import type { Seam } from '../../pieces/seam.ts';
import type { Action } from '../../sewing/actions/action.ts';
import type { HolderInputs } from '../holder-kind.ts';
import { contributeApplied } from './contribute-applied.ts';
import { hostMarks } from './front-marks.ts';
import { backingPiece, panelPiece, pocketPieces, stripPiece } from './front-pieces.ts';
import { backingJoins, frontJoins, pocketJoins } from './front-seams.ts';
import { tierRooms } from './rooms.ts';
import { ids, opensBehind, sides, type Placed } from './fronts.ts';

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
    operations: operations(placed, joins, pleated, middle),
  });
}

function operations(
  placed: Placed,
  joins: readonly Seam[],
  pleated: boolean,
  middle: readonly string[],
): OperationDraft[] {
  const { id, seat, detail } = placed;
  const own = `holders/${id}`;
  const { front, backing, pocket } = ids(placed);
  const opens = opensBehind(placed);
  const slots = detail.slots.map((_, index) => index);
  const inset = detail.bite.value;
  // the backing lies in it with the panel
  const carried = ['outer', 'bottom'].map((name) => `${own}/backing#${name}`);
  const onto = (name: string) => `${own}/backing#${name}`;
  return [
    {
      id: `${own}/prepare`,
      phase: 'prepare',
      needs: [],
      title: pleated ? `Pleat the strip of ${id}` : `Lay the pockets of ${id} on their panel`,
      actions: pleated
        ? [
            { verb: 'pleat', piece: front, pockets: slots.length, height: seat.height.value },
            { verb: 'topstitch', piece: front, along: slots.map((slot) => `fold-${2 * slot + 2}`), distance: inset },
          ]
        : pocketsLaid(joins, slots.map(pocket)),
    },
    {
      id: `${own}/bag-out`,
      phase: 'pockets',
      needs: [`${own}/prepare`],
      title: `Back the ${pleated ? 'strip' : 'panel'} of ${id}`,
      actions: [
        { verb: 'sew', seams: [`${own}#top`, `${own}#inner`] },
        { verb: 'clip', pieces: [front, backing] },
        { verb: 'turn', pieces: [front, backing] },
        { verb: 'press', pieces: [front, backing] },
        ...(opens ? [{ verb: 'topstitch', piece: front, along: [sides(placed).inner], distance: inset } as const] : []),
      ],
    },
    {
      id: `${own}/set`,
      phase: 'pockets',
      needs: [`${own}/bag-out`],
      title: `Sew panel ${id} on`,
      actions: [
        {
          verb: 'edgestitch',
          what: `panel ${id}`,
          seams: [...(opens ? [] : [onto('inner')]), onto('top')],
          ...(opens && { leavesOpen: 'the room behind it' }),
        },
        {
          verb: 'baste',
          what: `panel ${id}`,
          seams: [`${own}#outer`, `${own}#bottom`, ...carried],
          carries: carried,
          facing: 'wrongToRight',
        },
        ...(middle.length > 0
          ? [{ verb: 'sew', seams: middle, facing: 'wrongToRight', throughPanel: true } as const]
          : []),
        { verb: 'tryIn', holders: [id] },
      ],
    },
  ];
}

/** From the top pocket down: each bottom stitched across, sides and the last bottom basted to the panel. */
function pocketsLaid(joins: readonly Seam[], pockets: readonly string[]): Action[] {
  const of = (kind: Seam['kind']) =>
    joins.flatMap(({ id, a, kind: own }) =>
      own === kind && pockets.includes(a.piece) && !id.endsWith('#middle') ? [id] : [],
    );
  return [
    { verb: 'hem', pieces: pockets, edges: ['top'] },
    ...(pockets.length > 1 ? [{ verb: 'sew', seams: of('stitchedOn'), facing: 'wrongToRight' } as const] : []),
    { verb: 'baste', seams: of('caught'), facing: 'wrongToRight' },
  ];
}
