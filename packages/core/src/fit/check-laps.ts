import type { Finding } from '../errors/finding.ts';
import { mm, say } from '../errors/wording.ts';
import type { CutParts } from './cut-parts.ts';
import { fitLaps, type FittedLap } from './laps.ts';
import { fastenerAt, SET_TO, type SetFastener } from './fastener.ts';
import type { Fitting } from './fitting.ts';

/** Flaps, straps and tabs whose fastener does not come to lie on its mate: full it must reach it, empty it must not miss it by more than
 * it forgives, nor lie past the front. */
export function checkLaps(fitting: Fitting, parts: CutParts, laps = fitLaps(fitting, parts)): Finding[] {
  return laps.flatMap((fitted) => {
    const set = fastenerAt(fitting, parts, fitted.lap.piece, fitted.lap.cap);
    return set ? told(fitted, set) : [];
  });
}

function told(
  { lap, full, empty, mate }: FittedLap,
  { name, driftTolerated: forgives, radius }: SetFastener,
): Finding[] {
  // where it comes to lie further down than it was reckoned, its mate is set there
  const [short, drift] = [mate.value - full.value, empty.value - Math.max(full.value, mate.value)];
  const base = { about: [lap.id], limit: forgives };
  if (short > Math.max(forgives, SET_TO)) {
    const text = say`Full, the ${lap.name} is ${mm(short)} too short: its fastener (${name}) does not reach its mate. Set the mate where it comes to lie, or let less stand in it.`;
    return [{ ...base, code: 'closure.doesNotReach', severity: 'stop', numbers: { short }, text }];
  }
  if (drift <= Math.max(forgives, SET_TO)) return [];
  const most = lap.front === undefined ? Infinity : lap.front - radius;
  const numbers = { drift };
  if (empty.value > most + 1e-9) {
    const text = say`Empty, the ${lap.name} reaches ${mm(drift)} further than full, past the end of the front: its fastener (${name}) lies ${mm(empty.value)} from the edge then, and the front has room to ${mm(most)}. Let less stand in it, choose a tie or a zipper, or make the front higher.`;
    return [{ ...base, code: 'closure.drift', severity: 'stop', numbers, text }];
  }
  const text = say`Empty, the ${lap.name} reaches ${mm(drift)} further than full; the fastener (${name}) forgives ${mm(forgives)}. It is set for the full piece and stands a little loose when empty.`;
  return [{ ...base, code: 'closure.drift', severity: 'watch', numbers, text }];
}
