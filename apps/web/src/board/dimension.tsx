import { pressable } from './pressable.ts';
import { useBefore } from '../ui/measure.tsx';
import { useLength } from '../ui/use-length.ts';

interface Props {
  /** Ends, px; the line runs from one to the other. */
  from: [number, number];
  to: [number, number];
  /** The size, mm. */
  mm: number;
  /** What it measures, for those who cannot see the drawing. */
  label: string;
  chosen?: boolean;
  tone?: string;
  onChoose(): void;
}

/** A dimension line with ticks at its ends and the size in its middle; choosing it opens the sum behind it. */
export function Dimension({ from, to, mm, label, chosen = false, tone = '#1F2B44', onChoose }: Props) {
  const length = useLength();
  const before = useBefore(mm);
  const text = length(mm);
  const upright = from[0] === to[0];
  const [mx, my] = [(from[0] + to[0]) / 2, (from[1] + to[1]) / 2];
  const colour = chosen ? '#C8452F' : tone;
  const wide = text.length * 7.6 + 10;
  const reach = Math.hypot(to[0] - from[0], to[1] - from[1]);
  // a line too short for its number carries it beside
  const beside = !upright && reach < wide + 8;
  const ty = beside ? my + 17 : my;
  const ticks = upright
    ? `M${from[0] - 5} ${from[1]}h10M${to[0] - 5} ${to[1]}h10`
    : `M${from[0]} ${from[1] - 5}v10M${to[0]} ${to[1] - 5}v10`;
  return (
    <g {...pressable(onChoose)} aria-label={`${label}, ${text}: explain`} aria-pressed={chosen} className="group">
      <path
        d={`M${from.join(' ')}L${to.join(' ')}${ticks}`}
        stroke={colour}
        fill="none"
        strokeWidth={chosen ? 1.5 : 1}
      />
      <rect x={mx - wide / 2} y={ty - 12} width={wide} height={24} fill="#F4F0E6" />
      <text
        x={mx}
        y={ty + 4.5}
        textAnchor="middle"
        fontSize="13.5"
        fontWeight={chosen ? 650 : 500}
        fill={colour}
        className="group-hover:underline"
      >
        {text}
      </text>
      {before !== undefined && !beside && (
        <text x={mx} y={ty - 13} textAnchor="middle" fontSize="11" fill="#56607A" textDecoration="line-through">
          {length(before)}
        </text>
      )}
    </g>
  );
}
