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
export const StrapsOver = (part: Part) =>
  part.board.straps.map((strap) => (
    <OfPart key={strap.part} id={strap.part} {...part}>
      {(chosen) => <StrapShape strap={strap} frame={part.frame} tints={part.tints} chosen={chosen} />}
    </OfPart>
  ));

/** What stands up behind the mouth: the flap and handles, and the way to their sizes. */
export function OverMouth(part: Part) {
  const { board, frame } = part;
  return (
    <>
      {board.tab?.edge === 'top' && <Closing {...part}>{(chosen) => <TabShape {...part} chosen={chosen} />}</Closing>}
      {board.grips.map((grip) => (
        <OfPart key={grip.part} id={grip.part} {...part}>
          {(chosen) => <GripShape grip={grip} top={board.height} frame={frame} chosen={chosen} />}
        </OfPart>
      ))}
    </>
  );
}

interface OfPartProps extends Pick<Part, 'document'> {
  id: string;
  children(chosen: boolean): React.ReactNode;
}

/** Pressed, it has a part in hand. */
function OfPart({ id, document, children }: OfPartProps) {
  const select = useDesign((state) => state.select);
  const path = `parts/${id}`;
  const chosen = useDesign((state) => state.selection === path);
  const kinds = useKinds();
  const kind = document.parts?.find((each) => each.id === id)?.kind ?? '';
  return (
    <g {...pressable(() => select(path))} aria-label={kinds.parts[kind]?.title ?? kind} aria-pressed={chosen}>
      {children(chosen)}
    </g>
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
