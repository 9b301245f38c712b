import { capital } from '../errors/first-letter.ts';
import { board, boardFace, type BoardPlan } from './board-plan.ts';
import type { BodyKind, FaceSpec, SizedBody } from './body-kind.ts';

/** The boards of a body. */
export const boardsOfBody = ({ boards }: BodyKind, body: SizedBody, specs: readonly FaceSpec[]): BoardPlan[] =>
  boards?.(body) ?? plainBoards(body, specs);

/** A board for each face of a body that says nothing of its boards: the host with what lies on it. */
const plainBoards = ({ faces }: SizedBody, specs: readonly FaceSpec[]): BoardPlan[] =>
  faces.map(({ id, host }) => {
    const title = specs.find((spec) => spec.id === id)?.title ?? id;
    return board({ id, title: capital(title), ground: 'exterior' }, host, [boardFace(id)]);
  });
