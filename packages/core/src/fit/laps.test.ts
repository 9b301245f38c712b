import { describe, expect, test } from '@jest/globals';

import type { Piece } from '../pieces/piece.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { fittingOf } from '../testing/fit-compared.ts';
import { thing, trial, type Trial } from '../testing/trial.ts';
import { checkLaps } from './check-laps.ts';
import { CutParts } from './cut-parts.ts';
import type { Fitting } from './fitting.ts';
import { fitLaps } from './laps.ts';

const cut = (more: Partial<Trial>, stacks = {}) => {
  const design = {
    ...trial({ body: 'sleeve', face: 'inside', kind: 'cavity', item: thing(200, 100, 30), ...more }),
    ...stacks,
  };
  return fittingOf(design, solveDesign(design), (item) => item);
};
const lapOf = (fitting: Fitting) => fitLaps(fitting, new CutParts(fitting))[0]!;
const codes = (fitting: Fitting) =>
  checkLaps(fitting, new CutParts(fitting)).map(({ code, severity }) => `${severity} ${code}`);
/** The fastener of what goes over set so much nearer to where that is sewn on, mm. */
const nearer = (fitting: Fitting, by: number): Fitting => {
  const { piece, cap } = fitting.laps[0]!;
  const moved = (each: Piece): Piece => ({
    ...each,
    marks: each.marks.map((mark) => (mark.id === cap ? { ...mark, at: [mark.at[0], mark.at[1] - by] } : mark)),
  });
  return { ...fitting, pieces: fitting.pieces.map((each) => (each.id === piece ? moved(each) : each)) };
};

// canvas 0.62 with interfacing 0.20, lawn 0.16; the sleeve is 221.5 high for a thing of 200 x 30
const GAP = 30 - 2 * (221.5 - 200 - 15 - (Math.PI / 2) * 0.67);

describe('where the fastener of a strap comes to lie, by hand', () => {
  test('full on its mate, empty further down by a quarter round what lies beneath it', () => {
    const { full, empty, mate } = lapOf(cut({ closure: 'strap-over' }));
    // 60 on the front, 18 from its end
    expect(mate.value).toBeCloseTo(42, 6);
    expect(full.value).toBeCloseTo(42, 6);
    expect(empty.value).toBeCloseTo(42 + (Math.PI / 2) * GAP, 6);
    expect(empty.value - full.value).toBeGreaterThan(15);
  });

  test('whatever the grid adds to its length', () => {
    for (const grid of ['1/8in', '1/16in', '0.5mm', '1mm'] as const)
      for (const closure of ['strap-over', 'flap']) {
        const { full, mate } = lapOf(cut({ closure }, { grid }));
        expect([grid, closure, Math.abs(full.value - mate.value) < 1e-6]).toEqual([grid, closure, true]);
      }
  });

  test('what stands out lengthens its way twice, and keeps front and back as far apart as it is thick', () => {
    const fitting = cut({ closure: 'strap-over', holderParams: { visible: 50 } });
    const { full, empty, mate } = lapOf(fitting);
    const out = 200 + 15 + (Math.PI / 2) * 0.67 - 171.5;
    expect(full.value).toBeCloseTo(mate.value, 6);
    expect(empty.value - full.value).toBeCloseTo(2 * out + (Math.PI / 2) * 30, 6);
  });

  test('what stands far below the mouth lifts it nowhere', () => {
    const design = {
      ...trial({ body: 'sleeve', face: 'inside', kind: 'cavity', item: thing(200, 100, 30), closure: 'strap-over' }),
      pins: { 'body/height': 260 },
    };
    const { full, empty } = lapOf(fittingOf(design, solveDesign(design), (item) => item));
    expect(empty.value).toBeCloseTo(full.value, 6);
  });

  test('a flap on a body without lining is as thick as its own two layers', () => {
    const single = { params: { layers: 'single' } };
    const { full, mate } = lapOf(cut({ closure: 'flap', ...single }));
    expect(full.value).toBeCloseTo(mate.value, 6);
  });
});

describe('a strap over a pouch that hangs in a bag', () => {
  // canvas bag, pouch of quilting cotton 0.27; its zipper lies 20 and what the grid adds below the mouth, its bottom 10 above the base
  const bag = (high: number) => {
    const pinned = {
      ...trial({
        body: 'sleeve',
        params: { form: 'boxed' },
        face: 'divider',
        kind: 'divider-pouch',
        item: thing(50, 40, 90),
        closure: 'strap-over',
      }),
      pins: { 'holders/A/high': high },
    };
    const solved = solveDesign(pinned);
    return { ...lapOf(fittingOf(pinned, solved, (item) => item)), solved };
  };
  const pouchOf = ({ holders }: ReturnType<typeof bag>['solved']) => holders[0]!.slabs[0]!;

  test('is lifted by what stands in it, as far as front and back cannot lean together above that', () => {
    const { full, empty, mate, solved } = bag(55);
    const { finished, body } = solved;
    const inLining = finished.height!.value - body.sizes.liningShallower!.value;
    const cloth = pouchOf(solved).thickness.value;
    const above = inLining - 10 - cloth / 2 - 50;
    expect(90 + 2 * cloth - 2 * above).toBeGreaterThan(5);
    // the sides of the lining lean in: where the pouch is caught is told to a hundredth
    expect(empty.value - full.value).toBeCloseTo((Math.PI / 2) * (90 + 2 * cloth - 2 * above), 1);
    expect(full.value).toBeCloseTo(mate.value, 1);
  });

  test('and by nothing where they can, however high its zipper', () => {
    const { full, empty, mate } = bag(120);
    expect(empty.value).toBeCloseTo(full.value, 6);
    expect(full.value).toBeCloseTo(mate.value, 6);
  });
});

describe('a fastener that does not meet its mate', () => {
  const snapped = () => cut({ closure: 'strap-over', closing: { fastener: 'snap' } });
  test('too short it stops, by as much as it was moved', () => {
    const fitting = snapped();
    expect(codes(fitting)).not.toContain('stop closure.doesNotReach');
    const [found] = checkLaps(nearer(fitting, 4), new CutParts(nearer(fitting, 4)));
    expect(found).toMatchObject({ code: 'closure.doesNotReach', severity: 'stop' });
    expect(found!.numbers.short).toBeCloseTo(4, 6);
  });

  test('a thicker thing makes it too short', () => {
    const fitting = snapped();
    const contents = (line: string) => {
      const held = fitting.contents(line);
      return held && { ...held, item: { ...held.item, thickness: 40 } };
    };
    expect(codes({ ...fitting, contents })).toContain('stop closure.doesNotReach');
  });

  test('empty it is told when it forgives less, and not when it forgives more', () => {
    // 15 thick in 214: 5.4 of cloth above it, so that 4.1 keep front and back apart
    const closed = (fastener: string) =>
      cut({ item: thing(200, 100, 15), closure: 'strap-over', closing: { fastener } });
    expect(codes(closed('snap'))).toEqual(['watch closure.drift']);
    expect(codes(closed('hook-and-loop'))).toEqual([]);
  });
});
