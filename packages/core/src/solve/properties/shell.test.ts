import { anyShell } from '../../testing/any-boxy.ts';
import { familyProperties } from '../../testing/family-properties.ts';

familyProperties({
  family: 'shell',
  any: anyShell,
  readBack: ['plateLength', 'plateWidth', 'depth'],
  eases: ['ease.cavity.across', 'ease.cavity.end'],
});
