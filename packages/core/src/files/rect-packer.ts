// the package's own entry is a script that Node takes for a module, so its module file is named directly
// @ts-expect-error -- that file has no declarations beside it
import { MaxRectsPacker as Packer } from 'maxrects-packer/dist/maxrects-packer.mjs';

/** The part of the packer that is used here. Lengths mm. */
export interface RectPacker {
  add(width: number, height: number, data: string): void;
  readonly bins: { width: number; height: number; rects: { x: number; y: number; rot: boolean; data: string }[] }[];
}

interface PackerOptions {
  /** Between the rectangles, mm. */
  gap: number;
  turn: boolean;
  /** Shrink each bin to what is in it. */
  shrink: boolean;
}

/** A packer of rectangles into bins of one size. */
export function rectPacker(width: number, height: number, { gap, turn, shrink }: PackerOptions): RectPacker {
  const options = { smart: shrink, pot: false, square: false, allowRotation: turn };
  return new (Packer as new (...given: unknown[]) => RectPacker)(width, height, gap, options);
}
