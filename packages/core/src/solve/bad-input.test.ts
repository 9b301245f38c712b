import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { demoDesigns } from '../demo/index.ts';
import type { DesignDocument } from '../document/design-document.ts';
import { CoreError } from '../errors/core-error.ts';
import { runs } from '../testing/any-design.ts';
import { solveDesign } from './solve-design.ts';

const demo = (id: string): DesignDocument => demoDesigns.find((design) => design.id === id)!;
const codes = (design: DesignDocument) => solveDesign(design).findings.map(({ code }) => code);

/** Every number and word of a document, by its path. */
function leaves(value: unknown, path: (string | number)[] = []): { path: (string | number)[]; value: unknown }[] {
  if (Array.isArray(value)) return value.flatMap((each, index) => leaves(each, [...path, index]));
  if (typeof value === 'object' && value !== null)
    return Object.entries(value).flatMap(([key, each]) => leaves(each, [...path, key]));
  return [{ path, value }];
}

function set(document: DesignDocument, path: (string | number)[], value: unknown): DesignDocument {
  const copy = structuredClone(document);
  let at = copy as unknown as Record<string | number, unknown>;
  for (const key of path.slice(0, -1)) at = at[key] as Record<string | number, unknown>;
  at[path[path.length - 1]!] = value;
  return copy;
}

const nonsense = fc.constantFrom<unknown>(
  NaN,
  Infinity,
  -Infinity,
  -5,
  0,
  1e-9,
  1e9,
  'moon',
  '',
  '__proto__',
  'constructor',
);

describe('nonsense in a document that passed no door', () => {
  test('gives a solution of finite numbers, or an error that names the object; never anything else', () => {
    fc.assert(
      fc.property(fc.constantFrom(...demoDesigns), fc.nat(), nonsense, (design, pick, value) => {
        const all = leaves(design).filter((leaf) => typeof leaf.value === typeof value);
        const { path } = all[pick % all.length]!;
        const broken = set(design, path, value);
        try {
          const { finished, closedThickness, pieces } = solveDesign(broken);
          const numbers = [closedThickness, ...Object.values(finished), ...pieces.map(({ cutWidth }) => cutWidth)];
          for (const { value: size, label } of numbers)
            expect([label, path, Number.isFinite(size)]).toEqual([label, path, true]);
        } catch (error) {
          if (!(error instanceof CoreError)) throw error;
          expect(error.code).toMatch(/^[a-z]+\.[a-zA-Z]+$/);
          expect(error.message.length).toBeGreaterThan(10);
        }
      }),
      { numRuns: runs(400) },
    );
  });
});

describe('what cannot be made', () => {
  test('a rod of 300 in a card slot is told, with the holder and the thing', () => {
    const bifold = demo('permit-bifold');
    const rod = {
      id: 'rod',
      name: 'Rod',
      shape: 'cylinder' as const,
      length: 300,
      width: 12,
      thickness: 12,
      source: 'yours',
    };
    const design: DesignDocument = {
      ...bifold,
      contents: [...bifold.contents, { id: 'c9', item: 'rod', count: 1, perHolder: 1, orientation: 'lying' }],
      ownItems: [rod],
      holders: bifold.holders.map((holder) =>
        holder.id === 'A' ? { ...holder, contents: [...holder.contents, { line: 'c9', count: 1 }] } : holder,
      ),
    };
    const finding = solveDesign(design).findings.find(({ code }) => code === 'holder.unsuited');
    expect(finding?.about).toEqual(['holders/A', 'contents/c9']);
  });
  test('a pin and a limit that contradict each other are both told', () => {
    const design = { ...demo('caliper-sleeve'), pins: { 'body/height': 300 }, limits: { 'finished/height': 250 } };
    expect(codes(design)).toContain('limit.exceeded');
  });
  test('a closure and a part that the body cannot have are told, and left away', () => {
    const roll = demo('probe-roll');
    const design: DesignDocument = {
      ...roll,
      closure: { kind: 'drawstring', params: {} },
      parts: [
        { id: 'a', kind: 'handles', params: {} },
        { id: 'b', kind: 'sail', params: {} },
      ],
    };
    expect(codes(design).filter((code) => code.endsWith('notForBody'))).toEqual([
      'closure.notForBody',
      'part.notForBody',
      'part.notForBody',
    ]);
    expect(solveDesign(design).parts).toEqual([]);
  });
  test.each([
    ['a body', { body: { kind: 'balloon', params: {} } }, 'body.unknownKind'],
    ['a closure', { closure: { kind: 'padlock', params: {} } }, 'closure.unknownKind'],
  ])('%s of an unknown kind is an error with its code', (_, change, code) => {
    expect(() => solveDesign({ ...demo('permit-bifold'), ...change })).toThrow(expect.objectContaining({ code }));
  });
  test.each(['stacked', 't-slots', 'pleated', 'applied'])(
    'a %s card panel that was left on a face which a rounded bifold has not is told, and left away',
    (making) => {
      const design: DesignDocument = {
        ...demo('permit-bifold'),
        body: { kind: 'foldover', params: { corners: 'rounded' } },
        holders: [{ id: 'A', kind: 'card-tiers', params: { making }, contents: [{ line: 'c3', count: 3 }] }],
        faces: { inside: { kind: 'holder', id: 'A' } },
      };
      const solution = solveDesign(design);
      expect(solution.findings.map(({ code }) => code)).toContain('holder.noSeat');
      expect(solution.pieces.filter(({ id }) => id.startsWith('holders/'))).toEqual([]);
    },
  );
  test('two books in one jacket are told', () => {
    const jacket = demo('tide-jacket');
    const [book] = jacket.contents;
    const two: DesignDocument = {
      ...jacket,
      contents: [{ ...book!, count: 2 }],
      holders: jacket.holders.map((holder) => ({ ...holder, contents: [{ line: book!.id, count: 2 }] })),
    };
    expect(codes(two)).toContain('holder.tooMany');
  });
});
