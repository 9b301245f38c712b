import type { ClosingEdge, SizedBody, TapePath } from '../bodies/body-kind.ts';
import { byRule, given, rounded, sum, times, type Derived, type Rule } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import { CoreError } from '../errors/core-error.ts';
import type { Finding } from '../errors/finding.ts';
import { mm, say } from '../errors/wording.ts';
import type { ParamSpec } from '../holders/holder-kind.ts';
import { choiceParam, lengthParam } from '../holders/params.ts';
import { contribution } from '../pieces/contribution.ts';
import { patch } from '../pieces/patch.ts';
import { edgePart } from '../pieces/seam.ts';
import { strip } from '../pieces/strip.ts';
import { hardwareOf } from '../shelves/hardware/hardware.ts';
import type { ClosureInputs, ClosureKind, SolvedClosure } from './closure-kind.ts';
import { seamAllowance, zipBeyond } from '../shelves/rules/common-rules.ts';

const ZIPPER = 'zipper-5';
const params = {
  path: {
    kind: 'choice',
    title: 'It runs',
    standard: 'round' as TapePath,
    choices: [
      { id: 'round' as TapePath, title: 'round all open edges', why: 'Closed on all sides, from fold to fold.' },
      {
        id: 'upper' as TapePath,
        title: 'along the top and the outer edges',
        why: 'Shorter, and opens like a book from above: the bottom is sewn, and the work is turned through it.',
      },
    ],
  },
  beyond: { kind: 'length', title: 'Tape beyond the path, each end', rule: zipBeyond },
} as const satisfies Record<string, ParamSpec>;
const tapePath = (design: Params): TapePath => choiceParam(design, 'path', params.path);
const pathRule: Rule = {
  id: 'zipper',
  formula: 'straight edges + π/2 × radius for each corner',
  source: 'geometry: length along the stitch line',
};
/** Common practice: a tape bends round a radius of three times half its width, nicked. */
const BENDS = 3;
const NICKS = 6;
/** Common practice: a tab over the ends of both tapes is so long. */
const TAB = given('tab, folded', 12, { kind: 'standard', path: 'zipper/tab', source: 'common practice' });

/** One half of a zipper along the whole open edge: it runs round one leaf, over the fold and round the other, and closes
 * on itself. */
export const edgeZip: ClosureKind = {
  title: 'Zipper round the edge',
  on: 'edge',
  params,
  rules: [],
  alongTop: (design) => tapePath(design) === 'upper',
  findings: ['closure.cornerTooTight'],
  solve(design: Params, body: SizedBody, inputs: ClosureInputs): SolvedClosure {
    const { closing, sizes } = body;
    const { rules, hardware, grid, id } = inputs;
    if (closing.kind !== 'edge' || !closing.around)
      throw new CoreError('closure.notForBody', 'a zipper needs open edges to run round', id);
    const { diameter } = hardwareOf(ZIPPER, hardware);
    const tape = given('one tape, wide', diameter / 2, { kind: 'hardware', path: `hardware/${ZIPPER}` });
    const way = tapePath(design);
    const run = closing.around[way];
    const path = pathOf(way, closing, sizes, body);
    const beyond = lengthParam(design, 'beyond', params.beyond, rules, id);
    const length = rounded(sum('zipper tape, cut length', [path, times(2, beyond)]), grid, 'up');
    const piece = `${id}/tape`;
    const tab = `${id}/tab`;
    const start = beyond.value;
    return {
      sizes: { zipPath: path, tapeLength: length },
      contribution: contribution({
        pieces: [
          strip({
            id: piece,
            name: 'Zipper, one tape',
            cutFrom: ZIPPER,
            length,
            width: tape,
            note: 'One half; both ends go into a tab.',
          }),
          patch({
            id: tab,
            name: 'Tab of the zipper',
            role: 'exterior',
            plain: true,
            width: sum('both tapes', [times(2, tape)]),
            height: sum('tab, unfolded', [times(2, TAB)]),
            seam: rules.length(seamAllowance),
            folds: [
              { id: 'middle', order: 1, kind: 'mountain', from: [0, TAB.value], to: [2 * tape.value, TAB.value] },
            ],
          }),
        ],
        hardware: [
          { id: ZIPPER, count: 1, length: length.value },
          { id: ZIPPER.replace('zipper', 'slider'), count: 1 },
        ],
        joins: [
          {
            id: `${piece}#path`,
            kind: 'caught',
            within: way === 'round' ? 'body/bottom' : 'body/top',
            a: edgePart(piece, 'bottom', start, start + path.value),
            b: run,
          },
        ],
        operations: [
          {
            id: `${id}/tape`,
            phase: 'closures',
            needs: [],
            title: 'Baste the tape to the edge',
            actions: [
              { verb: 'trim', pieces: [piece], to: 'tape' },
              { verb: 'nick', piece, every: NICKS },
              {
                verb: 'baste',
                seams: [`${piece}#path`],
                facing: 'wrongToRight',
                meet: 'middles',
                teeth: 'inwards',
              },
            ],
          },
          {
            id: `${id}/slider`,
            phase: 'finish',
            needs: ['body/turn', `${id}/tape`],
            title: 'Put the slider on',
            actions: [
              { verb: 'moveSlider', zipper: piece, to: 'on' },
              { verb: 'bind', by: tab, over: [piece], place: 'tapeEnds' },
            ],
          },
        ],
        findings: tooTight(closing.radius, tape, id),
      }),
    };
  },
};

/** The run is made of straight stretches and quarter rounds; both are known from the sizes of the body. */
function pathOf(
  way: TapePath,
  { radius }: ClosingEdge,
  sizes: Record<string, Derived>,
  { finished }: SizedBody,
): Derived {
  const [leaf, width, height] = [sizes.leafWidth!, sizes.liningWidth!, finished.height!];
  const r = radius.value;
  // each corner takes two radii and gives a quarter round; below, a side ends where its lower corner begins
  const quarter = (Math.PI / 2 - 2) * r;
  const upper = 2 * height.value + width.value + 2 * quarter;
  if (way === 'upper') return byRule(pathRule, 'way of the zipper', upper - 2 * r, [height, width, radius]);
  return byRule(pathRule, 'way of the zipper', upper + 2 * leaf.value + 2 * quarter, [leaf, height, width, radius]);
}

function tooTight(radius: Derived, tape: Derived, id: string): Finding[] {
  const least = (BENDS * tape.value) / 2;
  if (radius.value >= least) return [];
  return [
    {
      code: 'closure.cornerTooTight',
      severity: 'watch',
      about: [id],
      numbers: { radius: radius.value },
      limit: least,
      text: say`The corners have a radius of ${mm(radius.value)}; this zipper wants ${mm(least)} to bend round them. Round them more, or choose a narrower zipper.`,
    },
  ];
}
