import type { Derived } from '../derived/derived.ts';
import type { Finding } from '../errors/finding.ts';
import { mm, say } from '../errors/wording.ts';

/** A corner no deeper than the allowances on both sides leaves nothing to cut out.
 * @param about path of what it belongs to */
export function shallowCorner(what: string, depth: Derived, seam: Derived, about = 'body'): Finding[] {
  const least = 2 * seam.value;
  if (depth.value > least) return [];
  return [
    {
      code: 'corner.notCutOut',
      severity: 'note',
      about: [about],
      numbers: { depth: depth.value },
      limit: least,
      text: say`The ${what} is ${mm(depth.value)} deep, no more than two seam allowances: its corners are not cut out. Mark them, sew across and trim.`,
    },
  ];
}
