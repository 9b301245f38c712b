import type { Finding } from '../errors/finding.ts';
import { mm, say } from '../errors/wording.ts';
import type { Piece } from '../pieces/piece.ts';
import type { Material } from '../shelves/materials/material.ts';

/** Pieces that do not lie on the roll of their cloth: not with its threads as they should, or not at all. The widest is told of each
 * cloth. */
export function checkCloth(
  pieces: readonly Piece[],
  materialOf: (id: string) => Pick<Material, 'name' | 'rollWidth'> | undefined,
): Finding[] {
  const byCloth = new Map<string, Finding & { over: number }>();
  for (const { id, name, materials, grain, cutWidth, cutHeight, byRuler } of pieces) {
    if (byRuler) continue;
    const sides = [cutWidth.value, cutHeight.value] as const;
    // across the roll: where the threads run along the piece its width, where they run across it its height
    const across = { along: sides[0], across: sides[1], any: Math.min(...sides), bias: Math.min(...sides) }[grain];
    for (const material of materials) {
      const cloth = materialOf(material);
      const over = across - (cloth?.rollWidth ?? Infinity);
      if (!cloth?.rollWidth || over <= 1e-6 || over <= (byCloth.get(material)?.over ?? 0)) continue;
      const turned = Math.min(...sides) <= cloth.rollWidth;
      const way = turned ? 'lay it across the threads' : 'sew it from two';
      byCloth.set(material, {
        over,
        code: 'cloth.tooNarrow',
        severity: turned ? 'watch' : 'stop',
        about: [`pieces/${id}`],
        numbers: { across, roll: cloth.rollWidth },
        limit: cloth.rollWidth,
        text: say`${name} is ${mm(across)} across, and the roll of ${cloth.name} is ${mm(cloth.rollWidth)} wide: it cannot be cut from it as it should lie. Take a wider cloth, or ${way}.`,
      });
    }
  }
  return [...byCloth.values()].map(({ over: _over, ...finding }) => finding);
}
