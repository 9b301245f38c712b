/** Times a piece of work: the median of many runs, ms. */
export async function median(work, { runs = 60, warmUp = 15 } = {}) {
  const times = [];
  for (let run = 0; run < warmUp + runs; run++) {
    const start = performance.now();
    await work(run);
    if (run >= warmUp) times.push(performance.now() - start);
  }
  return times.sort((a, b) => a - b)[Math.floor(times.length / 2)];
}

/** A fixed piece of arithmetic: machines differ and are shared, so times are told as multiples of it as well. */
export function calibration() {
  let sum = 0;
  for (let i = 1; i < 2_000_000; i++) sum += Math.sqrt(i) / (i % 7 || 1);
  return sum;
}
