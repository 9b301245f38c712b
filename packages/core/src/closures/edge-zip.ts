import type { ClosingEdge, SizedBody, TapePath } from '../bodies/body-kind.ts';
import { byRule, given, rounded, sum, times, type Derived, type Rule } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import { CoreError } from '../errors/core-error.ts';
import type { Finding } from '../errors/finding.ts';
import { mm, say, type Wording } from '../errors/wording.ts';
import type { ParamSpec } from '../holders/holder-kind.ts';
import { choiceParam, lengthParam } from '../holders/params.ts';
import { contribution } from '../pieces/contribution.ts';
import { edgePart } from '../pieces/seam.ts';
import { strip } from '../pieces/strip.ts';
import { hardwareOf } from '../shelves/hardware/hardware.ts';
import type { ClosureInputs, ClosureKind, SolvedClosure } from './closure-kind.ts';
import { zipBeyond } from '../shelves/rules/common-rules.ts';

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

const along = (path: Derived) =>
  say`${mm(path.value)} along the stitch line. Nick the tape every ${mm(NICKS)} round the corners, never into the teeth. Centre marks meet at the top of the fold. When the edge is topstitched later, keep the lining away from the teeth.`;
const basted: Record<TapePath, (path: Derived) => Wording> = {
  round: (path) => [
    ...say`Baste one tape of the zipper along the edge of the shell, teeth inwards, from the fold at the bottom of one leaf all round to the fold of the other: `,
    ...along(path),
  ],
  upper: (path) => [
    ...say`Baste one tape of the zipper along the edge of the shell, teeth inwards, from the bottom of one outer edge up, across the top and down the other: `,
    ...along(path),
    ...say` The bottom stays free of it: it is sewn last, and closes what lies in it.`,
  ],
};

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
        ],
        hardware: [{ id: ZIPPER, count: 1, length: length.value }],
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
            uses: [piece, closing.outer.piece],
            seams: [`${piece}#path`],
            text: basted[way](path),
          },
          {
            id: `${id}/slider`,
            phase: 'finish',
            needs: ['body/turn', `${id}/tape`],
            uses: [piece],
            seams: [],
            text:
              way === 'round'
                ? say`Fold the piece, put both ends of the tape into the slider, and close the ends in a tab.`
                : say`Fold the piece and put both ends of the tape into the slider at the bottom of the outer edges; close the ends in a tab, or bind them with the bottom.`,
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
