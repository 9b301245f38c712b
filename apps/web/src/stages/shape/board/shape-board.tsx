import type { Board } from '@zindle/core';
import { useMemo, useState } from 'react';
import { sidesOf } from '../../../derivations/drawn-side.ts';
import { useDesign } from '../../../store/design-context.ts';
import { useKinds } from '../../../store/kinds-context.ts';
import { useShelves } from '../../../store/shelves.ts';
import { PiecesBoard } from '../../cut/pieces-board.tsx';
import type { WithSolution } from '../../use-solved.ts';
import { FormBoard } from '../form-board.tsx';
import { LyingBoard } from './lying-board.tsx';
import { SideTabs } from './side-tabs.tsx';

/** Every side of the design as it lies, its finished form, and its pieces. */
export function ShapeBoard({ document, solution }: WithSolution) {
  const wanted = useDesign((state) => state.side);
  const selection = useDesign((state) => state.selection);
  const shelves = useShelves((state) => state.shelves);
  const [piece, choose] = useState<string>();
  const kinds = useKinds();
  const boards = useMemo(() => sidesOf(document, solution, shelves, kinds), [document, solution, shelves, kinds]);
  const shown = sideShown(boards, wanted, selection);
  const both = { document, solution };
  const board = boards.find(({ id }) => id === shown);
  return (
    <div className="flex h-full flex-col">
      <SideTabs boards={boards} shown={shown} />
      <div className="relative min-h-0 flex-1">
        {board ? (
          <LyingBoard
            key={`${document.id} ${board.id}`}
            {...both}
            board={board}
            sides={board === boards[0] ? boards.map(({ id }) => id) : undefined}
          />
        ) : shown === 'pieces' ? (
          <PiecesBoard {...both} chosen={piece} onChoose={choose} />
        ) : (
          <FormBoard {...both} />
        )}
      </div>
    </div>
  );
}

/** What is looked at: what was asked for, but never a side that what is in hand does not lie on. */
function sideShown(boards: readonly Board[], wanted: string | undefined, selection: string): string {
  const inHand = /^holders\/(.*)$/.exec(selection)?.[1];
  const has = (board: Board) => board.holders.some(({ id }) => id === inHand);
  const asked = boards.find(({ id }) => id === wanted);
  if (wanted === 'form' || wanted === 'pieces') return wanted;
  if (asked && (inHand === undefined || has(asked))) return asked.id;
  return (boards.find(has) ?? asked ?? boards[0])?.id ?? 'form';
}
