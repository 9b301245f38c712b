import { anyWallet } from '../../testing/any-design.ts';
import { familyProperties } from '../../testing/family-properties.ts';

familyProperties({
  family: 'foldover',
  any: anyWallet,
  readBack: ['leafWidth', 'spine', 'height'],
  eases: ['ease.card.across', 'ease.card.deep', 'ease.note.across', 'ease.note.deep'],
  last: 3,
});
