import { archControl, flatten, type Board, type BoardGrip, type BoardStrap } from '@zindle/core';
import { useId } from 'react';
import { INK, THREAD, WEBBING, WELD, type Shown, type Tints } from './drawing-kit.ts';
import { boxOf, type Frame } from './frame.ts';
import { HolderShape, ThingShape } from './holder-shape.tsx';

const CHALK = '#C8452F';

interface Part {
  /** Breadth of the shell at the edge, px; default 6. */
  rim?: number;
  board: Board;
  frame: Frame;
  tints: Tints;
  show: Shown;
}

/** Everything on a side of the thing, not to be pressed: for pictures, cards and steps. */
export function SideDrawing({ board, frame, tints, show, rim = 6 }: Part) {
  const part = { board, frame, tints, show, rim };
  return (
    <g>
      {show.closing && <BehindMouth {...part} />}
      <StickingOut {...part} />
      <SideGround {...part} />
      <WithinOutline board={board} frame={frame}>
        {board.holders.map((holder) => (
          <HolderShape key={holder.id} holder={holder} board={board} frame={frame} tints={tints} show={show} />
        ))}
      </WithinOutline>
      <SideFolds {...part} />
      {board.tab?.edge !== 'top' && <TabShape {...part} />}
      <SnapShapes {...part} />
      {show.closing &&
        board.straps.map((strap) => <StrapShape key={strap.part} strap={strap} frame={frame} tints={tints} />)}
    </g>
  );
}

/** What lies behind a side that has no square corners: where those are cut off it is seen. */
export function StickingOut({ board, frame, tints, show }: Part) {
  if (!board.outline || !show.things) return null;
  const things = board.holders
    .filter(({ face }) => face === 'inside')
    .flatMap(({ layers }) => layers.flatMap((layer) => (layer.kind === 'thing' ? [layer.thing] : [])));
  return (
    <g aria-hidden="true" pointerEvents="none" data-part="sticking-out">
      {things.map((thing, index) => (
        <ThingShape key={index} thing={thing} frame={frame} tint={tints.thing(thing.line)} />
      ))}
    </g>
  );
}

/** Holders end where the side does: at cut or round corners. Things may stand out of the mouth. */
export function WithinOutline({
  board,
  frame,
  children,
}: Pick<Part, 'board' | 'frame'> & { children: React.ReactNode }) {
  const id = useId();
  const { outline, width, height } = board;
  if (!outline) return children;
  // a line along the mouth is no thing that stands out of it
  const above = { x0: -width, x1: 2 * width, y0: height + 1.5 / frame.scale, y1: 3 * height };
  return (
    <>
      <clipPath id={id}>
        <path d={pathOf(flatten(outline, { tolerance: 0.05 }), frame)} />
        <rect {...boxOf(frame, above)} />
      </clipPath>
      <g clipPath={`url(#${id})`}>{children}</g>
    </>
  );
}

/** The cloth that everything lies on, with its edge and its topstitching. */
export function SideGround({ board, frame, tints, show, rim: broad = 6 }: Part) {
  const { width, height, topstitch, outline } = board;
  const whole = { x0: 0, x1: width, y0: 0, y1: height };
  const path = outline && pathOf(flatten(outline, { tolerance: 0.05 }), frame);
  const fill = tints.cloth(board.ground);
  const rim = { fill, stroke: tints.cloth('exterior'), strokeWidth: broad, strokeLinejoin: 'round' as const };
  const edge = { fill: 'none', stroke: INK, strokeWidth: broad < 6 ? 0.8 : 1.3 };
  const inset = { x0: topstitch, x1: width - topstitch, y0: topstitch, y1: height - topstitch };
  return (
    <g aria-hidden="true" pointerEvents="none">
      {path ? (
        <>
          <path d={path} {...rim} />
          <path d={path} {...edge} />
        </>
      ) : (
        <>
          <rect {...boxOf(frame, whole)} rx="3" {...rim} />
          <rect {...grown(boxOf(frame, whole), broad / 2)} rx="5" {...edge} />
          {topstitch > 0 && show.stitching && (
            <rect
              {...boxOf(frame, inset)}
              fill="none"
              stroke="#8A6A22"
              strokeWidth="1.2"
              strokeDasharray={`${2.5 * frame.scale} ${1.4 * frame.scale}`}
            />
          )}
        </>
      )}
    </g>
  );
}

const pathOf = (points: readonly [number, number][], { x, y }: Frame): string =>
  `M${points.map(([u, v]) => `${x(u).toFixed(2)} ${y(v).toFixed(2)}`).join('L')}Z`;

const grown = ({ x, y, width, height }: ReturnType<typeof boxOf>, by: number) => ({
  x: x - by,
  y: y - by,
  width: width + 2 * by,
  height: height + 2 * by,
});

/** What stands up behind the mouth: a flap, its right side away, and handles. */
function BehindMouth({ board, frame, tints }: Part) {
  return (
    <g aria-hidden="true" pointerEvents="none">
      {board.tab?.edge === 'top' && <TabShape board={board} frame={frame} tints={tints} />}
      {board.grips.map((grip) => (
        <GripShape key={grip.part} grip={grip} top={board.height} frame={frame} />
      ))}
    </g>
  );
}

