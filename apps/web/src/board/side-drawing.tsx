import { flatten, type Board, type BoardHolder, type Role } from '@zindle/core';
import { useId } from 'react';
import { boxOf, type Frame } from './frame.ts';

/** Colours of a drawing: of the outermost cloth of a role, and of a thing. */
export interface Tints {
  cloth(role: Role): string;
  thing(line: string): string;
  /** Ink that reads on a colour. */
  inkOn(tint: string): string;
}

export const layerNames = {
  things: 'Things',
  fronts: 'Fronts of pockets',
  stitching: 'Stitching',
  names: 'Names',
  sizes: 'Sizes',
  notes: 'Notes',
} as const;
export type LayerName = keyof typeof layerNames;
export type Shown = Readonly<Record<LayerName, boolean>>;
export const allShown: Shown = { things: true, fronts: true, stitching: true, names: true, sizes: true, notes: true };

export const INK = '#1F2B44';
const CHALK = '#C8452F';
const WELD = '#0F6B66';

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
      <SideGround {...part} />
      <WithinOutline board={board} frame={frame}>
        {board.holders.map((holder) => (
          <HolderShape key={holder.id} holder={holder} ground={board.ground} frame={frame} tints={tints} show={show} />
        ))}
      </WithinOutline>
      <SideFolds {...part} />
      <TabShape {...part} />
      <SnapShapes {...part} />
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
  const above = { x0: -width, x1: 2 * width, y0: height, y1: 3 * height };
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

/** Where the cloth goes round a fold. */
export function SideFolds({ board: { folds, height, ground }, frame, tints }: Omit<Part, 'show'>) {
  const ink = tints.inkOn(tints.cloth(ground));
  const line = { stroke: ink === INK ? WELD : ink, strokeWidth: 1.2, strokeDasharray: '12 4 2 4' };
  return folds.map((fold) => {
    const box = boxOf(frame, { ...fold, y0: 0, y1: height });
    return (
      <g key={fold.x0} aria-hidden="true" pointerEvents="none">
        <defs>
          <pattern id="fold-hatch" width="7" height="7" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
            <line x1="0" y1="0" x2="0" y2="7" stroke={ink} strokeWidth="0.9" opacity="0.35" />
          </pattern>
        </defs>
        {box.width > 0.5 && <rect {...box} fill="url(#fold-hatch)" />}
        {[...new Set([box.x, box.x + box.width])].map((x) => (
          <line key={x} x1={x} x2={x} y1={box.y - 10} y2={box.y + box.height + 10} {...line} />
        ))}
      </g>
    );
  });
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
  const way = tab.edge === 'right' ? 1 : -1;
  const root = tab.edge === 'right' ? frame.x(width) + 3 : frame.x(0) - 3;
  const out = (mm: number) => root + way * mm * frame.scale;
  const up = (mm: number) => frame.y(height / 2 + mm - tab.width / 2);
  const points = flatten(tab.outline, { tolerance: 0.05 }).map(([across, away]) => [out(away), up(across)]);
  return (
    <g>
      <path
        d={`M${points.map((point) => point.map((px) => px.toFixed(2)).join(' ')).join('L')}Z`}
        fill={tints.cloth(tab.edge === 'right' ? 'lining' : 'exterior')}
        stroke={chosen ? CHALK : INK}
        strokeWidth={chosen ? 2.2 : 1.3}
      />
      {tab.snapAt !== undefined && <Snap at={[out(tab.snapAt), up(tab.width / 2)]} frame={frame} chosen={chosen} />}
    </g>
  );
}

interface HolderPart {
  holder: BoardHolder;
  /** What it lies on. */
  ground: Role;
  frame: Frame;
  tints: Tints;
  show: Shown;
}

/** A holder with its things in place: what stands out of each pocket, and its front over the rest. */
export function HolderShape({ holder, ground, frame, tints, show }: HolderPart) {
  const over = tints.inkOn(tints.cloth(holder.backed ? 'pocket' : ground));
  const front = holder.layers.flatMap((layer) => (layer.kind === 'front' ? [layer.front] : []))[0];
  const ink = tints.inkOn(tints.cloth(front?.cloth ?? 'pocket'));
  const line = { stroke: ink, strokeWidth: 1.4, strokeDasharray: '7 4' };
  return (
    <>
      {holder.backed && <rect {...boxOf(frame, holder)} fill={tints.cloth('pocket')} stroke={INK} strokeWidth="1" />}
      {/* an empty room can be pressed too */}
      <rect
        {...boxOf(frame, holder)}
        fill="transparent"
        stroke={front ? 'none' : INK}
        strokeWidth="0.7"
        strokeDasharray="1 5"
      />
      {holder.layers.map((layer, index) => {
        if (layer.kind === 'front')
          return (
            show.fronts && (
              <Front
                key={index}
                front={layer.front}
                frame={frame}
                cloth={tints.cloth(layer.front.cloth)}
                tints={tints}
              />
            )
          );
        const hidden = show.fronts && holder.hidden.includes(layer.thing.name);
        return (
          show.things && (
            <ThingInPlace
              key={index}
              thing={layer.thing}
              frame={frame}
              tint={tints.thing(layer.thing.line)}
              named={show.names && !hidden}
              ink={over}
            />
          )
        );
      })}
      {holder.bands.map(({ from, to, wide }, index) => (
        <Band
          key={index}
          from={[frame.x(from[0]), frame.y(from[1])]}
          to={[frame.x(to[0]), frame.y(to[1])]}
          wide={wide * frame.scale}
        />
      ))}
      {show.stitching &&
        holder.stitching.map(({ from, to }, index) => (
          <path
            key={index}
            d={`M${frame.x(from[0])} ${frame.y(from[1])}L${frame.x(to[0])} ${frame.y(to[1])}`}
            {...line}
          />
        ))}
      {show.names && show.fronts && <NamedBehind holder={holder} frame={frame} ink={over} cloth={ink} />}
      {show.things &&
        front &&
        holder.layers.map(
          (layer, index) =>
            layer.kind === 'thing' && <HiddenOutline key={index} thing={layer.thing} frame={frame} ink={ink} />,
        )}
    </>
  );
}

