import { lengthRule } from '../../shelves/rules/house-rule.ts';

export const panelTabs = lengthRule(
  'panel.tabs',
  'pockets',
  'Tab over each end of a panel, wide',
  8,
  5,
  20,
  'It hides raw edges where all pleats lie on each other.',
);
