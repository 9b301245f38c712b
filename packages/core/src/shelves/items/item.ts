export const itemShapes = ['card', 'box', 'cylinder', 'disc', 'ball', 'book', 'soft', 'outline'] as const;
export type ItemShape = (typeof itemShapes)[number];

/** A thing to hold. Lengths mm, mass g. */
export interface Item {
  id: string;
  name: string;
  shape: ItemShape;
  /** Longest side, or the length of a cylinder. */
  length: number;
  /** Second side, or the diameter of a cylinder, disc or ball. */
  width: number;
  /** Third side; of a disc its height. */
  thickness: number;
  /** Radius of the corners seen from above. */
  planRadius?: number;
  /** Radius of the edges of the cross-section. */
  edgeRadius?: number;
  /** Round its cross-section as it goes in upright, measured with a tape, mm. */
  girth?: number;
  /** The cross-section itself, across by thickness, as a closed polygon, mm. */
  section?: [number, number][];
  /** Its outline seen from above, as a closed polygon, mm; drawn, and measured by its box. */
  outline?: [number, number][];
  /** Share of its thickness that gives when it is pressed, 0..0.9. */
  compressible?: number;
  /** How much larger a piece of the kind may be than measured, mm. */
  tolerance?: number;
  mass?: number;
  rigid?: boolean;
  /** Breaks when dropped. */
  fragile?: boolean;
  /** Has points or edges that cut cloth. */
  sharp?: boolean;
  /** Put away wet. */
  wet?: boolean;
  valuable?: boolean;
  /** Small enough to be lost, or swallowed. */
  smallPart?: boolean;
  magnetSensitive?: boolean;
  /** What the maker files it under. */
  tags?: string[];
  /** Where the sizes come from; `yours` for a thing the maker has measured. */
  source: string;
}
