import { alikePieces, formatCut, type Piece, type Seam } from '@zindle/core';
import { drawPiece, lineStyles, runPath, type PieceDrawing } from '@zindle/core/drawing';
import { pressable } from '../../board/pressable.ts';
import { Table } from '../../board/table.tsx';
import { useTrueSizeView } from '../../board/true-size-view.tsx';
import { piecesView, type PlacedPiece } from '../../derivations/pieces-view.ts';
import { pieceTint } from '../../derivations/tints.ts';
import { useUnit } from '../../ui/use-length.ts';
import type { WithSolution } from '../use-solved.ts';
import { EdgesLayer } from './edges-layer.tsx';

const MARGIN = { x: 26, top: 56, bottom: 20 };

/** What is in hand: pieces that stand out among the others, and the seams that are sewn. */
export interface Lit {
  pieces: ReadonlySet<string>;
  seams: readonly Seam[];
}

interface Props extends WithSolution {
  chosen: string | undefined;
  /** Without it pieces are only looked at. */
  onChoose?: (id: string) => void;
  /** Default all of them. */
  lit?: Lit;
  /** The edge of the chosen piece that is in hand; without it edges are not shown. */
  edges?: Omit<React.ComponentProps<typeof EdgesLayer>, 'piece' | 'scale'>;
}

/** All pieces at one scale, right side up. */
export function PiecesBoard({ document, solution, chosen, onChoose, lit, edges }: Props) {
  // what is cut alike lies there once, unless it is looked at which of them is in hand
  const pieces = lit ? solution.pieces : alikePieces(solution.pieces).map(([first]) => first!);
  const { fixed, buttons } = useTrueSizeView();
  return (
    <>
      <Table
        title={`${titleOf(solution.pieces, pieces)}, right side up${fixed ? ', in true size' : ''}`}
        label="The pieces"
        lay={({ width, height }) => {
          const { scale, view } = fitted(pieces, width - 2 * MARGIN.x, height - MARGIN.top - MARGIN.bottom, fixed);
          const drawing = (
            <>
              <Legend x={width - 18} />
              {view.placed.map((placed) => (
                <PieceOnTable
                  key={placed.piece.id}
                  placed={placed}
                  scale={scale}
                  tint={pieceTint(document, placed.piece)}
                  chosen={placed.piece.id === chosen}
                  dimmed={lit !== undefined && !lit.pieces.has(placed.piece.id)}
                  sewn={lit?.seams ?? []}
                  onChoose={onChoose && (() => onChoose(placed.piece.id))}
                />
              ))}
              {edges &&
                view.placed
                  .filter(({ piece }) => piece.id === chosen)
                  .map(({ piece, x, y }) => (
                    <g key={`${piece.id}/edges`} transform={placeOf({ x, y }, scale)}>
                      <EdgesLayer piece={piece} scale={scale} {...edges} />
                    </g>
                  ))}
            </>
          );
          return {
            drawing,
            height: view.height * scale + MARGIN.top + MARGIN.bottom,
            width: view.width * scale + 2 * MARGIN.x,
          };
        }}
      />
      <div className="absolute right-4 bottom-3 z-10 flex gap-2">{buttons}</div>
    </>
  );
}

/** How many pieces there are, and from how many patterns they are cut. */
function titleOf(all: readonly Piece[], drawn: readonly Piece[]): string {
  const count = all.reduce((total, piece) => total + piece.count, 0);
  return count > drawn.length && drawn.length < all.length
    ? `${count} pieces from ${drawn.length} patterns`
    : `${count} pieces`;
}

/** Where on the table something is drawn. */
const placeOf = ({ x, y }: Pick<PlacedPiece, 'x' | 'y'>, scale: number): string =>
  `translate(${MARGIN.x + x * scale} ${MARGIN.top + y * scale})`;

/** Of a piece's name below it, pixels. */
const NAME_HEIGHT = 18;

/** The largest scale at which all pieces show at once, unless it is fixed. */
function fitted(pieces: WithSolution['solution']['pieces'], width: number, height: number, fixed?: number) {
  if (fixed) return { scale: fixed, view: piecesView(pieces, width / fixed, NAME_HEIGHT / fixed) };
  let scale = 2.4;
  const lay = () => piecesView(pieces, width / scale, NAME_HEIGHT / scale);
  let view = lay();
  while (scale > 0.12 && (view.height * scale > height || view.width * scale > width)) {
    scale *= 0.95;
    view = lay();
  }
  return { scale, view };
}

