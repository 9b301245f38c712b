import { describe, expect, test } from '@jest/globals';
import type { Params } from '../../document/design-document.ts';
import { boundsOf } from '../../geometry/outline.ts';
import { solveDesign } from '../../solve/solve-design.ts';
import type { Solution } from '../../solve/solution.ts';
import { canClose } from '../exclusions.ts';
import { thing, trial } from '../../testing/trial.ts';
import { sleeve } from './sleeve.ts';

// a crate of apples, in no demo
const crate = thing(300, 200, 180);
const tote = (params: Params, handles?: Params): Solution =>
  solveDesign(
    trial({
      body: 'sleeve',
      params: { form: 'boxed', ...params },
      face: 'inside',
      kind: 'cavity',
      item: crate,
      ...(handles && { parts: [{ id: 'grip', kind: 'handles', params: handles }] }),
    }),
  );
const pieceOf = ({ pieces }: Solution, id: string) => pieces.find((piece) => piece.id === id)!;
const place = ({ operations }: Solution, id: string) => operations.findIndex((each) => each.id === id);

describe('a lining that is dropped in', () => {
  const [turned, dropped] = [tote({}), tote({ turn: 'dropped' })];

  test('has no gap; shell and lining are longer by what is turned in, and as large where they are sewn', () => {
    for (const id of ['body/shell', 'body/lining']) {
      const [before, now] = [pieceOf(turned, id), pieceOf(dropped, id)];
      expect(now.gaps).toEqual([]);
      expect(boundsOf(now.stitch)).toEqual(boundsOf(before.stitch));
      // at both ends of a piece that is front and back: 25 in place of 6
      expect(now.cutHeight.value - before.cutHeight.value).toBeCloseTo(2 * (25 - 6), 9);
      const seen = boundsOf(now.cut).height - boundsOf(now.stitch).height;
      expect(seen).toBeCloseTo(50, 9);
    }
    expect(dropped.findings).toEqual(turned.findings);
  });

  test('is stitched in with the mouth: no step joins them before', () => {
    expect(place(dropped, 'body/mouth')).toBe(-1);
    const last = dropped.operations.find(({ id }) => id === 'body/topstitch')!;
    expect(last.seams).toEqual(['body/mouth-front', 'body/mouth-back']);
    const joined = dropped.operations.filter(({ seams }) => seams.includes('body/mouth-front'));
    expect(joined).toHaveLength(1);
  });

  test('does not go with what lies in a mouth that is sewn flat', () => {
    expect(canClose(sleeve, { turn: 'dropped', bottom: 'side' }, 'fold-zip')).toBe(false);
    expect(canClose(sleeve, { turn: 'dropped' }, 'zip-top')).toBe(true);
    const both = tote({ form: 'flat', turn: 'dropped', corners: 'mouth' });
    expect(both.findings.map(({ code }) => code)).toContain('choice.excluded');
    expect(tote({ layers: 'single', turn: 'dropped' }).pieces.map(({ id }) => id)).not.toContain('body/lining');
  });
});

describe('handles sunk between shell and lining', () => {
  const handles = { drop: 200, spread: 150, at: 'between', embed: 45 };

  test('are stitched a second time as deep as they are sunk, and cut so much longer', () => {
    const solution = tote({ turn: 'dropped' }, handles);
    const shell = pieceOf(solution, 'body/shell');
    const lines = shell.lines.filter(({ label }) => label === 'lower end of a handle');
    expect(lines).toHaveLength(4);
    const { bottom, height } = boundsOf(shell.stitch);
    for (const { from, to } of lines) {
      const down = Math.min(from[1] - bottom, bottom + height - from[1]);
      expect(down).toBeCloseTo(45, 9);
      expect(Math.abs(to[0] - from[0])).toBeCloseTo(25, 9);
    }
    // a soft handle that peaks: two legs to half of its spread, and what is sunk
    const wanted = 2 * Math.hypot(200, 75) + 2 * 45;
    expect(pieceOf(solution, 'parts/grip/handle').cutWidth.value).toBeCloseTo(Math.ceil(2 * wanted) / 2, 9);
    expect(place(solution, 'parts/grip/handles')).toBeGreaterThan(place(solution, 'body/turn'));
    expect(place(solution, 'parts/grip/handles')).toBeLessThan(place(solution, 'body/topstitch'));
  });

  test('need a lining that is dropped in: else they are sewn on the face, and that is told', () => {
    const solution = tote({}, handles);
    expect(solution.findings.map(({ code }) => code)).toContain('part.noSeam');
    expect(pieceOf(solution, 'body/shell').lines.map(({ label }) => label)).not.toContain('lower end of a handle');
  });
});
