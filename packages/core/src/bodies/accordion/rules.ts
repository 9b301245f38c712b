import { lengthRule } from '../../shelves/rules/house-rule.ts';

export const accordionMargin = lengthRule(
  'accordion.margin',
  'cases',
  'Pleat deeper than half its load by',
  1,
  0.5,
  10,
  'So that it opens without pulling.',
);
export const biteTop = lengthRule(
  'bite.top',
  'cases',
  'Gusset pinched at a divider, at the top',
  6,
  0,
  20,
  'Wider at the top: the mouth stays narrow.',
);
export const biteBottom = lengthRule(
  'bite.bottom',
  'cases',
  'Gusset pinched at a divider, at the bottom',
  3,
  0,
  20,
  'Narrower at the bottom, where the things lie.',
);
export const dividerTaper = lengthRule(
  'divider.taper',
  'pockets',
  'Divider narrower at the top, each side',
  3,
  0,
  15,
  'So that it does not peek out when loaded.',
);
export const fanOpens = lengthRule(
  'accordion.opens',
  'cases',
  'Each compartment of a fan opens at the mouth by',
  20,
  6,
  80,
  'A hand finds its way in; more makes deeper pleats.',
);
export const fanBelow = lengthRule(
  'accordion.below',
  'cases',
  'Gusset of a fan begins below the mouth by',
  10,
  0,
  40,
  'So that the full fan stays inside.',
);
