import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import type { DesignDocument, Params, PartEntry } from '../document/design-document.ts';
import { boundsOf, edgeLength } from '../geometry/outline.ts';
import type { Piece } from '../pieces/piece.ts';
import { hardwareOf, standardHardware } from '../shelves/hardware/hardware.ts';
import { thing, trial, type Trial } from '../testing/trial.ts';
import type { Solution } from './solution.ts';
import { solveDesign } from './solve-design.ts';

const demo = (id: string): DesignDocument => demoDesigns.find((design) => design.id === id)!;
const pieceOf = ({ pieces }: Solution, id: string): Piece => pieces.find((piece) => piece.id === id)!;

/** A flat lined sleeve for a box of 200 x 100 x 30. */
const sleeve = (more: Partial<Trial> = {}) =>
  solveDesign(trial({ body: 'sleeve', face: 'inside', kind: 'cavity', item: thing(200, 100, 30), ...more }));
const part = (kind: string, params: Params = {}): PartEntry[] => [{ id: 'p', kind, params }];
const partSizes = ({ parts }: Solution) =>
  Object.fromEntries(Object.entries(parts[0]!.sizes).map(([name, { value }]) => [name, value]));
// canvas 0.62 with interfacing 0.20, lawn 0.16
const WALL = 0.98;
// 200 and 5 of ease, half of 30, and a quarter round the cloth, to the middle of the canvas 0.16 + 0.20 + 0.31 away
const HEIGHT = 221.5;
// above the thing front and back lean together by what is left of both
const GAP = 30 - 2 * (HEIGHT - 200 - 15 - (Math.PI / 2) * 0.67);
const [FULL, EMPTY] = [2 * WALL + GAP, 2 * WALL];

describe('a strap over the top', () => {
  const strap = (holderParams: Params = {}) => sleeve({ closure: 'strap-over', holderParams });
  test('goes up the back, round a half circle and down the front', () => {
    // common practice: sewn 40 below the mouth, 60 on the front; a strap of two layers of 0.82
    const length = 40 + (Math.PI / 2) * (FULL + 1.64) + 60;
    expect(strap().finished.height!.value).toBe(HEIGHT);
    expect(strap().closure.sizes.strapLength!.value).toBe(Math.ceil(length * 2) / 2);
  });
  test('is longer by twice what stands out of the mouth, and goes round all of it', () => {
    // asked to stand 50 out; the ease below it and the grid take some of that
    const out = 200 + 15 + (Math.PI / 2) * 0.67 - 171.5;
    const length = 40 + (Math.PI / 2) * (2 * WALL + 30 + 1.64) + 2 * out + 60;
    expect(strap({ visible: 50 }).closure.sizes.strapLength!.value).toBe(Math.ceil(length * 2) / 2);
  });
  test('does not go round what lies far below it: there front and back meet', () => {
    const high = solveDesign({
      ...trial({ body: 'sleeve', face: 'inside', kind: 'cavity', item: thing(200, 100, 30), closure: 'strap-over' }),
      pins: { 'body/height': 260 },
    });
    const length = 40 + (Math.PI / 2) * (2 * WALL + 1.64) + 60;
    expect(high.closure.sizes.strapLength!.value).toBe(Math.ceil(length * 2) / 2);
    expect(high.findings.map(({ code }) => code)).not.toContain('closure.drift');
  });
  test.each(['strap-over', 'flap'])('%s: what reaches past the front when it is empty is a stop', (closure) => {
    const low = sleeve({ item: thing(50, 50, 50), closure });
    const { severity, text } = low.findings.find(({ code }) => code === 'closure.drift')!;
    expect([severity, JSON.stringify(text).includes('past the end of the front')]).toEqual(['stop', true]);
  });
  test('of what is sewn onto the front only what reaches up to it lies beneath', () => {
    const pocketed = (height: number) =>
      solveDesign({
        ...trial({ body: 'sleeve', face: 'front', kind: 'slip-pocket', item: thing(90, 60, 12), closure: 'flap' }),
        pins: { 'body/height': height },
      }).closure.sizes.drift!.value;
    expect(pocketed(140)).toBeGreaterThan(12);
    expect(pocketed(400)).toBeCloseTo(0, 9);
  });
  test('says when a magnet cannot bridge empty and full', () => {
    const finding = strap().findings.find(({ code }) => code === 'closure.drift');
    expect(finding?.numbers.drift).toBeCloseTo((Math.PI / 2) * (FULL - EMPTY), 9);
    expect(finding?.limit).toBe(3);
  });
  test('has its mate in the middle of the front, one layer deep', () => {
    const solution = strap();
    const shell = pieceOf(solution, 'body/shell');
    const mate = shell.marks.find(({ kind }) => kind === 'snapSocket')!;
    expect(mate.at[0]).toBeCloseTo(solution.body.sizes.flatWidth!.value / 2, 9);
  });
});

