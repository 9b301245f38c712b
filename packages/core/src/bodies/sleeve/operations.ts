import { mm, say } from '../../errors/wording.ts';
import type { OperationDraft } from '../../pieces/contribution.ts';
import type { Seam } from '../../pieces/seam.ts';
import type { BodyInputs } from '../body-kind.ts';
import type { Rules } from '../../shelves/rules/rules-for.ts';
import type { Sleeve, Layer } from './params.ts';
import { mouthSeams, pieceIds } from './seams.ts';
import { mouthHem, mouthTurnIn, topstitchInset } from '../../shelves/rules/common-rules.ts';

/** What is sewn of a layer: a bottom that is folded has no seam. */
const howOf = ({ form, cut, bottom }: Sleeve): string => {
  if (bottom === 'side') return 'side and the foot, turning at the corner';
  const seams = bottom === 'seam' ? 'sides and the bottom' : 'sides';
  if (form === 'boxed')
    return `${seams}, then open each corner, lay the side seam on the ${bottom === 'seam' ? 'bottom seam' : 'middle of the bottom fold'} and sew across`;
  return cut.value > 0 ? `${seams}, not the cut corners` : seams;
};

/** The steps of a lined sleeve. */
export function linedOperations(detail: Sleeve, seams: Record<Layer, Seam[]>, { rules }: BodyInputs): OperationDraft[] {
  const how = howOf(detail);
  const bag = (layer: Layer, phase: OperationDraft['phase'], text: OperationDraft['text']): OperationDraft => ({
    id: `body/${layer}`,
    phase,
    needs: [],
    uses: pieceIds(detail, layer),
    seams: seams[layer].map(({ id }) => id),
    text,
  });
  const both = [...pieceIds(detail, 'shell'), ...pieceIds(detail, 'lining')];
  if (detail.turn === 'dropped') return droppedIn(detail, both, bag, rules);
  if (detail.slope.value > 0 || detail.bottom === 'side') return mouthFirst(detail, both, bag, rules);
  return [
    bag('shell', 'layers', say`Shell, right sides together: sew the ${how}. Press the allowances to one side.`),
    bag(
      'lining',
      'layers',
      say`Lining, right sides together: sew the ${how}${leavingOpen(detail)}. Press the allowances to the other side, so that they nest.`,
    ),
    {
      id: 'body/mouth',
      phase: 'join',
      needs: ['body/shell', 'body/lining'],
      uses: both,
      seams: mouthSeams(detail).map(({ id }) => id),
      text: say`Put the shell, right side out, into the lining, wrong side out, so that right sides face. Match the side seams and sew round the mouth, one layer of each at the needle${detail.turn === 'mouth' ? ', leaving the gap in its front open' : ''}.`,
    },
    ...turnedOut(['body/mouth'], both, detail, rules),
  ];
}

/** Where the lining is left open, in words. */
function leavingOpen({ turn, bottom }: Sleeve): string {
  if (turn === 'mouth' || turn === 'dropped') return '';
  if (turn === 'bottom') return ', leaving the gap in the bottom open';
  return `, leaving the gap in ${bottom === 'side' ? 'the foot' : 'one side'} open`;
}

function turnedOut(needs: string[], uses: string[], { turn, rim }: Sleeve, rules: Rules): OperationDraft[] {
  const inset = mm(rules.length(topstitchInset).value);
  return [
    {
      id: 'body/turn',
      phase: 'turn',
      needs,
      uses,
      seams: [],
      text:
        turn === 'mouth'
          ? say`Turn through the gap, push the lining into the shell, turn the edges of the gap in, press the mouth.`
          : say`Turn through the gap, close it, push the lining into the shell, press the mouth.`,
    },
    {
      id: 'body/topstitch',
      phase: 'finish',
      needs: ['body/turn'],
      uses,
      seams: [],
      text:
        rim === 'plain'
          ? say`The mouth is not stitched: what closes it holds both layers together. Try everything in it.`
          : say`Topstitch round the mouth ${inset} from the edge${turn === 'mouth' ? ', which closes the gap' : ''}. Try everything in it.`,
    },
  ];
}

/** Shell and lining are two bags of their own, wrong sides together, their mouths turned in towards each other. */
function droppedIn(detail: Sleeve, uses: string[], bag: Bag, rules: Rules): OperationDraft[] {
  const how = howOf(detail);
  const deep = mm(rules.length(mouthTurnIn).value);
  return [
    bag('shell', 'layers', say`Shell, right sides together: sew the ${how}. Press the allowances to one side.`),
    bag(
      'lining',
      'layers',
      say`Lining, right sides together: sew the ${how}, leaving nothing open. Press the allowances to the other side, so that they nest.`,
    ),
    {
      id: 'body/turn',
      phase: 'join',
      needs: ['body/shell', 'body/lining'],
      uses,
      seams: [],
      text: say`Turn the shell right side out, the lining stays wrong side out. Fold the mouth of both ${deep} to the wrong side and press; drop the lining into the shell, side seams matched, both folds level.`,
    },
    {
      id: 'body/topstitch',
      phase: 'finish',
      needs: ['body/turn'],
      uses,
      seams: mouthSeams(detail).map(({ id }) => id),
      text: say`Pin both mouths together and stitch round them ${mm(rules.length(topstitchInset).value)} from the fold, through shell and lining. Try everything in it.`,
    },
  ];
}

