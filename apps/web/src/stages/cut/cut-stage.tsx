import { setAllowance } from '@zindle/core';
import { useState } from 'react';
import { edgeInHand, edgeTitle } from '../../derivations/own-piece.ts';
import { useDesign } from '../../store/design-context.ts';
import { Explaining } from '../explaining.tsx';
import { PartOfDesign } from '../part-of-design.tsx';
import { Unsolved } from '../unsolved.tsx';
import { useSolved } from '../use-solved.ts';
import { ChartTable } from './chart-table.tsx';
import { PieceInHand } from './piece-in-hand.tsx';
import { PiecesBoard } from './pieces-board.tsx';
import { PrintPanel } from './print-panel.tsx';

/** The pattern: its pieces at one scale, the cutting chart, and the files to take away. */
export function CutStage() {
  const { document, solved } = useSolved();
  const explained = useDesign((state) => state.explained);
  const [chosen, setChosen] = useState<string>();
  const [edge, setEdge] = useState<string>();
  const edit = useDesign((state) => state.edit);
  function choose(piece: string) {
    setChosen(piece);
    if (piece !== chosen) setEdge(undefined);
  }
  if (!solved.ok) return <Unsolved message={solved.message} />;
  const both = { document, solution: solved.solution };
  const inHand = solved.solution.pieces.find(({ id }) => id === chosen);
  const pickEdge = (id: string) => setEdge(id || undefined);
  const setInHand = (mm: number, gesture?: string) => {
    if (!inHand || edge === undefined) return;
    const { seam } = edgeInHand(document, solved.solution, inHand, edge);
    edit(setAllowance(seam, edgeTitle(inHand, edge), mm), gesture);
  };
  return (
    <div className="grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_470px]">
      <main className="relative min-h-0 min-w-0">
        <PartOfDesign part="drawing of the pieces">
          <PiecesBoard
            {...both}
            chosen={chosen}
            onChoose={choose}
            edges={{ edge, onEdge: pickEdge, onAllowance: setInHand }}
          />
        </PartOfDesign>
      </main>
      <aside
        aria-label="Print and cutting chart"
        className="overflow-y-auto border-l border-hair bg-sheet p-4"
        tabIndex={0}
      >
        <PartOfDesign part="panel">
          <PrintPanel {...both} />
          {explained && (
            <div className="mt-5">
              <Explaining {...both} explained={explained} />
            </div>
          )}
          {inHand && (
            <PieceInHand {...both} key={inHand.id} piece={inHand} edge={edge} onEdge={pickEdge} onChoose={choose} />
          )}
          <ChartTable {...both} chosen={chosen} onChoose={choose} />
        </PartOfDesign>
      </aside>
    </div>
  );
}
