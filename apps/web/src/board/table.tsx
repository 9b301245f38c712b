import { useSize } from './use-size.ts';

interface Props {
  /** What lies on it. */
  title: string;
  label: string;
  /** Draws what lies on it, and says how high it is, and how wide if it may be wider than the room, px. */
  lay(room: { width: number; height: number }): { drawing: React.ReactNode; height: number; width?: number };
  children?: React.ReactNode;
}

/** A table top that fills its place and scrolls where what lies on it is larger. */
export function Table({ title, label, lay, children }: Props) {
  const { ref, width, height } = useSize<HTMLDivElement>();
  const laid = width > 0 ? lay({ width, height }) : undefined;
  return (
    <div ref={ref} className="absolute inset-0 overflow-auto bg-cloth" tabIndex={0} role="region" aria-label={label}>
      {laid && (
        <svg
          width={Math.max(width, laid.width ?? 0)}
          height={Math.max(height, laid.height)}
          role="group"
          aria-label={`${label}, drawn to one scale`}
        >
          {laid.drawing}
          <text x={18} y={30} fontSize="15.5" fontWeight="650" fill="#1F2B44" fontFamily="Bricolage Grotesque Variable">
            {title}
          </text>
        </svg>
      )}
      {children}
    </div>
  );
}
