import type { ClosingMouth, ClosingSlit, SizedBody } from '../bodies/body-kind.ts';
import type { Params } from '../document/design-document.ts';
import { CoreError } from '../errors/core-error.ts';
import type { Action } from '../sewing/actions/action.ts';
import type { OperationDraft } from '../pieces/contribution.ts';
import { wholeEdge } from '../pieces/seam.ts';
import type { ClosureInputs, ClosureKind, SolvedClosure } from './closure-kind.ts';
import { solveSlitZip } from './slit-zip.ts';
import { exposedOf, zipperParams } from './zipper.ts';
import { topstitchInset, zipBeyond, zipClear, zipSeam } from '../shelves/rules/common-rules.ts';

/** A zipper along the mouth, its tapes caught between the layers. */
export const zipTop: ClosureKind = {
  title: 'Zipper along the mouth',
  on: 'mouth',
  meets: true,
  params: zipperParams,
  rules: [zipSeam, zipClear, zipBeyond, topstitchInset],
  exposes: exposedOf,
  finishesMouth: () => true,
  solve(design: Params, { closing }: SizedBody, inputs: ClosureInputs): SolvedClosure {
    if (closing.kind === 'slit') return solveSlitZip(design, closing, inputs);
    if (closing.kind === 'mouth') return intoMouth(solveSlitZip(design, slitOf(closing), inputs), closing, inputs);
    throw new CoreError('closure.notForBody', 'a zipper needs a mouth to run along', inputs.id);
  },
};

/** The front and the back of a mouth are the edges of a slit, from side seam to side seam. */
const slitOf = ({ width, rim, lined }: ClosingMouth): Omit<ClosingSlit, 'endTabs'> => ({
  kind: 'slit',
  run: width,
  rims: rim.map(({ piece, edge }, index) => ({
    edge: wholeEdge(piece, edge, index > 0),
    ...(lined && { within: `body/mouth-${index === 0 ? 'front' : 'back'}` }),
  })),
});

/** A slit's zipper is sewn in with the body; that of a mouth is set before the layers are joined. */
function intoMouth(solved: SolvedClosure, { rim, lined }: ClosingMouth, { id, rules }: ClosureInputs): SolvedClosure {
  const { contribution } = solved;
  const zipper = `${id}/zipper`;
  const seams = contribution.joins.filter(({ id: seam }) => !/\/tab#/.test(seam)).map((seam) => seam.id);
  const hosts = [...new Set(rim.map(({ piece }) => piece))];
  // a lining would cover the raw edges; here they lie inside, held down
  const finished: Action[] = [
    { verb: 'zigzag', pieces: [...hosts, zipper], beside: seams },
    { verb: 'press', pieces: hosts },
    ...hosts.map((piece): Action => ({
      verb: 'topstitch',
      piece,
      place: 'zipper',
      distance: rules.length(topstitchInset).value,
    })),
  ];
  const set: OperationDraft = {
    id: `${id}/set`,
    phase: 'closures',
    needs: [`${id}/zipper`],
    title: 'Set the zipper into the mouth',
    actions: [
      { verb: 'sew', seams, meet: 'middles' },
      ...(lined ? [] : finished),
      { verb: 'moveSlider', zipper, to: 'half', why: 'turning' },
    ],
  };
  const shuts = rim.map(({ piece, edge }) => ({ piece, mouth: edge }));
  return { ...solved, contribution: { ...contribution, shuts, operations: [...contribution.operations, set] } };
}
