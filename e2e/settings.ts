import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** So many files of tests run beside each other, each with servers and data of its own. */
export const LANES = 2;

/** Where a lane finds its servers, beside a Zindle that may be running. */
export const laneAt = (lane: number) => ({
  port: 4629 + 10 * lane,
  data: join(tmpdir(), `zindle-e2e-${lane}`),
  /** Beside it one that begins with nothing, as a new maker's does. */
  emptyPort: 4631 + 10 * lane,
  emptyData: join(tmpdir(), `zindle-e2e-${lane}-empty`),
});

/** The lane of this worker, as Playwright counts them. */
export const lane = laneAt(Number(process.env.TEST_PARALLEL_INDEX ?? 0));
export const DATABASE = join(lane.data, 'demo', 'zindle.sqlite');

export const chromiumArgs = [
  '--no-sandbox',
  '--disable-gpu',
  '--enable-unsafe-swiftshader',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];