describe('a ribbon wrapped round', () => {
  const solution = sleeve({ closure: 'wrap-ribbon' });
  test('goes four widths and has a bow', () => {
    const width = solution.body.sizes.flatWidth!.value;
    expect(solution.closure.sizes.ribbonPath!.value).toBe(4 * width);
    expect(solution.closure.sizes.ribbonLength!.value).toBeGreaterThanOrEqual(4 * width + 400);
  });
  test('lies round a mouth that folds over by half of the thing', () => {
    const [plain] = [sleeve()];
    const more = solution.finished.height!.value - plain.finished.height!.value;
    expect(more / plain.holders[0]!.sizes.depth!.value).toBeCloseTo(0.5, 2);
  });
});

describe('a drawstring', () => {
  test.each([
    ['round', 'two', 8],
    ['flat', 'one', 15],
  ])('%s cord, %s: a channel of %d, and cord enough', (cord, cords, channel) => {
    const solution = sleeve({ closure: 'drawstring', closing: { cord, cords } });
    const { sizes } = solution.closure;
    expect(sizes.channel!.value).toBe(channel);
    const width = solution.body.sizes.flatWidth!.value;
    expect(sizes.cordLength!.value).toBeGreaterThanOrEqual(2 * width + 240);
    expect(sizes.cordTotal!.value).toBe((cords === 'two' ? 2 : 1) * sizes.cordLength!.value);
  });
  test('of a single layer runs in the hem, and says so', () => {
    const solution = sleeve({ params: { layers: 'single' }, closure: 'drawstring' });
    expect(solution.findings.map(({ code }) => code)).toContain('closure.casingInHem');
  });
});

test('a zipper along the mouth opens short of both sides, and runs into both seams', () => {
  const solution = sleeve({ closure: 'zip-top' });
  const width = solution.body.sizes.flatWidth!.value;
  expect(solution.closure.sizes.opening!.value).toBe(width - 24);
  expect(pieceOf(solution, 'closure/zipper').cutWidth.value).toBe(width + 12);
});

test('a zipper that shall open far from the seams asks for a wider mouth, so that its thing passes', () => {
  const narrow = trial({ body: 'sleeve', face: 'inside', kind: 'cavity', item: thing(100, 20, 5), closure: 'zip-top' });
  const { closure, body } = solveDesign({ ...narrow, rules: { 'zip.clear': 40 } });
  // half round 20 x 5, and 40 at each end
  expect(body.sizes.flatWidth!.value).toBe(25 + 80);
  // never less than half of it
  expect(closure.sizes.opening!.value).toBe(105 / 2);
});

describe('a wallet', () => {
  test('with an elastic band: over the front and round its thickness, an eighth shorter', () => {
    const solution = solveDesign({ ...demo('permit-bifold'), closure: { kind: 'elastic-band', params: {} } });
    const way = 94 + 2 * 10.69;
    expect(solution.closure.sizes.overTheFront!.value).toBeCloseTo(way, 9);
    expect(solution.closure.sizes.bandLength!.value).toBe(Math.ceil((way * 0.88 + 12) * 2) / 2);
  });
  test('zipped round corners that are too tight is told', () => {
    const tight = { ...demo('ferry-pocket'), body: { kind: 'foldover', params: { corners: 'rounded', radius: 12 } } };
    const finding = solveDesign(tight).findings.find(({ code }) => code === 'closure.cornerTooTight');
    expect(finding).toMatchObject({ numbers: { radius: 12 }, limit: 24 });
  });
  test('with magnets: both halves as far from the edge, at one height', () => {
    const middle = solveDesign({ ...demo('survey-folio'), closure: { kind: 'magnets', params: {} } });
    const set = pieceOf(middle, 'body/lining').marks.find(({ kind }) => kind !== 'placement')!;
    expect(set.at).toEqual([16, 94.75]);
    const solution = solveDesign(demo('survey-folio'));
    const [inner, outer] = ['body/lining', 'body/shell'].map(
      (id) => pieceOf(solution, id).marks.find(({ kind }) => kind !== 'placement')!.at,
    );
    // three quarters of its height of 189.5 up, clear of the window of the zip pocket
    expect(inner).toEqual([16, 142.125]);
    // the right leaf lies on the left of the shell, its fold 153 from the edge
    expect(outer).toEqual([153 - 16, 142.125]);
  });
});

