import type { Item } from '@zindle/core';

interface Props {
  item: Item;
  /** Upper left corner and scale, px. */
  x: number;
  y: number;
  scale: number;
  tint: string;
  chosen?: boolean;
}

/** A thing as it lies on the table, seen from above. */
export function ThingShape({ item, x, y, scale, tint, chosen = false }: Props) {
  const [width, height] = [item.length * scale, item.width * scale];
  const line = { fill: tint, stroke: chosen ? '#C8452F' : '#1F2B44', strokeWidth: chosen ? 2 : 1.1 };
  if (item.shape === 'disc' || item.shape === 'ball')
    return (
      <g {...line}>
        <circle cx={x + width / 2} cy={y + width / 2} r={width / 2} />
        <circle cx={x + width / 2} cy={y + width / 2} r={width * 0.41} fill="none" strokeWidth="0.8" />
      </g>
    );
  if (item.outline)
    return (
      <path
        {...line}
        d={`M${item.outline.map(([u, v]) => `${x + u * scale} ${y + height - v * scale}`).join('L')}Z`}
        strokeLinejoin="round"
      />
    );
  const radius = item.shape === 'cylinder' ? Math.min(width, height) / 4 : (item.planRadius ?? 0.6) * scale;
  return (
    <g {...line}>
      <rect x={x} y={y} width={width} height={height} rx={Math.min(radius, height / 2)} />
      {item.shape === 'book' && <path d={`M${x + 4 * scale} ${y}v${height}`} strokeWidth="0.8" fill="none" />}
    </g>
  );
}
