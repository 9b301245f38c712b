import type { Derived } from '../../derived/derived.ts';
import type { Finding } from '../../errors/finding.ts';
import { mm, say } from '../../errors/wording.ts';
import type { ClosureInputs } from '../closure-kind.ts';

/** Common practice: layers turn round a corner of four times their thickness. */
const TURNS = 4;

/** Corners of a flap that are too tight for its layers to be turned. */
export function tightCorner(radius: Derived, { stacks, cutStacks: cut = stacks, id }: ClosureInputs): Finding[] {
  const layers = cut.exterior.value + cut.lining.value;
  const least = TURNS * layers;
  if (radius.value >= least) return [];
  return [
    {
      code: 'closure.cornerTooTight',
      severity: 'watch',
      about: [id],
      numbers: { radius: radius.value },
      limit: least,
      text: say`The corners of the flap have a radius of ${mm(radius.value)}; layers of ${mm(layers)} turn round ${mm(least)} and more. Round them more, or trim the inner layers away there.`,
    },
  ];
}
