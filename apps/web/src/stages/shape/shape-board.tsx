import { useState } from 'react';
import { boxOf, fitFrame, type Frame } from '../../board/frame.ts';
import { Dimension } from '../../board/dimension.tsx';
import { pressable } from '../../board/pressable.ts';
import { Rulers, RULER } from '../../board/rulers.tsx';
import { useTrueSizeView } from '../../board/true-size-view.tsx';
import { useSize } from '../../board/use-size.ts';
import { boardView, type BoardSize, type BoardView } from '../../derivations/board-view.ts';
import { measureAt } from '../../derivations/measures.ts';
import { clothTint } from '../../derivations/tints.ts';
import { useDesign } from '../../store/design-context.ts';
import { useLength, useUnit } from '../../ui/use-length.ts';
import { Choice } from '../../ui/choice.tsx';
import { PiecesBoard } from '../cut/pieces-board.tsx';
import type { WithSolution } from '../use-solved.ts';
import { FormBoard } from './form-board.tsx';
import { HolderDrawing } from './holder-drawing.tsx';

const MARGINS = { left: RULER + 44, right: 74, top: RULER + 84, bottom: 110 };

type Board = 'form' | 'pieces';
const boards: { id: Board; title: string }[] = [
  { id: 'form', title: 'Finished' },
  { id: 'pieces', title: 'Pieces' },
];

/** The piece as it lies, with everything in it; of a family that has no board yet, its finished form and its pieces. */
export function ShapeBoard({ document, solution }: WithSolution) {
  const view = boardView(document, solution);
  const [piece, choose] = useState<string>();
  const [board, show] = useState<Board>('form');
  if (view) return <Lying document={document} solution={solution} view={view} />;
  const both = { document, solution };
  return (
    <>
      {board === 'form' ? <FormBoard {...both} /> : <PiecesBoard {...both} chosen={piece} onChoose={choose} />}
      <div className="absolute top-2.5 left-5 z-10">
        <Choice label="Shown" hideLabel value={board} choices={boards} onChoice={(id) => show(id)} />
      </div>
    </>
  );
}

function Lying({ document, solution, view }: WithSolution & { view: BoardView }) {
  const { ref, width, height } = useSize<HTMLDivElement>();
  const unit = useUnit();
  const length = useLength();
  const drawn = { width: view.width + (view.tab?.length ?? 0), height: view.height };
  const { fixed, buttons } = useTrueSizeView();
  // in true size the board may be larger than its room, and scrolls
  const room = {
    width: Math.max(width, fixed ? drawn.width * fixed + MARGINS.left + MARGINS.right : 0),
    height: Math.max(height, fixed ? drawn.height * fixed + MARGINS.top + MARGINS.bottom : 0),
  };
  const frame = fitFrame({ ...drawn, room, margins: MARGINS, most: fixed ?? 3.4 });
  const select = useDesign((state) => state.select);
  const noted = view.note && measureAt(solution, view.note.path);
  return (
    <>
      <div
        ref={ref}
        className={`absolute inset-0 bg-cloth ${fixed ? 'overflow-auto' : 'overflow-hidden'}`}
        {...(fixed && { tabIndex: 0, role: 'region', 'aria-label': 'The board' })}
      >
        {width > 0 && (
          <svg {...room} role="group" aria-label={`${view.title}, ${fixed ? 'in true size' : 'drawn to scale'}`}>
            <rect {...room} fill="transparent" onClick={() => select('body')} />
            <Rulers frame={frame} {...room} top={frame.y(0)} unit={unit} />
            <text
              x={frame.x(0)}
              y={RULER + 30}
              fontSize="15.5"
              fontWeight="650"
              fill="#1F2B44"
              fontFamily="Bricolage Grotesque Variable"
            >
              {view.title}
            </text>
            <Body view={view} frame={frame} document={document} />
            {view.holders.map((holder) => (
              <HolderDrawing key={holder.id} holder={holder} frame={frame} document={document} />
            ))}
            {view.folds.map((fold) => (
              <FoldHatch key={fold.x0} fold={fold} height={view.height} frame={frame} />
            ))}
            <Tab view={view} frame={frame} document={document} />
            <Snaps view={view} frame={frame} />
            <SelectedFrame view={view} frame={frame} solution={solution} document={document} />
            <Dimensions view={view} frame={frame} solution={solution} document={document} />
            {view.note && noted && (
              <text x={frame.x(0)} y={frame.y(0) + 104} fontSize="12" fill="#56607A">
                {view.note.text} {length(noted.value, true)}.
              </text>
            )}
          </svg>
        )}
      </div>
      <div className="absolute right-4 bottom-3 z-10 flex gap-2">{buttons}</div>
    </>
  );
}

type Drawn = { view: BoardView; frame: Frame; document: WithSolution['document'] };

function Body({ view, frame, document }: Drawn) {
  const whole = boxOf(frame, { x0: 0, x1: view.width, y0: 0, y1: view.height });
  const inset = {
    x0: view.topstitch,
    x1: view.width - view.topstitch,
    y0: view.topstitch,
    y1: view.height - view.topstitch,
  };
  return (
    <g aria-hidden="true" pointerEvents="none">
      <rect
        {...whole}
        rx="3"
        fill={clothTint(document, view.ground)}
        stroke={clothTint(document, 'exterior')}
        strokeWidth="6"
      />
      <rect {...grown(whole, 3)} rx="5" fill="none" stroke="#1F2B44" strokeWidth="1.3" />
      {view.topstitch > 0 && (
        <rect
          {...boxOf(frame, inset)}
          fill="none"
          stroke="#8A6A22"
          strokeWidth="1.2"
          strokeDasharray={`${2.5 * frame.scale} ${1.4 * frame.scale}`}
        />
      )}
    </g>
  );
}

