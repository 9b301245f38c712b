import { field, type FieldSpec } from '../field-spec.ts';
import { shelfLimits } from '../shelf-limits.ts';
import { itemShapes, type Item } from './item.ts';

const { size, tolerance } = shelfLimits;

/** The columns of things; the flags are the questions asked of each. */
export const itemFields: readonly FieldSpec[] = [
  field.choice('shape', 'Shape', itemShapes),
  field.length('length', 'Length', size.least, size.most, { required: true }),
  field.length('width', 'Width', size.least, size.most, { aliases: ['diameter'], required: true }),
  field.length('thickness', 'Thickness', size.least, size.most, { aliases: ['height', 'depth'] }),
  field.length('planRadius', 'Corner radius', 0, size.most, { why: 'Of its corners, seen from above.' }),
  field.length('edgeRadius', 'Edge radius', 0, size.most, { why: 'Of the edges of its cross-section.' }),
  field.length('girth', 'Girth', size.least, 4 * size.most, { why: 'A tape round its cross-section.' }),
  field.length('tolerance', 'Others larger by', tolerance.least, tolerance.most),
  field.number('compressible', 'Gives by', 'share', [0, 0.9], { why: 'Share of its thickness when pressed.' }),
  field.number('mass', 'Mass', 'g', [0, 100_000], { aliases: ['weight'] }),
  field.flag('rigid', 'Rigid', 'Does it keep its shape?'),
  field.flag('fragile', 'Fragile', 'Would it break if dropped?'),
  field.flag('sharp', 'Sharp', 'Has it points or edges that cut?'),
  field.flag('wet', 'Wet', 'Is it wet when put away?'),
  field.flag('magnetSensitive', 'No magnet', 'Must magnets stay away?'),
  field.flag('valuable', 'Valuable', 'Would its loss hurt?'),
  field.flag('smallPart', 'Small part', 'Is it small enough to be lost?'),
  { key: 'section', title: 'Section', kind: 'polygon' },
  { key: 'outline', title: 'Outline', kind: 'polygon' },
  field.text('source', 'Source', 200),
  { key: 'tags', title: 'Tags', kind: 'tags' },
];

/** A thing with what can be told from the rest: a rod is as thick as wide, what is thin is a card. */
export function completeItem(given: Partial<Item>): Partial<Item> {
  const round = given.shape === 'cylinder' || given.shape === 'ball';
  const thickness = given.thickness ?? (round ? given.width : undefined);
  const shape = given.shape ?? (given.outline ? 'outline' : thickness !== undefined && thickness <= 3 ? 'card' : 'box');
  return { source: 'yours', ...given, shape, ...(thickness !== undefined && { thickness }) };
}
