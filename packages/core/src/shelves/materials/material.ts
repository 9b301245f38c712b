export const materialUses = ['shell', 'lining', 'interfacing', 'padding', 'mesh'] as const;

export const waysToBend = ['creases', 'rolls', 'rigid'] as const;

/** A cloth, leather, film or filling. Lengths mm, mass g per m². */
export interface Material {
  id: string;
  name: string;
  /** Thickness as it lies, mm. */
  thickness: number;
  /** Share of the thickness that is left under the presser foot, 0..1. */
  compressedRatio: number;
  arealMass: number;
  /** Colour on drawings. */
  tint: string;
  frays: boolean;
  directional?: boolean;
  fusible?: boolean;
  /** What it is mostly used for; an order for pickers, never a limit. */
  use: (typeof materialUses)[number];
  /** How much it gives when pulled along the roll, and across it; shares of its length. */
  stretchAlong?: number;
  stretchAcross?: number;
  /** How it goes through a narrow place: not bent at all, rolled up, or crumpled; default crumpled. */
  bends?: (typeof waysToBend)[number];
  /** The tightest it may be rolled, mm. */
  leastRadius?: number;
  /** Most heat of an iron, °C; 0 for none at all. */
  iron?: number;
  washable?: boolean;
  /** Needle and stitch, in words. */
  needle?: string;
  /** Width of the roll, mm. */
  rollWidth?: number;
  /** Length on hand, at the width of the roll, mm. */
  onHand?: number;
  /** What the maker files it under. */
  tags?: string[];
}
