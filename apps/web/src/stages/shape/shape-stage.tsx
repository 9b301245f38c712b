import { Unsolved } from '../unsolved.tsx';
import { useSolved } from '../use-solved.ts';
import { FindingsPanel } from './findings-panel.tsx';
import { Inspector } from './inspector.tsx';
import { SectionPanel } from './section-panel.tsx';
import { ShapeBoard } from './shape-board.tsx';
import { Tray } from './tray.tsx';

/** The board where things, cloth and form come together. */
export function ShapeStage() {
  const { document, solved } = useSolved();
  if (!solved.ok) return <Unsolved message={solved.message} />;
  const both = { document, solution: solved.solution };
  return (
    <div className="grid min-h-0 flex-1 grid-cols-[236px_minmax(0,1fr)_310px] grid-rows-[minmax(0,1fr)_182px]">
      <aside
        aria-label="To hold, and cloth"
        className="overflow-y-auto border-r border-hair bg-sheet p-3.5"
        tabIndex={0}
      >
        <Tray {...both} />
      </aside>
      <main className="relative min-h-0 min-w-0">
        <ShapeBoard {...both} />
      </main>
      <aside
        aria-label="Selected object"
        className="row-span-2 overflow-y-auto border-l border-hair bg-sheet p-3.5"
        tabIndex={0}
      >
        <Inspector {...both} />
      </aside>
      <div className="col-span-2 grid grid-cols-[minmax(0,1fr)_300px] border-t border-ink bg-white">
        <SectionPanel {...both} />
        <FindingsPanel {...both} />
      </div>
    </div>
  );
}
