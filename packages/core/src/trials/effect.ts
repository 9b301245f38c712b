import { mm, say, type Wording } from '../errors/wording.ts';
import type { SizeChange } from '../solve/compare.ts';
import type { Solution } from '../solve/solution.ts';
import { clothArea } from './cloth.ts';

/** Comparatives of the finished sizes, for more and for less. */
const words: Readonly<Record<string, readonly [string, string]>> = {
  width: ['wider', 'narrower'],
  openWidth: ['wider', 'narrower'],
  rolledWidth: ['wider when rolled', 'narrower when rolled'],
  height: ['higher', 'lower'],
  closedHeight: ['higher when closed', 'lower when closed'],
  length: ['longer', 'shorter'],
  depth: ['deeper', 'shallower'],
  diameter: ['more across', 'less across'],
  full: ['thicker', 'thinner'],
};

/** Sizes that say the same as another one: told only if that one stays. */
const follows: Readonly<Record<string, string>> = { closedWidth: 'openWidth', rolledThickness: 'full' };

/** What a maker reads of a change: by how much the finished thing is wider, higher, thicker.
 * @returns nothing if its outside stays as it is */
export function effectWords(changes: readonly SizeChange[]): Wording | undefined {
  const parts = changes.flatMap(({ path, before, after }) => {
    const key = path.split('/')[1] ?? '';
    const pair = words[key];
    if (path.startsWith('pieces/') || before === undefined || after === undefined || !pair || key in follows) return [];
    return [say`${mm(Math.abs(after - before))} ${pair[after > before ? 0 : 1]}`];
  });
  return parts.length === 0 ? undefined : joined(parts);
}

const joined = (parts: readonly Wording[]): Wording =>
  parts.reduce<Wording>(
    (all, part, index) => (index === 0 ? part : ([...all, ', ', ...part] as Wording)),
    [] as Wording,
  );

/** How much more cloth it takes, as a share of what it took; 0 if there was none. */
export function moreCloth(before: Solution, after: Solution): number {
  const area = clothArea(before.pieces);
  return area === 0 ? 0 : clothArea(after.pieces) / area - 1;
}
