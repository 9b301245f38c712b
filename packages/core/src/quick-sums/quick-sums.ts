import type { QuickSum } from './quick-sum.ts';
import { aroundSums } from './sums/around.ts';
import { boxSums } from './sums/boxes.ts';
import { closingSums } from './sums/closing.ts';
import { flatSums } from './sums/flat.ts';

/** Every rule that can be asked for by itself, by id. */
export const quickSums: Readonly<Record<string, QuickSum>> = { ...aroundSums, ...flatSums, ...boxSums, ...closingSums };
