import { anyZipTube } from '../../testing/any-boxy.ts';
import { familyProperties } from '../../testing/family-properties.ts';

familyProperties({
  family: 'zip-tube',
  any: anyZipTube,
  readBack: ['along', 'round'],
  eases: ['ease.cavity.across', 'ease.cavity.end'],
});