describe('what is set on a body', () => {
  test('handles: two legs up to the hand, and both ends buried', () => {
    const { handleLength } = partSizes(sleeve({ parts: part('handles', { drop: 250, spread: 60, embed: 30 }) }));
    const legs = 2 * Math.hypot(250, 30);
    expect(handleLength).toBe(Math.ceil((legs + 60) * 2) / 2);
  });
  test('handles never reach into the side seams', () => {
    const solution = sleeve({ parts: part('handles', { spread: 500 }) });
    const width = solution.body.sizes.flatWidth!.value;
    expect(partSizes(solution).spread! + 2 * 12.5).toBeLessThan(width - 2 * 6);
  });
  test('a shoulder strap: two legs from side to side, flat on the shoulder, round two hooks', () => {
    const solution = sleeve({ parts: part('shoulder-strap', { drop: 500 }) });
    const legs = 2 * Math.hypot(500, solution.body.sizes.flatWidth!.value / 2);
    expect(partSizes(solution).strapLength).toBe(Math.ceil((legs + 80 + 90) * 2) / 2);
    expect(solution.hardware).toContainEqual({ id: 'hook-25', count: 2 });
  });
  test('ring tabs: one in each side of a bag, clear of the mouth', () => {
    const solution = sleeve({ parts: part('ring-tabs') });
    const ends = solution.seams.filter(({ id }) => id.startsWith('parts/p/tab'));
    expect(ends).toHaveLength(4);
    for (const { lengthA, lengthB } of ends) expect([lengthA, lengthB]).toEqual([25, 25]);
    expect(solution.hardware).toContainEqual({ id: 'ring-25', count: 2 });
  });
  test('a stiffener lies inside every seam of the front', () => {
    const solution = sleeve({ parts: part('stiffener') });
    const { boardWidth, boardHeight } = partSizes(solution);
    expect(boardWidth).toBeLessThanOrEqual(solution.body.sizes.flatWidth!.value - 6);
    expect(boardHeight).toBeLessThanOrEqual(solution.finished.height!.value - 6);
  });
  test('a base needs a bottom to lie on: told, and left away', () => {
    const { findings, parts } = sleeve({ parts: part('base-pad') });
    expect(findings.map(({ code, about }) => [code, about])).toEqual([['part.notForBody', ['parts/p']]]);
    expect(parts).toEqual([]);
  });
});

test('a roll with a flap is higher by it, and no thicker where the tools lie', () => {
  const roll = demo('probe-roll');
  const [plain, flapped] = [roll, { ...roll, body: { kind: 'roll', params: { flap: 'flap', depth: 80 } } }].map(
    (design) => solveDesign(design),
  );
  const high = ({ pieces }: Solution) => boundsOf(pieces[0]!.stitch).height;
  expect(high(flapped!) - high(plain!)).toBe(80);
  expect(flapped!.body.readBack.flap).toBeCloseTo(80, 9);
  expect(flapped!.finished.height!.value).toBe(plain!.finished.height!.value);
});

describe('the hardware shelf', () => {
  test('has each entry once, with a size', () => {
    expect(new Set(standardHardware.map(({ id }) => id)).size).toBe(standardHardware.length);
    for (const { diameter, driftTolerated } of standardHardware) {
      expect(diameter).toBeGreaterThan(0);
      expect(driftTolerated).toBeGreaterThanOrEqual(0);
    }
  });
  test('a maker’s own entry goes before the standard one, and a missing one is standard', () => {
    const own = { ...hardwareOf('webbing-25', []), diameter: 27 };
    expect(hardwareOf('webbing-25', [own]).diameter).toBe(27);
    expect(hardwareOf('webbing-25', []).diameter).toBe(25);
  });
  test('strips are as wide as the shelf says', () => {
    const strip = pieceOf(solveDesign(demo('net-sack')), 'closure/ribbon');
    expect(edgeLength(strip.stitch.find(({ id }) => id === 'left')!)).toBe(25);
    expect(strip.byRuler).toBe(true);
  });
});
