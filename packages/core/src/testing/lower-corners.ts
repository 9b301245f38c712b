import type { DesignDocument } from '../document/design-document.ts';

/** A carrier with its lower corners cut off in place of the upper ones: what is in it stands out of a level mouth, and is pushed out
 * from below. */
export const withLowerCorners = (carrier: DesignDocument): DesignDocument => ({
  ...carrier,
  body: { ...carrier.body, params: { ...carrier.body.params, corners: 'cut', cut: 45 } },
  holders: carrier.holders.map((holder) =>
    holder.kind === 'cavity' ? { ...holder, params: { ...holder.params, visible: 40 } } : holder,
  ),
});
