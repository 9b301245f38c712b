import { gridStep, handlesOn, type Board, type BoardHandle } from '@zindle/core';
import { useEffect, useRef, useState } from 'react';
import type { Frame } from '../../../board/frame.ts';
import { HandleValue } from '../../../board/handle-value.tsx';
import type { DrawnSide } from '../../../derivations/drawn-side.ts';
import { solvedOf } from '../../../derivations/solution.ts';
import { useDesign } from '../../../store/design-context.ts';
import { useKinds } from '../../../store/kinds-context.ts';
import { newGesture } from '../../../store/gesture.ts';
import { useLength } from '../../../ui/use-length.ts';
import type { WithSolution } from '../../use-solved.ts';
import type { OnBoard } from './on-board.ts';

interface Props extends OnBoard {
  /** Called with the frame to keep while a handle is dragged, and with nothing afterwards. */
  onHold(frame: Frame | undefined): void;
  /** The design as it is at rest, and the same side after a change of it. */
  atRest: WithSolution;
  boardAfter(after: WithSolution): Board | undefined;
}

interface Drag {
  handle: BoardHandle;
  gesture: string;
  /** Where the pointer was, px. */
  from: number;
  /** px for each mm more. */
  per: number;
}

/** How far a handle is tried to see which way it goes, mm. */
const TRIED = 4;

/** What can be dragged of the object in hand; every drag is one step of the history, and arrow keys do the same. */
export function Handles({ handles, document, board, frame, onHold, atRest, boardAfter }: Props) {
  const kinds = useKinds();
  const selection = useDesign((state) => state.selection);
  const placing = useDesign((state) => state.placing);
  const edit = useDesign((state) => state.edit);
  const hold = useDesign((state) => state.hold);
  const [dragged, setDragged] = useState<string>();
  const drag = useRef<Drag | undefined>(undefined);
  // leaving the board in the middle of a drag ends it
  useEffect(() => () => hold(false), [hold]);
  if (placing) return null;
  const found = ({ id, axis }: Pick<BoardHandle, 'id' | 'axis'>): BoardHandle | undefined =>
    handlesOn(board, selection, atRest.document, atRest.solution, kinds).find(
      (each) => each.id === id && each.axis === axis,
    );

  /** px on the screen for each mm more, as the solved design shows it. */
  function perMm(handle: BoardHandle): number {
    const axis = handle.axis === 'x' ? 0 : 1;
    const up = handle.axis === 'x' ? 1 : -1;
    const more = handle.value + TRIED <= handle.most ? TRIED : -TRIED;
    const tried = handle.edit(handle.value + more).apply(document);
    const solved = solvedOf(tried, undefined, kinds);
    const after = solved.ok ? { document: tried, solution: solved.solution } : undefined;
    const side = after && boardAfter(after);
    const moved =
      side &&
      handlesOn(side, selection, after.document, after.solution, kinds).find(
        ({ id, axis: same }) => id === handle.id && same === handle.axis,
      );
    const ratio = moved ? (moved.at[axis] - handle.at[axis]) / (moved.value - handle.value) : 0;
    // what stays where it is follows the pointer one to one
    const mm = Math.abs(ratio) > 0.05 && Number.isFinite(ratio) ? ratio : handle.towards;
    return mm * up * frame.scale;
  }
  const along = ({ axis }: Pick<BoardHandle, 'axis'>, event: React.PointerEvent): number =>
    axis === 'x' ? event.clientX : event.clientY;

  function start(drawn: DrawnHandle, event: React.PointerEvent<SVGGElement>) {
    event.stopPropagation();
    const handle = found(drawn);
    if (!handle) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    drag.current = { handle, gesture: newGesture('handle'), from: along(handle, event), per: perMm(handle) };
    setDragged(keyOf(handle));
    onHold(frame);
    hold(true);
  }
  function move(event: React.PointerEvent) {
    const now = drag.current;
    if (!now) return;
    const { handle, from, per, gesture } = now;
    edit(handle.edit(handle.value + (along(handle, event) - from) / per), gesture);
  }
  function end(event: React.PointerEvent<SVGGElement>) {
    if (!drag.current) return;
    event.currentTarget.releasePointerCapture(event.pointerId);
    drag.current = undefined;
    setDragged(undefined);
    hold(false);
    onHold(undefined);
  }
  function step(drawn: DrawnHandle, steps: number) {
    const handle = found(drawn);
    if (handle) edit(handle.edit(handle.value + steps * gridStep(document.grid)), `keys-${handle.id}`);
  }
  return handles.map((handle) => (
    <Handle
      key={keyOf(handle)}
      handle={handle}
      frame={frame}
      dragged={dragged === keyOf(handle)}
      onDown={(event) => start(handle, event)}
      onMove={move}
      onUp={end}
      onStep={(steps) => step(handle, steps)}
    />
  ));
}

type DrawnHandle = DrawnSide['handles'][number];
const keyOf = ({ id, axis }: Pick<DrawnHandle, 'id' | 'axis'>): string => `${id} ${axis}`;

interface HandleProps {
  handle: DrawnHandle;
  frame: Frame;
  dragged: boolean;
  onDown(event: React.PointerEvent<SVGGElement>): void;
  onMove(event: React.PointerEvent<SVGGElement>): void;
  onUp(event: React.PointerEvent<SVGGElement>): void;
  /** By so many steps of the grid. */
  onStep(steps: number): void;
}

const steps: Readonly<Record<string, number>> = {
  ArrowRight: 1,
  ArrowUp: 1,
  ArrowLeft: -1,
  ArrowDown: -1,
  PageUp: 10,
  PageDown: -10,
};

function Handle({ handle: { label, at, axis, value, least, most }, frame, dragged, ...on }: HandleProps) {
  const length = useLength();
  const [x, y] = [frame.x(at[0]), frame.y(at[1])];
  const words = length(value, true);
  const upright = axis === 'x';
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-orientation={upright ? 'horizontal' : 'vertical'}
      aria-valuenow={Math.round(value * 100) / 100}
      aria-valuemin={least}
      aria-valuemax={most}
      aria-valuetext={words}
      className={upright ? 'cursor-ew-resize' : 'cursor-ns-resize'}
      onPointerDown={on.onDown}
      onPointerMove={on.onMove}
      onPointerUp={on.onUp}
      onPointerCancel={on.onUp}
      onKeyDown={(event) => {
        const by = steps[event.key];
        if (by === undefined) return;
        event.preventDefault();
        on.onStep(event.shiftKey ? by * 10 : by);
      }}
      transform={`translate(${x} ${y})`}
    >
      <circle r="14" fill="transparent" />
      <rect
        {...(upright ? { x: -4, y: -9, width: 8, height: 18 } : { x: -9, y: -4, width: 18, height: 8 })}
        rx="4"
        fill={dragged ? '#C8452F' : '#FFFFFF'}
        stroke="#C8452F"
        strokeWidth="2"
      />
      {dragged && <HandleValue y={-16}>{words}</HandleValue>}
    </g>
  );
}
