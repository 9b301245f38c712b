import { edgeName, gridStep, limits, type Piece } from '@zindle/core';
import { edgeMiddle, edgePath } from '@zindle/core/drawing';
import { useRef, useState } from 'react';
import { pressable } from '../../board/pressable.ts';
import { HandleValue } from '../../board/handle-value.tsx';
import { useDesign } from '../../store/design-context.ts';
import { useLength } from '../../ui/use-length.ts';

interface Props {
  piece: Piece;
  /** px for a millimetre. */
  scale: number;
  edge: string | undefined;
  onEdge(edge: string): void;
  /** The allowance of the chosen edge, mm. */
  onAllowance(mm: number, gesture?: string): void;
}

/** The edges of the piece in hand: each can be pressed, and the allowance of the chosen one pulled wider or typed with the arrow keys. */
export function EdgesLayer({ piece, scale, edge: chosen, onEdge, onAllowance }: Props) {
  const length = useLength();
  const [draft, setDraft] = useState<number>();
  const edges = piece.stitch.map((edge) => ({ edge, allowance: piece.allowance[edge.id] ?? 0 }));
  const inHand = edges.find(({ edge }) => edge.id === chosen);
  return (
    <>
      <g transform={`scale(${scale})`}>
        {edges.map(({ edge, allowance }) => (
          <g
            key={edge.id}
            {...pressable(() => onEdge(edge.id))}
            aria-label={`${edgeName(edge.id)}, allowance ${length(allowance, true)}`}
            aria-pressed={edge.id === chosen}
            className="cursor-pointer"
          >
            <path d={edgePath(piece, edge, allowance / 2)} fill="none" stroke="transparent" strokeWidth={16 / scale} />
            {edge.id === chosen && (
              <path
                d={edgePath(piece, edge, draft ?? allowance)}
                fill="none"
                stroke="#C8452F"
                strokeWidth={5 / scale}
                strokeLinecap="round"
                strokeOpacity={draft === undefined ? 0.85 : 0.55}
              />
            )}
          </g>
        ))}
      </g>
      {inHand && (
        <Grip
          key={inHand.edge.id}
          label={`Allowance, ${edgeName(inHand.edge.id)}`}
          middle={edgeMiddle(piece, inHand.edge, draft ?? inHand.allowance)}
          value={draft ?? inHand.allowance}
          scale={scale}
          dragged={draft !== undefined}
          onDraft={setDraft}
          onAllowance={onAllowance}
        />
      )}
    </>
  );
}

interface GripProps {
  label: string;
  middle: ReturnType<typeof edgeMiddle>;
  /** mm */
  value: number;
  scale: number;
  dragged: boolean;
  onDraft(mm: number | undefined): void;
  onAllowance(mm: number, gesture?: string): void;
}

const keys: Readonly<Record<string, number>> = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1 };
const { least, most } = limits.allowance;

/** Pulled, the line moves; let go, the piece is made anew: one step of the history. */
function Grip({ label, middle: { at, outwards }, value, scale, dragged, onDraft, onAllowance }: GripProps) {
  const length = useLength();
  const grid = useDesign((state) => state.document.grid);
  const step = gridStep(grid);
  const from = useRef<{ x: number; y: number; value: number } | undefined>(undefined);
  const within = (mm: number) => Math.min(most, Math.max(least, mm));
  const [x, y] = [at[0] * scale, at[1] * scale];
  function move(event: React.PointerEvent) {
    const start = from.current;
    if (!start) return;
    const [dx, dy] = [event.clientX - start.x, event.clientY - start.y];
    const mm = start.value + (dx * outwards[0] + dy * outwards[1]) / scale;
    onDraft(within(Math.round(mm / step) * step));
  }
  function end(event: React.PointerEvent<SVGGElement>) {
    if (!from.current) return;
    event.currentTarget.releasePointerCapture(event.pointerId);
    from.current = undefined;
    onDraft(undefined);
    if (dragged) onAllowance(value);
  }
  return (
    <g
      role="slider"
      tabIndex={0}
      aria-label={label}
      aria-valuenow={Math.round(value * 100) / 100}
      aria-valuemin={least}
      aria-valuemax={most}
      aria-valuetext={length(value, true)}
      className={Math.abs(outwards[0]) > Math.abs(outwards[1]) ? 'cursor-ew-resize' : 'cursor-ns-resize'}
      onPointerDown={(event) => {
        event.stopPropagation();
        event.currentTarget.setPointerCapture(event.pointerId);
        from.current = { x: event.clientX, y: event.clientY, value };
      }}
      onPointerMove={move}
      onPointerUp={end}
      onPointerCancel={end}
      onKeyDown={(event) => {
        const by = keys[event.key];
        if (by === undefined) return;
        event.preventDefault();
        onAllowance(within(value + by * step * (event.shiftKey ? 10 : 1)), `keys-${label}`);
      }}
      transform={`translate(${x} ${y})`}
    >
      <circle r="14" fill="transparent" />
      <circle r="6" fill={dragged ? '#C8452F' : '#FFFFFF'} stroke="#C8452F" strokeWidth="2" />
      {dragged && <HandleValue y={-14}>{length(value, true)}</HandleValue>}
    </g>
  );
}
