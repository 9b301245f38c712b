import { anyAccordion } from '../../testing/any-boxy.ts';
import { familyProperties } from '../../testing/family-properties.ts';

familyProperties({
  family: 'accordion',
  any: anyAccordion,
  readBack: ['width', 'gusset', 'height'],
  eases: ['ease.cavity.across', 'ease.cavity.end'],
});
