import type { ClosureKind } from '../closures/closure-kind.ts';
import { kindOf } from '../document/kind-of.ts';
import type { DesignDocument, Params } from '../document/design-document.ts';
import type { Kinds } from './kind-set.ts';
import type { BodyKind, FaceSpec } from '../bodies/body-kind.ts';
import { canClose } from '../bodies/exclusions.ts';

/** What has faces in a design. */
export type Faced = Pick<DesignDocument, 'body' | 'closure'>;

/** The faces of a body as it is set, and after them those of what closes it. */
export const facesWithClosure = (body: BodyKind, params: Params, closes: ClosureKind | undefined): FaceSpec[] => [
  ...body.faces(params),
  ...(closes?.faces ?? []),
];

/** All faces of a design; none if its body is unknown. */
export function facesOfDesign({ body, closure }: Faced, kinds: Kinds): FaceSpec[] {
  const kind = kindOf(kinds.bodies, body.kind);
  if (!kind) return [];
  const closes = canClose(kind, body.params, closure.kind) ? kindOf(kinds.closures, closure.kind) : undefined;
  return facesWithClosure(kind, body.params, closes);
}
