import { field, type FieldSpec } from '../field-spec.ts';
import { materialUses, waysToBend, type Material } from './material.ts';

/** The columns of cloths, leathers, films and fillings. */
export const materialFields: readonly FieldSpec[] = [
  field.length('thickness', 'Thickness', 0, 100, { required: true, why: 'As it lies: ten layers, divided by ten.' }),
  field.number('compressedRatio', 'Under the foot', 'share', [0.01, 1], { why: 'Share left under the presser foot.' }),
  field.number('arealMass', 'Mass', 'g/m²', [0, 100_000], { aliases: ['weight'] }),
  field.choice('use', 'Use', materialUses),
  { key: 'tint', title: 'Colour', aliases: ['color'], kind: 'tint' },
  field.flag('frays', 'Frays', 'Do its cut edges fray?'),
  field.flag('directional', 'Directional', 'Has it a nap or a print with an upper end?'),
  field.flag('fusible', 'Fusible', 'Is it ironed on?'),
  field.flag('washable', 'Washable', 'Can it be washed?'),
  field.number('stretchAlong', 'Stretch along', 'share', [0, 2]),
  field.number('stretchAcross', 'Stretch across', 'share', [0, 2]),
  field.choice('bends', 'Bends', waysToBend),
  field.length('leastRadius', 'Rolled no tighter than', 0, 1000, {
    why: 'Radius. A sheet that narrow or narrower stays flat.',
  }),
  field.number('iron', 'Iron at most', '°C', [0, 300], { why: '110, 150 or 200; 0 if it bears none.', whole: true }),
  field.text('needle', 'Needle', 80),
  field.length('rollWidth', 'Roll width', 10, 5000),
  field.length('onHand', 'On hand', 0, 1_000_000, { aliases: ['stock'], long: true }),
  { key: 'tags', title: 'Tags', kind: 'tags' },
];

/** A material with the usual values for what is not said. */
export const completeMaterial = (given: Partial<Material>): Partial<Material> => ({
  compressedRatio: 0.85,
  arealMass: 0,
  use: 'shell',
  tint: '#C9BFA8',
  frays: true,
  ...given,
});
