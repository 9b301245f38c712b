import { boxOf, type Frame } from '../../board/frame.ts';
import { pressable } from '../../board/pressable.ts';
import type { BoardHolder } from '../../derivations/board-view.ts';
import { clothTint, inkOn, thingTint } from '../../derivations/tints.ts';
import { useDesign } from '../../store/design-context.ts';
import type { WithSolution } from '../use-solved.ts';

/** A holder with its things in place: what stands out of each pocket, and its front over the rest. */
export function HolderDrawing({
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
            hidden={holder.hidden.includes(layer.thing.name)}
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

/** What stands out of a pocket carries the name of both; what is hidden is named at the mouth. */
function ThingInPlace({
  thing,
  frame,
  tint,
  hidden,
}: {
  thing: ThingLayer;
  frame: Frame;
  tint: string;
  hidden: boolean;
}) {
  const box = boxOf(frame, thing);
  const narrow = box.width < thing.name.length * 6.4 + 44;
  const y = box.y + Math.min(17, box.height - 3);
  return (
    <g>
      <rect {...box} rx={thing.radius * frame.scale} fill={tint} stroke="#1F2B44" strokeWidth="1.1" />
      {hidden ? null : narrow ? (
        <text
          x={box.x + box.width / 2}
          y={box.y - 5}
          textAnchor="middle"
          fontSize="10.5"
          fontWeight="650"
          fill="#0F6B66"
        >
          {thing.place}
        </text>
      ) : (
        <>
          <text x={box.x + 10} y={y} fontSize="12" fill="#1F2B44">
            {thing.name}
          </text>
          <text x={box.x + box.width - 10} y={y} textAnchor="end" fontSize="11.5" fontWeight="650" fill="#0F6B66">
            {thing.place}
          </text>
        </>
      )}
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
