import type { Board } from '@zindle/core';
import type { Frame } from '../../../board/frame.ts';
import type { WithSolution } from '../../use-solved.ts';

/** A side of a design, and where it is drawn. */
export interface OnBoard extends WithSolution {
  board: Board;
  frame: Frame;
}
