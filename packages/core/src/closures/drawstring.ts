import { nothing } from '../derived/constants.ts';
import type { ClosingMouth, SizedBody } from '../bodies/body-kind.ts';
import { given, rounded, roundedAmount, sum, times, type Derived } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import { CoreError } from '../errors/core-error.ts';
import type { Finding } from '../errors/finding.ts';
import { say } from '../errors/wording.ts';
import { choiceParam, lengthParam } from '../holders/params.ts';
import type { ParamSpec } from '../holders/holder-kind.ts';
import { contribution, type Contribution } from '../pieces/contribution.ts';
import { strip } from '../pieces/strip.ts';
import { hardwareOf } from '../shelves/hardware/hardware.ts';
import { drawstring as drawstringRule, type CordKind } from '../sizing/drawstring.ts';
import { appliedCasing, hemCasing, stitchedCasing, type Casing } from './casings.ts';
import type { ClosureInputs, ClosureKind, SolvedClosure } from './closure-kind.ts';
import { lengthRule } from '../shelves/rules/house-rule.ts';
import { mouthHem, topstitchInset } from '../shelves/rules/common-rules.ts';

const cordTail = lengthRule(
  'cord.tail',
  'closures',
  'Cord out of the mouth, each end',
  120,
  40,
  500,
  'To knot, and to pull.',
);
const cordHeader = lengthRule(
  'cord.header',
  'closures',
  'Cloth above the casing',
  20,
  0,
  100,
  'Ruffles above the cord when it is drawn.',
);

const casingPatch = lengthRule(
  'casing.patch',
  'closures',
  'Casing of a short patch, long',
  150,
  40,
  600,
  'Long enough to gather the mouth; the cord lies bare beside it.',
);

/** How far a casing that is sewn on goes along its side. */
export type CasingReach = 'side' | 'patch';

type CordChoice = CordKind | 'ribbon-10' | 'ribbon-25';

export type CasingKind = 'side-gap' | 'applied' | 'hem';

const params = {
  casing: {
    kind: 'choice',
    title: 'Casing',
    standard: 'side-gap' as CasingKind,
    choices: [
      {
        id: 'side-gap' as CasingKind,
        title: 'between shell and lining',
        why: 'Two lines round the bag, entered through gaps in the side seams. It needs a lining.',
      },
      {
        id: 'applied' as CasingKind,
        title: 'sewn on',
        why: 'A strip on each side, open at its ends: no gaps, and a trim.',
      },
      { id: 'hem' as CasingKind, title: 'in the hem', why: 'The mouth folded over: for a single layer.' },
    ],
  },
  reach: {
    kind: 'choice',
    title: 'Each casing is',
    standard: 'side' as CasingReach,
    choices: [
      { id: 'side' as CasingReach, title: 'as long as its side', why: 'Gathers evenly, and no cord lies bare.' },
      { id: 'patch' as CasingReach, title: 'a short patch', why: 'Less to sew; the cord shows beside it.' },
    ],
    when: ({ casing }) => casing === 'applied',
  },
  patch: {
    kind: 'length',
    title: 'Patch, long',
    rule: casingPatch,
    when: ({ casing, reach }) => casing === 'applied' && reach === 'patch',
  },
  cord: {
    kind: 'choice',
    title: 'Cord',
    standard: 'round' as CordChoice,
    choices: [
      { id: 'round' as CordChoice, title: 'round', why: 'Runs easily.' },
      { id: 'flat' as CordChoice, title: 'flat', why: 'Lies flat, holds the knot.' },
      {
        id: 'ribbon-10' as CordChoice,
        title: 'grosgrain ribbon, 10 mm',
        why: 'Flat, with ribs that grip: a bow stays tied.',
      },
      { id: 'ribbon-25' as CordChoice, title: 'grosgrain ribbon, 25 mm', why: 'To be seen; wants a soft mouth.' },
    ],
  },
  cords: {
    kind: 'choice',
    title: 'Cords',
    standard: 'two',
    choices: [
      { id: 'two', title: 'two, from opposite sides', why: 'Draws shut by both ends.' },
      { id: 'one', title: 'one', why: 'Draws shut from one side.' },
    ],
  },
  tail: { kind: 'length', title: 'Cord out of the mouth', rule: cordTail },
  header: { kind: 'length', title: 'Cloth above the casing', rule: cordHeader },
} as const satisfies Record<string, ParamSpec>;

/** What is drawn through, on the hardware shelf, and how it lies. */
const CORDS: Record<CordChoice, { id: string; kind: CordKind }> = {
  round: { id: 'cord-4', kind: 'round' },
  flat: { id: 'cord-flat-12', kind: 'flat' },
  'ribbon-10': { id: 'ribbon-10', kind: 'flat' },
  'ribbon-25': { id: 'ribbon-25', kind: 'flat' },
};
const count = (value: number): Derived => given('cords', value, { kind: 'standard', path: 'drawstring' }, 'count');

function sizesOf(design: Params, mouthWidth: Derived, { rules, hardware, grid, id, pin }: ClosureInputs) {
  const { id: bought, kind: cordKind } = CORDS[choiceParam(design, 'cord', params.cord)];
  const cord = hardwareOf(bought, hardware);
  const cordWidth = given(cord.name, cord.diameter, { kind: 'hardware', path: `hardware/${cord.id}` });
  const cords = choiceParam(design, 'cords', params.cords) === 'two' ? 2 : 1;
  const topstitch = rules.length(topstitchInset);
  const tail = lengthParam(design, 'tail', params.tail, rules, id);
  const solved = drawstringRule({ mouthWidth, cordKind, cordWidth, topstitch, tail, cords: count(cords) });
  const free = rounded(solved.channel, grid, 'up');
  const channel = pin(`${id}/channel`, free);
  const casing = channel === free ? solved.casingHeight : sum('casing height', [channel, times(2, topstitch)]);
  return {
    cords,
    cord,
    cordWidth,
    channel,
    casingHeight: rounded(casing, grid, 'up'),
    cordLength: rounded(solved.cordLength, grid, 'up'),
    header: roundedAmount(lengthParam(design, 'header', params.header, rules, id), grid),
  };
}

