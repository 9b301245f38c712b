import { boardsOf, standsOut, type Board, type Kinds } from '@zindle/core';
import { useMemo, useState } from 'react';
import { fitFrame, type Frame } from '../../../board/frame.ts';
import { Rulers, RULER } from '../../../board/rulers.tsx';
import { allShown, INK, type Shown } from '../../../board/drawing-kit.ts';
import { SideFolds, SideGround, StickingOut, WithinOutline } from '../../../board/side-drawing.tsx';
import { useCamera } from '../../../board/use-camera.ts';
import { useSize } from '../../../board/use-size.ts';
import { drawnSide } from '../../../derivations/drawn-side.ts';
import { useLiveSide } from '../../../derivations/live-side.ts';
import { tintsOf } from '../../../derivations/tints.ts';
import { useDesign, useOpenDesign } from '../../../store/design-context.ts';
import { useKinds } from '../../../store/kinds-context.ts';
import { useShelves } from '../../../store/shelves.ts';
import { useLength, useUnit } from '../../../ui/use-length.ts';
import type { WithSolution } from '../../use-solved.ts';
import { AddOns } from './add-ons.tsx';
import { BoardTools } from './board-tools.tsx';
import { ClothLayer } from './cloth-layer.tsx';
import { Fastenings, OverMouth, StrapsOver } from './fastenings.tsx';
import { Handles } from './handles.tsx';
import { HoldersLayer } from './holders-layer.tsx';
import type { OnBoard } from './on-board.ts';
import { NotesLayer } from './notes-layer.tsx';
import { PlacesLayer } from './places-layer.tsx';
import { SelectedFrame } from './selected-frame.tsx';
import { SizesLayer } from './sizes-layer.tsx';

/** Beside the drawing, px: rulers, dimension lines, and the tools below them. */
const marginsOf = ({ sizes }: Board) => ({
  left: RULER + 44,
  right: 74,
  top: RULER + 78,
  bottom: sizes.some(({ side }) => side === 'far') ? 132 : 92,
});

interface Side {
  board: Board;
  /** Ids of all sides, on the first of them. */
  sides: readonly string[] | undefined;
}

/** A side of the design between its rulers, with everything on it in reach. */
export function LyingBoard({ document, solution, board, sides }: WithSolution & Side) {
  const { ref, width, height } = useSize<HTMLDivElement>();
  const unit = useUnit();
  const select = useDesign((state) => state.select);
  const [show, setShow] = useState<Shown>(allShown);
  // while a handle is dragged the drawing keeps its scale and its corner
  const [kept, keep] = useState<Frame>();
  const room = { width, height };
  const camera = useCamera(ref, fitted(board, room, show), room);
  const frame = kept ?? camera.frame;
  const words = camera.trueSize ? 'in true size' : 'drawn to scale';
  const both = { document, solution };
  return (
    <>
      <div ref={ref} className="absolute inset-0 touch-none overflow-hidden bg-cloth">
        {width > 0 && (
          <svg {...room} role="group" aria-label={`${board.title}, ${words}`} data-scale={frame.scale.toFixed(4)}>
            <rect {...room} fill="transparent" {...camera.pan} onClick={() => camera.panned() || select('body')} />
            <Drawing {...both} board={board} sides={sides} frame={frame} show={show} onHold={keep} />
            <Rulers frame={frame} {...room} top={frame.y(0)} unit={unit} />
          </svg>
        )}
      </div>
      {width > 0 && !kept && <AddOns document={document} board={board} frame={frame} />}
      <BoardTools camera={camera} show={show} onShow={setShow} {...both} board={board} />
    </>
  );
}

interface DrawingProps extends WithSolution, Side {
  frame: Frame;
  show: Shown;
  onHold(frame: Frame | undefined): void;
}

/** What lies between the rulers: drawn again with every state while something is dragged, and nothing else with it. */
function Drawing({ document, solution, board: atRest, sides, frame, show, onHold }: DrawingProps) {
  const { store } = useOpenDesign();
  const selection = useDesign((state) => state.selection);
  const shelves = useShelves((state) => state.shelves);
  const kinds = useKinds();
  const resting = useMemo(
    () => drawnSide(document, solution, atRest, selection, kinds),
    [document, solution, atRest, selection, kinds],
  );
  const drawn = useLiveSide({ store, shelves, side: atRest.id, selection }) ?? resting;
  const tints = useMemo(() => tintsOf(document), [document]);
  const on: OnBoard = { document, frame, ...drawn };
  const { board } = drawn;
  return (
    <>
      {show.closing && <OverMouth {...on} tints={tints} />}
      <StickingOut board={board} frame={frame} tints={tints} show={show} />
      <SideGround board={board} frame={frame} tints={tints} show={show} />
      <WithinOutline board={board} frame={frame}>
        <HoldersLayer {...on} tints={tints} show={show} />
      </WithinOutline>
      <SideFolds board={board} frame={frame} tints={tints} />
      <Fastenings {...on} tints={tints} />
      {show.closing && <StrapsOver {...on} tints={tints} />}
      <SelectedFrame {...on} />
      {show.sizes && <SizesLayer {...on} />}
      {show.notes && <NotesLayer {...on} sides={sides} />}
      <PlacesLayer {...on} />
      <ClothLayer {...on} />
      <Handles
        {...on}
        onHold={onHold}
        atRest={{ document, solution }}
        boardAfter={(after) => boardOf(after, board.id, kinds)}
      />
      <BoardWords {...on} />
    </>
  );
}

/** As large as it goes into its room. */
function fitted(board: Board, room: { width: number; height: number }, { closing }: Shown): Frame {
  const { left, right, top } = standsOut(board);
  const drawn = { width: board.width + left + right, height: board.height + (closing ? top : 0) };
  const whole = fitFrame({ ...drawn, room, margins: marginsOf(board), most: 4.5 });
  // what stands out at the left needs its room there
  return { ...whole, x: (mm) => whole.x(mm + left) };
}

/** What the side is, and what is worth knowing of it. */
function BoardWords({ board: { title, note }, sizes }: OnBoard) {
  const length = useLength();
  const noted = note && sizes[note.path];
  return (
    <>
      <text
        x={RULER + 12}
        y={RULER + 26}
        fontSize="15.5"
        fontWeight="650"
        fill={INK}
        fontFamily="Bricolage Grotesque Variable"
      >
        {title}
      </text>
      {note && noted && (
        <text x={RULER + 12} y={RULER + 44} fontSize="12" fill="#56607A">
          {note.text} {length(noted.mm, true)}.
        </text>
      )}
    </>
  );
}

/** The same side of another state of the design. */
const boardOf = ({ document, solution }: WithSolution, id: string, kinds: Kinds): Board | undefined =>
  boardsOf(document, solution, { kinds }).find((board) => board.id === id);
