import { byRule, minus, sum, type Derived, type Rule } from '../derived/derived.ts';
import { CoreError } from '../errors/core-error.ts';

export const channelPolicies = ['last', 'equal', 'proportional', 'named'] as const;
export type ChannelPolicy = (typeof channelPolicies)[number];

export interface Channels {
  /** Least width of each section, mm. */
  minimums: Derived[];
  usable: Derived;
  policy: ChannelPolicy;
  /** Step that widths lie on, mm; 0 for none. */
  roundTo: number;
  /** Index of the section that takes the rest under `named`. */
  taker: number;
}

const toStep: Rule = { id: 'channels', formula: 'up to the step', source: 'common practice' };

/** Floating-point dust that must not push a width a step on, in steps. */
const DUST = 1e-9;
const up = (mm: number, step: number): number => (step > 0 ? Math.ceil(mm / step - DUST) * step : mm);
const down = (mm: number, step: number): number => (step > 0 ? Math.floor(mm / step + DUST) * step : mm);

/** Shares a usable width among sections: minimums go up to the step, shares of the slack down, the taker has the rest.
 * @returns mm; `leftover` is what was there to share
 * @throws CoreError `size.tooNarrow` with how much is missing and which sections are the largest, `channels.noTaker` */
export function channels({ minimums, usable, policy, roundTo, taker }: Channels): {
  widths: number[];
  leftover: Derived;
} {
  if (policy === 'named' && !(taker < minimums.length))
    throw new CoreError(
      'channels.noTaker',
      `There is no section ${taker}: the first is 0, the last ${minimums.length - 1}.`,
      'taker',
    );
  const asked = minimums.map((minimum) => byRule(toStep, minimum.label, up(minimum.value, roundTo), [minimum]));
  const leftover = sum('left to share', [usable, ...asked.map(minus)]);
  const least = asked.map(({ value }) => value);
  if (leftover.value < -1e-9) throw tooNarrow(least, -leftover.value);
  const last = policy === 'named' ? taker : least.length - 1;
  const widths = least.map((width, index) =>
    index === last ? width : width + down(shareOf[policy](width, least, leftover.value), roundTo),
  );
  const others = widths.reduce((total, width, index) => (index === last ? total : total + width), 0);
  widths[last] = usable.value - others;
  return { widths, leftover };
}

const shareOf: Record<ChannelPolicy, (width: number, all: number[], slack: number) => number> = {
  last: () => 0,
  named: () => 0,
  equal: (_, all, slack) => slack / all.length,
  proportional: (width, all, slack) => {
    const total = all.reduce((so, each) => so + each, 0);
    return total > 0 ? (slack * width) / total : slack / all.length;
  },
};

function tooNarrow(least: number[], missing: number): CoreError {
  const largest = Math.max(...least);
  const which = least.flatMap((width, index) => (width === largest ? [index + 1] : []));
  const message = `The sections ask for ${round(missing)} more than there is; the largest (${round(largest)}) is number ${which.join(', ')}.`;
  return new CoreError('size.tooNarrow', message, 'usable');
}
const round = (mm: number): number => Math.round(mm * 1000) / 1000;
