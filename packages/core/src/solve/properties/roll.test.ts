import { anyRoll } from '../../testing/any-soft.ts';
import { familyProperties } from '../../testing/family-properties.ts';

familyProperties({
  family: 'roll',
  any: anyRoll,
  readBack: ['openWidth', 'height', 'pocketDepth'],
  eases: ['ease.channel.across', 'ease.channel.end'],
});
