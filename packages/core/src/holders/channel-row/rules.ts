import { lengthRule } from '../../shelves/rules/house-rule.ts';

export const easeChannelAcross = lengthRule(
  'ease.channel.across',
  'ease',
  'Ease, tool in a channel, across',
  2,
  0,
  10,
  'Beyond what the cloth takes going round it.',
);
export const easeChannelEnd = lengthRule(
  'ease.channel.end',
  'ease',
  'Cloth above the longest tool',
  20,
  5,
  120,
  'Keeps the tips in when it is rolled.',
);
