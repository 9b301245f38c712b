import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../../demo/index.ts';
import type { DesignDocument, Params } from '../../document/design-document.ts';
import { wordingText } from '../../errors/wording.ts';
import { edgeLength, pointAlong } from '../../geometry/outline.ts';
import { solveDesign } from '../../solve/solve-design.ts';
import type { Solution } from '../../solve/solution.ts';

const sleeve = demoDesigns.find(({ id }) => id === 'caliper-sleeve')!;
const made = (params: Params, more: Partial<DesignDocument> = {}): Solution =>
  solveDesign({ ...sleeve, ...more, body: { kind: 'sleeve', params } });
const gaps = ({ pieces }: Solution) => pieces.flatMap(({ id, gaps: all }) => all.map(({ edge }) => [id, edge]));
const words = ({ operations }: Solution, id: string) =>
  wordingText(operations.find((each) => each.id === id)!.text, String);

describe('a lined sleeve is turned through', () => {
  test.each([
    [{}, [['body/lining', 'right-front']]],
    [{ bottom: 'seam' }, [['body/lining-front', 'right']]],
    [{ bottom: 'seam', turn: 'bottom' }, [['body/lining-front', 'bottom']]],
    [
      { turn: 'mouth' },
      [
        ['body/shell', 'mouth-front'],
        ['body/lining', 'mouth-front'],
      ],
    ],
    [
      { bottom: 'seam', turn: 'mouth' },
      [
        ['body/shell-front', 'mouth'],
        ['body/lining-front', 'mouth'],
      ],
    ],
    [
      { bottom: 'side', turn: 'mouth' },
      [
        ['body/shell', 'mouth-front'],
        ['body/lining', 'mouth-front'],
      ],
    ],
  ])('%j: the gap lies in %j', (params, expected) => {
    expect(gaps(made(params as Params)).sort()).toEqual([...expected].sort());
  });

  test.each<Params>([{}, { bottom: 'seam' }, { bottom: 'side' }])(
    'the mouth: both layers are left open at one place: %j',
    (params) => {
      const { pieces } = made({ ...params, turn: 'mouth' });
      const [shell, lining] = ['shell', 'lining'].map((layer) =>
        pieces.find(({ id, gaps: all }) => id.startsWith(`body/${layer}`) && all.length > 0)!,
      );
      const middleOf = ({ stitch, gaps: [gap] }: typeof shell & object) => {
        const edge = stitch.find(({ id }) => id === gap!.edge)!;
        const [middle, whole] = [(gap!.from + gap!.to) / 2, edgeLength(edge)];
        return { aside: middle - whole / 2, long: gap!.to - gap!.from, at: pointAlong(edge, middle) };
      };
      // in the middle of both, so that face to face they lie on each other
      expect(middleOf(shell!).aside).toBeCloseTo(0, 6);
      expect(middleOf(lining!).aside).toBeCloseTo(0, 6);
      expect(middleOf(shell!).long).toBeCloseTo(middleOf(lining!).long, 6);
    },
  );

  test('and its steps say so', () => {
    expect(words(made({}), 'body/lining')).toMatch(/Leave .* of the right edge, front open/);
    expect(words(made({ bottom: 'seam', turn: 'bottom' }), 'body/lining')).toMatch(/Leave .* of the bottom edge open/);
    const mouth = made({ turn: 'mouth' });
    expect(words(mouth, 'body/lining')).not.toContain('Leave');
    expect(words(mouth, 'body/mouth')).toMatch(/Leave .* of the mouth, front open/);
    expect(words(mouth, 'body/topstitch')).toContain('This closes the gap');
  });

  test('a mouth that snaps hold is not stitched; one that is turned through always is', () => {
    expect(words(made({ rim: 'plain' }), 'body/topstitch')).not.toContain('Topstitch');
    const both = made({ rim: 'plain', turn: 'mouth' });
    expect(words(both, 'body/topstitch')).toContain('Topstitch');
    expect(both.findings.map(({ code }) => code)).toContain('choice.excluded');
  });

  test.each([
    ['a folded bottom', { turn: 'bottom' }, sleeve.closure],
    ['a zipper along the mouth', { turn: 'mouth' }, { kind: 'zip-top', params: {} }],
  ])('told: %s leaves no place for it, with the other choice as a way out', (_, params, closure) => {
    const { findings } = made(params as Params, { closure });
    expect(findings.filter(({ severity }) => severity === 'stop').map(({ code }) => code)).toEqual([
      expect.stringMatching(/^(choice\.excluded|closure\.notForBody)$/),
    ]);
  });

  test('its sizes do not depend on it', () => {
    const sizes = (params: Params) => Object.values(made(params).finished).map(({ value }) => value);
    expect(sizes({ turn: 'mouth' })).toEqual(sizes({}));
    expect(sizes({ rim: 'plain' })).toEqual(sizes({}));
  });
});
