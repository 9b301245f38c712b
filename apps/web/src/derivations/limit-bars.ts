import { leastLength, type DesignDocument, type Piece, type Shelves, type Solution } from '@zindle/core';

/** A demand and how much of it is used, mm. */
export interface LimitBar {
  id: string;
  label: string;
  used: number;
  most: number;
  over: boolean;
}

const DUST = 1e-6;

/** The limits of a design against what is solved, and the cloth on hand. */
export function limitBars({ limits = {} }: DesignDocument, solution: Solution, shelves: Shelves): LimitBar[] {
  const sizes = Object.entries(limits).flatMap(([path, most]): LimitBar[] => {
    const size = solution.limitable[path];
    return size ? [{ id: path, label: size.label, used: size.value, most, over: size.value > most + DUST }] : [];
  });
  return [...sizes, ...clothBars(solution.pieces, shelves)];
}

/** Cloth on hand, against what the pieces take of the roll at least. */
function clothBars(pieces: readonly Piece[], { materials }: Shelves): LimitBar[] {
  return materials.flatMap(({ id, name, onHand, rollWidth }): LimitBar[] => {
    if (onHand === undefined || rollWidth === undefined) return [];
    const used = leastLength(pieces, id, rollWidth);
    if (used === 0) return [];
    return [{ id: `cloth/${id}`, label: `${name}, at least`, used, most: onHand, over: used > onHand + DUST }];
  });
}
