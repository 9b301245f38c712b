import type { Hardware, Item, Machine, Material, ShelfEntry, ShelfId } from '@zindle/core';
import { ThingShape } from '../board/thing-shape.tsx';
import { heightSeen } from '../derivations/things.ts';

const INK = '#1F2B44';

/** One entry as a small drawing: things at one scale, cloth as a swatch with its thickness beside it. */
export function EntryPicture({ shelf, entry }: { shelf: ShelfId; entry: ShelfEntry }) {
  const Picture = pictures[shelf];
  return (
    <svg width="56" height="34" aria-hidden="true" className="shrink-0">
      <Picture entry={entry} />
    </svg>
  );
}

type Picture = (props: { entry: ShelfEntry }) => React.ReactNode;
const pictures: Record<ShelfId, Picture> = {
  items: ({ entry }) => <ThingPicture item={entry as unknown as Item} />,
  materials: ({ entry }) => <Swatch material={entry as unknown as Material} />,
  hardware: ({ entry }) => <Part part={entry as unknown as Hardware} />,
  machines: ({ entry }) => <Foot machine={entry as unknown as Machine} />,
};

/** px per mm; what is larger is drawn as large as there is room. */
const SCALE = 0.17;

function ThingPicture({ item }: { item: Item }) {
  const scale = Math.min(SCALE, 54 / item.length, 32 / heightSeen(item));
  return <ThingShape item={item} x={1} y={17 - (heightSeen(item) * scale) / 2} scale={scale} tint="#E7D9B5" />;
}

/** Swatch, and a bar as high as the cloth is thick, 6 px for a millimetre. */
function Swatch({ material: { tint, thickness, use } }: { material: Material }) {
  const high = Math.min(30, Math.max(1, thickness * 6));
  return (
    <g stroke={INK} strokeWidth="0.8">
      <path
        d="M1.5 4.5h30l3 3-3 3 3 3-3 3 3 3-3 3 3 3-3 3h-30z"
        fill={tint}
        strokeDasharray={use === 'mesh' ? '2 2' : undefined}
      />
      <rect x="43" y={32 - high} width="10" height={high} fill={tint} />
      <path d="M40 32.5h16" />
    </g>
  );
}

function Part({ part: { kind, diameter, chain } }: { part: Hardware }) {
  const size = Math.min(30, Math.max(4, diameter * 0.8));
  const line = { stroke: INK, fill: '#D8D2C2', strokeWidth: 1 };
  if (kind === 'zipper') {
    const teeth = Math.max(2, (chain ?? 5) * 0.8);
    return (
      <g {...line}>
        <rect x="1" y={17 - size / 2} width="54" height={size} fill="#E7E2D4" />
        <path d="M1 17H55" strokeWidth={teeth} strokeDasharray="2 1.4" />
      </g>
    );
  }
  if (['webbing', 'ribbon', 'cord', 'elastic', 'hook-and-loop'].includes(kind))
    return (
      <g {...line}>
        <rect x="1" y={17 - size / 2} width="54" height={size} rx={kind === 'cord' ? size / 2 : 0} />
        {kind === 'elastic' && <path d={`M1 ${17 - size / 4}H55M1 ${17 + size / 4}H55`} strokeDasharray="3 2" />}
      </g>
    );
  if (kind === 'ring' || kind === 'hook' || kind === 'frame')
    return <circle cx="28" cy="17" r={size / 2} {...line} fill="none" strokeWidth="2.4" />;
  return (
    <g {...line}>
      <circle cx="28" cy="17" r={size / 2} />
      <circle cx="28" cy="17" r={size / 5} fill="none" />
    </g>
  );
}

/** The cloth that goes under the lowered foot, 3 px for a millimetre. */
function Foot({ machine: { seam } }: { machine: Machine }) {
  const high = Math.min(20, seam * 2);
  return (
    <g stroke={INK} fill="none">
      <rect x="6" y={30 - high} width="44" height={high} fill="#E7D9B5" strokeWidth="0.8" />
      <path d={`M20 ${30 - high}h16v-4h-6V2h-4v${24 - high}h-6z`} fill="#FBF9F3" />
      <path d="M1 30.5H55" strokeWidth="1.6" />
    </g>
  );
}
