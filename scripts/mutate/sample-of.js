import fc from 'fast-check';

/** So many of them, the same for the same seed. */
export const sampleOf = (all, count, seed) =>
  fc.sample(fc.shuffledSubarray(all, { minLength: Math.min(count, all.length), maxLength: count }), {
    numRuns: 1,
    seed,
  })[0];
