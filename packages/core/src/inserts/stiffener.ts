import type { SizedBody } from '../bodies/body-kind.ts';
import type { ClosureInputs, ClosureKind, SolvedClosure } from '../closures/closure-kind.ts';
import { given, largest, named, rounded, sum, times, type Derived } from '../derived/derived.ts';
import type { Params } from '../document/design-document.ts';
import { CoreError } from '../errors/core-error.ts';
import { contribution } from '../pieces/contribution.ts';
import { patch } from '../pieces/patch.ts';
import { asCut } from '../pieces/strip.ts';

/** Common practice: a board stays this far inside every stitch line. */
const CLEAR = given('clear of each seam', 3, { kind: 'standard', path: 'stiffener/clear', source: 'common practice' });
const LEAST = given('least side', 15, { kind: 'standard', path: 'stiffener/least', source: 'common practice' });

function faceOf({ closing, finished }: SizedBody, id: string): { width: Derived; height: Derived; corner: Derived } {
  const none = sum('no corner', []);
  if (closing.kind === 'edge') return { ...closing.plate, corner: closing.radius };
  if (closing.kind === 'mouth' && finished.height)
    return { width: finished.width ?? closing.width, height: finished.height, corner: none };
  throw new CoreError('part.notForBody', 'a stiffener needs a flat face to lie behind', id);
}

/** The piece that it lies behind. */
const frontOf = ({ closing }: SizedBody): string =>
  closing.kind === 'mouth' || closing.kind === 'edge' ? closing.front.piece : 'body/shell';

/** A board between shell and lining of one face, clear of all seams. */
export const stiffener: ClosureKind = {
  title: 'Stiffener in the front',
  on: 'base',
  params: {},
  rules: [],
  solve(_design: Params, body: SizedBody, { grid, id }: ClosureInputs): SolvedClosure {
    const { width, height, corner } = faceOf(body, id);
    // a square board clears a rounded corner where its diagonal does
    const side = (label: string, size: Derived) => {
      const inside = sum(label, [size, times(-2, CLEAR), times(-0.6, corner)]);
      return rounded(named(label, largest(label, [LEAST, inside])), grid, 'down');
    };
    const board = { width: side('board, wide', width), height: side('board, high', height) };
    const piece = `${id}/board`;
    return {
      sizes: { boardWidth: board.width, boardHeight: board.height },
      contribution: contribution({
        pieces: [
          patch({
            id: piece,
            name: 'Stiffener',
            role: 'base',
            ...board,
            seam: asCut,
            note: 'Round its corners, or they wear through.',
          }),
        ],
        operations: [
          {
            id: `${id}/board`,
            phase: 'turn',
            needs: ['body/turn'],
            title: 'Put the stiffener in',
            actions: [{ verb: 'insert', pieces: [piece], into: frontOf(body), way: 'throughGap', clear: CLEAR.value }],
          },
        ],
      }),
    };
  },
};
