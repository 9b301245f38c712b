import { anyRound } from '../../testing/any-soft.ts';
import { familyProperties } from '../../testing/family-properties.ts';

familyProperties({
  family: 'round',
  any: anyRound,
  readBack: ['diameter', 'wallLength', 'height'],
  eases: ['ease.round.across', 'ease.cavity.end'],
});
