import { anyBox } from '../../testing/any-boxy.ts';
import { familyProperties } from '../../testing/family-properties.ts';

familyProperties({
  family: 'box',
  any: anyBox,
  readBack: ['width', 'depth', 'height'],
  eases: ['ease.cavity.across', 'ease.cavity.end'],
});
