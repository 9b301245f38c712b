import { say, mm } from '../../errors/wording.ts';
import { line as edgeLine, rectangle } from '../../geometry/outline.ts';
import { contribution, type Contribution, type OperationDraft } from '../../pieces/contribution.ts';
import type { Fold, Mark, PieceDraft, StitchLine } from '../../pieces/piece.ts';
import { edgePart, faceLine, wholeEdge, type Seam } from '../../pieces/seam.ts';
import { asCut } from '../../pieces/strip.ts';
import { pleatTakeUp } from '../../sizing/pleated-strip.ts';
import { hostRun, type HolderInputs, type PlacedHolder, type Side } from '../holder-kind.ts';
import { contributeApplied } from './contribute-applied.ts';
import { stripOf } from './place.ts';
import { tongue, tOutline } from './t-slot.ts';
import { mouthAt, pocketBottom, type Tiers } from './tiers.ts';

type Placed = PlacedHolder<Tiers>;

/** Pieces, seams and steps of card tiers: a front (strip or panel with pockets) bagged out with a backing. */
export function contributeTiers(placed: Placed, inputs: HolderInputs): Contribution {
  if (placed.detail.making === 'applied') return contributeApplied(placed, inputs);
  const pleated = placed.detail.making === 'pleated';
  const pieces = [pleated ? stripPiece(placed, inputs) : panelPiece(placed, inputs)];
  if (!pleated) pieces.push(...pocketPieces(placed, inputs));
  pieces.push(backingPiece(placed, inputs));
  return contribution({
    pieces,
    joins: [...frontJoins(placed, inputs), ...(pleated ? [] : pocketJoins(placed)), ...backingJoins(placed)],
    hostEdits: [hostMarks(placed)],
    operations: operations(placed, pieces, pleated),
  });
}

const ids = ({ id, detail }: Placed) => ({
  front: `holders/${id}/${detail.making === 'pleated' ? 'strip' : 'panel'}`,
  backing: `holders/${id}/backing`,
  pocket: (index: number) => `holders/${id}/pocket-${index + 1}`,
});

/** The panel's side that lies in a seam of the body, and the one towards the fold. */
function sides({ seat }: Placed): { outer: Side; inner: Side } {
  return seat.edges.right.kind === 'caught' ? { outer: 'right', inner: 'left' } : { outer: 'left', inner: 'right' };
}
const mirrored: Record<Side, Side> = { left: 'right', right: 'left', top: 'top', bottom: 'bottom' };
const spans: PieceDraft['spans'] = { across: ['left', 'right'], up: ['bottom', 'top'] };

function allAround({ rules }: HolderInputs): PieceDraft['allowance'] {
  const seam = rules.length('seam.allowance');
  return { left: seam, right: seam, top: seam, bottom: seam };
}

function stripPiece(placed: Placed, inputs: HolderInputs): PieceDraft {
  const { seat, detail, id } = placed;
  const strip = stripOf(detail, inputs);
  const [width, length] = [seat.width.value, strip.stripLength.value];
  const folds = strip.foldAt.map((at, index): Fold => ({
    id: `fold-${index + 1}`,
    order: index + 1,
    kind: strip.foldKind[index]!,
    from: [0, length - at],
    to: [width, length - at],
  }));
  return {
    id: ids(placed).front,
    name: `Pleated card strip ${id}`,
    role: 'pocket',
    stitch: rectangle(width, length),
    width: seat.width,
    height: strip.stripLength,
    allowance: allAround(inputs),
    spans,
    topArrow: true,
    folds,
    lines: middleLines(placed, 'middle', length),
    note: 'Press the folds in order, top first.',
  };
}

function panelPiece(placed: Placed, inputs: HolderInputs): PieceDraft {
  const { seat, detail, id } = placed;
  const [width, height] = [seat.width.value, seat.height.value];
  const lines = detail.slots.slice(0, -1).map((_, index): StitchLine => {
    const y = pocketBottom(detail, index);
    const inset = tongue(detail, width, detail.slots[index]!.depth.value)?.inset ?? 0;
    const label = `bottom of pocket ${index + 1}`;
    return { id: `pocket-${index + 1}`, from: [inset, y], to: [width - inset, y], label };
  });
  return {
    id: ids(placed).front,
    name: `Card panel ${id}`,
    role: 'pocket',
    stitch: rectangle(width, height),
    width: seat.width,
    height: seat.height,
    allowance: allAround(inputs),
    spans,
    topArrow: true,
    lines: [...lines, ...middleLines(placed)],
  };
}

