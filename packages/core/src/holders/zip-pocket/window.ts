import { sum, times } from '../../derived/derived.ts';
import { contribution, type Contribution } from '../../pieces/contribution.ts';
import type { NamedLine, Ring } from '../../pieces/room.ts';
import { patch } from '../../pieces/patch.ts';
import type { StitchLine } from '../../pieces/piece.ts';
import { idsOf, edgePart, faceLine, wholeEdge, type Seam } from '../../pieces/seam.ts';
import { stitchedBeside } from '../face-pocket/pocket.ts';
import type { HolderInputs, PlacedHolder } from '../holder-kind.ts';
import { zippedRoom, zipperAt, type ZipPocket } from './zip.ts';
import { tapeSeams, zipperFor } from './zipper.ts';
import { seamAllowance, topstitchInset } from '../../shelves/rules/common-rules.ts';

type Placed = PlacedHolder<ZipPocket>;
const sides = ['bottom', 'right', 'top', 'left'] as const;

/** A window sewn through face and pocket, slit and turned, with a zipper behind it or open. The pocket is one piece folded up. */
export function contributeWindow({ id, seat, detail }: Placed, inputs: HolderInputs): Contribution {
  const { rules } = inputs;
  const own = `holders/${id}`;
  const bag = `${own}/bag`;
  const seam = rules.length(seamAllowance);
  const [w, h] = [seat.width.value, seat.height.value];
  const opening = detail.opening.value;
  const [x0, y0] = [(w - opening) / 2, zipperAt(detail, h)];
  const size = { width: opening, height: detail.window.value };
  // the bag lies behind the face: seen on its own right side it is mirrored, and its front is the upper half
  const onBag = windowLines('window', x0, h + y0, size);
  const onHost = windowLines(`${id}-window`, seat.x + x0, seat.y + y0, size);
  const zipper = detail.open ? undefined : zipperFor(own, detail.opening, detail.beyond, inputs, detail.gauge);
  const piece = patch({
    id: bag,
    name: `${detail.open ? 'Set-in' : 'Zip'} pocket ${id}`,
    role: 'pocket',
    width: seat.width,
    height: sum('pocket, front and back', [times(2, seat.height)]),
    seam,
    topArrow: true,
    folds: [{ id: 'bottom', order: 1, kind: 'valley', from: [0, h], to: [w, h] }],
    lines: onBag,
    note: 'Draw the window on its wrong side. The fold is the bottom of the pocket.',
  });
  const window = sides.map((side): Seam => ({
    id: `${own}#window-${side}`,
    kind: 'stitchedOn',
    a: faceLine(bag, `window-${side}`),
    b: faceLine(seat.host.piece, `${id}-window-${side}`),
  }));
  const { host } = seat;
  const onLine = (edge: 'bottom' | 'top') => faceLine(host.piece, `${id}-window-${edge}`);
  const tapes = zipper ? tapeSeams(own, zipper, { bottom: onLine('bottom'), top: onLine('top') }) : [];
  const closing: Seam[] = [
    { id: `${own}#left`, kind: 'sewn', a: edgePart(bag, 'left', 0, h), b: edgePart(bag, 'left', h, 2 * h, true) },
    { id: `${own}#right`, kind: 'sewn', a: edgePart(bag, 'right', 0, h), b: edgePart(bag, 'right', h, 2 * h, true) },
    { id: `${own}#top`, kind: 'sewn', a: wholeEdge(bag, 'top'), b: wholeEdge(bag, 'bottom', true) },
  ];
  return contribution({
    pieces: [piece, ...(zipper ? [zipper.piece] : [])],
    hostEdits: [{ piece: seat.host.piece, lines: [...onHost, slit(id, onHost)] }],
    joins: [...window, ...tapes, ...closing],
    rooms: [
      {
        ...zippedRoom(own, detail, inputs),
        rings: [bagRing(own, bag)],
        onto: {
          piece: seat.host.piece,
          left: { line: `${id}-window-left` },
          right: { line: `${id}-window-right` },
        },
      },
    ],
    hardware: zipper?.hardware ?? [],
    operations: [
      {
        id: `${own}/window`,
        phase: 'pockets',
        needs: [],
        title: `Sew the window of pocket ${id}`,
        actions: [
          { verb: 'lay', pieces: [bag], onto: host.piece, facing: 'rightToRight', at: 'windows' },
          { verb: 'sew', seams: idsOf(window), small: true },
          { verb: 'slit', pieces: [bag, host.piece], to: size.height },
          { verb: 'turn', pieces: [bag], through: host.piece, window: true },
          { verb: 'press', pieces: [bag] },
        ],
      },
      ...(zipper
        ? [
            {
              id: `${own}/zipper`,
              phase: 'pockets' as const,
              needs: [`${own}/window`],
              title: `Sew the zipper behind the window`,
              actions: [
                { verb: 'moveSlider' as const, zipper: zipper.piece.id, to: 'inside' as const },
                { verb: 'edgestitch' as const, seams: idsOf(tapes), facing: 'rightToWrong' as const },
                { verb: 'tack' as const, pieces: [zipper.piece.id], how: 'whip' as const },
              ],
            },
          ]
        : []),
      {
        id: `${own}/close`,
        phase: 'pockets',
        needs: [`${own}/${zipper ? 'zipper' : 'window'}`],
        title: `Close the bag of pocket ${id}`,
        actions: [
          ...(zipper
            ? [{ verb: 'moveSlider', zipper: zipper.piece.id, to: 'half' } as const]
            : [
                {
                  verb: 'topstitch',
                  piece: host.piece,
                  place: 'window',
                  distance: rules.length(topstitchInset).value,
                } as const,
              ]),
          { verb: 'fold', piece: bag, fold: 'bottom', sides: 'right' },
          { verb: 'sew', seams: idsOf(closing), keepOut: [host.piece] },
        ],
      },
    ],
  });
}

/** One piece folded up: its front, the upper half, has the window; its back is closed to it above. */
function bagRing(own: string, bag: string): Ring {
  const on = (bound: 'left' | 'right', side: 'a' | 'b'): NamedLine => ({
    seam: `${own}#${bound}`,
    side,
    inset: stitchedBeside[bound],
  });
  const base: NamedLine = { fold: 'bottom', inset: stitchedBeside.base };
  return {
    walls: [
      { piece: bag, left: on('left', 'b'), right: on('right', 'b'), base, mouth: { line: 'window-bottom' } },
      { piece: bag, left: on('right', 'a'), right: on('left', 'a'), base, mouth: { seam: `${own}#top`, side: 'b' } },
    ],
  };
}

function windowLines(
  id: string,
  x: number,
  y: number,
  { width, height }: { width: number; height: number },
): StitchLine[] {
  const corners: [number, number][] = [
    [x, y],
    [x + width, y],
    [x + width, y + height],
    [x, y + height],
  ];
  return sides.map((side, index) => ({
    id: `${id}-${side}`,
    from: corners[index]!,
    to: corners[(index + 1) % 4]!,
    label: side === 'bottom' ? 'window' : '',
  }));
}

/** The slit through the middle of the window. */
function slit(id: string, [bottom, right]: StitchLine[]): StitchLine {
  const half = (right!.to[1] - right!.from[1]) / 2;
  const y = bottom!.from[1] + half;
  return { id: `${id}-slit`, from: [bottom!.from[0] + half, y], to: [bottom!.to[0] - half, y], label: 'slit' };
}
