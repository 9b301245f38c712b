import type { Derived } from '../../derived/derived.ts';
import type { Standing } from '../cavity/compartments.ts';

/** The bands that loops are made of. */
export type Band = 'elastic-20' | 'elastic-40';

/** A loop of elastic over one thing. All mm. */
export interface OneLoop {
  thing: Standing;
  /** From stitching to stitching, on the face and along the elastic at rest. */
  span: Derived;
  relaxed: Derived;
  /** To the same place of the next loop. */
  pitch: Derived;
}

export interface LoopRow {
  band: { id: Band; wide: Derived; thick: Derived };
  /** Stitched down along the lower edge too. */
  pockets: boolean;
  loops: OneLoop[];
  rows: number;
  /** From loop to loop, at least. */
  between: Derived;
}

/** Middle of each thing from the left edge of the row, mm. */
export function middles({ loops, between }: LoopRow): number[] {
  let at = between.value / 2;
  return loops.map(({ pitch }) => {
    const middle = at + pitch.value / 2;
    at += pitch.value;
    return middle;
  });
}

/** Heights of the lower edges of the rows of elastic above the bottom of the seat, mm. */
export function rowsAt({ rows, pockets, band: { wide } }: LoopRow, height: number): number[] {
  if (pockets) return [0];
  return rows === 1 ? [(height - wide.value) / 2] : [height * 0.2, height * 0.8 - wide.value];
}
