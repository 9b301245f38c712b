import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { boardsOf } from '../../boards/boards-of.ts';
import { demoDesigns } from '../../demo/index.ts';
import { CoreError } from '../../errors/core-error.ts';
import { describeSolution } from '../../solve/describe.ts';
import { solveDesign } from '../../solve/solve-design.ts';
import { builtInKinds } from '../../kinds/kinds.ts';
import { readDocument } from './read-document.ts';

/** Every place in a value, as the way to it. */
function placesIn(value: unknown, way: string[] = []): string[][] {
  if (typeof value !== 'object' || value === null) return [way];
  return [way, ...Object.entries(value).flatMap(([key, inner]) => placesIn(inner, [...way, key]))];
}

function put(root: unknown, way: readonly string[], value: unknown): unknown {
  const [key, ...rest] = way;
  if (key === undefined) return value;
  if (Array.isArray(root)) return root.map((inner, index) => (String(index) === key ? put(inner, rest, value) : inner));
  const record = root as Record<string, unknown>;
  return { ...record, [key]: put(record[key], rest, value) };
}

const nested = (depth: number): unknown => JSON.parse('['.repeat(depth) + ']'.repeat(depth));
const nasty: unknown[] = [
  null,
  [],
  {},
  [[]],
  [null],
  [{}],
  '',
  ' ',
  'x'.repeat(5000),
  '__proto__',
  'constructor',
  'A',
  0,
  -1,
  0.5,
  1e-9,
  1e9,
  1e308,
  true,
  false,
  nested(9),
  nested(40),
  { kind: 'row', gap: 0, share: 'keep', children: [] },
  { kind: 'holder', id: 'A' },
  { length: 3 },
];

/** A demo design with one place of it replaced by what does not belong there. */
const damaged = fc
  .constantFrom(...demoDesigns)
  .chain((design) => fc.tuple(fc.constant(design), fc.constantFrom(...placesIn(design)), fc.constantFrom(...nasty)))
  .map(([design, way, value]) => ({ way: [design.id, ...way].join('/'), json: put(design, way, value) }));

describe('the door', () => {
  test('what it lets through is solved, drawn and described; what it refuses is named', () => {
    let taken = 0;
    fc.assert(
      fc.property(damaged, ({ json }) => {
        const read = readDocument(json);
        if (!read.ok) {
          expect(read.message).toMatch(/\w/);
          return;
        }
        taken++;
        try {
          const solution = solveDesign(read.document);
          boardsOf(read.document, solution);
          JSON.stringify(describeSolution(solution, read.document.unit));
        } catch (error) {
          // a kind that there is not is a refusal with a code, told by the page
          if (!(error instanceof CoreError)) throw error;
          expect(error.code).toMatch(/^(body|closure)\.unknownKind$/);
        }
      }),
      { numRuns: 2000 },
    );
    expect(taken).toBeGreaterThan(80);
  });
  test.each([
    ['an array among the holders', 'holders', [[]]],
    ['an array among the contents', 'contents', [[]]],
    ['an array among the layers', 'stacks', { exterior: [[]], lining: [], pocket: [] }],
    ['an array as the body', 'body', []],
    ['an array as settings', 'rules', []],
    ['an array as faces', 'faces', []],
    ['an array among the pieces', 'pieces', [[]]],
    ['a piece without layers', 'pieces', [{ id: 'body/shell', layers: [] }]],
    ['an allowance below nothing', 'pieces', [{ id: 'body/shell', allowance: { left: -1 } }]],
    ['an allowance of a hand', 'pieces', [{ id: 'body/shell', allowance: { left: 100 } }]],
    ['a rough size that is no number', 'pieces', [{ id: 'body/shell', rough: { left: '3' } }]],
    ['allowances in a list', 'pieces', [{ id: 'body/shell', allowance: [3] }]],
    ['one piece twice', 'pieces', [{ id: 'body/shell' }, { id: 'body/shell' }]],
    ['things of her own that are arrays', 'ownItems', [[], []]],
  ])('%s is refused by name', (_, key, value) => {
    const read = readDocument({ ...demoDesigns[0], [key]: value });
    expect(read.ok ? [] : read.fields.map(({ path }) => path.split('.')[0])).toContain(key);
  });
  test('nesting that would exhaust a checker is refused', () => {
    for (const depth of [40, 200_000]) {
      const read = readDocument({ ...demoDesigns[0], unheardOf: nested(depth) });
      expect(read.ok ? '' : read.message).toContain('nested too deep');
    }
  });
  test('a crowd of groups is refused', () => {
    const group = (children: unknown[]) => ({ kind: 'row', gap: 0, share: 'keep', children });
    const crowd = group(Array.from({ length: 40 }, () => group(Array.from({ length: 40 }, () => group([])))));
    const read = readDocument({ ...demoDesigns[0], faces: { left: crowd } });
    expect(read.ok ? [] : read.fields.map(({ path }) => path)).toEqual(['faces']);
  });
  test.each(demoDesigns.map((design) => [design.id, design] as const))(
    'of %s, a choice that this version does not know is as if it were not made',
    (_, design) => {
      const { params } = design.body;
      const { params: specs } = builtInKinds.bodies[design.body.kind]!;
      const sizes = (own: typeof params) => {
        const { finished, pieces } = solveDesign({ ...design, body: { ...design.body, params: own } });
        const sized = Object.entries(finished).map(([name, { value }]) => [name, value]);
        return [sized, pieces.map(({ id, cutWidth, cutHeight }) => [id, cutWidth.value, cutHeight.value])];
      };
      for (const [name, spec] of Object.entries(specs)) {
        if (spec.kind !== 'choice') continue;
        const others = Object.fromEntries(Object.entries(params).filter(([key]) => key !== name));
        expect([name, ...sizes({ ...others, [name]: 'constructor' })]).toEqual([name, ...sizes(others)]);
      }
    },
  );
});
