import { field, type FieldSpec } from '../field-spec.ts';
import { shelfLimits } from '../shelf-limits.ts';
import { hardwareKinds, type Hardware } from './hardware.ts';

/** The columns of snaps, magnets, zippers and the like. */
export const hardwareFields: readonly FieldSpec[] = [
  field.choice('kind', 'Kind', hardwareKinds, { required: true }),
  field.length('diameter', 'Diameter or width', shelfLimits.size.least, 200, {
    aliases: ['diameter', 'width'],
    required: true,
    why: 'Of a zipper both tapes, closed.',
  }),
  field.length('thickness', 'Thickness', 0, 50),
  field.length('driftTolerated', 'May miss by', 0, 200, { why: 'How far the halves may miss each other.' }),
  field.length('plateRadius', 'Plate radius', 0, 100, { why: 'Clear of stitching round it.' }),
  field.length('chain', 'Gauge, chain', 0, 100, {
    aliases: ['chain', 'gauge'],
    why: 'Width of the closed teeth or coil: zippers are named by it.',
  }),
  { key: 'readyMade', title: 'Ready-made lengths', kind: 'lengths', least: 10, most: 5000, count: 60 },
  field.number('onHand', 'Pieces on hand', 'pieces', [0, 100_000], { aliases: ['stock'], whole: true }),
  field.length('onHandLength', 'Length on hand', 0, 1_000_000, { long: true }),
  { key: 'tags', title: 'Tags', kind: 'tags' },
];

/** Hardware with the usual values for what is not said. */
export const completeHardware = (given: Partial<Hardware>): Partial<Hardware> => ({ driftTolerated: 0, ...given });
