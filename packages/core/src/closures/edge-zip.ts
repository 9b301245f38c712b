import type { ClosingEdge, SizedBody } from '../bodies/body-kind.ts';
import { byRule, given, rounded, sum, times, type Derived, type Rule } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import { CoreError } from '../errors/core-error.ts';
import type { Finding } from '../errors/finding.ts';
import { mm, say } from '../errors/wording.ts';
import { lengthParam } from '../holders/params.ts';
import { contribution } from '../pieces/contribution.ts';
import { edgePart, type EdgeRun } from '../pieces/seam.ts';
import { strip } from '../pieces/strip.ts';
import { hardwareOf } from '../shelves/hardware/hardware.ts';
import type { ClosureInputs, ClosureKind, SolvedClosure } from './closure-kind.ts';
import { zipBeyond } from '../shelves/rules/common-rules.ts';

const ZIPPER = 'zipper-5';
const params = { beyond: { kind: 'length', title: 'Tape beyond the path, each end', rule: zipBeyond } } as const;
const pathRule: Rule = {
  id: 'zipper',
  formula: 'straight edges + π/2 × radius for each corner',
  source: 'geometry: length along the stitch line',
};
/** Common practice: a tape bends round a radius of three times half its width, nicked. */
const BENDS = 3;
const NICKS = 6;

/** One half of a zipper along the whole open edge: it runs round one leaf, over the fold and round the other, and closes
 * on itself. */
export const edgeZip: ClosureKind = {
  title: 'Zipper round the edge',
  on: 'edge',
  params,
  rules: [],
  findings: ['closure.cornerTooTight'],
  solve(design: Params, body: SizedBody, inputs: ClosureInputs): SolvedClosure {
    const { closing, sizes } = body;
    const { rules, hardware, grid, id } = inputs;
    if (closing.kind !== 'edge')
      throw new CoreError('closure.notForBody', 'a zipper needs open edges to run round', id);
    const { diameter } = hardwareOf(ZIPPER, hardware);
    const tape = given('one tape, wide', diameter / 2, { kind: 'hardware', path: `hardware/${ZIPPER}` });
    const path = pathOf(closing, sizes, body);
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
            within: 'body/bottom',
            a: edgePart(piece, 'bottom', start, start + path.value),
            b: closing.around,
          },
        ],
        operations: [
          {
            id: `${id}/tape`,
            phase: 'closures',
            needs: [],
            uses: [piece, closing.outer.piece],
            seams: [`${piece}#path`],
            text: say`Baste one tape of the zipper along the edge of the shell, teeth inwards, from the fold at the bottom of one leaf all round to the fold of the other: ${mm(path.value)} along the stitch line. Nick the tape every ${mm(NICKS)} round the corners, never into the teeth. Centre marks meet at the top of the fold. When the edge is topstitched later, keep the lining away from the teeth.`,
          },
          {
            id: `${id}/slider`,
            phase: 'finish',
            needs: ['body/turn', `${id}/tape`],
            uses: [piece],
            seams: [],
            text: say`Fold the piece, put both ends of the tape into the slider, and close the ends in a tab.`,
          },
        ],
        findings: tooTight(closing.radius, tape, id),
      }),
    };
  },
};

/** The run is made of straight stretches and quarter rounds; both are known from the sizes of the body. */
function pathOf({ around, radius }: ClosingEdge, sizes: Record<string, Derived>, { finished }: SizedBody): Derived {
  const [leaf, width, height] = [sizes.leafWidth!, sizes.liningWidth!, finished.height!];
  const corners = around.parts.filter(isCorner).length;
  const r = radius.value;
  // both leaves along the bottom, both sides, the whole top; each corner takes two radii and gives a quarter round
  const value = 2 * leaf.value + 2 * height.value + width.value + corners * (Math.PI / 2 - 2) * r;
  return byRule(pathRule, 'way of the zipper', value, [leaf, height, width, radius]);
}

const isCorner = (part: EdgeRun['parts'][number]): boolean => 'edge' in part && part.edge.startsWith('corner-');

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
