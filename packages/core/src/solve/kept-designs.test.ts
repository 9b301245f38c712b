import { describe, expect, test } from '@jest/globals';
import { readDocument } from '../document/reading/read-document.ts';
import { alwaysTrue } from '../testing/design-checks.ts';
import { keptDesigns } from '../testing/fixtures.ts';
import { solveDesign } from './solve-design.ts';

describe.each(keptDesigns())('$file, which failed once', ({ design }) => {
  test('is a sound document', () => expect(readDocument(design)).toMatchObject({ ok: true }));
  test.each(Object.entries(alwaysTrue))('%s', (_, check) => check(design, solveDesign(design)));
});
