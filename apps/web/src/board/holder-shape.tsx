import { frontOf, type Board, type BoardFront, type BoardHolder, type BoardThing, type Box } from '@zindle/core';
import { INK, THREAD, WEBBING, WELD, type Shown, type Tints } from './drawing-kit.ts';
import { boxOf, type Frame } from './frame.ts';

/** px that letters are high, with what is clear round them. */
const LETTERS_HIGH = 14;

/** px for each letter of a name, on the average. */
const LETTER = 6.4;

export interface HolderPart {
  holder: BoardHolder;
  /** What it lies on. */
  board: Pick<Board, 'ground' | 'height' | 'snaps'>;
  frame: Frame;
  tints: Tints;
  show: Shown;
}

/** A holder with its things in place: what stands out of each pocket, and its front over the rest. */
export function HolderShape({ holder, board, frame, tints, show }: HolderPart) {
  const over = tints.inkOn(tints.cloth(holder.backed ? 'pocket' : board.ground));
  const front = frontOf(holder);
  const ink = tints.inkOn(tints.cloth(front?.cloth ?? 'pocket'));
  const line = { stroke: ink, strokeWidth: 1.4, strokeDasharray: '7 4' };
  // straps go over the things, but not over their names
  const strapped = holder.bands.length > 0;
  const nameOf = (thing: BoardThing, index: number) => {
    if (!show.names || (show.fronts && thing.hidden) || besideAlike(holder, index, frame)) return null;
    const fronts = holder.layers.slice(index).flatMap((layer) => (layer.kind === 'front' ? [layer.front] : []));
    return (
      <ThingName
        key={index}
        thing={thing}
        seen={show.fronts ? seenOf(thing, fronts) : thing}
        frame={frame}
        ink={over}
      />
    );
  };
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
                face={tints.cloth(board.ground)}
                tints={tints}
              />
            )
          );
        return (
          show.things && (
            <g key={index}>
              <ThingShape thing={layer.thing} frame={frame} tint={tints.thing(layer.thing.line)} />
              {!strapped && nameOf(layer.thing, index)}
            </g>
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
      {strapped &&
        show.things &&
        holder.layers.map((layer, index) => layer.kind === 'thing' && nameOf(layer.thing, index))}
      {show.stitching &&
        holder.stitching.map(({ from, to }, index) => (
          <path
            key={index}
            d={`M${frame.x(from[0])} ${frame.y(from[1])}L${frame.x(to[0])} ${frame.y(to[1])}`}
            {...line}
          />
        ))}
      {show.names && show.fronts && <NamedBehind holder={holder} board={board} frame={frame} ink={over} cloth={ink} />}
      {show.things &&
        front &&
        holder.layers.map(
          (layer, index) =>
            layer.kind === 'thing' && <HiddenOutline key={index} thing={layer.thing} frame={frame} ink={ink} />,
        )}
    </>
  );
}

/** Whether another of the same place lies so close above a thing that the letters of its place would lie on that. */
function besideAlike({ layers }: BoardHolder, index: number, frame: Frame): boolean {
  const layer = layers[index];
  if (layer?.kind !== 'thing') return false;
  const own = boxOf(frame, layer.thing);
  return layers.some((other) => {
    if (other.kind !== 'thing' || other.thing.place !== layer.thing.place) return false;
    const { x, y } = boxOf(frame, other.thing);
    const above = own.y - y;
    return own.height < LETTERS_HIGH && above > 0 && above < LETTERS_HIGH + 4 && Math.abs(own.x - x) < 1;
  });
}

export function ThingShape({ thing, frame, tint }: { thing: BoardThing; frame: Frame; tint: string }) {
  const box = boxOf(frame, thing);
  const radius = Math.min(thing.radius * frame.scale, box.width / 2, box.height / 2);
  return <rect {...box} rx={radius} fill={tint} stroke={INK} strokeWidth="1.1" />;
}

