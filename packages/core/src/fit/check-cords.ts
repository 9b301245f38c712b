import type { Finding } from '../errors/finding.ts';
import { mm, say } from '../errors/wording.ts';
import { hullRound } from '../geometry/discs.ts';
import type { Hardware } from '../shelves/hardware/hardware.ts';
import type { CutParts } from './cut-parts.ts';
import type { Fitting } from './fitting.ts';
import { box } from './things.ts';
import { HAIR } from './verdicts.ts';

/** Common practice: a cord with so much to spare in its casing slides. mm */
const SLIDES = 1;

/** Whether each cord runs in what it is drawn through, as that is stitched. */
export function checkCords({ shuts, hardwareOf }: Fitting, parts: CutParts): Finding[] {
  const [cord] = shuts.flatMap((shut) => shut.cord ?? []);
  const run = cord && hardwareOf(cord.hardware);
  if (!run) return [];
  const [from, to] = cord.between;
  const channel = parts.between('casing', cord, from, to).value;
  const needs = halfRound(run);
  if (channel > needs + SLIDES - HAIR) return [];
  const stops = channel < needs - HAIR;
  const text = say`The casing is ${mm(channel)} wide between its stitching; flat cloth goes round ${run.name} in ${mm(needs)}: ${stops ? 'it cannot be drawn through' : 'it hardly slides'}. Make the casing wider, or take a thinner cord.`;
  return [
    {
      code: 'closure.cordTight',
      severity: stops ? 'stop' : 'watch',
      about: ['closure'],
      numbers: { channel, needs },
      limit: needs + SLIDES,
      text,
    },
  ];
}

/** Half of the way round a cord, round or flat. mm */
function halfRound({ diameter, thickness = 0 }: Hardware): number {
  const r = diameter / 2;
  return hullRound(thickness === diameter ? [{ x: r, y: r, r }] : box(diameter, thickness)) / 2;
}
