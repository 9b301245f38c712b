import type { Beneath, SizedBody } from '../bodies/body-kind.ts';

/** How thick a piece is beneath what closes it.
 * @param down so far down the front it goes, mm */
export function beneathOf({ closing, closedThickness, emptyThickness }: SizedBody, down: number): Beneath {
  if (closing.kind === 'mouth' && closing.beneath) return closing.beneath(down);
  return { full: closedThickness, empty: emptyThickness };
}