/** What of a thing stands out of the mouths before it. */
function seenOf({ x0, x1, y0, y1 }: Box, fronts: readonly BoardFront[]): Box {
  const seen = { x0, x1, y0, y1 };
  for (const front of fronts) {
    if (front.towards === 'right' && front.x1 < x1) seen.x0 = Math.max(seen.x0, front.x1);
    if (front.towards === 'left' && front.x0 > x0) seen.x1 = Math.min(seen.x1, front.x0);
    if (!front.towards && front.y1 < y1) seen.y0 = Math.max(seen.y0, front.y1);
  }
  return seen;
}

interface ThingNamed {
  thing: BoardThing;
  /** The part of it that is seen, mm. */
  seen: Box;
  frame: Frame;
  /** Reads beside the thing. */
  ink: string;
}

/** Room for the place beside a name, and letters that a cut name keeps at least. */
const PLACE = { room: 44, letters: 7 };

/** What stands out of a pocket carries the name of both: across, else upright, else cut short; else only its place is told. */
function ThingName({ thing, seen, frame, ink }: ThingNamed) {
  const box = boxOf(frame, seen);
  const across = shortened(thing.name, box.width - PLACE.room);
  const upright = box.height > thing.name.length * LETTER + 16 && box.width > 15;
  const [cx, cy] = [box.x + box.width / 2, box.y + box.height / 2];
  // beside what is too thin for letters
  const y = box.height < 14 ? box.y - 4 : box.y + Math.min(17, box.height - 3);
  if (across === thing.name || (!upright && across.length >= PLACE.letters))
    return (
      <>
        <text x={box.x + 10} y={y} fontSize="12" fill={INK}>
          {across}
        </text>
        <text x={box.x + box.width - 10} y={y} textAnchor="end" fontSize="11.5" fontWeight="650" fill={WELD}>
          {thing.place}
        </text>
      </>
    );
  if (upright)
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
      <path d={d} stroke={WEBBING} strokeWidth={Math.max(1, wide)} opacity="0.92" />
      <path d={d} stroke={THREAD} strokeWidth={Math.max(1, wide)} strokeDasharray="1.2 3" opacity="0.5" />
    </g>
  );
}

