import { anyFolio } from '../../testing/any-soft.ts';
import { familyProperties } from '../../testing/family-properties.ts';

familyProperties({
  family: 'folio',
  any: anyFolio,
  readBack: ['leaf1', 'leaf2', 'leaf3', 'spine1', 'spine2', 'height'],
  eases: ['ease.pocket.across', 'ease.pocket.deep', 'ease.card.across', 'ease.channel.across'],
});
