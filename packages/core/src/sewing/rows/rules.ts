import { numberRule } from '../../shelves/rules/house-rule.ts';

const stitch = (id: string, title: string, standard: number, why: string) =>
  numberRule({ id: `stitch.${id}`, group: 'stitches', title, unit: 'mm', standard, least: 1, most: 8, why });

// common practice; a maker tries hers on a scrap of the same layers
export const stitchSeam = stitch(
  'seam',
  'Stitch of a seam',
  2.5,
  'Short enough that the seam does not show its thread.',
);
export const stitchRow = stitch(
  'row',
  'Stitch of a row that is seen',
  3,
  'Longer stitches lie straighter on the face.',
);
export const stitchThick = stitch(
  'thick',
  'Stitch through thick layers',
  3.5,
  'Many holes close together weaken thick cloth.',
);
export const stitchBaste = stitch('baste', 'Basting stitch', 4, 'Holds until the seam is sewn, and pulls out again.');
export const stitchShort = stitch(
  'short',
  'Short stitch',
  1.8,
  'Where the work is cut or clipped close to the thread.',
);

export const stitchRules = [stitchSeam, stitchRow, stitchThick, stitchBaste, stitchShort];
