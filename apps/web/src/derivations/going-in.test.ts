import { describe, expect, test } from '@jest/globals';
import { solveDesign, type DesignDocument, type Params } from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import { countThings } from './things.ts';
import { goingIn } from './going-in.ts';

const demo = (id: string): DesignDocument => demoDesigns.find((design) => design.id === id)!;
const counted = (design: DesignDocument) => goingIn(design, solveDesign(design));
const withParams = (design: DesignDocument, params: Params): DesignDocument => ({
  ...design,
  holders: design.holders.map((holder) => ({ ...holder, params: { ...holder.params, ...params } })),
});

describe('how many things go in with their ease', () => {
  // one design of the demo has a lens that no wallet takes
  const whole = demoDesigns.filter(({ id }) => id !== 'permit-bifold-lens');
  test.each(whole.map((design) => [design.name, design] as const))('%s: all of them', (_, design) => {
    expect(counted(design)).toBe(countThings(design));
  });
  test('all but the lens of the wallet that is asked to hold one', () => {
    const lens = demo('permit-bifold-lens');
    expect(counted(lens)).toBe(countThings(lens) - 1);
  });
  test('what has no home is not counted', () => {
    const bifold = demo('permit-bifold');
    const [first] = bifold.contents;
    const without = bifold.holders.map((holder) => ({
      ...holder,
      contents: holder.contents.filter(({ line }) => line !== first!.id),
    }));
    expect(counted({ ...bifold, holders: without })).toBe(countThings(bifold) - first!.count);
  });
  test('nor what stands out of a mouth that is closed above it', () => {
    const sleeve = withParams(demo('caliper-sleeve'), { visible: 60 });
    expect(solveDesign(sleeve).findings.map(({ code }) => code)).toContain('clearance.tooTight');
    expect(counted(sleeve)).toBe(0);
  });
  test('nor what goes in with less than it should', () => {
    const bifold = demo('permit-bifold');
    const { findings } = solveDesign(bifold);
    const less: (typeof findings)[number] = {
      code: 'clearance.lessThanEase',
      severity: 'watch',
      about: ['holders/A', 'contents/c3'],
      numbers: {},
      text: ['less'],
    };
    const three = bifold.contents.find(({ id }) => id === 'c3')!.count;
    expect(goingIn(bifold, { findings: [...findings, less] })).toBe(countThings(bifold) - three);
  });
});
