import { line, type Outline } from '../geometry/outline.ts';

/** A strip with a half-round end, its base at the bottom; edges `bottom`, `right`, `tip`, `left`. mm */
export function tabOutline(width: number, length: number): Outline {
  const shoulder = Math.max(0, length - width / 2);
  return [
    line('bottom', [0, 0], [width, 0]),
    line('right', [width, 0], [width, shoulder]),
    {
      id: 'tip',
      kind: 'arc',
      from: [width, shoulder],
      to: [0, shoulder],
      centre: [width / 2, shoulder],
      sweep: Math.PI,
    },
    line('left', [0, shoulder], [0, 0]),
  ];
}
