import { field, type FieldSpec } from '../field-spec.ts';

/** A sewing machine, as far as a design must know it. Lengths mm. */
export interface Machine {
  id: string;
  name: string;
  /** Most cloth under the lowered foot that it sews well. */
  seam: number;
  /** How high the foot lifts: what can be slid under it at all. */
  lift: number;
  longestStitch: number;
  /** Round its free arm: the narrowest tube that goes over it; 0 without one. */
  freeArm?: number;
  /** Feeds from above too, so that thick layers stay together. */
  walkingFoot?: boolean;
  /** Largest needle, NM (hundredths of a millimetre). */
  needle?: number;
  tags?: string[];
}

/** The columns of machines. */
export const machineFields: readonly FieldSpec[] = [
  field.length('seam', 'Sews up to', 0.5, 40, { required: true, why: 'Cloth under the lowered foot.' }),
  field.length('lift', 'Foot lifts', 1, 60, { required: true, why: 'What can be slid under it at all.' }),
  field.length('longestStitch', 'Longest stitch', 1, 20),
  field.length('freeArm', 'Round the free arm', 0, 2000, { why: 'The narrowest tube that goes over it.' }),
  field.flag('walkingFoot', 'Walking foot', 'Does it feed from above too?'),
  field.number('needle', 'Largest needle', 'NM', [60, 250], { whole: true }),
  { key: 'tags', title: 'Tags', kind: 'tags' },
];

export const completeMachine = (given: Partial<Machine>): Partial<Machine> => ({ longestStitch: 4, ...given });

// common practice: what machines of these sorts are said to sew; a maker tries hers on scraps
export const standardMachines: readonly Machine[] = [
  { id: 'machine-household', name: 'Household machine', seam: 5, lift: 8, longestStitch: 4, freeArm: 260, needle: 110 },
  {
    id: 'machine-sturdy',
    name: 'Sturdy household machine',
    seam: 7,
    lift: 10,
    longestStitch: 5,
    freeArm: 300,
    needle: 120,
  },
  {
    id: 'machine-walking-foot',
    name: 'Walking-foot machine',
    seam: 10,
    lift: 16,
    longestStitch: 8,
    walkingFoot: true,
    needle: 160,
  },
];
