import { nothing } from '../../derived/constants.ts';
import { sum, times } from '../../derived/derived.ts';
import { mm, say } from '../../errors/wording.ts';
import { rectangle } from '../../geometry/outline.ts';
import { contribution, type Contribution } from '../../pieces/contribution.ts';
import { patch } from '../../pieces/patch.ts';
import type { Fold, PieceDraft, StitchLine } from '../../pieces/piece.ts';
import type { NamedLine, Ring } from '../../pieces/room.ts';
import { edgePart, faceLine, wholeEdge, type Seam } from '../../pieces/seam.ts';
import { pleatTakeUp } from '../../sizing/pleated-strip.ts';
import { seamAllowance } from '../../shelves/rules/common-rules.ts';
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
        ease: { by: takeUp },
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
  const step = (name: string, needs: string[], uses: string[], seams: Seam[], text: ReturnType<typeof say>) => ({
    id: `${own}/${name}`,
    phase: 'pockets' as const,
    needs: needs.map((need) => `${own}/${need}`),
    uses,
    seams: seams.map((seam) => seam.id),
    text,
  });
  return contribution({
    pieces,
    joins: [...bound, ...middle, bottom],
    hostEdits: [{ piece: seat.host.piece, lines: onHost }],
    rooms: detail.slots.flatMap((_, index) => slotRooms(placed, index, ringsOf(strip, index), inputs)),
    operations: [
      {
        ...step(
          'prepare',
          [],
          [strip],
          [],
          say`Press strip ${id} into ${mouths} pockets with two guides of cardboard, one as wide as a pocket is deep, one wider by the reveal; topstitch each mouth. Fold the rest down behind: it is the back. Trim sides and bottom even, ${mm(high)} high between the stitch lines.`,
        ),
        phase: 'prepare' as const,
      },
      step(
        'ends',
        ['prepare'],
        [strip, ...ends.map(tab)],
        bound,
        say`Fold a tab over each end, its raw edges turned in, and stitch through all layers ${mm(detail.bound.value)} from the end.`,
      ),
      step(
        'set',
        ['ends'],
        [strip, seat.host.piece],
        middle,
        say`Lay panel ${id} on the lining, its middle on the fold, and stitch down on both sides of the fold, from the top edge: a crooked line robs one pocket. Only these lines hold it.`,
      ),
      step(
        'bottom',
        ['set'],
        [strip],
        [bottom],
        say`Turn the lower edges of front and back in and stitch them to each other: that closes the lowest pockets. Try the cards.`,
      ),
    ],
  });
}

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
