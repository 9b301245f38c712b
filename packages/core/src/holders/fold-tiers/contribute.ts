import { nothing } from '../../derived/constants.ts';
import { sum, times } from '../../derived/derived.ts';
import { rectangle } from '../../geometry/outline.ts';
import { contribution, type Contribution } from '../../pieces/contribution.ts';
import { patch } from '../../pieces/patch.ts';
import type { Fold, PieceDraft, StitchLine } from '../../pieces/piece.ts';
import type { NamedLine, Ring } from '../../pieces/room.ts';
import { idsOf, edgePart, faceLine, wholeEdge, type Seam } from '../../pieces/seam.ts';
import type { Action } from '../../sewing/actions/action.ts';
import { pleatTakeUp } from '../../sizing/pleated-strip.ts';
import { seamAllowance, topstitchInset } from '../../shelves/rules/common-rules.ts';
import { stripOf } from '../card-tiers/place.ts';
import { pleatRing, slotRooms } from '../card-tiers/rooms.ts';
import { foldLoss } from '../card-tiers/rules.ts';
import type { HolderInputs } from '../holder-kind.ts';
import type { Placed } from './panel.ts';
import { panelTabs } from './rules.ts';

const ends = ['left', 'right'] as const;
type End = (typeof ends)[number];

/** One strip, pleated, folded down behind itself, its ends in tabs; sewn to the lining by its middle alone. */
export function contributeFoldTiers(placed: Placed, inputs: HolderInputs): Contribution {
  const { id, seat, detail } = placed;
  const { rules } = inputs;
  const own = `holders/${id}`;
  const high = seat.height.value;
  const front = stripOf(detail, inputs).stripLength.value;
  const strip = `${own}/strip`;
  const tab = (end: End) => `${own}/tab-${end}`;
  const takeUp = pleatTakeUp(
    detail.slots.map(({ depth }) => depth),
    rules.length(foldLoss),
  );
  const pieces = [stripPiece(placed, inputs), ...ends.map((end) => tabPiece(placed, end, tab(end), inputs))];
  // the right side of the strip runs upwards from its front, the left one down to it
  const parts: Record<End, Record<'front' | 'back', [number, number]>> = {
    right: { front: [0, front], back: [front, front + high] },
    left: { front: [high, high + front], back: [0, high] },
  };
  const bound = ends.flatMap((end): Seam[] => {
    const along = (part: 'front' | 'back') => edgePart(strip, end, ...parts[end][part]);
    return [
      {
        id: `${own}#${end}`,
        kind: 'sewn',
        a: along('front'),
        b: wholeEdge(tab(end), 'left', true),
        ease: { by: takeUp, lies: 'folds' },
      },
      { id: `${own}#${end}-back`, kind: 'sewn', a: along('back'), b: wholeEdge(tab(end), 'right', true) },
    ];
  });
  const middle = besideFold(placed).map(({ side }): Seam => ({
    id: `${own}#middle-${side}`,
    kind: 'stitchedOn',
    a: { piece: strip, parts: [{ line: `middle-${side}`, from: front, to: front + high }] },
    b: faceLine(seat.host.piece, `${id}-middle-${side}`),
  }));
  const bottom: Seam = {
    id: `${own}#bottom`,
    kind: 'sewn',
    a: wholeEdge(strip, 'bottom'),
    b: wholeEdge(strip, 'top', true),
  };
  const onHost = besideFold(placed).map(({ side, at }): StitchLine => ({
    id: `${id}-middle-${side}`,
    from: [seat.x + at, seat.y],
    to: [seat.x + at, seat.y + high],
    label: `card panel ${id}`,
  }));
  const mouths = detail.slots.length;
  const inset = rules.length(topstitchInset).value;
  return contribution({
    pieces,
    joins: [...bound, ...middle, bottom],
    hostEdits: [{ piece: seat.host.piece, lines: onHost }],
    rooms: detail.slots.flatMap((_, index) => slotRooms(placed, index, ringsOf(strip, index), inputs)),
    operations: [
      {
        id: `${own}/prepare`,
        phase: 'prepare',
        needs: [],
        title: `Pleat card strip ${id}`,
        actions: [
          { verb: 'pleat', piece: strip, pockets: mouths, height: high, guides: true },
          { verb: 'topstitch', piece: strip, along: detail.slots.map((_, slot) => mouthFold(slot)), distance: inset },
          { verb: 'fold', piece: strip, fold: 'top', sides: 'wrong' },
          { verb: 'trim', pieces: [strip], to: 'even' },
        ],
      },
      {
        id: `${own}/ends`,
        phase: 'pockets',
        needs: [`${own}/prepare`],
        title: `Bind the ends of panel ${id}`,
        actions: ends.map((end): Action => ({
          verb: 'bind',
          by: tab(end),
          over: [strip],
          edge: end,
          seams: idsOf(bound.filter(({ b }) => b.piece === tab(end))),
          deep: detail.bound.value,
        })),
      },
      {
        id: `${own}/set`,
        phase: 'pockets',
        needs: [`${own}/ends`],
        title: `Sew panel ${id} to the lining`,
        actions: [
          { verb: 'lay', pieces: [strip], onto: seat.host.piece, facing: 'wrongToRight', at: 'marks' },
          { verb: 'sew', seams: idsOf(middle), facing: 'wrongToRight', from: 'top', crooked: true },
        ],
      },
      {
        id: `${own}/bottom`,
        phase: 'pockets',
        needs: [`${own}/set`],
        title: `Close the lowest pockets of ${id}`,
        actions: [
          { verb: 'turnIn', pieces: [strip], edges: ['bottom', 'top'] },
          { verb: 'edgestitch', seams: idsOf([bottom]), facing: 'wrongToWrong' },
          { verb: 'tryIn', holders: [id] },
        ],
      },
    ],
  });
}

