import type { ClosingEdge, SizedFace } from '../../bodies/body-kind.ts';
import { byRule, minus, named, rounded, sum, times, type Derived, type Rule } from '../../derived/derived.ts';
import { edgeLength, type Outline } from '../../geometry/outline.ts';
import type { Point } from '../../geometry/perimeter.ts';
import { contribution, type Contribution, type HostEdit } from '../../pieces/contribution.ts';
import { patch } from '../../pieces/patch.ts';
import type { PieceDraft, Mark } from '../../pieces/piece.ts';
import type { Opening, Ring, RoomWall } from '../../pieces/room.ts';
import { asCut, strip } from '../../pieces/strip.ts';
import { hardwareOf } from '../../shelves/hardware/hardware.ts';
import { seamAllowance, zipClear, zipSeam } from '../../shelves/rules/common-rules.ts';
import type { ClosureInputs } from '../closure-kind.ts';
import { halfMark, radiusOf } from '../fasteners.ts';
import { flapOutline } from '../flap/outline.ts';
import { flapPiece } from '../flap/piece.ts';
import { tabSchool } from '../shoulder-rule.ts';
import { lapMates, matePlace, type MatePlace } from '../mate.ts';
import { tapeOf } from '../zipper.ts';
import { pouchOperations } from './operations.ts';
import { flapClosing } from './rules.ts';
import { baseSeams, freeEdges, idsOf, seamsOf } from './seams.ts';
import type { PouchFlap } from './size.ts';

/** Common practice: two fasteners side by side keep this far apart, mm. */
const APART = 4;
const wayRule: Rule = {
  id: 'zipper',
  formula: 'straight edges + π/2 × radius for each corner',
  source: 'geometry: length along the stitch line',
};

const outlineOf = ({ width, length, corner }: PouchFlap): Outline =>
  flapOutline(width.value, length.value, corner.value);

/** The room within it: between the linings, and between the faces round those. */
export function pouchFace(flap: PouchFlap, { id }: ClosureInputs): SizedFace {
  const ids = idsOf(id);
  const outline = outlineOf(flap);
  const ends = freeEdges(outline)
    .map((edge) => edge.id)
    .filter((edge) => edge !== 'left' && edge !== 'right');
  const wall = (piece: string): RoomWall => ({
    piece,
    left: { edge: 'left' },
    right: { edge: 'right' },
    base: { edge: 'bottom', inset: flapClosing.id },
    roundEnd: ends.map((edge) => ({ edge })),
  });
  const ring = (front: string, back: string): Ring => ({ walls: [wall(front), wall(back)] });
  const opening: Opening = {
    piece: ids.zipper,
    seam: `${ids.zipper}#front`,
    side: 'a',
    ends: zipClear.id,
    shows: [
      { edge: 'bottom', inset: zipSeam.id },
      { edge: 'top', inset: zipSeam.id },
    ],
  };
  const free = { kind: 'free' } as const;
  const { width, length, flat } = flap;
  return {
    id: 'flap',
    seat: 'file',
    host: { piece: ids.frontLining, width: width.value, height: length.value },
    room: {
      x: 0,
      y: flat.value,
      width,
      height: sum('where it lies flat', [length, minus(flat)]),
      towards: 'middle',
    },
    edges: { left: free, right: free, bottom: free, top: free },
    rings: [ring(ids.frontLining, ids.backLining), ring(ids.front, ids.back)],
    opening,
  };
}

