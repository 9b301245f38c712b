import { mmPer, type LengthUnit } from '@zindle/core';
import type { Frame } from './frame.ts';

const BREADTH = 20;
export const RULER = BREADTH;

/** Ticks of a ruler: every how many, how long, and which carry a number. */
const divisions: Record<LengthUnit, { step: number; medium: number; large: number; label: number; unit: number }> = {
  mm: { step: 1, medium: 5, large: 10, label: 50, unit: 1 },
  cm: { step: 1, medium: 5, large: 10, label: 50, unit: 10 },
  in: { step: mmPer.in / 8, medium: 4, large: 8, label: 8, unit: mmPer.in },
};

interface Tick {
  at: number;
  long: number;
  text?: string;
}

function ticks(from: number, to: number, scale: number, unit: LengthUnit): Tick[] {
  const { step, medium, large, label, unit: one } = divisions[unit];
  const every = step * scale >= 2.6 ? 1 : medium * step * scale >= 2.6 ? medium : large;
  const numbered = label * step * scale >= 34 ? label : label * 2;
  const first = Math.ceil(from / step / every) * every;
  const result: Tick[] = [];
  for (let n = first; n * step <= to; n += every) {
    const long = n % large === 0 ? 9 : n % medium === 0 ? 6 : 3.5;
    result.push({ at: n * step, long, ...(n % numbered === 0 && { text: String(Math.round((n * step) / one)) }) });
  }
  return result;
}

/** Two rulers along the top and the left edge of a board, zero at the lower left corner of the drawing. */
export function Rulers({
  frame,
  width,
  height,
  top,
  unit,
}: {
  frame: Frame;
  width: number;
  height: number;
  top: number;
  unit: LengthUnit;
}) {
  const { scale, x, y } = frame;
  const across = ticks(-x(0) / scale, (width - x(0)) / scale, scale, unit).filter(({ at }) => x(at) > BREADTH + 2);
  const up = ticks((top - height) / scale, top / scale, scale, unit).filter(({ at }) => y(top / scale - at) !== 0);
  return (
    <g aria-hidden="true" fontSize="11" fill="#56607A" stroke="#A59F8E">
      <rect width={width} height={BREADTH} fill="#FBF9F3" stroke="none" />
      <rect width={BREADTH} height={height} fill="#FBF9F3" stroke="none" />
      <path d={`M0 ${BREADTH}H${width}M${BREADTH} 0V${height}`} stroke="#D9D2C1" />
      <path d={across.map(({ at, long }) => `M${x(at)} ${BREADTH}v${-long}`).join('')} />
      <path
        d={up
          .map(({ at, long }) => `M${BREADTH} ${top - at * scale}h${-long}`)
          .filter((_, index) => top - up[index]!.at * scale > BREADTH)
          .join('')}
      />
      {across.map(
        ({ at, text }) =>
          text && (
            <text key={at} x={x(at) + 3} y={10} stroke="none">
              {text}
            </text>
          ),
      )}
      {up.map(
        ({ at, text }) =>
          text &&
          top - at * scale > BREADTH + 20 && (
            <text key={at} transform={`translate(9 ${top - at * scale - 3}) rotate(-90)`} stroke="none">
              {text}
            </text>
          ),
      )}
    </g>
  );
}
