import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import { boundsOf } from '../geometry/outline.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { thing, trial, type Trial } from '../testing/trial.ts';
import { given } from '../derived/derived.ts';
import { standardHardware } from '../shelves/hardware/hardware.ts';
import { wordingText } from '../errors/wording.ts';
import { insetFor, radiusOf, widthFor } from './fasteners.ts';
import { leastLength } from './flap/zipped.ts';
import { overlapFor } from './overlap.ts';

const demo = (id: string) => solveDesign(demoDesigns.find((design) => design.id === id)!);
const sleeve = (more: Partial<Trial>) =>
  solveDesign(trial({ body: 'sleeve', face: 'inside', kind: 'cavity', item: thing(120, 80, 12), ...more }));
const mm = (value: number) => given('x', value, { kind: 'input', path: 'x' });

test('a ribbon is stitched on in its middle, across the whole front', () => {
  const { seams, pieces } = demo('net-sack');
  const [part] = seams.find(({ id }) => id === 'closure/ribbon#across')!.a.parts;
  const { cutWidth } = pieces.find(({ id }) => id === 'closure/ribbon')!;
  expect([part!.from, part!.to]).toEqual([(1262 - 215.5) / 2, (1262 + 215.5) / 2]);
  expect(cutWidth.value).toBe(1262);
});

