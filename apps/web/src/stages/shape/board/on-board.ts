import type { DesignDocument } from '@zindle/core';
import type { Frame } from '../../../board/frame.ts';
import type { DrawnSide } from '../../../derivations/drawn-side.ts';

/** A side of a design, and where it is drawn. */
export interface OnBoard extends DrawnSide {
  document: DesignDocument;
  frame: Frame;
}
