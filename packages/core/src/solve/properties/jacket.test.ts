import { anyJacket } from '../../testing/any-soft.ts';
import { familyProperties } from '../../testing/family-properties.ts';

familyProperties({ family: 'jacket', any: anyJacket, readBack: ['width', 'height', 'flap'], eases: ['ease.book'] });
