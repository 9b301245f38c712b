import { half } from '../../derived/constants.ts';
import { minus, product, sum } from '../../derived/derived.ts';
import { edgeLength } from '../../geometry/outline.ts';
import { edgePart, faceLine, wholeEdge, type Seam } from '../../pieces/seam.ts';
import { sides, type Accordion, type Layer, type Side } from './params.ts';
import { dividerOutline, panelOutline } from './pieces.ts';

const other: Record<Side, Side> = { right: 'left', left: 'right' };
const panels = ['front', 'back'] as const;

/** The seams of one layer: bottom, both gussets up front and back, and their pleated ends along the base. */
export function layerSeams(layer: Layer, detail: Accordion): Seam[] {
  const [front, back] = [`body/${layer}-front`, `body/${layer}-back`];
  const taken = product('half of what is pinched', [sum('pinched', [detail.gusset, minus(detail.base)]), half]);
  const end = (detail.gusset.value - detail[layer].taper.value) / 2;
  return [
    { id: `body/${layer}/bottom`, kind: 'sewn', a: wholeEdge(front, 'bottom'), b: wholeEdge(back, 'bottom', true) },
    ...sides.flatMap((side): Seam[] => {
      const gusset = `body/${layer}-gusset-${side}`;
      // seen from outside, a panel's right edge meets the left edge of the gusset beside it
      const meets = { front: side, back: other[side] };
      return panels.flatMap((which): Seam[] => {
        const panel = which === 'front' ? front : back;
        const edge = meets[which];
        const first = edge === 'right';
        return [
          {
            id: `body/${layer}/${which}-${side}`,
            kind: 'sewn',
            a: wholeEdge(panel, edge),
            b: wholeEdge(gusset, other[edge], true),
          },
          {
            id: `body/${layer}/base-${which}-${side}`,
            kind: 'sewn',
            a: first ? edgePart(gusset, 'bottom', 0, end) : edgePart(gusset, 'bottom', end, 2 * end),
            b: wholeEdge(panel, `${edge}-base`, true),
            ease: { by: taken },
          },
        ];
      });
    }),
  ];
}

/** Shell on lining all round the mouth. */
export const mouthSeams = (): Seam[] =>
  [...panels, ...sides.map((side) => `gusset-${side}`)].map((part) => ({
    id: `body/mouth-${part}`,
    kind: 'sewn',
    a: wholeEdge(`body/shell-${part}`, 'top'),
    b: wholeEdge(`body/lining-${part}`, 'top', true),
  }));

/** Both sides of each divider on the gusset, and its bottom in the bottom seam. */
export function dividerSeams(detail: Accordion): { caught: Seam[]; sewn: Seam[] } {
  const bottom = panelOutline(detail.lining, detail.base).find(({ id }) => id === 'bottom')!;
  const whole = edgeLength(bottom);
  const { shade } = detail;
  const all = detail.dividers.map((_, index) => {
    const piece = `body/divider-${index + 1}`;
    const stack: Seam = {
      id: `${piece}#bottom`,
      kind: 'caught',
      within: 'body/lining/bottom',
      a: wholeEdge(piece, 'bottom'),
      b: edgePart('body/lining-front', 'bottom', shade.value, whole - shade.value),
    };
    const wrapped = sides.map((side): Seam => ({
      id: `${piece}#${side}`,
      kind: 'stitchedOn',
      a: wholeEdge(piece, side, side === 'left'),
      b: faceLine(`body/lining-gusset-${side}`, `divider-${index + 1}`),
    }));
    return { stack, wrapped };
  });
  return { caught: all.map(({ stack }) => stack), sewn: all.flatMap(({ wrapped }) => wrapped) };
}

/** The upper edges of both layers of a divider: on each other, or with a zipper between them. */
export function topSeams(detail: Accordion): Seam[] {
  return detail.dividers.flatMap((_, index): Seam[] => {
    const piece = `body/divider-${index + 1}`;
    const top = wholeEdge(piece, 'top');
    if (detail.making === 'plain')
      return [{ id: `${piece}#top`, kind: 'sewn', a: top, b: wholeEdge(piece, 'top', true) }];
    const zipper = `${piece}-zipper`;
    const run = edgeLength(dividerOutline(detail, index).outline.find(({ id }) => id === 'top')!);
    return (['bottom', 'top'] as const).map((edge) => ({
      id: `${zipper}#${edge}`,
      kind: 'sewn',
      a: edgePart(zipper, edge, BEYOND, BEYOND + run),
      b: top,
    }));
  });
}

/** Common practice: a zipper goes so far into each side. mm */
export const BEYOND = 6;