/** A handle over the mouth. */
export function GripShape({ grip, top, frame, chosen = false }: Chosen & GripPart) {
  const [x0, x1, foot] = [frame.x(grip.x0), frame.x(grip.x1), frame.y(top)];
  const apex = frame.y(top + archControl(grip.drop));
  const d = `M${x0} ${foot}C${x0} ${apex} ${x1} ${apex} ${x1} ${foot}`;
  const wide = Math.max(2, grip.wide * frame.scale);
  return (
    <g fill="none">
      <path d={d} stroke={chosen ? CHALK : INK} strokeWidth={wide + (chosen ? 4 : 2.4)} />
      <path d={d} stroke={WEBBING} strokeWidth={wide} />
      <path d={d} stroke={THREAD} strokeWidth={wide - 1} strokeDasharray="1.2 3" opacity="0.35" />
    </g>
  );
}

interface StrapPart {
  strap: BoardStrap;
  frame: Frame;
  tints: Tints;
}

/** A strap from an edge over what lies there, its end round if it is of cloth. */
export function StrapShape({ strap, frame, tints, chosen = false }: Chosen & StrapPart) {
  const { from, to, y, wide, cloth } = strap;
  const box = boxOf(frame, { x0: Math.min(from, to), x1: Math.max(from, to), y0: y - wide / 2, y1: y + wide / 2 });
  const radius = cloth ? box.height / 2 : 0;
  const [left, right] = [box.x, box.x + box.width];
  const [flat, tip] = from < to ? [left, right] : [right, left];
  const round = from < to ? tip - radius : tip + radius;
  const sweep = from < to ? 1 : 0;
  const d = `M${flat} ${box.y}L${round} ${box.y}${radius > 0 ? `A${radius} ${radius} 0 0 ${sweep} ${round} ${box.y + box.height}` : `V${box.y + box.height}`}L${flat} ${box.y + box.height}`;
  return (
    <g>
      <path
        d={d}
        fill={cloth ? tints.cloth(cloth) : WEBBING}
        stroke={chosen ? CHALK : INK}
        strokeWidth={chosen ? 2 : 1.2}
      />
      <Snap at={[frame.x(strap.snap), frame.y(y)]} frame={frame} chosen={chosen} />
    </g>
  );
}

interface GripPart {
  grip: BoardGrip;
  /** Where the mouth is, mm up. */
  top: number;
  frame: Frame;
}

/** Where the cloth goes round a fold. */
export function SideFolds({ board: { folds, height, ground }, frame, tints }: Omit<Part, 'show'>) {
  const hatch = useId();
  const ink = tints.inkOn(tints.cloth(ground));
  const line = { stroke: ink === INK ? WELD : ink, strokeWidth: 1.2, strokeDasharray: '12 4 2 4' };
  const marks = folds.map((fold) => {
    const box = boxOf(frame, { ...fold, y0: 0, y1: height });
    return (
      <g key={fold.x0} aria-hidden="true" pointerEvents="none">
        {box.width > 0.5 && <rect {...box} fill={`url(#${hatch})`} />}
        {[...new Set([box.x, box.x + box.width])].map((x) => (
          <line key={x} x1={x} x2={x} y1={box.y - 10} y2={box.y + box.height + 10} {...line} />
        ))}
      </g>
    );
  });
  return (
    <>
      <defs>
        <pattern id={hatch} width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <line x1="0" y1="0" x2="0" y2="7" stroke={ink} strokeWidth="0.9" opacity="0.35" />
        </pattern>
      </defs>
      {marks}
    </>
  );
}

/** Caps of snaps. */
export function SnapShapes({ board: { snaps }, frame, chosen = false }: Pick<Part, 'board' | 'frame'> & Chosen) {
  return snaps.map(({ x, y }) => (
    <Snap key={`${x} ${y}`} at={[frame.x(x), frame.y(y)]} frame={frame} chosen={chosen} />
  ));
}

interface Chosen {
  chosen?: boolean;
}

const Snap = ({ at, frame, chosen = false }: { at: [number, number]; frame: Frame } & Chosen) => (
  <g transform={`translate(${at.join(' ')})`} stroke={chosen ? CHALK : INK} fill="#DDD6C6">
    <circle r={Math.max(3, 5 * frame.scale)} />
    <circle r={Math.max(1.5, 2.4 * frame.scale)} />
  </g>
);

/** A tab or flap, its right side down, standing out from an edge. */
export function TabShape({ board: { tab, width, height }, frame, tints, chosen = false }: Omit<Part, 'show'> & Chosen) {
  if (!tab) return null;
  const top = tab.edge === 'top';
  const along = (top ? width : height) / 2 - tab.width / 2;
  const place = (across: number, away: number): [number, number] => {
    if (top) return [frame.x(along + across), frame.y(height + away)];
    const out = tab.edge === 'right' ? frame.x(width + away) + 3 : frame.x(-away) - 3;
    return [out, frame.y(along + across)];
  };
  const points = flatten(tab.outline, { tolerance: 0.05 }).map(([across, away]) => place(across, away - tab.within));
  return (
    <g>
      <path
        d={`M${points.map((point) => point.map((px) => px.toFixed(2)).join(' ')).join('L')}Z`}
        fill={tints.cloth(tab.edge === 'left' ? 'exterior' : tab.inside)}
        stroke={chosen ? CHALK : INK}
        strokeWidth={chosen ? 2.2 : 1.3}
      />
      {tab.snapAt !== undefined &&
        tab.snaps.map((across) => <Snap key={across} at={place(across, tab.snapAt!)} frame={frame} chosen={chosen} />)}
    </g>
  );
}
