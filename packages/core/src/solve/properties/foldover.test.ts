import { anyBifold } from '../../testing/any-soft.ts';
import { familyProperties } from '../../testing/family-properties.ts';

familyProperties({
  family: 'foldover',
  any: anyBifold,
  readBack: ['leafWidth', 'spine', 'height'],
  eases: ['ease.card.across', 'ease.card.deep', 'ease.note.across', 'ease.note.deep'],
});
