import { outlineItem } from '@zindle/core';

/** A place on the photo, px of the picture. */
export type Spot = [x: number, y: number];

/** What has been clicked on a photo: two ends of a known length, and places round the thing. */
export interface Trace {
  ends: readonly Spot[];
  /** mm */
  known: number;
  round: readonly Spot[];
}

export const noTrace: Trace = { ends: [], known: 85.6, round: [] };

/** mm for a pixel, once both ends of the known length are clicked and lie apart. */
export function scaleOf({ ends, known }: Trace): number | undefined {
  const [a, b] = ends;
  if (!a || !b) return undefined;
  const apart = Math.hypot(b[0] - a[0], b[1] - a[1]);
  return apart >= 10 ? known / apart : undefined;
}

/** The next click: first the two ends, then round the thing. */
export const clicked = (trace: Trace, spot: Spot): Trace =>
  trace.ends.length < 2 ? { ...trace, ends: [...trace.ends, spot] } : { ...trace, round: [...trace.round, spot] };

/** The last click taken back. */
export const unclicked = (trace: Trace): Trace =>
  trace.round.length > 0 ? { ...trace, round: trace.round.slice(0, -1) } : { ...trace, ends: trace.ends.slice(0, -1) };

/** The outline that was clicked, y upwards, mm; nothing before it has three places. */
export function tracedOutline(trace: Trace): ReturnType<typeof outlineItem> | undefined {
  const scale = scaleOf(trace);
  if (scale === undefined || trace.round.length < 3) return undefined;
  return outlineItem(trace.round.map(([x, y]) => [x * scale, -y * scale]));
}
