import type { Frame } from './frame.ts';

/** How a drawing is looked at, beside how it fits its room: larger by a factor, and moved, px. */
export interface Camera {
  zoom: number;
  dx: number;
  dy: number;
}

export const fitted: Camera = { zoom: 1, dx: 0, dy: 0 };
const RANGE = { least: 0.25, most: 16 };

/** A frame as the camera sees it: enlarged about the middle of the room, then moved.
 * @param room px */
export function seen(frame: Frame, { zoom, dx, dy }: Camera, room: { width: number; height: number }): Frame {
  const [cx, cy] = [room.width / 2, room.height / 2];
  return {
    scale: frame.scale * zoom,
    x: (mm) => cx + (frame.x(mm) - cx) * zoom + dx,
    y: (mm) => cy + (frame.y(mm) - cy) * zoom + dy,
  };
}

/** Zoomed by a factor; what is under a place stays under it.
 * @param at px from the upper left corner of the room */
export function zoomedAt(
  { zoom, dx, dy }: Camera,
  factor: number,
  at: [number, number],
  room: { width: number; height: number },
): Camera {
  const next = Math.min(RANGE.most, Math.max(RANGE.least, zoom * factor));
  const by = next / zoom;
  const [cx, cy] = [at[0] - room.width / 2, at[1] - room.height / 2];
  return { zoom: next, dx: cx + (dx - cx) * by, dy: cy + (dy - cy) * by };
}

export const panned = ({ zoom, dx, dy }: Camera, by: [number, number]): Camera => ({
  zoom,
  dx: dx + by[0],
  dy: dy + by[1],
});