/** Without a lining the cord runs in the hem; a round bag has one seam only, so its casings are sewn on. */
function kindOf(
  design: Params,
  { lined, round, band }: { lined: boolean; round?: unknown; band?: unknown },
): CasingKind {
  const wished = choiceParam(design, 'casing', params.casing);
  // a mouth with a band or a lining is sewn there, and has no hem
  const hemless = band !== undefined || lined;
  if (wished === 'applied' || (wished === 'hem' && !hemless)) return wished;
  if (round || band) return 'applied';
  return lined ? 'side-gap' : 'hem';
}

/** A cord drawn through a casing round the mouth. */
export const drawstring: ClosureKind = {
  title: 'Drawstring',
  on: 'mouth',
  meets: true,
  params,
  rules: [topstitchInset, mouthHem],
  findings: ['closure.casingInHem', 'closure.casingSewnOn', 'closure.casingBetween'],
  finishesMouth: (design, { round }) => kindOf(design, { lined: false, round }) === 'hem',
  above(design: Params, _contents: Derived, inputs: ClosureInputs): Derived {
    // how the casing is made is not known before the body is: room is kept for the highest
    const { casingHeight, header } = sizesOf(design, nothing, inputs);
    return sum('casing and cloth above it', [casingHeight, header]);
  },
  solve(design: Params, { closing }: SizedBody, inputs: ClosureInputs): SolvedClosure {
    if (closing.kind !== 'mouth')
      throw new CoreError('closure.notForBody', 'a drawstring needs a mouth to be drawn shut', inputs.id);
    const sizes = sizesOf(design, closing.width, inputs);
    const kind = kindOf(design, closing);
    // where another casing becomes one that is sewn on, how long it is was not asked
    const asked = choiceParam(design, 'casing', params.casing) === 'applied';
    const short = asked && choiceParam(design, 'reach', params.reach) === 'patch';
    const casing: Casing = {
      ...sizes,
      id: inputs.id,
      closing,
      ...(short && { patch: lengthParam(design, 'patch', params.patch, inputs.rules, inputs.id) }),
    };
    const made = makers[kind](casing, inputs);
    return {
      sizes: {
        channel: sizes.channel,
        ...(kind === 'applied' && { casingHeight: sizes.casingHeight }),
        ...(kind !== 'hem' && { header: sizes.header }),
        cordLength: sizes.cordLength,
        cordTotal: sum('all cords', [times(sizes.cords, sizes.cordLength)]),
      },
      contribution: withCord(made, casing, [...unlined(design, closing), ...noHem(design, closing)]),
    };
  },
};

const makers: Record<CasingKind, (casing: Casing, inputs: ClosureInputs) => Contribution> = {
  'side-gap': stitchedCasing,
  applied: appliedCasing,
  hem: hemCasing,
};

function withCord(made: Contribution, { id, cords, cord, cordLength, cordWidth }: Casing, findings: Finding[]) {
  const piece = strip({
    id: `${id}/cord`,
    name: cord.name,
    cutFrom: cord.id,
    length: cordLength,
    width: cordWidth,
    count: cords,
    note: 'Seal or knot the ends.',
  });
  return contribution({
    ...made,
    pieces: [...made.pieces, piece],
    hardware: [...made.hardware, { id: cord.id, count: cords, length: cords * cordLength.value }],
    operations: [
      ...made.operations,
      {
        id: `${id}/cord`,
        phase: 'finish',
        needs: ['body/topstitch', ...made.operations.map((operation) => operation.id)],
        title: cords === 2 ? 'Draw the cords in' : 'Draw the cord in',
        cautions: ['cords'],
        actions: [
          { verb: 'thread', piece: piece.id, ...(cords === 2 && { both: true }) },
          { verb: 'seal', pieces: [piece.id] },
        ],
      },
    ],
    findings: [...made.findings, ...findings],
  });
}

function noHem(design: Params, closing: ClosingMouth): Finding[] {
  const { band, lined } = closing;
  if (!(band || lined) || choiceParam(design, 'casing', params.casing) !== 'hem') return [];
  const finding = { severity: 'note' as const, about: ['closure'], numbers: {} };
  if (kindOf(design, closing) === 'side-gap') {
    const text = say`The mouth is sewn to a lining and has no hem for a cord to run in, so the casing is stitched between the two.`;
    return [{ ...finding, code: 'closure.casingBetween', text }];
  }
  const text = band
    ? say`The mouth has a band and no hem for a cord to run in, so the casing is sewn on below the band.`
    : say`The mouth is sewn to a lining and has no hem for a cord to run in, so the casing is sewn on.`;
  return [{ ...finding, code: 'closure.casingSewnOn', text }];
}

function unlined(design: Params, { lined, round }: ClosingMouth): Finding[] {
  if (lined || round || choiceParam(design, 'casing', params.casing) !== 'side-gap') return [];
  const text = say`There is no lining to make a casing with, so the cord runs in the hem.`;
  return [{ code: 'closure.casingInHem', severity: 'note', about: ['closure'], numbers: {}, text }];
}
