import { anyDoubleTube } from '../../testing/any-boxy.ts';
import { familyProperties } from '../../testing/family-properties.ts';

familyProperties({
  family: 'double-tube',
  any: anyDoubleTube,
  readBack: ['width', 'length', 'liningDepth'],
  eases: ['ease.cavity.across', 'ease.cavity.end'],
});