interface PieceProps {
  placed: PlacedPiece;
  scale: number;
  tint: string;
  chosen: boolean;
  dimmed: boolean;
  sewn: readonly Seam[];
  onChoose: (() => void) | undefined;
}

function PieceOnTable({ placed, scale, tint, chosen, dimmed, sewn, onChoose }: PieceProps) {
  const { piece, x, y, width, height } = placed;
  const unit = useUnit();
  const drawing = drawPiece(piece, []);
  const size = `${formatCut(piece.cutWidth.value, unit)} × ${formatCut(piece.cutHeight.value, unit)}`;
  const letter = drawing.texts[0]!;
  const runs = sewn.flatMap(({ a, b }) =>
    [a, b].filter((run) => run.piece === piece.id).map((run) => runPath(piece, run)),
  );
  const inHand = runs.length > 0 ? ', sewn in this step' : '';
  return (
    <g
      {...(onChoose ? { ...pressable(onChoose), 'aria-pressed': chosen } : { role: 'img' })}
      aria-label={`${piece.letter}, ${piece.name}, ${size}${dimmed ? '' : inHand}`}
      opacity={dimmed ? 0.35 : 1}
      transform={placeOf({ x, y }, scale)}
    >
      <g transform={`scale(${scale})`}>
        <path d={drawing.paths.cut[0]} fill={tint} fillOpacity="0.35" />
        <Lines drawing={drawing} scale={scale} chosen={chosen} />
        {runs.length > 0 && (
          <path d={runs.join('')} fill="none" stroke="#C8452F" strokeWidth={3 / scale} strokeLinecap="round" />
        )}
      </g>
      <text
        x={letter.x * scale}
        y={letter.y * scale + 3}
        textAnchor="middle"
        fontSize={Math.min(22, (height * scale) / 2.5)}
        fontWeight="650"
        fill="#1F2B44"
        fontFamily="Bricolage Grotesque Variable"
      >
        {piece.letter}
      </text>
      <text y={height * scale + 13} fontSize="11.5" fill={chosen ? '#B03A25' : '#1F2B44'}>
        {fitting(`${piece.name}  ${size}`, piece.name, width * scale)}
      </text>
    </g>
  );
}

const fitting = (whole: string, short: string, room: number): string => {
  if (whole.length * 5.7 <= room) return whole;
  return short.length * 5.7 <= room ? short : `${short.slice(0, Math.max(1, Math.floor(room / 5.9)))}…`;
};

function Lines({ drawing, scale, chosen }: { drawing: PieceDrawing; scale: number; chosen: boolean }) {
  const layers = ['cut', 'trim', 'stitch', 'fold', 'marks'] as const;
  const breadth = { cut: 1.3, trim: 1.1, stitch: 1, fold: 1.1, marks: 1 };
  return layers.map((layer) => (
    <path
      key={layer}
      d={drawing.paths[layer].join('')}
      fill="none"
      stroke={chosen && layer === 'cut' ? '#C8452F' : lineStyles[layer].colour}
      strokeWidth={(chosen && layer === 'cut' ? 2.4 : breadth[layer]) / scale}
      strokeDasharray={lineStyles[layer].dash.join(' ')}
    />
  ));
}

function Legend({ x }: { x: number }) {
  const entries = [
    { layer: 'cut', text: 'cut', at: 276 },
    { layer: 'stitch', text: 'stitch', at: 208 },
    { layer: 'fold', text: 'fold', at: 126 },
  ] as const;
  return (
    <g fontSize="12" fill="#56607A">
      {entries.map(({ layer, text, at }) => (
        <g key={layer} transform={`translate(${x - at} 26)`}>
          <path
            d="M0 0h28"
            stroke={lineStyles[layer].colour}
            strokeWidth="1.4"
            strokeDasharray={lineStyles[layer].dash.map((mm) => mm * 2).join(' ')}
          />
          <text x="34" y="4">
            {text}
          </text>
        </g>
      ))}
      <g transform={`translate(${x - 46} 26)`}>
        <path d="M-4 0h8M0 -4v8" stroke="#1F2B44" strokeWidth="1.2" />
        <text x="12" y="4">
          place
        </text>
      </g>
    </g>
  );
}
