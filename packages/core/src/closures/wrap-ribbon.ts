import type { SizedBody } from '../bodies/body-kind.ts';
import { half } from '../derived/constants.ts';
import { given, largest, named, product, rounded, sum, times, type Derived } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import { CoreError } from '../errors/core-error.ts';
import type { ParamSpec } from '../holders/holder-kind.ts';
import { choiceParam, lengthParam } from '../holders/params.ts';
import { contribution } from '../pieces/contribution.ts';
import { edgePart, faceLine } from '../pieces/seam.ts';
import { strip } from '../pieces/strip.ts';
import { hardwareOf } from '../shelves/hardware/hardware.ts';
import type { ClosureInputs, ClosureKind, SolvedClosure } from './closure-kind.ts';
import { lengthRule } from '../shelves/rules/house-rule.ts';
import { mouthHem, seamAllowance } from '../shelves/rules/common-rules.ts';

const wrapBow = lengthRule(
  'wrap.bow',
  'closures',
  'Bow of the ribbon, both tails',
  400,
  150,
  1200,
  'Five widths are common and often found short.',
);

const RIBBON = 'ribbon-25';
const CLEAR = given('clear of the mouth', 2, { kind: 'standard', path: 'wrap/clear', source: 'common practice' });
const params = {
  bow: { kind: 'length', title: 'Both tails and the bow', rule: wrapBow },
  place: {
    kind: 'choice',
    title: 'Sewn on',
    standard: 'below',
    choices: [
      { id: 'below', title: 'below the hem', why: 'Flat: hem and ribbon do not lie on each other.' },
      { id: 'hem', title: 'on the hem', why: 'Its stitching lies on that of the hem, and the mouth folds over less.' },
    ],
  },
} as const satisfies Record<string, ParamSpec>;
/** Common practice: the thing's length and a half, so that the mouth folds over. */
const FOLDED = given(
  'folds over, share of the length',
  0.5,
  { kind: 'standard', path: 'wrap/fold', source: 'common practice' },
  'ratio',
);

/** A ribbon sewn across one layer of the mouth; its tails go behind, cross there and come back to be tied. */
export const wrapRibbon: ClosureKind = {
  title: 'Ribbon wrapped round',
  on: 'sides',
  params,
  rules: [],
  above: (_params: Params, contents: Derived): Derived => product('folds over', [contents, FOLDED]),
  solve(design: Params, { closing }: SizedBody, { rules, hardware, grid, id }: ClosureInputs): SolvedClosure {
    if (closing.kind !== 'mouth') throw new CoreError('closure.notForBody', 'a ribbon needs a mouth to wrap', id);
    const { width } = closing;
    const { diameter } = hardwareOf(RIBBON, hardware);
    const wide = given('ribbon, wide', diameter, { kind: 'hardware', path: `hardware/${RIBBON}` });
    const bow = lengthParam(design, 'bow', params.bow, rules, id);
    // across the front where it is sewn, twice across the back where the tails cross, and half the front from each side
    const path = sum('sewn across, crossed behind, back to the middle', [width, times(2, width), width]);
    const length = rounded(named('ribbon', sum('ribbon', [path, bow])), grid, 'up');
    const onHem = choiceParam(design, 'place', params.place) === 'hem';
    const middle = sum('in the middle of the hem', [
      product('a quarter of what is turned in twice', [rules.length(mouthHem), half, half]),
      product('half of the ribbon', [wide, half]),
    ]);
    const down = onHem
      ? largest('below the mouth', [middle, sum('all of the ribbon', [wide, CLEAR])])
      : sum('below the mouth', [rules.length(mouthHem), rules.length(seamAllowance), wide]);
    const piece = `${id}/ribbon`;
    const start = (length.value - width.value) / 2;
    const { piece: host, at } = closing.front;
    return {
      sizes: { ribbonLength: length, ribbonPath: path, below: down },
      contribution: contribution({
        pieces: [
          strip({ id: piece, name: 'Wrap ribbon', cutFrom: RIBBON, length, width: wide, note: 'Seal the ends.' }),
        ],
        hardware: [{ id: RIBBON, count: 1, length: length.value }],
        hostEdits: [
          {
            piece: host,
            lines: [
              {
                id: `${id}-ribbon`,
                from: at(0, down.value),
                to: at(width.value, down.value),
                label: 'ribbon, lower edge',
              },
            ],
          },
        ],
        joins: [
          {
            id: `${piece}#across`,
            kind: 'stitchedOn',
            a: edgePart(piece, 'bottom', start, start + width.value),
            b: faceLine(host, `${id}-ribbon`),
          },
        ],
        operations: [
          {
            id: `${id}/ribbon`,
            phase: 'prepare',
            needs: [],
            title: 'Sew the ribbon on',
            cautions: ['flame'],
            actions: [
              { verb: 'seal', pieces: [piece] },
              {
                verb: 'sew',
                seams: [`${piece}#across`],
                facing: 'wrongToRight',
                aside: { distance: down.value, of: 'mouth' },
                ...(onHem && { bothEdges: true }),
                stopsAt: 'sideSeam',
              },
              { verb: 'tack', pieces: [piece], how: 'pinAway' },
            ],
          },
        ],
      }),
    };
  },
};
