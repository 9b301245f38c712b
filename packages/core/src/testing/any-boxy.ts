import fc from 'fast-check';
import type { DesignDocument } from '../document/design-document.ts';
import { anyStanding, anyZipper } from './any-standing.ts';

const plainTube = anyStanding({
  body: fc
    .record({ form: fc.constantFrom('boxed', 'boxed', 'flat'), corners: fc.constantFrom('cut', 'marked') })
    .map((params) => ({ kind: 'zip-tube', params })),
  closures: ['zip-top'],
  holderParams: fc.constant({}),
  // six things at most: so many are arranged exactly, and quickly if some are alike
  lines: 2,
});

/** A zipped pouch, its zipper of any kind, now and then with tabs in its ends. */
export const anyZipTube: fc.Arbitrary<DesignDocument> = fc
  .tuple(plainTube, anyZipper, fc.constantFrom('none', 'ring', 'hook'))
  .map(([design, params, on]) => ({
    ...design,
    closure: { ...design.closure, params },
    parts: on === 'none' ? [] : [{ id: 'tabs', kind: 'ring-tabs', params: { on } }],
  }));
