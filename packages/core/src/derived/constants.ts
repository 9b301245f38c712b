import { given } from './derived.ts';

/** No length at all. mm */
export const nothing = given('nothing', 0, { kind: 'standard', path: 'nothing' });

export const half = given('half', 0.5, { kind: 'standard', path: 'half' }, 'ratio');