/** Pieces, seams and steps of a flap with two faces. */
export function makePouch(flap: PouchFlap, closing: ClosingEdge, inputs: ClosureInputs): Contribution {
  const { id, rules, hardware, grid } = inputs;
  const ids = idsOf(id);
  const outline = outlineOf(flap);
  const { width, length, corner, tab, gauge, fastener, end, mate } = flap;
  const zipper = hardwareOf(gauge, hardware);
  const around = freeEdges(outline).reduce((total, edge) => total + edgeLength(edge), 0);
  const way = byRule(wayRule, 'free edge of the flap', around, [width, length, corner]);
  const sewn = sum('zipper between its tabs', [way, times(-2, tab)]);
  // each end reaches half-way into its tab
  const cut = named(
    'zipper, cut length',
    rounded(sum('zipper, half a tab longer at each end', [sewn, tab]), grid, 'nearest'),
  );
  const places = marksAt(flap);
  const face = (pieceId: string, name: string, role: PieceDraft['role'], marks: Mark[] = []): PieceDraft => {
    const piece = flapPiece({ id: pieceId, name, role, outline, width, height: length }, rules.length(zipSeam));
    return { ...piece, allowance: { ...piece.allowance, bottom: rules.length(seamAllowance) }, marks };
  };
  const caps = places.map((x, index) =>
    halfMark(fastener, 'upper', {
      id: `${id}-cap${numbered(index)}`,
      at: [x, length.value - end.value],
      label: 'fastener',
    }),
  );
  const mateFor = (x: number) => matePlace(closing, [mate.value, x - width.value / 2], fastener, inputs);
  const [first, ...others] = places;
  const mates: [MatePlace, ...MatePlace[]] = [mateFor(first), ...others.map(mateFor)];
  const seams = seamsOf(ids, outline, { sewn: sewn.value, cut: cut.value, tab: tab.value });
  const from = (closing.length - width.value) / 2;
  const base = baseSeams(ids, closing, from, from + width.value);
  return contribution({
    pieces: [
      face(ids.front, 'Flap, front', 'exterior'),
      face(ids.frontLining, 'Flap, lining of the front', 'lining'),
      face(ids.back, 'Flap, back', 'exterior', caps),
      face(ids.backLining, 'Flap, lining of the back', 'lining'),
      strip({ id: ids.zipper, name: 'Zipper of the flap', cutFrom: zipper.id, length: cut, width: tapeOf(zipper) }),
      tabPiece(ids.tab, tab, tapeOf(zipper)),
    ],
    joins: [...seams.front, ...seams.back, ...seams.linings, ...base],
    laps: [
      {
        id,
        name: 'flap',
        piece: ids.back,
        layers: [ids.front, ids.frontLining, ids.backLining, ids.back],
        base: { edge: 'bottom' },
        cap: `${id}-cap`,
        tip: outline.some((edge) => edge.id === 'tip') ? { edge: 'tip' } : { edge: 'corner-right' },
        ...lapMates(mates, `${id}-mate`),
        over: rules.choice(tabSchool),
        front: closing.leaf.value,
      },
    ],
    hardware: [
      { id: fastener.id, count: places.length },
      { id: zipper.id, count: 1, length: cut.value },
      { id: zipper.id.replace('zipper', 'slider'), count: 1 },
    ],
    hostEdits: matesOn(mates, flap, id),
    operations: pouchOperations(flap, ids, seams, { mate, sewn, caps: caps.map((cap) => cap.id), base, mates }, inputs),
    findings: flap.findings,
  });
}

const numbered = (index: number): string => (index === 0 ? '' : `-${index + 1}`);

/** How far from its left side its fasteners are set, mm: two where both keep clear of the corners and of each other. */
function marksAt({ width, corner, end, fastener, two }: PouchFlap): [number, ...number[]] {
  const [middle, r, radius] = [width.value / 2, corner.value, radiusOf(fastener)];
  const clear = r - radius;
  const up = Math.max(0, r - end.value);
  const most = middle - r + (clear > up ? Math.sqrt(clear ** 2 - up ** 2) : 0);
  const aside = Math.min(middle / 2, most);
  return two && aside >= radius + APART / 2 ? [middle - aside, middle + aside] : [middle];
}

/** Mates lie as far from the middle as what they hold. */
const matesOn = (mates: readonly MatePlace[], { fastener }: PouchFlap, id: string): HostEdit[] =>
  mates.map(({ piece, at }, index) => ({
    piece,
    marks: [halfMark(fastener, 'lower', { id: `${id}-mate${numbered(index)}`, at, label: 'fastener, mate' })],
  }));

/** Both raw ends to its crease, then folded over the end of the zipper. */
function tabPiece(id: string, tab: Derived, tape: Derived): PieceDraft {
  const t = tab.value;
  const fold = (at: number, kind: 'valley' | 'mountain', order: number) => ({
    id: `fold-${at}`,
    order,
    kind,
    from: [at * t, 0] as Point,
    to: [at * t, tape.value] as Point,
  });
  return {
    ...patch({
      id,
      name: 'Zipper tab',
      role: 'exterior',
      plain: true,
      count: 2,
      width: sum('tab, folded in four', [times(4, tab)]),
      height: tape,
      seam: asCut,
    }),
    folds: [fold(1, 'mountain', 1), fold(3, 'mountain', 1), fold(2, 'mountain', 2)],
    note: 'Raw ends to the crease, then over the end of the zipper.',
  };
}
