import { pressable } from '../../../board/pressable.ts';
import type { Tints } from '../../../board/drawing-kit.ts';
import { GripShape, SnapShapes, StrapShape, TabShape } from '../../../board/side-drawing.tsx';
import { useKinds } from '../../../store/kinds-context.ts';
import { useDesign } from '../../../store/design-context.ts';
import type { OnBoard } from './on-board.ts';

type Part = OnBoard & { tints: Tints };

/** The tab and the snaps of the closure, and the way to its sizes. */
export function Fastenings(part: Part) {
  const { board } = part;
  const beside = board.tab?.edge !== 'top' && board.tab;
  if (!beside && board.snaps.length === 0) return null;
  return (
    <Closing {...part}>
      {(chosen) => (
        <>
          {beside && <TabShape {...part} chosen={chosen} />}
          <SnapShapes {...part} chosen={chosen} />
        </>
      )}
    </Closing>
  );
}

/** Straps over pockets, and the way to their sizes. */
export function StrapsOver({ document, board, frame, tints }: Part) {
  const select = useDesign((state) => state.select);
  const selection = useDesign((state) => state.selection);
  const kinds = useKinds();
  return board.straps.map((strap) => {
    const path = `parts/${strap.part}`;
    const kind = document.parts?.find(({ id }) => id === strap.part)?.kind ?? '';
    return (
      <g
        key={path}
        {...pressable(() => select(path))}
        aria-label={kinds.parts[kind]?.title ?? 'Strap'}
        aria-pressed={selection === path}
      >
        <StrapShape strap={strap} frame={frame} tints={tints} chosen={selection === path} />
      </g>
    );
  });
}

/** What stands up behind the mouth: the flap and handles, and the way to their sizes. */
export function OverMouth(part: Part) {
  const { document, board, frame } = part;
  const select = useDesign((state) => state.select);
  const selection = useDesign((state) => state.selection);
  const kinds = useKinds();
  return (
    <>
      {board.tab?.edge === 'top' && <Closing {...part}>{(chosen) => <TabShape {...part} chosen={chosen} />}</Closing>}
      {board.grips.map((grip) => {
        const path = `parts/${grip.part}`;
        const kind = document.parts?.find(({ id }) => id === grip.part)?.kind ?? '';
        return (
          <g
            key={path}
            {...pressable(() => select(path))}
            aria-label={kinds.parts[kind]?.title ?? 'Handles'}
            aria-pressed={selection === path}
          >
            <GripShape grip={grip} top={board.height} frame={frame} chosen={selection === path} />
          </g>
        );
      })}
    </>
  );
}

/** Pressed, it has the closure in hand. */
function Closing({ document, children }: Part & { children: (chosen: boolean) => React.ReactNode }) {
  const select = useDesign((state) => state.select);
  const chosen = useDesign((state) => state.selection === 'closure');
  const kinds = useKinds();
  return (
    <g
      {...pressable(() => select('closure'))}
      aria-label={kinds.closures[document.closure.kind]?.title ?? 'Closure'}
      aria-pressed={chosen}
    >
      {children(chosen)}
    </g>
  );
}
