import { half } from '../derived/constants.ts';
import { given, minus, product, sum, times, type Derived } from '../derived/derived.ts';

export const bottomKinds = ['seam', 'fold'] as const;
export type BottomKind = (typeof bottomKinds)[number];

export interface BoxedSeams {
  sideSeam: Derived;
  bottomSeam: Derived;
  cornerSeam: Derived;
  topSeam: Derived;
  /** `fold`: the piece is folded at the bottom; cut height is half of it, and notches are measured up from the fold. */
  bottom: BottomKind;
}
export interface BoxedCut extends BoxedSeams {
  cutWidth: Derived;
  cutHeight: Derived;
  notchWidth: Derived;
  notchHeight: Derived;
}
export interface BoxedResult {
  depthFromSide: Derived;
  depthFromBottom: Derived;
  /** The second less the first; 0 is right. */
  mismatch: Derived;
  faceWidth: Derived;
  height: Derived;
}

const nothing = given('a fold takes no seam', 0, { kind: 'standard', path: 'fold' });

/** What a flat bag with cut-out bottom corners measures once they are sewn across. All mm. */
export function boxedCorner(cut: BoxedCut): BoxedResult {
  const { cutWidth, cutHeight, notchWidth, notchHeight, sideSeam, bottomSeam, cornerSeam, topSeam, bottom } = cut;
  const below = bottom === 'fold' ? nothing : bottomSeam;
  const twice = (label: string, parts: Parameters<typeof sum>[1]) =>
    sum(label, [times(2, sum(`half the ${label}`, parts))]);
  const depthFromSide = twice('depth by the sides', [notchWidth, cornerSeam, minus(sideSeam)]);
  const depthFromBottom = twice('depth by the bottom', [notchHeight, cornerSeam, minus(below)]);
  return {
    depthFromSide,
    depthFromBottom,
    mismatch: sum('they differ by', [depthFromBottom, minus(depthFromSide)]),
    faceWidth: sum('face width', [cutWidth, times(-2, sideSeam), minus(depthFromSide)]),
    height: sum('height', [
      cutHeight,
      minus(topSeam),
      minus(below),
      times(-1, product('half the depth', [depthFromBottom, half])),
    ]),
  };
}

export interface BoxSizes extends BoxedSeams {
  width: Derived;
  depth: Derived;
  height: Derived;
}

/** The inverse: what to cut for a bag of a width, depth and height. All mm; of a folded piece the height is half of it. */
export function boxedCornerCut(box: BoxSizes): Pick<BoxedCut, 'cutWidth' | 'cutHeight' | 'notchWidth' | 'notchHeight'> {
  const { width, depth, height, sideSeam, bottomSeam, cornerSeam, topSeam, bottom } = box;
  const below = bottom === 'fold' ? nothing : bottomSeam;
  const halfDepth = product('half the depth', [depth, half]);
  return {
    cutWidth: sum('cut width', [width, depth, times(2, sideSeam)]),
    cutHeight: sum('cut height', [height, halfDepth, topSeam, below]),
    notchWidth: sum('notch, width', [halfDepth, sideSeam, minus(cornerSeam)]),
    notchHeight: sum('notch, height', [halfDepth, below, minus(cornerSeam)]),
  };
}
