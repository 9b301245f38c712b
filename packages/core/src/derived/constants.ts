import { given } from './derived.ts';

/** No length at all. mm */
export const nothing = given('nothing', 0, { kind: 'standard', path: 'nothing' });

export { half } from './derived.ts';
