import { kindOf } from '../document/kind-of.ts';
import type { DesignDocument } from '../document/design-document.ts';
import type { Kinds } from './kind-set.ts';
import type { FaceSpec } from '../bodies/body-kind.ts';
import { canClose } from '../bodies/exclusions.ts';

/** What has faces in a design. */
export type Faced = Pick<DesignDocument, 'body' | 'closure' | 'holders'>;

/** A face of a holder, among all of a design. */
export const faceOfHolder = (holder: string, face: string): string => `${holder}-${face}`;

/** The faces of holders that have some of their own, and something to hold. */
export const facesOfHolders = (holders: DesignDocument['holders'], { holders: families }: Kinds): FaceSpec[] =>
  holders.flatMap(({ id, kind, contents }) => {
    const own = contents.length > 0 ? (kindOf(families, kind)?.faces ?? []) : [];
    return own.map(({ id: face, title }) => ({
      id: faceOfHolder(id, face),
      title: title(id),
      seat: 'wall' as const,
      of: { holder: id, face },
    }));
  });

/** All faces of a design: of its body as it is set, of what closes that, and of its holders; none if its body is unknown. */
export function facesOfDesign({ body, closure, holders }: Faced, kinds: Kinds): FaceSpec[] {
  const kind = kindOf(kinds.bodies, body.kind);
  if (!kind) return [];
  const closes = canClose(kind, body.params, closure.kind) ? kindOf(kinds.closures, closure.kind) : undefined;
  return [...kind.faces(body.params), ...(closes?.faces ?? []), ...facesOfHolders(holders, kinds)];
}
