import { anySleeve } from '../../testing/any-soft.ts';
import { familyProperties } from '../../testing/family-properties.ts';

familyProperties({
  family: 'sleeve',
  any: anySleeve,
  readBack: ['flatWidth', 'panelHeight'],
  eases: ['ease.cavity.across', 'ease.cavity.end', 'ease.pocket.across', 'ease.pocket.deep'],
});