/** Pocket fronts of the stacked way; the last one goes down into the bottom seam. */
function pocketPieces(placed: Placed, inputs: HolderInputs): PieceDraft[] {
  const { seat, detail, id } = placed;
  const hem = inputs.rules.length('mouth.hem');
  return detail.slots.map(({ depth }, index) => {
    const isLast = index === detail.slots.length - 1;
    const height = isLast ? detail.last : depth;
    const shared = {
      id: ids(placed).pocket(index),
      name: `Card pocket ${id}${index + 1}`,
      role: 'pocket' as const,
      width: seat.width,
      height,
      spans,
      topArrow: true,
      lines: middleLines(placed, 'middle', height.value),
      note: 'Hem the top: half of it in, then again.',
    };
    const shape = isLast ? undefined : tongue(detail, seat.width.value, height.value);
    const stitch = shape ? tOutline(seat.width.value, height.value, shape) : rectangle(seat.width.value, height.value);
    // the tongue and the shoulders lie flat behind the next pocket: their edges are only neatened
    const raw = Object.fromEntries(stitch.map((edge) => [edge.id, asCut]));
    return { ...shared, stitch, allowance: { ...raw, ...allAround(inputs), top: hem } };
  });
}

/** Drawn right side up, so it mirrors the front that it is sewn to. */
function backingPiece(placed: Placed, inputs: HolderInputs): PieceDraft {
  const { seat, id } = placed;
  return {
    id: ids(placed).backing,
    name: `Card backing ${id}`,
    role: 'lining',
    stitch: rectangle(seat.width.value, seat.height.value),
    width: seat.width,
    height: seat.height,
    allowance: allAround(inputs),
    spans,
    lines: middleLines(placed),
  };
}

function frontJoins(placed: Placed, { rules }: HolderInputs): Seam[] {
  const { id, seat, detail } = placed;
  const { front, backing } = ids(placed);
  const { outer, inner } = sides(placed);
  const [width, height] = [seat.width.value, seat.height.value];
  const pleated = detail.making === 'pleated';
  const takeUp = pleated && {
    ease: {
      by: pleatTakeUp(
        detail.slots.map(({ depth }) => depth),
        rules.length('fold.loss'),
      ),
    },
  };
  const inside = `holders/${id}`;
  return [
    { id: `${inside}#top`, kind: 'sewn', a: wholeEdge(front, 'top'), b: wholeEdge(backing, 'top', true) },
    {
      id: `${inside}#inner`,
      kind: 'sewn',
      a: wholeEdge(front, inner),
      b: wholeEdge(backing, mirrored[inner], true),
      ...takeUp,
    },
    caught(placed, `${inside}#outer`, front, outer, outer, height, takeUp || {}),
    caught(placed, `${inside}#bottom`, front, 'bottom', 'bottom', width, {}),
  ];
}

function caught(
  placed: Placed,
  id: string,
  piece: string,
  edge: Side,
  hostSide: Side,
  length: number,
  ease: Partial<Seam>,
): Seam {
  const fate = placed.seat.edges[hostSide];
  const a = wholeEdge(piece, edge);
  if (fate.kind === 'caught')
    return { id, kind: 'caught', a, b: hostRun(placed.seat, hostSide, 0, length), within: fate.within, ...ease };
  const b = faceLine(placed.seat.host.piece, `${placed.id}-${hostSide === 'bottom' ? 'bottom' : 'outer'}`);
  return { id, kind: 'stitchedOn', a, b, ...ease };
}

function backingJoins(placed: Placed): Seam[] {
  const { id, seat } = placed;
  const { backing } = ids(placed);
  const { outer, inner } = sides(placed);
  const own = `holders/${id}/backing`;
  return [
    caught(placed, `${own}#outer`, backing, mirrored[outer], outer, seat.height.value, {}),
    caught(placed, `${own}#bottom`, backing, 'bottom', 'bottom', seat.width.value, {}),
    {
      id: `${own}#inner`,
      kind: 'stitchedOn',
      a: wholeEdge(backing, mirrored[inner]),
      b: faceLine(seat.host.piece, `${id}-inner`),
    },
    { id: `${own}#top`, kind: 'stitchedOn', a: wholeEdge(backing, 'top'), b: faceLine(seat.host.piece, `${id}-top`) },
    ...(placed.detail.columns === 1
      ? []
      : [
          {
            id: `${own}#middle`,
            kind: 'stitchedOn' as const,
            a: faceLine(backing, 'middle'),
            b: faceLine(seat.host.piece, `${id}-middle`),
          },
        ]),
  ];
}

