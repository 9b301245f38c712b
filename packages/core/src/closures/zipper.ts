import { half } from '../derived/constants.ts';
import { given, minus, named, product, rounded, sum, times, type Derived } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import { choiceParam } from '../holders/params.ts';
import type { ParamSpec } from '../holders/holder-kind.ts';
import type { HardwareNeed } from '../pieces/contribution.ts';
import { hardwareOf, type Hardware } from '../shelves/hardware/hardware.ts';
import { zipperOpening } from '../sizing/zipper-opening.ts';
import type { ClosureInputs } from './closure-kind.ts';
import { seamAllowance, zipBeyond, zipClear, zipSeam } from '../shelves/rules/common-rules.ts';

export type ZipperEnds = 'seam' | 'tabs' | 'longer';

/** What may be chosen of any zipper that runs from seam to seam. */
export const zipperParams = {
  gauge: {
    kind: 'choice',
    title: 'Zipper',
    standard: 'zipper-5',
    choices: [
      { id: 'zipper-3', title: 'no. 3, fine', why: 'Soft and light: linings, small pouches.' },
      { id: 'zipper-5', title: 'no. 5', why: 'Pouches and bags of every day.' },
      { id: 'zipper-8', title: 'no. 8, coarse', why: 'Wide and strong: padded and large pieces.' },
    ],
  },
  ends: {
    kind: 'choice',
    title: 'Its ends',
    standard: 'seam',
    choices: [
      { id: 'seam', title: 'run into the seams', why: 'Nothing to make; its stops must lie clear of the seam.' },
      { id: 'tabs', title: 'get tabs of cloth', why: 'No tape in the seam: less bulk, a clean corner.' },
      {
        id: 'longer',
        title: 'stand out and are trimmed',
        why: 'A longer zipper, its slider out of the way while sewing.',
      },
    ],
  },
  sliders: {
    kind: 'choice',
    title: 'Sliders',
    standard: 'one',
    choices: [
      { id: 'one', title: 'one', why: 'Enough for one hand.' },
      { id: 'two', title: 'two, head to head', why: 'Opens from the middle to both sides.' },
    ],
  },
} as const satisfies Record<string, ParamSpec>;

/** A zipper that runs between two end seams. All mm. */
export interface PlannedZipper {
  zipper: Hardware;
  ends: ZipperEnds;
  /** Both tapes, closed. */
  tape: Derived;
  opening: Derived;
  /** What is sewn to its ends, each, between the seams. */
  tab: Derived;
  cutLength: Derived;
  /** The next ready-made length that can be cut down to it; nothing if none is long enough. */
  readyMade?: Derived;
  sliders: number;
  hardware: HardwareNeed[];
}

/** What shows of a zipper between the edges that it is sewn to. mm */
export function exposedOf(params: Params, { rules, hardware }: ClosureInputs): Derived {
  return sum('zipper that shows', [tapeOf(gaugeOf(params, hardware)), times(-2, rules.length(zipSeam))]);
}

/** Chooses and measures the zipper for a run from end seam to end seam, mm. */
export function planZipper(params: Params, run: Derived, { rules, hardware, grid }: ClosureInputs): PlannedZipper {
  const zipper = gaugeOf(params, hardware);
  const ends = choiceParam(params, 'ends', zipperParams.ends) as ZipperEnds;
  const sliders = choiceParam(params, 'sliders', zipperParams.sliders) === 'two' ? 2 : 1;
  const seam = rules.length(seamAllowance);
  const opening = zipperOpening(run, rules.length(zipClear));
  const longer = sum('run and both seams', [run, times(2, seam)]);
  const asked: Record<ZipperEnds, Derived> = {
    seam: longer,
    tabs: sum('opening and both seams', [opening, times(2, seam)]),
    longer: sum('longer, to be trimmed', [longer, times(2, rules.length(zipBeyond))]),
  };
  const cutLength = named('zipper, cut length', rounded(asked[ends], grid, 'nearest'));
  const ready = zipper.readyMade?.find((length) => length >= cutLength.value);
  return {
    zipper,
    ends,
    tape: tapeOf(zipper),
    opening,
    tab: product('tab, between its seams', [sum('beside the opening', [run, minus(opening)]), half]),
    cutLength,
    ...(ready && {
      readyMade: given('ready-made length', ready, { kind: 'hardware', path: `hardware/${zipper.id}/readyMade` }),
    }),
    sliders,
    hardware: [
      { id: zipper.id, count: 1, length: cutLength.value },
      { id: zipper.id.replace('zipper', 'slider'), count: sliders },
    ],
  };
}

const gaugeOf = (params: Params, hardware: readonly Hardware[]): Hardware =>
  hardwareOf(choiceParam(params, 'gauge', zipperParams.gauge), hardware);

/** Both tapes, closed. mm */
export const tapeOf = ({ id, diameter }: Hardware): Derived =>
  given('zipper tape, wide', diameter, { kind: 'hardware', path: `hardware/${id}` });
