import type { OperationDraft } from '../pieces/contribution.ts';
import { idsOf, type Seam } from '../pieces/seam.ts';
import type { Action, ActionOf } from '../sewing/actions/action.ts';

/** Pieces of both layers of a bag. */
interface Layers {
  shell: readonly string[];
  lining: readonly string[];
}

/** The shell in the lining, right sides facing, sewn round the mouth.
 * @param at what is matched */
export const mouthJoined = (
  id: string,
  { shell, lining }: Layers,
  seams: readonly Seam[],
  at: ActionOf<'nest'>['at'],
): OperationDraft => ({
  id,
  phase: 'join',
  needs: ['body/shell', 'body/lining'],
  title: 'Join both layers at the mouth',
  actions: [
    { verb: 'nest', inner: shell, outer: lining, facing: 'right', at },
    { verb: 'sew', seams: idsOf(seams), oneLayer: true },
  ],
});

/** Turned, its gap is closed and the lining pushed in.
 * @param open the piece with the gap; default what is topstitched later closes it
 * @param into the piece that the lining lies behind
 * @param last what is done then */
export const liningPushedIn = (
  open: string | undefined,
  lining: readonly string[],
  into: string,
  last: readonly Action[] = [],
): OperationDraft => ({
  id: 'body/close',
  phase: 'turn',
  needs: ['body/turn'],
  title: open === undefined ? 'Push the lining in' : 'Close the gap, push the lining in',
  actions: [
    ...(open === undefined ? [] : [{ verb: 'closeGap', piece: open } as const]),
    { verb: 'insert', pieces: lining, into, way: 'pushed' },
    ...last,
  ],
});
