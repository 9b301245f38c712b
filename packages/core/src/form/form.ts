import { fold } from './fold.ts';
import { glue, type GlueOptions } from './glue.ts';
import { settle, type Settled } from './settle.ts';
import { solidOf, topologyOf, type Solid } from './solid.ts';
import type { FlatPiece, FlatSeam } from './flat.ts';

export interface FormOptions extends GlueOptions {
  /** A gap between what is sewn together that counts as none, mm; default 0.5. */
  close?: number;
}

/** The finished solid, folded and sewn from flat pieces alone: every piece is parted by its bends into flat facets, those
 * whose angle is known are folded, and what is rigid then is brought to where all seams meet. Nothing is stretched.
 * @param pieces the first one stays where it is; see `skinOf`
 * @throws CoreError `form.lineSeam` */
export function formOf(
  pieces: readonly FlatPiece[],
  seams: readonly FlatSeam[],
  { close = 0.5, ...options }: FormOptions = {},
): Solid {
  const glued = glue(pieces, seams, options);
  const parts = glued.pieces.flatMap(fold);
  const hangs = topologyOf(glued);
  const lying = (settled: Settled) => solidOf(glued, parts, settled, hangs);
  return lying(settle(glued, parts, close, (settled) => lying(settled).volume < 0));
}
