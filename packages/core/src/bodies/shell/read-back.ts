import type { CutPieces } from '../../holders/seat.ts';
import type { ShellCase } from './params.ts';

/** Plate and depth as cut, mm. */
export function shellAsCut({ offset }: Pick<ShellCase, 'offset'>, cut: CutPieces) {
  const { sewn } = cut('body/shell-base');
  const hinge = cut('body/shell-hinge');
  const stand = 2 * offset.value;
  return {
    plateLength: sewn.width - stand,
    plateWidth: sewn.height - stand,
    depth: hinge.sewn.height,
  };
}
