import { useState } from 'react';
import { fitFrame, type Frame } from '../../board/frame.ts';
import { Dimension } from '../../board/dimension.tsx';
import { pressable } from '../../board/pressable.ts';
import { Rulers, RULER } from '../../board/rulers.tsx';
import { useSize } from '../../board/use-size.ts';
import { boardView, type BoardHolder, type BoardSize, type BoardView } from '../../derivations/board-view.ts';
import { measureAt } from '../../derivations/measures.ts';
import { clothTint, inkOn, thingTint } from '../../derivations/tints.ts';
import { useDesign } from '../../store/design-context.ts';
import { useLength, useUnit } from '../../ui/use-length.ts';
import { PiecesBoard } from '../cut/pieces-board.tsx';
import type { WithSolution } from '../use-solved.ts';

const MARGINS = { left: RULER + 44, right: 74, top: RULER + 84, bottom: 110 };

/** The piece as it lies, with everything in it; of a family that has no board yet, its pieces. */
export function ShapeBoard({ document, solution }: WithSolution) {
  const view = boardView(document, solution);
  const [piece, choose] = useState<string>();
  if (!view) return <PiecesBoard document={document} solution={solution} chosen={piece} onChoose={choose} />;
  return <Lying document={document} solution={solution} view={view} />;
}

function Lying({ document, solution, view }: WithSolution & { view: BoardView }) {
  const { ref, width, height } = useSize<HTMLDivElement>();
  const unit = useUnit();
  const length = useLength();
  const drawn = { width: view.width + (view.tab?.length ?? 0), height: view.height };
  const frame = fitFrame({ ...drawn, room: { width, height }, margins: MARGINS, most: 3.4 });
  const select = useDesign((state) => state.select);
  const noted = view.note && measureAt(solution, view.note.path);
  return (
    <div ref={ref} className="absolute inset-0 overflow-hidden bg-cloth">
      {width > 0 && (
        <svg width={width} height={height} role="group" aria-label={`${view.title}, drawn to scale`}>
          <rect width={width} height={height} fill="transparent" onClick={() => select('body')} />
          <Rulers frame={frame} width={width} height={height} top={frame.y(0)} unit={unit} />
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
          <FoldHatch fold={view.fold} height={view.height} frame={frame} />
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
  );
}

type Drawn = { view: BoardView; frame: Frame; document: WithSolution['document'] };

const boxOf = ({ x, y, scale }: Frame, { x0, x1, y0, y1 }: { x0: number; x1: number; y0: number; y1: number }) => ({
  x: x(x0),
  y: y(y1),
  width: Math.max(0, (x1 - x0) * scale),
  height: Math.max(0, (y1 - y0) * scale),
});

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

function FoldHatch({ fold, height, frame }: { fold: BoardView['fold']; height: number; frame: Frame }) {
  if (!fold) return null;
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

function HolderDrawing({
  holder,
  frame,
  document,
}: {
  holder: BoardHolder;
  frame: Frame;
  document: WithSolution['document'];
}) {
  const select = useDesign((state) => state.select);
  const selected = useDesign((state) => state.selection === `holders/${holder.id}`);
  const choose = () => select(`holders/${holder.id}`);
  const front = holder.layers.flatMap((layer) => (layer.kind === 'front' ? [layer.front] : []))[0];
  const ink = inkOn(clothTint(document, front?.cloth ?? 'pocket'));
  return (
    <g {...pressable(choose)} aria-label={`${holder.title} ${holder.id}`} aria-pressed={selected}>
      {(holder.face === 'left' || holder.face === 'right') && (
        <rect {...boxOf(frame, holder)} fill={clothTint(document, 'pocket')} stroke="#1F2B44" strokeWidth="1" />
      )}
      {holder.layers.map((layer) =>
        layer.kind === 'thing' ? (
          <ThingInPlace
            key={`${layer.thing.line}-${layer.thing.x0}-${layer.thing.y0}`}
            thing={layer.thing}
            frame={frame}
            tint={thingTint(document, layer.thing.line)}
          />
        ) : (
          <Front
            key={layer.front.id}
            front={layer.front}
            frame={frame}
            cloth={clothTint(document, layer.front.cloth)}
          />
        ),
      )}
      {holder.stitching.map(({ from, to }) => (
        <path
          key={`${from[0]} ${from[1]}`}
          d={`M${frame.x(from[0])} ${frame.y(from[1])}L${frame.x(to[0])} ${frame.y(to[1])}`}
          stroke={ink}
          strokeWidth="1.4"
          strokeDasharray="7 4"
        />
      ))}
      <NamedBehind holder={holder} frame={frame} />
      {holder.layers.map(
        (layer) =>
          layer.kind === 'thing' && (
            <HiddenOutline
              key={`${layer.thing.line}-${layer.thing.x0}-${layer.thing.y0}`}
              thing={layer.thing}
              frame={frame}
              ink={ink}
            />
          ),
      )}
    </g>
  );
}

type ThingLayer = Extract<BoardHolder['layers'][number], { kind: 'thing' }>['thing'];

/** What stands out of a pocket carries the name of both. */
function ThingInPlace({ thing, frame, tint }: { thing: ThingLayer; frame: Frame; tint: string }) {
  const box = boxOf(frame, thing);
  const y = box.y + Math.min(17, box.height - 3);
  return (
    <g>
      <rect {...box} rx={thing.radius * frame.scale} fill={tint} stroke="#1F2B44" strokeWidth="1.1" />
      <text x={box.x + 10} y={y} fontSize="12" fill="#1F2B44">
        {thing.name}
      </text>
      <text x={box.x + box.width - 10} y={y} textAnchor="end" fontSize="11.5" fontWeight="650" fill="#0F6B66">
        {thing.place}
      </text>
    </g>
  );
}

/** What is hidden by cloth, drawn through it. */
const HiddenOutline = ({ thing, frame, ink }: { thing: ThingLayer; frame: Frame; ink: string }) => (
  <rect
    {...boxOf(frame, thing)}
    rx={thing.radius * frame.scale}
    fill="none"
    stroke={ink}
    strokeWidth="0.9"
    strokeDasharray="2 4"
    opacity="0.45"
    pointerEvents="none"
  />
);

type FrontLayer = Extract<BoardHolder['layers'][number], { kind: 'front' }>['front'];

function Front({ front, frame, cloth }: { front: FrontLayer; frame: Frame; cloth: string }) {
  const box = boxOf(frame, front);
  const stitch = inkOn(cloth) === '#1F2B44' ? '#FBF9F3' : '#D9D2C1';
  return (
    <g>
      <rect {...box} fill={cloth} stroke="#1F2B44" strokeWidth="1.1" />
      <path
        d={`M${box.x + 1} ${box.y + 4}h${Math.max(0, box.width - 2)}`}
        stroke={stitch}
        strokeWidth="1.3"
        strokeDasharray="6 4"
      />
    </g>
  );
}

/** Things that lie wholly behind their front are named above its mouth. */
function NamedBehind({ holder, frame }: { holder: BoardHolder; frame: Frame }) {
  const front = holder.layers.flatMap((layer) => (layer.kind === 'front' ? [layer.front] : []))[0];
  if (!front || holder.hidden.length === 0) return null;
  return (
    <text x={frame.x(front.x0) + 16} y={frame.y(front.y1) - 5} fontSize="11.5" fill="#1F2B44">
      <tspan fontWeight="650" fill="#0F6B66">
        {front.id}
      </tspan>
      {`  ${holder.hidden.join(', ')}`}
    </text>
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
