import { anyOrganizer } from '../../testing/any-boxy.ts';
import { familyProperties } from '../../testing/family-properties.ts';

familyProperties({
  family: 'organizer',
  any: anyOrganizer,
  readBack: ['width', 'depth', 'height', 'band'],
  eases: ['ease.cavity.across', 'ease.cavity.end'],
});
