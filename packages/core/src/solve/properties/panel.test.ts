import { anyPanel } from '../../testing/any-soft.ts';
import { familyProperties } from '../../testing/family-properties.ts';

familyProperties({
  family: 'panel',
  any: anyPanel,
  readBack: ['width', 'height'],
  eases: ['ease.pocket.across', 'ease.pocket.deep', 'ease.card.across', 'ease.card.deep'],
});
