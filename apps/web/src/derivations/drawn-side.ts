import {
  boardsOf,
  handlesOn,
  sizeAt,
  type Board,
  type BoardHandle,
  type DesignDocument,
  type Kinds,
  type Shelves,
  type Solution,
  topstitchInset,
} from '@zindle/core';
import { pageKinds } from '../store/page-kinds.ts';
import { ruleSetting } from './rule-setting.ts';

/** A size with its name, mm. */
export interface DrawnSize {
  label: string;
  mm: number;
}

/** All that is drawn of one side, as plain data: it is the same whether this thread or another has solved it. */
export interface DrawnSide {
  board: Board;
  /** The sizes that are written beside it, by path. */
  sizes: Readonly<Record<string, DrawnSize>>;
  /** Where the handles of the object in hand are, and how large their sizes. */
  handles: readonly Pick<BoardHandle, 'id' | 'label' | 'at' | 'axis' | 'value' | 'least' | 'most'>[];
}

/** Every side of a design, with the topstitching that its rules ask for. */
export const sidesOf = (
  document: DesignDocument,
  solution: Solution,
  shelves: Shelves,
  kinds: Kinds = pageKinds,
): Board[] =>
  boardsOf(document, solution, { topstitch: Number(ruleSetting(document, topstitchInset, shelves)), kinds });

/** One side with its sizes and the handles of what is in hand. */
export function drawnSide(
  document: DesignDocument,
  solution: Solution,
  board: Board,
  selection: string,
  kinds: Kinds = pageKinds,
): DrawnSide {
  const across = board.holders.flatMap((holder) => holder.across?.path ?? []);
  const paths = [...board.sizes.map(({ path }) => path), ...across, ...(board.note ? [board.note.path] : [])];
  const sizes = paths.flatMap((path): [string, DrawnSize][] => {
    const size = sizeAt(solution, path);
    return size ? [[path, { label: size.label, mm: size.value }]] : [];
  });
  const handles = handlesOn(board, selection, document, solution, kinds);
  return {
    board,
    sizes: Object.fromEntries(sizes),
    handles: handles.map(({ id, label, at, axis, value, least, most }) => ({
      id,
      label,
      at,
      axis,
      value,
      least,
      most,
    })),
  };
}
