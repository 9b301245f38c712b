import { CoreError } from '../../errors/core-error.ts';
import { board, boardFace } from '../../bodies/board-plan.ts';
import type { ClosingEdge, SizedBody } from '../../bodies/body-kind.ts';
import type { ClosureInputs, ClosureKind } from '../closure-kind.ts';
import { flapOutline } from '../flap/outline.ts';
import { tightCorner } from '../flap/tight-corner.ts';
import { tabSchool } from '../shoulder-rule.ts';
import { seamAllowance, zipClear, zipSeam } from '../../shelves/rules/common-rules.ts';
import { makePouch, pouchFace } from './make.ts';
import { flapClosing } from './rules.ts';
import { askOf, pouchParams, sizePouch } from './size.ts';

function edgeOf({ closing }: SizedBody, { id }: ClosureInputs): ClosingEdge {
  if (closing.kind === 'edge') return closing;
  throw new CoreError('closure.notForBody', 'a flap of two faces needs an edge to be caught in', id);
}

/** A flap with a front and a back of its own, a zipper between them round its free edge: it holds things, and goes over the edge to the
 * front. */
export const flapPouch: ClosureKind = {
  title: 'Flap with two faces, zipped round its edge',
  on: 'edge',
  params: pouchParams,
  rules: [tabSchool, seamAllowance, zipSeam, zipClear, flapClosing],
  findings: ['closure.cornerTooTight'],
  // things go into it when the maker puts them there
  faces: [{ id: 'flap', title: 'in the flap', seat: 'file', thickest: 0 }],
  asks: askOf,
  sizeFaces: (params, body, inputs) => [pouchFace(sizePouch(params, edgeOf(body, inputs), inputs), inputs)],
  boards: ({ sizes: { flapWidth, flapLength, flapCorner } }, faces) => {
    const face = faces.find(({ id }) => id === 'flap');
    if (!face || !flapWidth || !flapLength || !flapCorner) return [];
    const plan = board(
      { id: 'flap', title: 'In the flap', ground: 'lining' },
      face.host,
      [boardFace('flap', { open: true })],
      { across: { path: 'closure/flapWidth' }, up: { path: 'closure/flapLength' } },
    );
    return [{ ...plan, outline: flapOutline(flapWidth.value, flapLength.value, flapCorner.value) }];
  },
  solve(params, body, inputs) {
    const closing = edgeOf(body, inputs);
    const flap = sizePouch(params, closing, inputs);
    const { width, length, corner, mate } = flap;
    const made = makePouch(flap, closing, inputs);
    return {
      sizes: { flapWidth: width, flapLength: length, flapCorner: corner, mateLoaded: mate },
      contribution: { ...made, findings: [...made.findings, ...tightCorner(corner, inputs)] },
    };
  },
};
