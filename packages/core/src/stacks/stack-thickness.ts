import type { Coverage, Layer } from '../document/design-document.ts';
import type { Material } from '../shelves/materials/material.ts';

/** A layer with its material found on the shelf. */
export interface FoundLayer {
  layer: Layer;
  /** Nothing if the shelf has no such material. */
  material: Material | undefined;
}

export const foundLayers = (layers: readonly Layer[], materials: readonly Material[]): FoundLayer[] =>
  layers.map((layer) => ({ layer, material: materials.find(({ id }) => id === layer.material) }));

/** A thickness as it lies, and pressed by the presser foot, mm. */
export interface Thickness {
  lies: number;
  underFoot: number;
}

const ofOne = ({ material }: FoundLayer): Thickness => {
  const lies = material?.thickness ?? 0;
  return { lies, underFoot: lies * (material?.compressedRatio ?? 1) };
};

const total = (parts: Thickness[]): Thickness => ({
  lies: parts.reduce((sum, { lies }) => sum + lies, 0),
  underFoot: parts.reduce((sum, { underFoot }) => sum + underFoot, 0),
});

/** All layers of a stack, in the middle of a piece. */
export const stackThickness = (layers: readonly FoundLayer[]): Thickness => total(layers.map(ofOne));

/** Layers that reach into a side seam; those that stop at the stitch line do not. `half` ones do in the lower half. */
const reaches: Record<Coverage, boolean> = { full: true, half: true, trimmed: false, corners: false };
export const reachesSeam = ({ layer }: FoundLayer): boolean => reaches[layer.coverage];

/** A plain seam: two pieces of the stack, right sides together, with what reaches into it. */
export const seamThickness = (layers: readonly FoundLayer[]): Thickness => {
  const one = stackThickness(layers.filter(reachesSeam));
  return { lies: 2 * one.lies, underFoot: 2 * one.underFoot };
};
