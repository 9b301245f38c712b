import { minus, sum, times } from '../../derived/derived.ts';
import type { Host, InnerWalls, Panels, Side } from '../../holders/seat.ts';
import { edgePart, type RunPart } from '../../pieces/seam.ts';
import type { ClosingMouth, SewnEnd } from '../body-kind.ts';
import { roundTheFold, sideFoldedPanels } from './side-fold.ts';
import { sideOf, sideStart, type Sleeve } from './params.ts';

/** Where a place on the front or the back lies on the pieces: from the left side, seen from the front, and down from the
 * mouth. Pieces are drawn right side up; the back half of a folded one stands on its head. */
export function panelsOf(
  { bottom, width, panelHeight, slope }: Pick<Sleeve, 'bottom' | 'width' | 'panelHeight' | 'slope'>,
  layer = 'shell',
): Panels {
  const [w, h] = [width.value, panelHeight.value];
  const own = `body/${layer}`;
  const cut = slope.value;
  if (bottom === 'side') return sideFoldedPanels(w, h);
  const rim = cut > 0 && { rimAt: (fromLeft: number) => Math.max(0, cut - fromLeft, fromLeft - (w - cut)) };
  if (bottom === 'fold')
    return {
      ...rim,
      front: { piece: own, at: (fromLeft, down) => [fromLeft, 2 * h - down] },
      back: { piece: own, at: (fromLeft, down) => [fromLeft, down] },
    };
  return {
    ...rim,
    front: { piece: `${own}-front`, at: (fromLeft, down) => [fromLeft, h - down] },
    back: { piece: `${own}-back`, at: (fromLeft, down) => [w - fromLeft, h - down] },
  };
}

/** The outside of the front: what is sewn there is caught in the side seams.
 * @returns the host, and the height on it at which the bottom line of the front lies, mm */
export function frontHost(detail: Sleeve): { host: Host; bottom: number } {
  const { bottom, width, panelHeight } = detail;
  const [w, h] = [width.value, panelHeight.value];
  if (bottom === 'side') {
    const run = (_side: Side, from: number, to: number): RunPart => ({
      edge: 'left',
      from: h - to,
      to: h - from,
      reversed: true,
    });
    return { host: { piece: 'body/shell', width: 2 * w, height: h, run }, bottom: 0 };
  }
  const fold = bottom === 'fold';
  const [base, top] = fold ? [h, 2 * h] : [0, h];
  const name = (side: string) => (fold ? `${side}-front` : side);
  const run = (side: Side, from: number, to: number): RunPart => {
    const low = base + sideStart(detail);
    if (side === 'right') return { edge: name('right'), from: from - low, to: to - low };
    const high = top - detail.slope.value;
    return { edge: name('left'), from: high - to, to: high - from, reversed: true };
  };
  return { host: { piece: fold ? 'body/shell' : 'body/shell-front', width: w, height: top, run }, bottom: base };
}

/** Where straps can be caught beside the front; where a corner is cut off, its side is not one edge. */
export function sewnEnds(detail: Sleeve): SewnEnd[] {
  const { bottom, lined, cut, slope } = detail;
  if (cut.value > 0 || slope.value > 0) return [];
  const { host } = frontHost(detail);
  const lining = host.piece.replace('/shell', '/lining');
  const sides = bottom === 'side' ? (['left'] as const) : (['left', 'right'] as const);
  return sides.map((side) => ({
    side,
    face: 'front',
    host,
    edge: bottom === 'fold' ? `${side}-front` : side,
    within: `body/shell/${side}`,
    layers: lined ? [host.piece, lining] : [host.piece],
  }));
}

/** The mouth as closures see it. */
export function mouthOf(detail: Sleeve): Pick<ClosingMouth, 'rim' | 'sideGaps' | 'folded'> {
  const { bottom, lined } = detail;
  const side = sideOf(detail);
  const rim = (face: 'front' | 'back', edge: string, piece: string) => ({
    piece,
    edge,
    ...(lined && { within: `body/mouth-${face}` }),
  });
  if (bottom === 'side')
    return {
      rim: (['front', 'back'] as const).map((face) => rim(face, `mouth-${face}`, 'body/shell')),
      // the front of its one side seam: cords, which need both halves of two, do not go with it
      sideGaps: (from, to) => [{ piece: 'body/shell', edge: 'left', from, to }],
      folded: roundTheFold,
    };
  if (bottom === 'fold')
    return {
      rim: (['front', 'back'] as const).map((face) => rim(face, `mouth-${face}`, 'body/shell')),
      sideGaps: (from, to) => [
        // edges run counter-clockwise: down the left front, up the right front, and the other way round on the back
        { piece: 'body/shell', edge: 'left-front', from, to },
        { piece: 'body/shell', edge: 'right-front', from: side - to, to: side - from },
        { piece: 'body/shell', edge: 'right-back', from, to },
        { piece: 'body/shell', edge: 'left-back', from: side - to, to: side - from },
      ],
    };
  const pieces = ['body/shell-front', 'body/shell-back'];
  return {
    rim: (['front', 'back'] as const).map((face) => rim(face, 'mouth', `body/shell-${face}`)),
    sideGaps: (from, to) =>
      pieces.flatMap((piece) => [
        { piece, edge: 'left', from, to },
        { piece, edge: 'right', from: side - to, to: side - from },
      ]),
  };
}

/** The layer that things touch: the lining, or the shell of a single layer. Things hang only where the sides go up to the mouth. */
export function innerWalls(detail: Sleeve): InnerWalls {
  const { bottom, width, height, panelHeight, shallower, taper, cut, slope, lined } = detail;
  const layer = lined ? 'lining' : 'shell';
  const own = `body/${layer}`;
  const panel = sum('panel of the inner layer', [panelHeight, times(-1, shallower)]);
  // sides slope a little where the lining is narrower at the bottom
  const length = Math.hypot(taper.value / 2, panel.value - sideStart(detail));
  const downFrom = (edge: string, piece: string, from: number, to: number) => edgePart(piece, edge, from, to);
  const upTo = (edge: string, piece: string, from: number, to: number) =>
    edgePart(piece, edge, length - to, length - from, true);
  return {
    panels: panelsOf({ bottom, width, panelHeight: panel, slope }, layer),
    depth: sum('inside, mouth to base', [height, minus(shallower), minus(cut)]),
    seams: { left: `${own}/left`, right: `${own}/right` },
    side(which, wall, from, to) {
      if (bottom === 'fold') {
        const down = (which === 'left') === (wall === 'front');
        return (down ? downFrom : upTo)(`${which}-${wall}`, own, from, to);
      }
      // a back is drawn right side up: its left edge is on the right, seen from the front
      const edge = wall === 'front' ? which : which === 'left' ? 'right' : 'left';
      return (edge === 'left' ? downFrom : upTo)(edge, `${own}-${wall}`, from, to);
    },
  };
}