type Bag = (layer: Layer, phase: OperationDraft['phase'], text: OperationDraft['text']) => OperationDraft;

/** A mouth with three sides, or one that goes round a fold, is sewn flat before the sides. */
function mouthFirst(detail: Sleeve, uses: string[], bag: Bag, rules: Rules): OperationDraft[] {
  const how = howOf(detail);
  const open = detail.turn === 'mouth' ? ', leaving the gap in the front open' : '';
  // what closes on itself at the fold is closed while its ends can be reached
  const beforeSides = { needs: ['body/mouth'], waitsFor: ['closure/slider'] };
  return [
    {
      id: 'body/mouth',
      phase: 'join',
      needs: [],
      uses,
      seams: mouthSeams(detail).map(({ id }) => id),
      text:
        detail.bottom === 'side'
          ? say`Lay shell and lining flat on each other, right sides together, fold on fold, and sew the mouth in one line${open}. Press the allowances open, fold both layers out.`
          : say`Lay front on front and back on back, shell and lining right sides together, and sew each mouth along its three sides${open}, from the stitch line of one side to that of the other: at both corners leave the needle down, lift the foot and turn the work. Back-tack both ends. Clip the allowance at the corners to the stitching.`,
    },
    {
      ...bag(
        'shell',
        'join',
        say`Shell, right sides together, the lining kept away: sew the ${how}, beginning exactly where the stitching of the mouth ends. Press the allowances to one side.`,
      ),
      ...beforeSides,
    },
    {
      ...bag(
        'lining',
        'join',
        say`Lining, right sides together, in the same way: sew the ${how}${leavingOpen(detail)}. Press the allowances to the other side, so that they nest.`,
      ),
      ...beforeSides,
    },
    ...turnedOut(['body/shell', 'body/lining'], uses, detail, rules),
  ];
}

/** What is of one layer is turned through its mouth. */
const rightSideOut = (uses: string[]): OperationDraft => ({
  id: 'body/turn',
  phase: 'turn',
  needs: ['body/shell'],
  uses,
  seams: [],
  text: say`Turn it right side out and push the corners out.`,
});

/** The steps of a sleeve of one layer. */
export function singleOperations(seams: readonly Seam[], detail: Sleeve, { rules }: BodyInputs): OperationDraft[] {
  const uses = pieceIds(detail, 'shell');
  if (detail.bottom === 'side') return hemmedFirst(seams, uses, howOf(detail), rules);
  return [
    {
      id: 'body/shell',
      phase: 'join',
      needs: [],
      uses,
      seams: seams.map(({ id }) => id),
      text: say`Right sides together: sew the ${howOf(detail)}. Zigzag the raw edges together and press them to one side.`,
    },
    rightSideOut(uses),
    {
      id: 'body/topstitch',
      phase: 'finish',
      needs: ['body/turn'],
      uses,
      seams: [],
      text: say`Fold the mouth to the inside twice, half of its ${mm(rules.length(mouthHem).value)} each time, and stitch round it through one side only: do not sew the mouth shut. Try everything in it.`,
    },
  ];
}

/** A mouth that goes round a fold is hemmed flat, before the side is sewn. */
const hemmedFirst = (seams: readonly Seam[], uses: string[], how: string, rules: Rules): OperationDraft[] => [
  {
    id: 'body/hem',
    phase: 'prepare',
    needs: [],
    uses,
    seams: [],
    text: say`Lay the piece flat, wrong side up. Fold its mouth over twice, half of its ${mm(rules.length(mouthHem).value)} each time, press, and stitch it down in two rows, along its inner and its outer fold, front and back in one line.`,
  },
  {
    id: 'body/shell',
    phase: 'join',
    needs: ['body/hem'],
    waitsFor: ['closure/slider'],
    uses,
    seams: seams.map(({ id }) => id),
    text: say`Fold it with right sides together, the ends of the hem meeting, and sew the ${how}; back-tack at the hem. Zigzag the raw edges together and press them to one side.`,
  },
  rightSideOut(uses),
  {
    id: 'body/topstitch',
    phase: 'finish',
    needs: ['body/turn'],
    uses,
    seams: [],
    text: say`Press the hem. Try everything in it.`,
  },
];
