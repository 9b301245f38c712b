import { lengthRule } from '../../shelves/rules/house-rule.ts';

export const loopPitch = lengthRule('loop.pitch', 'pockets', 'Clear between loops', 4, 1, 40, 'Room for fingers.');
