import type { BodyKind } from '../body-kind.ts';
import { contributeSleeve } from './contribute.ts';
import { readBackSleeve } from './read-back.ts';
import { sleeveSection } from './section.ts';
import { sleeveParams, type Sleeve } from './params.ts';
import { sizeSleeve } from './size.ts';

/** Lined sleeves, pouches and bags with a mouth at the top; the bottom is folded or sewn, flat or boxed. */
export const sleeve: BodyKind<Sleeve> = {
  title: 'Sleeve',
  about: 'a front and a back with a mouth at the top',
  orientation: 'upright',
  closures: ['none', 'snap-row'],
  params: sleeveParams,
  rules: ['seam.allowance', 'topstitch.inset', 'turning.gap', 'lining.school'],
  faces: () => [{ id: 'inside', title: 'between front and back', seat: 'cavity' }],
  size: sizeSleeve,
  contribute: contributeSleeve,
  section: sleeveSection,
  readBack: readBackSleeve,
};
