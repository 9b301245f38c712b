import type { Coverage, Layer } from '../document/design-document.ts';
import { FUSING } from '../stacks/stack-notes.ts';

/** What must be known of a material to hold it: whether it is ironed on, and how hot an iron it bears (°C; nothing for any). */
export interface LayerMaterial {
  name: string;
  fusible?: boolean;
  iron?: number;
}
export type MaterialOf = (id: string) => LayerMaterial | undefined;

/** `outer`: the cloth that the others are held to; `fused`: ironed on; `basted`: sewn round inside the allowance, or glued. */
export type Held = 'outer' | 'fused' | 'basted';

/** A layer of a piece, from the right side inwards. */
export interface LayerUse {
  material: string;
  coverage: Coverage;
  held: Held;
}

/** How each layer of a stack is held. The outer cloth is whole, whatever is set: inner layers alone are no piece. What is ironed on
 * needs the heat: where a cloth of the piece does not bear it, all is basted (common practice). */
export function layersOf(stack: readonly Layer[], materialOf: MaterialOf): LayerUse[] {
  const bears = stack.every(({ material }) => {
    const of = materialOf(material);
    return of?.fusible === true || of?.iron === undefined || of.iron >= FUSING;
  });
  return stack.map(({ material, coverage }, index) => {
    const fused = bears && materialOf(material)?.fusible === true;
    return index === 0
      ? { material, coverage: 'full', held: 'outer' }
      : { material, coverage, held: fused ? 'fused' : 'basted' };
  });
}
