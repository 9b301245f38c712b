import { mm, say } from '../../errors/wording.ts';
import type { OperationDraft } from '../../pieces/contribution.ts';
import type { Seam } from '../../pieces/seam.ts';
import type { BodyInputs } from '../body-kind.ts';
import type { Sleeve } from './params.ts';
import { mouthSeams, pieceIds, type Layer } from './seams.ts';
import { mouthHem, topstitchInset } from '../../shelves/rules/common-rules.ts';

/** What is sewn of a layer: a bottom that is folded has no seam. */
const howOf = ({ form, cut, bottom }: Sleeve): string => {
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
  return [
    bag('shell', 'layers', say`Shell, right sides together: sew the ${how}. Press the allowances to one side.`),
    bag(
      'lining',
      'layers',
      say`Lining, right sides together: sew the ${how}, leaving the gap in one side open. Press the allowances to the other side, so that they nest.`,
    ),
    {
      id: 'body/mouth',
      phase: 'join',
      needs: ['body/shell', 'body/lining'],
      uses: both,
      seams: mouthSeams(detail).map(({ id }) => id),
      text: say`Put the shell, right side out, into the lining, wrong side out, so that right sides face. Match the side seams and sew round the mouth, one layer of each at the needle.`,
    },
    {
      id: 'body/turn',
      phase: 'turn',
      needs: ['body/mouth'],
      uses: both,
      seams: [],
      text: say`Turn through the gap, close it, push the lining into the shell, press the mouth.`,
    },
    {
      id: 'body/topstitch',
      phase: 'finish',
      needs: ['body/turn'],
      uses: both,
      seams: [],
      text: say`Topstitch round the mouth ${mm(rules.length(topstitchInset).value)} from the edge. Try everything in it.`,
    },
  ];
}

/** The steps of a sleeve of one layer. */
export function singleOperations(seams: readonly Seam[], detail: Sleeve, { rules }: BodyInputs): OperationDraft[] {
  const uses = pieceIds(detail, 'shell');
  return [
    {
      id: 'body/shell',
      phase: 'join',
      needs: [],
      uses,
      seams: seams.map(({ id }) => id),
      text: say`Right sides together: sew the ${howOf(detail)}. Zigzag the raw edges together and press them to one side.`,
    },
    {
      id: 'body/turn',
      phase: 'turn',
      needs: ['body/shell'],
      uses,
      seams: [],
      text: say`Turn it right side out and push the corners out.`,
    },
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