type ThingLayer = Extract<BoardHolder['layers'][number], { kind: 'thing' }>['thing'];
type FrontLayer = Extract<BoardHolder['layers'][number], { kind: 'front' }>['front'];

/** What stands out of a pocket carries the name of both; what is hidden is named at the mouth. */
function ThingInPlace({
  thing,
  frame,
  tint,
  named,
  ink,
}: {
  thing: ThingLayer;
  frame: Frame;
  tint: string;
  named: boolean;
  /** Reads beside the thing. */
  ink: string;
}) {
  const box = boxOf(frame, thing);
  const narrow = box.width < thing.name.length * 6.4 + 44;
  const y = box.y + Math.min(17, box.height - 3);
  return (
    <g>
      <rect
        {...box}
        rx={Math.min(thing.radius * frame.scale, box.width / 2, box.height / 2)}
        fill={tint}
        stroke={INK}
        strokeWidth="1.1"
      />
      {!named ? null : narrow ? (
        <NarrowName box={box} thing={thing} ink={ink} />
      ) : (
        <>
          <text x={box.x + 10} y={y} fontSize="12" fill={INK}>
            {thing.name}
          </text>
          <text x={box.x + box.width - 10} y={y} textAnchor="end" fontSize="11.5" fontWeight="650" fill={WELD}>
            {thing.place}
          </text>
        </>
      )}
    </g>
  );
}

/** A name that does not fit across stands upright if it fits so; else only its place is told. */
function NarrowName({ box, thing, ink }: { box: ReturnType<typeof boxOf>; thing: ThingLayer; ink: string }) {
  const fits = box.height > thing.name.length * 6.4 + 16 && box.width > 15;
  const [cx, cy] = [box.x + box.width / 2, box.y + box.height / 2];
  if (fits)
    return (
      <text transform={`translate(${cx + 4} ${cy}) rotate(-90)`} textAnchor="middle" fontSize="11.5" fill={INK}>
        {thing.name}
      </text>
    );
  return (
    <text x={cx} y={box.y - 5} textAnchor="middle" fontSize="10.5" fontWeight="650" fill={ink === INK ? WELD : ink}>
      {thing.place}
    </text>
  );
}

/** Elastic or cloth that crosses over what it holds. */
function Band({ from, to, wide }: { from: [number, number]; to: [number, number]; wide: number }) {
  const d = `M${from.join(' ')}L${to.join(' ')}`;
  return (
    <g fill="none">
      <path d={d} stroke={INK} strokeWidth={wide + 1.6} opacity="0.9" />
      <path d={d} stroke="#C9C2B0" strokeWidth={Math.max(1, wide)} opacity="0.92" />
      <path d={d} stroke="#8F8874" strokeWidth={Math.max(1, wide)} strokeDasharray="1.2 3" opacity="0.5" />
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

function Front({ front, frame, cloth, tints }: { front: FrontLayer; frame: Frame; cloth: string; tints: Tints }) {
  const box = boxOf(frame, front);
  const stitch = tints.inkOn(cloth) === INK ? '#FBF9F3' : '#D9D2C1';
  return (
    <g>
      <rect {...box} fill={cloth} stroke={INK} strokeWidth="1.1" />
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
function NamedBehind({ holder, frame, ink, cloth }: { holder: BoardHolder; frame: Frame; ink: string; cloth: string }) {
  const front = holder.layers.flatMap((layer) => (layer.kind === 'front' ? [layer.front] : []))[0];
  if (!front || holder.hidden.length === 0) return null;
  // where there is nothing above the mouth, the front carries the name
  const inside = front.y1 > holder.y1 - 1;
  const colour = inside ? cloth : ink;
  return (
    <text x={frame.x(front.x0) + 16} y={frame.y(front.y1) + (inside ? 22 : -5)} fontSize="11.5" fill={colour}>
      <tspan fontWeight="650" fill={colour === INK ? WELD : colour}>
        {front.id}
      </tspan>
      {`  ${[...new Set(holder.hidden)].join(', ')}`}
    </text>
  );
}