const grown = ({ x, y, width, height }: ReturnType<typeof boxOf>, by: number) => ({
  x: x - by,
  y: y - by,
  width: width + 2 * by,
  height: height + 2 * by,
});

/** Caps of snaps, and the way to their sizes. */
function Snaps({ view, frame }: { view: BoardView; frame: Frame }) {
  const select = useDesign((state) => state.select);
  const selected = useDesign((state) => state.selection === 'closure');
  if (view.snaps.length === 0) return null;
  const stroke = selected ? '#C8452F' : '#1F2B44';
  return (
    <g
      {...pressable(() => select('closure'))}
      aria-label="Snaps along the mouth"
      aria-pressed={selected}
      stroke={stroke}
      fill="#DDD6C6"
    >
      {view.snaps.map(({ x, y }) => (
        <g key={`${x} ${y}`} transform={`translate(${frame.x(x)} ${frame.y(y)})`}>
          <circle r={Math.max(6, 5 * frame.scale)} />
          <circle r={Math.max(3, 2.4 * frame.scale)} />
        </g>
      ))}
    </g>
  );
}

/** The tab, its right side down, standing out from the back leaf. */
function Tab({ view, frame, document }: Drawn) {
  const select = useDesign((state) => state.select);
  const selected = useDesign((state) => state.selection === 'closure');
  const { tab } = view;
  if (!tab) return null;
  const [left, middle, half] = [frame.x(view.width) + 3, frame.y(view.height / 2), (tab.width / 2) * frame.scale];
  const straight = Math.max(0, tab.length * frame.scale - half);
  const line = { stroke: selected ? '#C8452F' : '#1F2B44', strokeWidth: selected ? 2.2 : 1.3 };
  const outline = `M${left} ${middle - half}h${straight}a${half} ${half} 0 0 1 0 ${2 * half}h${-straight}Z`;
  return (
    <g {...pressable(() => select('closure'))} aria-label="Tab with a snap" aria-pressed={selected}>
      <path d={outline} fill={clothTint(document, 'lining')} {...line} />
      <g transform={`translate(${left + tab.snapAt * frame.scale} ${middle})`} stroke={line.stroke} fill="#DDD6C6">
        <circle r={5 * frame.scale} />
        <circle r={2.4 * frame.scale} />
      </g>
    </g>
  );
}

function FoldHatch({ fold, height, frame }: { fold: BoardView['folds'][number]; height: number; frame: Frame }) {
  const box = boxOf(frame, { ...fold, y0: 0, y1: height });
  const line = { stroke: '#0F6B66', strokeWidth: 1.2, strokeDasharray: '12 4 2 4' };
  return (
    <g aria-hidden="true" pointerEvents="none">
      <defs>
        <pattern id="fold-hatch" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line x1="0" y1="0" x2="0" y2="7" stroke="#1F2B44" strokeWidth="0.9" opacity="0.35" />
        </pattern>
      </defs>
      <rect {...box} fill="url(#fold-hatch)" />
      {[box.x, box.x + box.width].map((x) => (
        <line key={x} x1={x} x2={x} y1={box.y - 10} y2={box.y + box.height + 10} {...line} />
      ))}
    </g>
  );
}

function SelectedFrame({ view, frame, solution }: Drawn & WithSolution) {
  const selection = useDesign((state) => state.selection);
  const explained = useDesign((state) => state.explained?.path);
  const explain = useDesign((state) => state.explain);
  const holder = view.holders.find(({ id }) => selection === `holders/${id}`);
  if (!holder) return null;
  const box = boxOf(frame, holder);
  const across = holder.across;
  const derived = across && measureAt(solution, across.path);
  return (
    <>
      <g aria-hidden="true" pointerEvents="none" stroke="#C8452F" strokeWidth="2.2">
        <rect {...box} fill="none" />
        {[box.x, box.x + box.width].flatMap((x) =>
          [box.y, box.y + box.height].map((y) => <circle key={`${x}-${y}`} cx={x} cy={y} r="4.2" fill="#fff" />),
        )}
      </g>
      {across && derived && (
        <Dimension
          from={[frame.x(across.x0), frame.y(view.height) - 24]}
          to={[frame.x(across.x1), frame.y(view.height) - 24]}
          mm={derived.value}
          label={derived.label}
          chosen={explained === across.path}
          tone="#B03A25"
          onChoose={() => explain({ path: across.path, into: [] })}
        />
      )}
    </>
  );
}

function Dimensions({ view, frame, solution }: Drawn & WithSolution) {
  const explained = useDesign((state) => state.explained?.path);
  const explain = useDesign((state) => state.explain);
  const { x, y } = frame;
  const right = x(view.width + (view.tab?.length ?? 0)) + 40;
  const ends = ({ side, from, to }: BoardSize): [[number, number], [number, number]] => {
    if (side === 'right')
      return [
        [right, y(from)],
        [right, y(to)],
      ];
    const level = y(0) + (side === 'near' ? 30 : 74);
    return [
      [x(from), level],
      [x(to), level],
    ];
  };
  return view.sizes.map((size) => {
    const derived = measureAt(solution, size.path);
    if (!derived) return null;
    const [from, to] = ends(size);
    return (
      <Dimension
        key={`${size.path} ${size.from}`}
        from={from}
        to={to}
        mm={derived.value}
        label={derived.label}
        chosen={explained === size.path}
        {...(size.quiet && { tone: '#0F6B66' })}
        onChoose={() => explain({ path: size.path, into: [] })}
      />
    );
  });
}