test('the edges of a zipper are named in pairs: front and back, and those of a second one with its number', () => {
  const names = (id: string) =>
    demo(id)
      .seams.map((seam) => /zipper(?:-\d+)?#((?:front|back)[-\d]*)$/.exec(seam.id)?.[1])
      .filter((name) => name !== undefined)
      .sort();
  expect(names('double-tube')).toEqual(['back', 'back-2', 'front', 'front-2']);
});

describe('a flap', () => {
  const width = (mouth: number, inset: number) => {
    const item = thing(120, mouth, 4);
    const { closure, body } = sleeve({ item, closure: 'flap', closing: { inset } });
    return [body.sizes.flatWidth!.value, closure.sizes.flapWidth!.value] as const;
  };
  test('is narrower than the mouth by its inset on each side, but by a sixth of it at most', () => {
    const [wide, flap] = width(200, 10);
    expect(wide - flap).toBe(20);
    const [narrow, other] = width(60, 20);
    expect(narrow - other).toBe((2 * Math.floor((narrow / 6) * 2)) / 2);
    expect(narrow / 6).toBeLessThan(20);
  });
});

describe('what holds a flap or strap lies on it whole', () => {
  const magnet = standardHardware.find(({ id }) => id === 'magnet-18')!;
  test('its middle stays half of it from the end, and the strap is as wide', () => {
    const radius = radiusOf(magnet);
    expect(radius).toBe(magnet.plateRadius ?? magnet.diameter / 2);
    expect(insetFor(mm(radius - 1), magnet).value).toBe(radius);
    expect(insetFor(mm(radius + 1), magnet).value).toBe(radius + 1);
    expect(widthFor(mm(radius), magnet).value).toBe(2 * radius);
    expect(widthFor(mm(3 * radius), magnet).value).toBe(3 * radius);
  });
  test('and so does its mate, below the edge that it goes round', () => {
    const radius = radiusOf(magnet);
    expect(overlapFor(mm(10), mm(20), magnet).value).toBe(20 + radius);
    expect(overlapFor(mm(90), mm(20), magnet).value).toBe(90);
    // a short front: as far as it has room, 8 clear of its end
    expect(overlapFor(mm(90), mm(20), magnet, mm(60)).value).toBe(52);
  });
});

describe('what there is no room for is told, and stays on its wall', () => {
  // a sleeve 60 high: the least
  const small = (more: Partial<Trial>) => sleeve({ item: thing(20, 8, 2), ...more });
  const limits = ({ findings }: ReturnType<typeof small>) =>
    findings.filter(({ code }) => code === 'setting.limited').map(({ numbers }) => [numbers.asked, numbers.made]);
  test('a strap sewn on far below the mouth, and one wider than the bag', () => {
    const low = small({ closure: 'strap-over', closing: { down: 100, overlap: 30 } });
    expect(limits(low)).toEqual([[100, low.finished.height!.value - 8]]);
    const wide = small({ closure: 'strap-over', closing: { width: 80, overlap: 30 } });
    expect(limits(wide)).toEqual([[80, wide.body.sizes.flatWidth!.value]]);
  });
  test('the ends of handles; and nothing is said of what has room', () => {
    const deep = small({ parts: [{ id: 'p1', kind: 'handles', params: { embed: 90 } }] });
    // 60 wide: two ends of 25, beside each other, are as far apart as they are wide
    expect(limits(deep)).toEqual([
      [120, 25],
      [90, deep.finished.height!.value - 8],
    ]);
    const apart = { spread: 40, embed: 30 };
    const wide = small({ item: thing(160, 140, 2), parts: [{ id: 'p1', kind: 'handles', params: apart }] });
    expect(limits(wide)).toEqual([]);
    expect(limits(small({ closure: 'strap-over', closing: { down: 30, overlap: 30 } }))).toEqual([]);
  });
  test('a flap that would lie further on the front than that goes', () => {
    const flap = small({ closure: 'flap', closing: { overlap: 120 } });
    expect(limits(flap)).toHaveLength(1);
    expect(limits(flap)[0]![0]).toBe(120);
  });
});

test('things behind loose dividers stand in the middle of their half', () => {
  const [holder] = demo('boat-tote').holders.filter(({ kind }) => kind === 'loose-dividers');
  const whole = Math.max(...holder!.slabs.filter(({ of }) => 'role' in of).map(({ x1 }) => x1));
  const middle = (name: RegExp) => {
    const { x0, x1 } = holder!.slabs.find(({ label }) => name.test(label))!;
    return (x0 + x1) / 2 / whole;
  };
  expect(middle(/notebook/i)).toBeCloseTo(1 / 4, 9);
  expect(middle(/booklet/i)).toBeCloseTo(3 / 4, 9);
});

describe('what a maker is told to do', () => {
  const told = (closure: string, body = 'sleeve', face = 'inside', kind = 'cavity') =>
    solveDesign(trial({ body, face, kind, item: thing(120, 80, 20), closure }))
      .operations.map(({ text }) => wordingText(text, (length) => `${length} mm`))
      .join(' ');

  test('curves are clipped, and a tape is nicked, every 6 mm (common practice)', () => {
    expect(told('flap')).toContain('every 6 mm');
    expect(told('edge-zip', 'foldover', 'left', 'slip-pocket')).toMatch(/Nick zipper, one tape \([A-Z]\) every 6 mm/);
  });
  test('a zipper has the sliders that were chosen', () => {
    const sliders = (choice: string) =>
      sleeve({ closure: 'zip-top', closing: { sliders: choice } }).hardware.find(({ id }) => id.startsWith('slider'))
        ?.count;
    expect([sliders('one'), sliders('two')]).toEqual([1, 2]);
  });
  test('a corner of a flap is told from four times its layers downwards', () => {
    // fleece 2.4 in the shell: a corner of some 13
    const flapped = (corner: number) => {
      const design = trial({
        body: 'sleeve',
        face: 'inside',
        kind: 'cavity',
        item: thing(200, 120, 20),
        closure: 'flap',
        closing: { corner },
      });
      const exterior = ['waxed-canvas', 'fleece'].map((material) => ({ material, coverage: 'full' as const }));
      const { findings, stacks } = solveDesign({ ...design, stacks: { ...design.stacks, exterior } });
      const layers = stacks.exterior.value + stacks.lining.value;
      return { layers, told: findings.find(({ code }) => code === 'closure.cornerTooTight')?.limit };
    };
    const { layers } = flapped(10);
    expect(flapped(Math.floor(4 * layers)).told).toBeCloseTo(4 * layers, 9);
    expect(flapped(Math.ceil(4 * layers)).told).toBeUndefined();
  });
  test('the middle of the straight end of a flap is marked', () => {
    const { pieces } = sleeve({ item: thing(200, 120, 20), closure: 'flap' });
    const flap = pieces.find(({ id }) => id === 'closure/flap')!;
    const tip = flap.stitch.find(({ id }) => id === 'tip')!;
    const notch = flap.notches.find(({ id }) => id === 'middle')!;
    expect(notch).toMatchObject({ edge: 'tip', at: expect.closeTo(Math.abs(tip.to[0] - tip.from[0]) / 2, 9) });
  });
});

describe('small sums of closures, by hand', () => {
  test('an elastic band stands 18 from the outer edge, and clear of a rounder corner by 4', () => {
    const wallet = (params: object, closing = 'elastic-band') =>
      solveDesign(
        trial({
          body: 'foldover',
          params: params as Trial['params'] & object,
          face: 'left',
          kind: 'card-tiers',
          item: thing(85.6, 54, 0.76, { shape: 'card' }),
          closure: closing,
        }),
      );
    const from = (solution: ReturnType<typeof wallet>) => {
      const [part] = solution.seams.find(({ id }) => id === 'closure/band#top')!.b.parts;
      const edge = solution.pieces.find(({ id }) => id === 'body/shell')!.stitch.find(({ id }) => id === 'top')!;
      const long = Math.hypot(edge.to[0] - edge.from[0], edge.to[1] - edge.from[1]);
      // the back leaf ends on the left of the shell, which the top edge runs towards
      return long - part!.to!;
    };
    expect(from(wallet({ corners: 'square' }))).toBeCloseTo(18, 9);
    // from the end of the corner of 20, where the straight edge begins
    expect(from(wallet({ corners: 'rounded', radius: 20 }))).toBeCloseTo(24 - 20, 9);
  });
  test('a zipped flap that reaches past a low front is held where the front still is', () => {
    const wide = { item: thing(1400, 20, 6), closure: 'flap', closing: { pocket: 'zipped', corner: 78 } };
    const base = trial({ body: 'sleeve', params: { bottom: 'seam' }, face: 'inside', kind: 'cavity', ...wide });
    const contents = base.contents.map((line) => ({ ...line, orientation: 'lying' as const }));
    const { pieces, closure, finished } = solveDesign({ ...base, contents });
    const [mate] = pieces.flatMap(({ marks }) => marks.filter(({ id }) => id === 'closure-mate'));
    expect(mate!.at[1]).toBeGreaterThanOrEqual(mate!.hardware!.radius - 1e-9);
    expect(closure.sizes.flapLength!.value).toBeGreaterThan(finished.height!.value);
    expect(mate!.at[1]).toBeLessThan(finished.height!.value);
  });
  test('what a flap is held by lies in its middle', () => {
    const { pieces, closure } = sleeve({ closure: 'flap' });
    const marks = pieces.flatMap(({ marks: all }) => all.filter(({ id }) => id === 'closure-cap'));
    expect(marks).toHaveLength(1);
    expect(marks[0]!.at[0]).toBeCloseTo(closure.sizes.flapWidth!.value / 2, 9);
  });
});

test('a single snap is set in the middle of a narrow mouth, both halves', () => {
  const { pieces, closure, body } = sleeve({ item: thing(120, 20, 4), closure: 'snap-row', closing: { inset: 100 } });
  const marks = pieces.flatMap((piece) => piece.marks.filter(({ id }) => id.startsWith('snap-')));
  expect(marks).toHaveLength(2);
  expect(closure.sizes.inset!.value).toBe(100);
  for (const { at } of marks) expect(at[0]).toBeCloseTo(body.sizes.flatWidth!.value / 2, 9);
});

test('a tie goes round the roll twice, with the bow', () => {
  const roll = (bow: number) => {
    const design = demoDesigns.find(({ id }) => id === 'probe-roll')!;
    return solveDesign({ ...design, closure: { ...design.closure, params: { bow } } }).closure.sizes;
  };
  const { tieLength, roundTheRoll } = roll(300);
  expect(tieLength!.value).toBeCloseTo(2 * roundTheRoll!.value + 300, 9);
});

test('a strap is of two layers, cut alike', () => {
  const { pieces } = sleeve({ closure: 'strap-over' });
  expect(pieces.find(({ id }) => id === 'closure/strap')!.count).toBe(2);
});

test('a zipper across a flap asks for its curve, what it shows, and straight stretches of 12 and 10 beside its corners', () => {
  // the curve rises by an eighth of the width (common practice)
  expect(leastLength(200, 20, 20)).toBe(12 + 25 + 20 + 10 + 20);
});

test('a zipper is sewn in with as much of its tape beyond one end as beyond the other', () => {
  let seen = 0;
  for (const id of ['lens-pouch', 'double-tube', 'refractometer-case']) {
    const { seams, pieces } = demo(id);
    const along = seams.flatMap(({ a }) => {
      const [part] = a.parts;
      const tape = pieces.find((piece) => piece.id === a.piece && piece.id.includes('zipper'));
      return tape && part && 'edge' in part && /top|bottom/.test(part.edge) && part.from !== undefined
        ? [[part.from + part.to!, tape.cutWidth.value]]
        : [];
    });
    for (const [ends, whole] of along) expect([id, ends]).toEqual([id, expect.closeTo(whole!, 6)]);
    seen += along.length;
  }
  expect(seen).toBeGreaterThan(4);
});

test('two cords are drawn in from both sides, one all round', () => {
  const way = (cords: string) => {
    const { operations } = sleeve({ closure: 'drawstring', closing: { cords } });
    return wordingText(operations.find(({ id }) => id === 'closure/cord')!.text, String);
  };
  expect(way('two')).toContain('the other from the right');
  expect(way('one')).toMatch(/Draw \S.* all round and knot its ends\./);
  expect(way('one')).not.toContain('other');
});

test('the halves of a zipped flap are called as high as they are drawn', () => {
  const { pieces } = sleeve({ item: thing(160, 140, 20), closure: 'flap', closing: { pocket: 'zipped' } });
  const halves = pieces.filter(({ name }) => name.startsWith('Flap, half'));
  expect(halves.length).toBeGreaterThan(1);
  for (const { name, cut, cutHeight } of halves)
    expect([name, Math.abs(boundsOf(cut).height - cutHeight.value) < 1]).toEqual([name, true]);
});

test('of two zippers as much is bought as of both', () => {
  const { hardware, pieces } = demo('double-tube');
  const zipper = pieces.find(({ id }) => id === 'closure/zipper')!;
  const cut = pieces.filter(({ materials, byRuler }) => byRuler && materials[0] === zipper.materials[0]);
  const bought = hardware.filter(({ id }) => id === zipper.materials[0]);
  const sum = (all: number[]) => all.reduce((total, each) => total + each, 0);
  expect(zipper.count).toBe(2);
  expect(sum(bought.map(({ count }) => count))).toBe(sum(cut.map(({ count }) => count)));
  expect(sum(bought.map(({ length = 0 }) => length))).toBeCloseTo(
    sum(cut.map(({ count, cutWidth }) => count * cutWidth.value)),
    6,
  );
});
