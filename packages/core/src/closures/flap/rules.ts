import { lengthRule } from '../../shelves/rules/house-rule.ts';

export const flapOverlap = lengthRule(
  'flap.overlap',
  'closures',
  'Flap lies on the front by',
  70,
  20,
  300,
  'Room for the fastener, and what rain asks for.',
);
export const flapInset = lengthRule(
  'flap.inset',
  'closures',
  'Flap narrower than the mouth, each side',
  2,
  0,
  30,
  'So that its edges do not stand out.',
);
export const flapFastener = lengthRule(
  'flap.fastener',
  'closures',
  'Fastener from the flap’s end',
  20,
  8,
  60,
  'Its plate needs cloth all round it.',
);
export const flapCorner = lengthRule(
  'flap.corner',
  'closures',
  'Radius of the flap’s corners',
  20,
  6,
  80,
  'Small ones are hard to turn in thick cloth.',
);
