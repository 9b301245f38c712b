import { ApiError, refused } from './api-error.ts';

export const tagOf = (revision: number): string => `"${revision}"`;

/** The revision that a write names, from `If-Match` or the body. */
export function revisionOf(ifMatch: string | undefined, body: number | undefined): number {
  if (ifMatch === undefined && body === undefined)
    throw new ApiError(428, 'design.revisionMissing', 'Say which revision was changed: send If-Match with the ETag.');
  if (ifMatch === undefined) return body!;
  const found = /^(?:W\/)?"(\d{1,9})"$/.exec(ifMatch.trim());
  if (!found) throw refused('design.revisionUnreadable', 'If-Match must be the ETag of the design, such as "3".');
  return Number(found[1]);
}