/** The fold that is the mouth of a pocket. */
const mouthFold = (slot: number): string => `fold-${2 * slot + 2}`;

function stripPiece(placed: Placed, inputs: HolderInputs): PieceDraft {
  const { id, seat, detail } = placed;
  const seam = inputs.rules.length(seamAllowance);
  const { stripLength, foldAt, foldKind } = stripOf(detail, inputs);
  const [wide, front] = [seat.width.value, stripLength.value];
  const all = front + seat.height.value;
  const across = (y: number): Pick<Fold, 'from' | 'to'> => ({ from: [0, y], to: [wide, y] });
  const pleats = foldAt.map((at, index): Fold => ({
    id: `fold-${index + 1}`,
    order: index + 1,
    kind: foldKind[index]!,
    ...across(front - at),
  }));
  return {
    id: `holders/${id}/strip`,
    name: `Card strip ${id}, across the fold`,
    role: 'pocket',
    stitch: rectangle(wide, all),
    width: seat.width,
    height: sum('front and back of the strip', [stripLength, seat.height]),
    allowance: { left: nothing, right: nothing, top: seam, bottom: seam },
    spans: { across: ['left', 'right'], up: ['bottom', 'top'] },
    topArrow: true,
    folds: [...pleats, { id: 'top', order: pleats.length + 1, kind: 'mountain', ...across(front) }],
    lines: besideFold(placed).map(({ side, at }) => ({
      id: `middle-${side}`,
      from: [at, 0],
      to: [at, all],
      label: 'beside the fold',
    })),
    note: 'Its sides are cut as they are: the tabs cover them.',
  };
}

/** Folded over an end, its long sides turned in. */
const tabPiece = ({ seat, detail }: Placed, end: End, id: string, { rules }: HolderInputs): PieceDraft =>
  patch({
    id,
    name: `Tab of the card panel, ${end}`,
    role: 'pocket',
    plain: true,
    width: sum('tab, both sides of the end', [times(2, detail.bound)]),
    height: seat.height,
    seam: rules.length(seamAllowance),
    folds: [
      {
        id: 'end',
        order: 1,
        kind: 'valley',
        from: [detail.bound.value, 0],
        to: [detail.bound.value, seat.height.value],
      },
    ],
  });

/** Where it is stitched to the lining: where the fold begins and ends, mm from its left. */
const besideFold = ({ seat }: Placed): { side: End; at: number }[] =>
  ends.map((side, index) => ({ side, at: seat.fold[index]! - seat.x }));

/** The rooms of a tier: each from its tab to the fold. */
function ringsOf(strip: string, index: number): Ring[] {
  const tab = (edge: End): NamedLine => ({ edge, inset: panelTabs.id });
  const behind: NamedLine = { fold: index === 0 ? 'top' : `fold-${2 * index}` };
  return [
    pleatRing(strip, index, behind, [tab('left'), { line: 'middle-left' }]),
    pleatRing(strip, index, behind, [{ line: 'middle-right' }, tab('right')]),
  ];
}