/** Each pocket's sides lie on the panel's sides; its bottom is stitched across, the last one's is caught. */
function pocketJoins(placed: Placed): Seam[] {
  const { id, detail, seat } = placed;
  const { front, pocket } = ids(placed);
  const height = seat.height.value;
  return detail.slots.flatMap((_, index): Seam[] => {
    const isLast = index === detail.slots.length - 1;
    const [bottom, mouth] = [isLast ? 0 : pocketBottom(detail, index), mouthAt(detail, index)];
    const own = pocket(index);
    const shape = isLast ? undefined : tongue(detail, seat.width.value, mouth - bottom);
    const low = shape ? mouth - shape.bar : bottom;
    const sideBy = (side: 'left' | 'right', from: number, to: number): Seam => ({
      id: `${own}#${side}`,
      kind: 'caught',
      within: `holders/${id}#${side}`,
      a: wholeEdge(own, side),
      b: edgePart(front, side, from, to),
    });
    return [
      sideBy('left', height - mouth, height - low),
      sideBy('right', low, mouth),
      isLast
        ? { id: `${own}#bottom`, kind: 'caught', a: wholeEdge(own, 'bottom'), b: wholeEdge(front, 'bottom') }
        : {
            id: `${own}#bottom`,
            kind: 'stitchedOn',
            a: wholeEdge(own, 'bottom'),
            b: faceLine(front, `pocket-${index + 1}`),
          },
    ];
  });
}

/** The seam between two columns, from the bottom to the top of the panel. */
function middleLines({ detail, seat }: Placed, id = 'middle', length = seat.height.value): StitchLine[] {
  const x = seat.width.value / 2;
  return detail.columns === 1 ? [] : [{ id, from: [x, 0], to: [x, length], label: 'middle' }];
}

function hostMarks(placed: Placed) {
  const { id, seat } = placed;
  const { inner, outer } = sides(placed);
  const [x0, x1] = [seat.x, seat.x + seat.width.value];
  const [y0, y1] = [seat.y, seat.y + seat.height.value];
  const [x, beyond] = inner === 'right' ? [x1, x0] : [x0, x1];
  const stitched = seat.edges[outer].kind === 'stitchedOn';
  const mark = (corner: string, at: [number, number]): Mark => ({
    id: `${id}-${corner}`,
    kind: 'placement',
    at,
    label: `corner of panel ${id}`,
  });
  return {
    piece: seat.host.piece,
    marks: [mark('top', [x, y1])],
    lines: [
      {
        id: `${id}-inner`,
        from: edgeLine('', [x, y0], [x, y1]).from,
        to: [x, y1] as [number, number],
        label: `inner edge of panel ${id}`,
      },
      {
        id: `${id}-top`,
        from: [x0, y1] as [number, number],
        to: [x1, y1] as [number, number],
        label: `top edge of panel ${id}`,
      },
      ...(stitched
        ? [
            {
              id: `${id}-outer`,
              from: [beyond, y0] as [number, number],
              to: [beyond, y1] as [number, number],
              label: `outer edge of panel ${id}`,
            },
          ]
        : []),
      ...(seat.edges.bottom.kind === 'stitchedOn'
        ? [
            {
              id: `${id}-bottom`,
              from: [x0, y0] as [number, number],
              to: [x1, y0] as [number, number],
              label: `bottom of panel ${id}`,
            },
          ]
        : []),
      ...middleLines(placed, `${id}-middle`).map((line) => ({
        ...line,
        from: [line.from[0] + seat.x, line.from[1] + seat.y] as [number, number],
        to: [line.to[0] + seat.x, line.to[1] + seat.y] as [number, number],
      })),
    ],
  };
}

function operations(placed: Placed, pieces: PieceDraft[], pleated: boolean): OperationDraft[] {
  const { id, seat, detail } = placed;
  const own = `holders/${id}`;
  const all = pieces.map((piece) => piece.id);
  const { front, backing } = ids(placed);
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
        `${own}/backing#inner`,
        `${own}/backing#top`,
        `${own}#outer`,
        `${own}#bottom`,
        `${own}/backing#outer`,
        `${own}/backing#bottom`,
        ...(detail.columns === 1 ? [] : [`${own}/backing#middle`]),
      ],
      text: say`Lay panel ${id} on its marks, raw edges even with the outside and the bottom. Edge-stitch the inner edge and the top, baste the raw edges. Try the cards before the next seam.`,
    },
  ];
}
