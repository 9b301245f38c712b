/** Snaps, magnets, zippers and the like. Lengths mm. */
export interface Hardware {
  id: string;
  name: string;
  kind: 'snap';
  /** Diameter of the cap, mm. */
  diameter: number;
  /** How far the two halves may miss each other and still close, mm. */
  driftTolerated: number;
}

// common practice: snaps are named by the diameter of the cap
export const standardHardware: readonly Hardware[] = [
  { id: 'snap-10', name: 'Snap 10 mm', kind: 'snap', diameter: 10, driftTolerated: 1 },
  { id: 'snap-12', name: 'Snap 12.5 mm', kind: 'snap', diameter: 12.5, driftTolerated: 1 },
];
