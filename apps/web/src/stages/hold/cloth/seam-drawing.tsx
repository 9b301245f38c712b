import { reachesSeam, type FoundLayer, type Machine, type Thickness } from '@zindle/core';
import { useLength } from '../../../ui/use-length.ts';

interface Props {
  layers: readonly FoundLayer[];
  seam: Thickness;
  machine: Machine | undefined;
}

const WIDTH = 312;
const HEIGHT = 210;
/** Where the piece ends, where it is stitched, and where its allowance ends, px. */
const [PIECE, STITCH, EDGE] = [12, 156, 196];

/** Two pieces right sides together, cut across their seam: what reaches into it lies twice on each other. Beside it the same
 * seam under the foot. */
export function SeamDrawing({ layers, seam, machine }: Props) {
  const length = useLength();
  const one = layers.reduce((sum, { material }) => sum + (material?.thickness ?? 0), 0);
  const scale = Math.min(22, (HEIGHT - 60) / Math.max(2 * one, seam.underFoot, machine?.seam ?? 0, 1));
  const middle = HEIGHT / 2 - 6;
  // the right sides, the first layers, lie together
  const slabs = [1, -1].flatMap((side) => {
    let at = 0;
    return layers.map((found, index) => {
      const high = (found.material?.thickness ?? 0) * scale;
      const y = side > 0 ? middle + at : middle - at - high;
      at += high;
      return { key: `${side}/${index}`, found, y, high };
    });
  });
  const foot = seam.underFoot * scale;
  const floor = middle + 46;
  const thick = machine !== undefined && seam.underFoot > machine.seam;
  return (
    <svg
      width={WIDTH}
      height={HEIGHT}
      className="rounded-lg border border-hair bg-white"
      role="img"
      aria-label={`A seam, ${length(seam.underFoot)} under the foot`}
    >
      {slabs.map(({ key, found, y, high }) => {
        const to = reachesSeam(found) ? EDGE : STITCH - 2;
        const { coverage } = found.layer;
        return (
          <g key={key}>
            <rect
              x={PIECE}
              y={y}
              width={to - PIECE}
              height={Math.max(0.8, high)}
              fill={found.material?.tint ?? '#fff'}
              stroke="#1F2B44"
              strokeWidth="0.6"
              strokeDasharray={coverage === 'half' ? '3 2' : undefined}
            />
            {coverage === 'corners' && (
              <path d={`M${to} ${y}l-7 ${high}h7z`} fill="#fff" stroke="#1F2B44" strokeWidth="0.5" />
            )}
          </g>
        );
      })}
      <path d={`M${STITCH} 22V${HEIGHT - 34}`} stroke="#C8452F" strokeDasharray="5 3" />
      <g fontSize="11.5" fill="#56607A">
        <text x={STITCH} y="16" textAnchor="middle" fill="#B03A25">
          stitch line
        </text>
        <text x={PIECE} y={HEIGHT - 12}>
          piece, as it lies
        </text>
        <text x="258" y={HEIGHT - 12} textAnchor="middle">
          under the foot
        </text>
      </g>
      <g stroke="#1F2B44">
        <rect
          x="222"
          y={floor - foot}
          width="72"
          height={Math.max(0.8, foot)}
          fill={thick ? '#F8E7E2' : '#E3EEEA'}
          strokeWidth="0.8"
        />
        <path d={`M242 ${floor - foot}h32v-7h-12V22h-8v${floor - foot - 29}h-12z`} fill="#FBF9F3" />
        <path d={`M214 ${floor + 0.8}h88`} strokeWidth="2" />
        {machine && <path d={`M214 ${floor - machine.seam * scale}h6m74 0h8`} stroke="#0F6B66" strokeWidth="1.4" />}
      </g>
      <text
        x="258"
        y={floor + 18}
        textAnchor="middle"
        fontSize="13"
        fontWeight="650"
        fill={thick ? '#B03A25' : '#1F2B44'}
      >
        {length(seam.underFoot, true)}
      </text>
      {machine && (
        <text x="302" y={floor - machine.seam * scale - 4} textAnchor="end" fontSize="11" fill="#0F6B66">
          sews {length(machine.seam)}
        </text>
      )}
    </svg>
  );
}