/** What is hidden by cloth, drawn through it. */
const HiddenOutline = ({ thing, frame, ink }: { thing: BoardThing; frame: Frame; ink: string }) => (
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

interface FrontDrawn {
  front: BoardFront;
  frame: Frame;
  cloth: string;
  /** Tint of what it is sewn to. */
  face: string;
  tints: Tints;
}

function Front({ front, frame, cloth, face, tints }: FrontDrawn) {
  const box = boxOf(frame, front);
  if (front.window) return <WindowFront front={front} window={front.window} frame={frame} cloth={cloth} face={face} />;
  const stitch = tints.inkOn(cloth) === INK ? '#FBF9F3' : '#D9D2C1';
  return (
    <g>
      <rect
        {...box}
        fill={front.mesh ? tints.cloth('mesh') : cloth}
        fillOpacity={front.mesh ? SEEN_THROUGH : 1}
        stroke={INK}
        strokeWidth="1.1"
      />
      {front.zipped && <ZippedMouth front={front} zipped={front.zipped} frame={frame} cloth={tints.cloth('pocket')} />}
      <path d={alongMouth(box, front.towards)} stroke={stitch} strokeWidth="1.3" strokeDasharray="6 4" />
    </g>
  );
}

/** How much mesh hides. */
const SEEN_THROUGH = 0.55;

/** Along the mouth of a patch its zipper, and the strip of cloth beyond that. */
function ZippedMouth({
  front,
  zipped,
  frame,
  cloth,
}: Omit<FrontDrawn, 'tints' | 'face'> & { zipped: NonNullable<BoardFront['zipped']> }) {
  const { x, y, width, height } = boxOf(frame, front);
  const [zipper, strip] = [zipped.zipper * frame.scale, zipped.strip * frame.scale];
  const both = zipper + strip;
  const aside = front.towards !== undefined;
  const left = front.towards === 'right' ? x + width : x - both;
  const box = aside ? { x: left, y, width: both, height } : { x, y: y - both, width, height: both };
  // the teeth lie next to the front
  const from = front.towards === 'right' ? x + width + zipper / 2 : x - zipper / 2;
  const teeth = aside
    ? `M${from} ${y + 2}v${Math.max(0, height - 4)}`
    : `M${x + 2} ${y - zipper / 2}h${Math.max(0, width - 4)}`;
  return (
    <g role="img" aria-label="zipper">
      <rect {...box} fill={cloth} stroke={INK} strokeWidth="1.1" />
      <path d={teeth} stroke={INK} strokeWidth={Math.min(5, zipper / 2)} strokeDasharray="2 1.5" />
    </g>
  );
}

/** A pocket behind a face: only its window is seen, and a zipper in that. */
function WindowFront({
  front,
  window,
  frame,
  cloth,
  face,
}: Omit<FrontDrawn, 'tints'> & { window: NonNullable<BoardFront['window']> }) {
  const { x, y, width, height } = boxOf(frame, front);
  const high = window.high * frame.scale;
  return (
    <g role="img" aria-label={window.zipped ? 'window with a zipper' : 'window'}>
      <rect
        x={x}
        y={y}
        width={width}
        height={height}
        fill={face}
        stroke={INK}
        strokeWidth="0.8"
        strokeDasharray="4 4"
      />
      <rect x={x} y={y - high} width={width} height={high} fill={cloth} stroke={INK} strokeWidth="1.1" />
      {window.zipped && (
        <path
          d={`M${x + 2} ${y - high / 2}h${Math.max(0, width - 4)}`}
          stroke={INK}
          strokeWidth={Math.min(5, high / 2)}
          strokeDasharray="2 1.5"
        />
      )}
    </g>
  );
}

/** The topstitching beside a mouth, px. */
function alongMouth({ x, y, width, height }: ReturnType<typeof boxOf>, towards: BoardFront['towards']): string {
  if (!towards) return `M${x + 1} ${y + 4}h${Math.max(0, width - 2)}`;
  return `M${towards === 'right' ? x + width - 4 : x + 4} ${y + 1}v${Math.max(0, height - 2)}`;
}

/** As much of a name as goes into a width, px. */
function shortened(name: string, width: number): string {
  const most = Math.floor(width / LETTER);
  if (name.length <= most) return name;
  return most < 4 ? '' : `${name.slice(0, most - 1).trimEnd()}…`;
}

interface Behind {
  holder: BoardHolder;
  board: HolderPart['board'];
  frame: Frame;
  /** Read beside the holder, and on its front. */
  ink: string;
  cloth: string;
}

/** Things that lie wholly behind their front are named above its mouth. */
function NamedBehind({ holder, board: { height, snaps }, frame, ink, cloth }: Behind) {
  const front = frontOf(holder);
  if (!front || holder.hidden.length === 0) return null;
  // where there is no room above the mouth, or something stands there, the front carries the name
  const stands = holder.layers.some((layer) => layer.kind === 'thing' && layer.thing.y1 > front.y1 + 1);
  const inside =
    stands || front.towards !== undefined || front.window !== undefined || (height - front.y1) * frame.scale < 14;
  // behind a window it is the face that carries it
  const colour = inside && !front.window ? cloth : ink;
  // below the snaps along its mouth
  const lowest = Math.max(0, ...snaps.map(({ y }) => (front.y1 - y) * frame.scale).filter((px) => px < 40));
  const away = inside ? Math.max(22, lowest + 24) : -5;
  const names = [...new Set(holder.hidden)].join(', ');
  return (
    <text x={frame.x(front.x0) + 16} y={frame.y(front.y1) + away} fontSize="11.5" fill={colour}>
      <tspan fontWeight="650" fill={colour === INK ? WELD : colour}>
        {front.id}
      </tspan>
      {`  ${shortened(names, (front.x1 - front.x0) * frame.scale - 32)}`}
    </text>
  );
}
