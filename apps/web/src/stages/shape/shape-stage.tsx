import { PartOfDesign } from '../part-of-design.tsx';
import { Unsolved } from '../unsolved.tsx';
import { useSolved } from '../use-solved.ts';
import { ShapeBoard } from './board/shape-board.tsx';
import { EffectLine } from './effect-line.tsx';
import { FindingsPanel } from './findings-panel.tsx';
import { Inspector } from './inspector.tsx';
import { LimitsBar } from './limits-bar.tsx';
import { PlacingArea } from './placing/placing-area.tsx';
import { SectionPanel } from './section-panel.tsx';
import { Tray } from './tray.tsx';

/** The board where things, cloth and form come together. */
export function ShapeStage() {
  const { document, solved } = useSolved();
  if (!solved.ok) return <Unsolved message={solved.message} />;
  const both = { document, solution: solved.solution };
  return (
    <PlacingArea document={document}>
      <div className="grid min-h-0 flex-1 grid-cols-[236px_minmax(0,1fr)_310px] grid-rows-[minmax(0,1fr)_174px]">
        <aside
          aria-label="To hold, and cloth"
          className="overflow-y-auto border-r border-hair bg-sheet p-3.5"
          tabIndex={0}
        >
          <PartOfDesign part="tray">
            <Tray {...both} />
          </PartOfDesign>
        </aside>
        <main className="relative min-h-0 min-w-0">
          <PartOfDesign part="drawing">
            <ShapeBoard {...both} />
            <EffectLine {...both} />
          </PartOfDesign>
        </main>
        <aside
          aria-label="Selected object"
          className="row-span-2 overflow-y-auto border-l border-hair bg-sheet p-3.5"
          tabIndex={0}
        >
          <PartOfDesign part="panel">
            <Inspector {...both} />
          </PartOfDesign>
        </aside>
        <div className="col-span-2 grid grid-cols-[minmax(0,1fr)_300px] border-t border-ink bg-white">
          <div className="flex min-w-0 flex-col">
            <PartOfDesign part="section">
              <SectionPanel {...both} />
              <LimitsBar {...both} />
            </PartOfDesign>
          </div>
          <PartOfDesign part="list of findings">
            <FindingsPanel {...both} />
          </PartOfDesign>
        </div>
      </div>
    </PlacingArea>
  );
}
