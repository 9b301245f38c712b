/** From the board's millimetres (y upwards) to px on the screen (y downwards). */
export interface Frame {
  /** px per mm */
  scale: number;
  x(mm: number): number;
  y(mm: number): number;
}

export interface Margins {
  left: number;
  right: number;
  top: number;
  bottom: number;
}

interface Fit {
  /** The drawing, mm. */
  width: number;
  height: number;
  /** The room, px, and what is kept free in it. */
  room: { width: number; height: number };
  margins: Margins;
  /** Largest scale, px per mm. */
  most: number;
}

/** Fits a drawing into a room: as large as it goes, in the middle. */
export function fitFrame({ width, height, room, margins, most }: Fit): Frame {
  const free = { width: room.width - margins.left - margins.right, height: room.height - margins.top - margins.bottom };
  const scale = Math.max(0.05, Math.min(most, free.width / Math.max(width, 1), free.height / Math.max(height, 1)));
  const left = margins.left + Math.max(0, (free.width - width * scale) / 2);
  const bottom = margins.top + Math.max(0, (free.height - height * scale) / 2) + height * scale;
  return { scale, x: (mm) => left + mm * scale, y: (mm) => bottom - mm * scale };
}

/** A rectangle of the drawing as an SVG rectangle, px. */
export const boxOf = (
  { x, y, scale }: Frame,
  { x0, x1, y0, y1 }: { x0: number; x1: number; y0: number; y1: number },
) => ({
  x: x(x0),
  y: y(y1),
  width: Math.max(0, (x1 - x0) * scale),
  height: Math.max(0, (y1 - y0) * scale),
});
