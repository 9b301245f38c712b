import { lengthRule } from '../../shelves/rules/house-rule.ts';

export const frameEase = lengthRule(
  'frame.ease',
  'cases',
  'Ease, frame in its channel',
  4,
  1,
  12,
  'Too tight, and the wire cannot be pushed round the corner.',
);
