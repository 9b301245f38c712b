import { sum, times } from '../../derived/derived.ts';
import { patch } from '../../pieces/patch.ts';
import { contribution, type Contribution } from '../../pieces/contribution.ts';
import { linesOf } from '../../pieces/room.ts';
import { edgePart, faceLine, type Seam } from '../../pieces/seam.ts';
import type { Action } from '../../sewing/actions/action.ts';
import type { HolderInputs, PlacedHolder } from '../holder-kind.ts';
import { stoodOf } from '../cavity/compartments.ts';
import { easeCavityAcross, easeCavityEnd } from '../cavity/rules.ts';
import type { InnerWalls } from '../seat.ts';
import { dividedRings } from './rings.ts';
import { hang, type LooseDividers } from './rooms.ts';
import { seamAllowance, topstitchInset } from '../../shelves/rules/common-rules.ts';

type Placed = PlacedHolder<LooseDividers, 'walled'>;

/** Each divider: a tube folded at its top, its sides caught in the side seams, its centre stitched to the inner wall. */
export function contributeDividers({ id, seat, detail }: Placed, { rules }: HolderInputs): Contribution {
  const { inner } = seat;
  const seam = rules.length(seamAllowance);
  const { height: high, clear } = hang(detail, inner.depth);
  const [w, h] = [seat.width.value, high.value];
  const bottom = inner.depth.value - clear.value;
  const span = { top: bottom - h, bottom };
  const made = detail.sides.map((side) => {
    const piece = `holders/${id}/divider-${side}`;
    const draft = patch({
      id: piece,
      name: `Divider ${id}, ${side}`,
      role: 'pocket',
      width: seat.width,
      height: sum('divider, both layers', [times(2, high)]),
      seam,
      folds: [{ id: 'top', order: 1, kind: 'mountain', from: [0, h], to: [w, h] }],
      lines: [{ id: 'centre', from: [w / 2, 0], to: [w / 2, h], label: 'stitched to the lining' }],
      note: 'Fold wrong sides in; the fold is its upper edge. Hem the lower edges, they stay open.',
    });
    const joins = joinsOf(id, side, piece, h, span, inner);
    return { side, draft, joins: detail.fixed ? [...joins, lowerSeam(id, side, piece, w, inner)] : joins };
  });
  const joins = made.flatMap((each) => each.joins);
  const stitchedOn = joins.filter(({ kind }) => kind === 'stitchedOn').map((seam) => seam.id);
  return contribution({
    pieces: made.map(({ draft }) => draft),
    joins,
    rooms: detail.rooms.map(({ id: room, things }) => ({
      id: `holders/${id}/${room}`,
      holds: linesOf(things),
      rings: dividedRings(id, room, detail.sides, seat),
      underClosure: true,
      stands: { beside: things.map((thing) => [stoodOf(thing)]) },
      ease: { across: rules.length(easeCavityAcross), deep: rules.length(easeCavityEnd) },
    })),
    hostEdits: detail.sides.map((side) => ({
      piece: inner.panels[side].piece,
      lines: [
        {
          id: `${id}-centre-${side}`,
          from: inner.panels[side].at(w / 2, span.bottom),
          to: inner.panels[side].at(w / 2, span.top),
          label: `centre of divider ${id}`,
        },
        ...(detail.fixed
          ? [
              {
                id: `${id}-lower-${side}`,
                from: inner.panels[side].at(FREE, span.bottom),
                to: inner.panels[side].at(w - FREE, span.bottom),
                label: `lower edge of divider ${id}`,
              },
            ]
          : []),
      ],
    })),
    operations: [
      {
        id: `holders/${id}/dividers`,
        phase: 'pockets',
        needs: [],
        title: `Make and hang the dividers of ${id}`,
        actions: [
          { verb: 'hem', pieces: made.map(({ draft }) => draft.id), edges: ['bottom', 'top'] },
          ...made.flatMap(({ draft }): Action[] => [
            { verb: 'fold', piece: draft.id, fold: 'top', sides: 'wrong' },
            {
              verb: 'topstitch',
              piece: draft.id,
              along: ['top'],
              distance: rules.length(topstitchInset).value,
            },
          ]),
          {
            verb: 'baste',
            seams: joins.filter(({ kind }) => kind === 'caught').map((seam) => seam.id),
            facing: 'wrongToRight',
          },
          {
            verb: 'sew',
            seams: stitchedOn,
            facing: 'wrongToRight',
            aside: { distance: clear.value, of: 'base' },
            oneWall: true,
          },
        ],
      },
    ],
  });
}

/** Clear of the sides, where the lining is a little narrower, mm. */
const FREE = 12;

const lowerSeam = (id: string, side: 'front' | 'back', piece: string, width: number, inner: InnerWalls): Seam => ({
  id: `${piece}#lower`,
  kind: 'stitchedOn',
  a: edgePart(piece, 'bottom', FREE, width - FREE),
  b: faceLine(inner.panels[side].piece, `${id}-lower-${side}`),
});

function joinsOf(
  id: string,
  side: 'front' | 'back',
  piece: string,
  h: number,
  { top, bottom }: { top: number; bottom: number },
  inner: InnerWalls,
): Seam[] {
  const caught = (which: 'left' | 'right') =>
    (['lower', 'upper'] as const).map((half): Seam => {
      // the left edge runs downwards, so its first half is the upper one
      const first = (which === 'left') === (half === 'upper');
      return {
        id: `${piece}#${which}-${half}`,
        kind: 'caught',
        ...(inner.seams && { within: inner.seams[which] }),
        // walked from the fold down, as the wall is from its upper end
        a: first ? edgePart(piece, which, 0, h, true) : edgePart(piece, which, h, 2 * h),
        b: inner.side(which, side, top, bottom),
      };
    });
  return [
    ...caught('left'),
    ...caught('right'),
    {
      id: `${piece}#centre`,
      kind: 'stitchedOn',
      a: faceLine(piece, 'centre'),
      b: faceLine(inner.panels[side].piece, `${id}-centre-${side}`),
    },
  ];
}
