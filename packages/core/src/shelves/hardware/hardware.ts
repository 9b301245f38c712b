export const hardwareKinds = [
  'snap',
  'magnet',
  'hook-and-loop',
  'zipper',
  'slider',
  'webbing',
  'ribbon',
  'cord',
  'elastic',
  'ring',
  'hook',
  'frame',
] as const;
export type HardwareKind = (typeof hardwareKinds)[number];

/** Snaps, magnets, zippers and the like. Lengths mm. */
export interface Hardware {
  id: string;
  name: string;
  kind: HardwareKind;
  /** Diameter of what is round; width of what is cut to length (of a zipper, both tapes closed), mm. */
  diameter: number;
  /** As it lies, mm; default nothing. */
  thickness?: number;
  /** How far the two halves may miss each other and still close, mm. */
  driftTolerated: number;
  /** Radius that the plate of a magnet or snap needs to be clear of stitching, mm. */
  plateRadius?: number;
  /** Width of the teeth or coil of a zipper, mm. */
  chain?: number;
  /** Opening lengths in which it can be bought with its stops, mm; besides, it is sold by the length. */
  readyMade?: readonly number[];
  /** Pieces on hand. */
  onHand?: number;
  /** Length on hand of what is cut to length, mm. */
  onHandLength?: number;
  /** What the maker files it under. */
  tags?: string[];
}

/** Kinds that are cut from a length. */
export const cutToLength: readonly HardwareKind[] = ['zipper', 'webbing', 'ribbon', 'cord', 'elastic'];

const fastener = (
  id: string,
  name: string,
  kind: HardwareKind,
  diameter: number,
  driftTolerated: number,
  plateRadius?: number,
): Hardware => ({ id, name, kind, diameter, driftTolerated, ...(plateRadius && { plateRadius }) });
const band = (id: string, name: string, kind: HardwareKind, diameter: number, thickness: number): Hardware => ({
  id,
  name,
  kind,
  diameter,
  thickness,
  driftTolerated: 0,
});
/** Common practice: ready-made zippers go up by 5 cm. */
const readyMade = Array.from({ length: 12 }, (_, index) => 100 + 50 * index);
const zipper = (id: string, name: string, diameter: number, chain: number, thickness: number): Hardware => ({
  ...band(id, name, 'zipper', diameter, thickness),
  chain,
  readyMade,
});

// common practice: snaps are named by the diameter of the cap, zippers by the width of the closed chain
export const standardHardware: readonly Hardware[] = [
  fastener('snap-10', 'Snap 10 mm', 'snap', 10, 1),
  fastener('snap-12', 'Snap 12.5 mm', 'snap', 12.5, 1),
  fastener('magnet-14', 'Magnetic snap 14 mm', 'magnet', 14, 3, 10),
  fastener('magnet-18', 'Magnetic snap 18 mm', 'magnet', 18, 3, 12),
  fastener('hook-loop-20', 'Hook-and-loop 20 mm', 'hook-and-loop', 20, 10),
  zipper('zipper-3', 'Coil zipper no. 3', 25, 4.5, 1.8),
  zipper('zipper-5', 'Coil zipper no. 5', 32, 6.2, 2.4),
  zipper('zipper-8', 'Coil zipper no. 8', 38, 8.3, 3),
  fastener('slider-3', 'Slider for zipper no. 3', 'slider', 5, 0),
  fastener('slider-5', 'Slider for zipper no. 5', 'slider', 7, 0),
  fastener('slider-8', 'Slider for zipper no. 8', 'slider', 9, 0),
  band('webbing-25', 'Cotton webbing 25 mm', 'webbing', 25, 1.8),
  band('webbing-38', 'Cotton webbing 38 mm', 'webbing', 38, 2),
  band('ribbon-10', 'Grosgrain ribbon 10 mm', 'ribbon', 10, 0.3),
  band('ribbon-25', 'Grosgrain ribbon 25 mm', 'ribbon', 25, 0.3),
  band('binding-20', 'Binding tape 20 mm', 'ribbon', 20, 0.3),
  band('cord-4', 'Braided cord 4 mm', 'cord', 4, 4),
  band('cord-flat-12', 'Flat cord 12 mm', 'cord', 12, 1.5),
  band('elastic-10', 'Elastic 10 mm', 'elastic', 10, 1),
  band('elastic-20', 'Elastic 20 mm', 'elastic', 20, 1.1),
  band('elastic-40', 'Elastic 40 mm', 'elastic', 40, 1.2),
  band('frame-wire-3', 'Frame wire 3 mm', 'frame', 3, 3),
  fastener('ring-25', 'D-ring 25 mm', 'ring', 25, 0),
  fastener('hook-25', 'Swivel hook 25 mm', 'hook', 25, 0),
  fastener('hook-38', 'Swivel hook 38 mm', 'hook', 38, 0),
];

/** One entry of the shelf, or of the standard shelf if the maker has none of that id. */
export const hardwareOf = (id: string, shelf: readonly Hardware[] = []): Hardware =>
  shelf.find((each) => each.id === id) ?? standardHardware.find((each) => each.id === id)!;
