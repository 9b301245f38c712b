import { lengthRule } from '../../shelves/rules/house-rule.ts';

export const cornerCut = lengthRule(
  'corner.cut',
  'edges',
  'Corners cut off by',
  40,
  10,
  150,
  'So that the thing can be pushed out and gripped.',
);

export const cornerShows = lengthRule(
  'corner.shows',
  'edges',
  'Corner that sticks out of a three-sided mouth, along each edge',
  50,
  10,
  150,
  'Enough for a hand to grip the thing.',
);
