import { ruledCut } from '../pieces/ruler.ts';
import type { Derived } from '../derived/derived.ts';
import type { Solution } from './solution.ts';

/** The number at a path of the solution, such as `finished/height`, `body/spine`, `holders/A/slotWidth`,
 * `pieces/body/shell/cutWidth`; of a piece the size by which it is cut. */
export function sizeAt(solution: Solution, path: string): Derived | undefined {
  const [kind = '', ...rest] = path.split('/');
  const key = rest.pop() ?? '';
  return readers[kind]?.(solution, rest.join('/'), key);
}

type Reader = (solution: Solution, id: string, key: string) => Derived | undefined;

const readers: Record<string, Reader> = {
  finished: ({ finished }, _, key) => finished[key],
  thickness: (solution, _, key) => (key === 'empty' ? solution.emptyThickness : solution.closedThickness),
  section: ({ section }) => section.total,
  body: ({ body }, _, key) => body.sizes[key],
  closure: ({ closure }, _, key) => closure.sizes[key],
  stacks: ({ stacks }, _, key) => stacks[key as keyof typeof stacks],
  holders: ({ holders }, id, key) => holders.find((holder) => holder.id === id)?.sizes[key],
  parts: ({ parts }, id, key) => parts.find((part) => part.id === id)?.sizes[key],
  pieces: ({ pieces, ruler }, id, key) => {
    const piece = pieces.find((each) => each.id === id);
    const ruled = piece && ruledCut(piece, ruler);
    return key === 'cutWidth' ? (ruled?.width ?? piece?.cutWidth) : (ruled?.height ?? piece?.cutHeight);
  },
};
