import { sum, times, type Derived } from '../../derived/derived.ts';
import { edgeLength } from '../../geometry/outline.ts';
import { edgePart, faceLine, wholeEdge, type Seam } from '../../pieces/seam.ts';
import { sides, type Accordion, type AccordionLayer, type Layer, type Side } from './params.ts';
import { dividerOutline, panelOutline, sideOf } from './pieces.ts';

const other: Record<Side, Side> = { right: 'left', left: 'right' };
const panels = ['front', 'back'] as const;

/** The seams of one layer: bottom, both gussets up front and back, and their pleated ends along the base. */
export const layerSeams = (layer: Layer, detail: Accordion): Seam[] =>
  detail.foot === 'fan' ? fanSeams(layer, detail) : fileSeams(layer, detail);

/** The bottom seam, and both gussets up front and back, where they end below the mouth; their feet lie folded round the dividers. */
function fanSeams(layer: Layer, detail: Accordion): Seam[] {
  const whole = sideOf(detail[layer]);
  const below = detail.below.value;
  const bottom: Seam = {
    id: `body/${layer}/bottom`,
    kind: 'sewn',
    a: wholeEdge(`body/${layer}-front`, 'bottom'),
    b: wholeEdge(`body/${layer}-back`, 'bottom', true),
  };
  return [
    bottom,
    ...sides.flatMap((side) => {
      const gusset = `body/${layer}-gusset-${side}`;
      const meets = { front: side, back: other[side] };
      return panels.map((which): Seam => {
        const [panel, edge] = [`body/${layer}-${which}`, meets[which]];
        // the right edge runs up, the left one down
        const a = edge === 'right' ? edgePart(panel, edge, 0, whole - below) : edgePart(panel, edge, below, whole);
        return { id: `body/${layer}/${which}-${side}`, kind: 'sewn', a, b: wholeEdge(gusset, other[edge], true) };
      });
    }),
  ];
}

/** The foot of a gusset, folded round each divider: it takes all of it. */
export function pinchSeams(layer: Layer, detail: Accordion): Seam[] {
  if (detail.foot === 'flat') return [];
  const off = detail.bites.bottom.value + detail.dividerThickness.value / 2;
  return sides.flatMap((side) =>
    detail.dividers.map((_, index): Seam => {
      const gusset = `body/${layer}-gusset-${side}`;
      const middle = (2 * index + 1) * off;
      return {
        id: `${gusset}/pinch-${index + 1}`,
        kind: 'sewn',
        a: edgePart(gusset, 'bottom', middle - off, middle),
        b: edgePart(gusset, 'bottom', middle, middle + off, true),
      };
    }),
  );
}

/** With a flat base: the pleated ends of the gussets lie along it. */
function fileSeams(layer: Layer, detail: Accordion): Seam[] {
  const [front, back] = [`body/${layer}-front`, `body/${layer}-back`];
  const along = detail.gusset.value - detail[layer].taper.value;
  const taken = pinchedBeside(detail);
  const panelEnd = (detail.base.value - detail[layer].taper.value) / 2;
  return [
    { id: `body/${layer}/bottom`, kind: 'sewn', a: wholeEdge(front, 'bottom'), b: wholeEdge(back, 'bottom', true) },
    ...sides.flatMap((side): Seam[] => {
      const gusset = `body/${layer}-gusset-${side}`;
      // seen from outside, a panel's right edge meets the left edge of the gusset beside it
      const meets = { front: side, back: other[side] };
      return panels.flatMap((which): Seam[] => {
        const panel = which === 'front' ? front : back;
        const edge = meets[which];
        const own = panelEnd + taken[which].value;
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
            a: edge === 'right' ? edgePart(gusset, 'bottom', 0, own) : edgePart(gusset, 'bottom', along - own, along),
            b: wholeEdge(panel, `${edge}-base`, true),
            ease: { by: taken[which], lies: 'pleats' },
          },
        ];
      });
    }),
  ];
}

/** What the gusset is pinched by before the bottom seam and behind it; a divider on the seam is shared. */
function pinchedBeside({ dividers, base, bites }: Accordion): Record<'front' | 'back', Derived> {
  const share = (before: boolean) =>
    dividers.reduce((count, { onBase }) => {
      const off = onBase.value - base.value / 2;
      if (Math.abs(off) < 1e-6) return count + 0.5;
      return off < 0 === before ? count + 1 : count;
    }, 0);
  const taken = (before: boolean) => sum('pinched, on this side', [times(2 * share(before), bites.bottom)]);
  return { front: taken(true), back: taken(false) };
}

/** Shell on lining all round the mouth. */
export const mouthSeams = (detail: Accordion): Seam[] => [
  ...[
    ...panels.map((panel) => [panel, panel] as const),
    // in the shell the lining shows its right side: what is left of it lies on the right
    ...sides.map((side) => [`gusset-${side}`, `gusset-${other[side]}`] as const),
  ].map(
    ([shell, lining]) =>
      ({
        id: `body/mouth-${shell}`,
        kind: 'sewn',
        a: wholeEdge(`body/shell-${shell}`, 'top'),
        b: wholeEdge(`body/lining-${lining}`, 'top', true),
      }) satisfies Seam,
  ),
  ...besideMouth(detail),
];

/** Above the gussets of a fan the sides of front and back belong to the mouth. */
function besideMouth({ shell, lining, below }: Accordion): Seam[] {
  if (below.value === 0) return [];
  const upper = (piece: string, edge: Side, own: AccordionLayer, reversed = false) => {
    const whole = sideOf(own);
    const [from, to] = edge === 'right' ? [whole - below.value, whole] : [0, below.value];
    return edgePart(piece, edge, from, to, reversed);
  };
  return panels.flatMap((panel) =>
    sides.map((side): Seam => ({
      id: `body/mouth-${panel}-${side}`,
      kind: 'sewn',
      a: upper(`body/shell-${panel}`, side, shell),
      b: upper(`body/lining-${panel}`, other[side], lining, true),
    })),
  );
}

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
    if (detail.making !== 'zipped')
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
