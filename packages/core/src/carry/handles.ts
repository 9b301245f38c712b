import { handleEmbed, sewnEnds, type HandleAt, type HandleFrom } from './handle-ends.ts';
import { bandMade, bandNeeds, bandOf, bandParams, bandPiece, flamed } from '../closures/band.ts';
import { limited } from '../pieces/limited.ts';
import type { SizedBody } from '../bodies/body-kind.ts';
import type { ClosureInputs, ClosureKind, SolvedClosure } from '../closures/closure-kind.ts';
import { given, largest, named, product, rounded, sum, times } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import { CoreError } from '../errors/core-error.ts';
import type { ParamSpec } from '../holders/holder-kind.ts';
import { choiceParam, chosen, lengthParam } from '../holders/params.ts';
import { contribution } from '../pieces/contribution.ts';
import { strap } from '../sizing/strap.ts';
import { lengthRule } from '../shelves/rules/house-rule.ts';
import { seamAllowance } from '../shelves/rules/common-rules.ts';

export const handleDrop = lengthRule(
  'handle.drop',
  'carrying',
  'Handle hangs down by',
  200,
  40,
  700,
  'A hand 100, an elbow 250, a shoulder 300 and more.',
);
export const handleSpread = lengthRule(
  'handle.spread',
  'carrying',
  'Between the ends of a handle',
  120,
  40,
  500,
  'As far apart as a third of the mouth.',
);
const handleAside = lengthRule(
  'handle.aside',
  'carrying',
  'Middle of a handle’s end from the side seam',
  80,
  20,
  400,
  'Measured on the finished bag, along its mouth.',
);

const params = {
  drop: { kind: 'length', title: 'Hangs down by', rule: handleDrop },
  from: {
    kind: 'choice',
    title: 'Its ends are placed from',
    standard: 'centre' as HandleFrom,
    choices: [
      { id: 'centre' as HandleFrom, title: 'the centre', why: 'As far from it as each other: the bag hangs level.' },
      {
        id: 'sides' as HandleFrom,
        title: 'the side seams',
        why: 'As far from them as you measure on the cut piece, whatever the bag’s width.',
      },
    ],
  },
  spread: {
    kind: 'length',
    title: 'Between its ends',
    rule: handleSpread,
    when: (given) => chosen(given, 'from', 'centre') === 'centre',
  },
  aside: {
    kind: 'length',
    title: 'Each end from its side seam',
    rule: handleAside,
    when: (given) => chosen(given, 'from', 'centre') === 'sides',
  },
  embed: {
    kind: 'length',
    title: 'Each end buried',
    rule: handleEmbed,
    when: (given) => chosen(given, 'at', 'face') !== 'seam',
  },
  at: {
    kind: 'choice',
    title: 'Sewn on',
    standard: 'face' as HandleAt,
    choices: [
      {
        id: 'face' as HandleAt,
        title: 'on the face',
        why: 'Each end lies flat below the mouth, under a box and a cross: it holds most.',
      },
      {
        id: 'seam' as HandleAt,
        title: 'in the mouth seam',
        why: 'Both ends vanish between shell and lining: quick and neat.',
      },
      {
        id: 'between' as HandleAt,
        title: 'sunk between shell and lining',
        why: 'Where the lining is dropped in: the ends go as deep as they are buried, stitched through all layers twice. It carries weight and hides them.',
      },
    ],
  },
  ...bandParams,
} as const satisfies Record<string, ParamSpec>;

const THIRD = given('a third', 1 / 3, { kind: 'standard', path: 'handles/third' }, 'ratio');
const nothing = given('peaks', 0, { kind: 'standard', path: 'handles/grip' });

/** Two handles, one on the front and one on the back, each end as far from the middle as the other. */
export const handles: ClosureKind = {
  title: 'Handles',
  carries: true,
  on: 'mouth',
  params,
  findings: ['part.noSeam'],
  rules: [],
  solve(given: Params, { closing, finished }: SizedBody, inputs: ClosureInputs): SolvedClosure {
    const { rules, grid, id } = inputs;
    if (closing.kind !== 'mouth') throw new CoreError('part.notForBody', 'handles need a front and a back', id);
    const own = (key: 'drop' | 'spread' | 'embed') => lengthParam(given, key, params[key], rules, id);
    const { level = closing.width } = closing;
    // two ends lie beside each other, as far apart as each is wide
    const most = product('a third of the mouth', [
      sum('between the side seams', [level, times(-2, rules.length(seamAllowance))]),
      THIRD,
    ]);
    const band = bandOf(given, 'handle, wide', inputs, most);
    const width = band.wide;
    // the seam at the side must not catch an end
    const clear = sum('clear of the side seams', [level, times(-2, rules.length(seamAllowance)), times(-2, width)]);
    const from = choiceParam(given, 'from', params.from);
    const aside = lengthParam(given, 'aside', params.aside, rules, id);
    const wished =
      from === 'sides'
        ? largest('between its ends', [width, sum('mouth between both ends', [level, times(-2, aside)])])
        : own('spread');
    const spread =
      wished.value > clear.value ? named('between its ends', largest('between its ends', [width, clear])) : wished;
    const sewn = sewnEnds(choiceParam(given, 'at', params.at), own('embed'), {
      id,
      closing,
      finished,
      width,
      spread,
      level,
      from,
      rules,
    });
    const { embed } = sewn;
    const sizes = strap({
      method: band.method,
      finished: width,
      seam: rules.length(seamAllowance),
      turnIn: rules.length(seamAllowance),
      drop: own('drop'),
      spread,
      grip: nothing,
      embed,
    });
    const length = rounded(named('handle, cut length', sizes.cutLength), grid, 'up');
    const cutWidth = named('handle, cut width', sizes.cutWidth);
    const piece = bandPiece(band, { id: `${id}/handle`, name: 'Handle', length, cutWidth, count: 2 });
    return {
      sizes: { handleLength: length, handleWidth: width, spread, drop: named('hangs down by', own('drop')) },
      contribution: contribution({
        findings: [
          ...limited('A handle is wide', bandOf(given, 'handle, wide', inputs).wide, width, id),
          ...limited('The ends of a handle lie apart', wished, spread, id),
          ...sewn.findings,
        ],
        pieces: [piece],
        joins: sewn.joins,
        hostEdits: sewn.edits,
        hardware: bandNeeds(band, 2, length),
        operations: [
          {
            id: `${id}/handles`,
            ...sewn.when,
            title: 'Set the handles',
            ...flamed(band),
            actions: [...bandMade(band, piece.id, rules), ...sewn.actions],
          },
        ],
      }),
    };
  },
};
