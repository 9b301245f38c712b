import type { SizedBody } from '../bodies/body-kind.ts';
import { given, named, product, sum } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import { CoreError } from '../errors/core-error.ts';
import { mm, say } from '../errors/wording.ts';
import { lengthParam } from '../holders/params.ts';
import { contribution } from '../pieces/contribution.ts';
import type { ClosureInputs, ClosureKind, SolvedClosure } from './closure-kind.ts';
import { lengthRule } from '../shelves/rules/house-rule.ts';

const tieBow = lengthRule('tie.bow', 'closures', 'Bow of the tie', 300, 100, 800, 'Both ends and the bow together.');

const params = { bow: { kind: 'length', title: 'Bow', rule: tieBow } } as const;
/** Common practice: twice round the roll. */
const WRAPS = given('times round', 2, { kind: 'standard', path: 'tie/wraps', source: 'common practice' }, 'count');

/** A cord or ribbon sewn to the outer end of a roll, wound round it and tied. */
export const tie: ClosureKind = {
  title: 'Tie',
  on: 'edge',
  params,
  rules: [],
  solve(given: Params, { closing }: SizedBody, { rules }: ClosureInputs): SolvedClosure {
    if (closing.kind !== 'roll') throw new CoreError('closure.notForBody', 'a tie needs a roll to go round', 'closure');
    const bow = lengthParam(given, 'bow', params.bow, rules, 'closure');
    const tieLength = named('tie', sum('tie', [product('round the roll, twice', [closing.girth, WRAPS]), bow]));
    const { piece, at } = closing.end;
    return {
      sizes: { tieLength, roundTheRoll: closing.girth },
      contribution: contribution({
        hostEdits: [
          {
            piece,
            marks: [{ id: 'tie', kind: 'placement', at, label: 'tie, folded in half' }],
          },
        ],
        hardware: [{ id: 'ribbon-10', count: 1, length: tieLength.value }],
        operations: [
          {
            id: 'closure/tie',
            phase: 'closures',
            needs: [],
            uses: [piece],
            seams: [],
            text: say`Cut a ribbon or a cord of ${mm(tieLength.value)}. Sealing needs a flame or a hot knife: mind fingers and fumes. Seal its ends, fold it in half and baste the fold to the middle of the end that comes to lie outside, its tails inwards.`,
          },
        ],
      }),
    };
  },
};
