import type { SizedBody } from '../bodies/body-kind.ts';
import { given, named, product, sum } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import { CoreError } from '../errors/core-error.ts';
import { lengthParam } from '../holders/params.ts';
import { hardwareWidth } from '../holders/hardware-sizes.ts';
import { contribution } from '../pieces/contribution.ts';
import { strip } from '../pieces/strip.ts';
import type { ClosureInputs, ClosureKind, SolvedClosure } from './closure-kind.ts';
import { lengthRule } from '../shelves/rules/house-rule.ts';

const tieBow = lengthRule('tie.bow', 'closures', 'Bow of the tie', 300, 100, 800, 'Both ends and the bow together.');

const params = { bow: { kind: 'length', title: 'Bow', rule: tieBow } } as const;
const TIE = 'closure/tie';
const RIBBON = 'ribbon-10';
/** Common practice: twice round the roll. */
const WRAPS = given('times round', 2, { kind: 'standard', path: 'tie/wraps', source: 'common practice' }, 'count');

/** A cord or ribbon sewn to the outer end of a roll, wound round it and tied. */
export const tie: ClosureKind = {
  title: 'Tie',
  on: 'edge',
  params,
  rules: [],
  solve(given: Params, { closing }: SizedBody, inputs: ClosureInputs): SolvedClosure {
    const { rules } = inputs;
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
        pieces: [
          strip({
            id: TIE,
            name: 'Tie',
            cutFrom: RIBBON,
            length: tieLength,
            width: hardwareWidth('ribbon, wide', RIBBON, inputs),
          }),
        ],
        hardware: [{ id: RIBBON, count: 1, length: tieLength.value }],
        operations: [
          {
            id: 'closure/tie',
            phase: 'closures',
            needs: [],
            title: 'Baste the tie on',
            cautions: ['flame'],
            actions: [
              { verb: 'seal', pieces: [TIE] },
              { verb: 'attach', piece: TIE, to: [piece], how: 'fold', pointing: 'inwards' },
            ],
          },
        ],
      }),
    };
  },
};
