import { HELD } from '../contents/held.ts';
import { product, type Derived } from '../derived/derived.ts';
import type { Thing } from './things.ts';

/** Whether a thing may stand out above the mouth. */
export const standsOut = ({ mayShow }: Thing, shut: boolean): boolean => !shut && mayShow.value > 0;

/** How much of a thing must be below the mouth: all of it, or if it may stand out as much as holds it. mm
 * @param shut it is closed above it */
export const heldOf = (thing: Thing, shut: boolean): Derived =>
  standsOut(thing, shut) ? product(`${thing.name}, most of it`, [thing.deep, HELD]) : thing.deep;
