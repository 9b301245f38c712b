import { useMemo } from 'react';
import type { Rolled } from '@zindle/core';
import { INK } from '../../board/drawing-kit.ts';
import { fitFrame } from '../../board/frame.ts';
import { useSize } from '../../board/use-size.ts';
import { tintsOf } from '../../derivations/tints.ts';
import { useLength } from '../../ui/use-length.ts';
import type { WithSolution } from '../use-solved.ts';
import { FinishedSizes } from './finished-sizes.tsx';

/** A roll as it is carried, seen from its end. */
export function RolledBoard({ document, solution, rolled }: WithSolution & { rolled: Rolled }) {
  const { ref, width, height } = useSize<HTMLDivElement>();
  const tints = useMemo(() => tintsOf(document), [document]);
  const length = useLength();
  const room = { width, height };
  const frame = fitFrame({
    ...rolled,
    room,
    margins: { left: 60, right: 60, top: 70, bottom: 120 },
    most: 16,
  });
  const at = ([x, y]: [number, number]) =>
    `${frame.x(x - rolled.left).toFixed(2)} ${frame.y(y - rolled.bottom).toFixed(2)}`;
  const wall = Math.max(1.5, rolled.wall * frame.scale);
  const lines = rolled.walls.map((points) => `M${points.map(at).join('L')}`);
  return (
    <div ref={ref} className="absolute inset-0 overflow-hidden bg-cloth">
      {width > 0 && (
        <svg
          {...room}
          role="img"
          aria-label="Rolled up, seen from its end"
          strokeLinejoin="round"
          strokeLinecap="round"
        >
          {rolled.things.map(({ line, label, points }, index) => (
            <path key={index} d={`M${points.map(at).join('L')}Z`} fill={tints.thing(line)} stroke={INK} strokeWidth="1">
              <title>{label}</title>
            </path>
          ))}
          <g fill="none">
            {lines.map((d) => (
              <path key={`edge ${d}`} d={d} stroke={INK} strokeWidth={wall + 1.6} />
            ))}
            {lines.map((d) => (
              <path key={d} d={d} stroke={tints.cloth('exterior')} strokeWidth={Math.max(0.8, wall - 0.4)} />
            ))}
          </g>
        </svg>
      )}
      <FinishedSizes
        solution={solution}
        note={`Rolled up and full, seen from its end: each stretch as thick as what lies in it, on what was wound before. At its largest it is ${length(rolled.width)} × ${length(rolled.height, true)}; “rolled” above is its mean all round.`}
      />
    </div>
  );
}
