import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import type { DesignDocument, Layer, OwnPiece } from '../document/design-document.ts';
import { setAllowance, setOwnLayers, setRough } from '../document/edits/pieces.ts';
import { wordingText } from '../errors/wording.ts';
import { boundsOf } from '../geometry/outline.ts';
import { cuttingChart } from '../pieces/chart.ts';
import { edgeName } from '../pieces/own-piece.ts';
import { seamMates } from '../pieces/seam-mates.ts';
import { standardMaterials } from '../shelves/materials/standard-materials.ts';
import type { Solution } from './solution.ts';
import { solveDesign } from './solve-design.ts';

const demo = (id: string): DesignDocument => demoDesigns.find((design) => design.id === id)!;
const having = (design: DesignDocument, ...pieces: OwnPiece[]): DesignDocument => ({ ...design, pieces });
const piece = ({ pieces }: Solution, id: string) => pieces.find((each) => each.id === id)!;
const thicknessOf = (id: string) => standardMaterials.find((each) => each.id === id)!.thickness;
const plain = (material: string): Layer[] => [{ material, coverage: 'full' }];
const text = ({ findings }: Solution, code: string) =>
  findings.filter((each) => each.code === code).map((each) => wordingText(each.text, String));

/** The demo design without what is decided for single pieces. */
function asRuled({ pieces, ...design }: DesignDocument): DesignDocument {
  void pieces;
  return design;
}
const bifold = asRuled(demo('junior-bifold'));
const bag = demo('twin-flask-bag');

describe('an allowance of its own', () => {
  // common practice: 1/8, 1/4 and 3/8 in in one small wallet
  const [eighth, quarter, threeEighths] = [3.175, 6.35, 9.525];
  const three = { left: eighth, top: quarter, bottom: threeEighths };
  const before = solveDesign(bifold);
  const solution = solveDesign(having(bifold, { id: 'body/shell', allowance: three }));
  const shell = piece(solution, 'body/shell');

  test('changes the cut by itself, and no stitch line', () => {
    const was = boundsOf(piece(before, 'body/shell').stitch);
    const { width, height } = boundsOf(shell.cut);
    // the right side keeps the 6 mm of this design
    expect([width, height]).toEqual([
      expect.closeTo(was.width + eighth + 6, 9),
      expect.closeTo(was.height + quarter + threeEighths, 9),
    ]);
    expect(shell.stitch).toEqual(piece(before, 'body/shell').stitch);
    expect(shell.cutHeight.inputs.map(({ from }) => from.origin?.path).slice(1)).toEqual([
      'pieces/body/shell/allowance/bottom',
      'pieces/body/shell/allowance/top',
    ]);
    expect(solution.finished.height!.value).toBe(before.finished.height!.value);
    expect(solution.body.readBack).toEqual(before.body.readBack);
  });
  test('stands in the step that sews that edge, and in no other', () => {
    const sews = ({ seams }: (typeof solution.operations)[number]) =>
      solution.seams.some(({ id, a, b }) => seams.includes(id) && [a.piece, b.piece].includes('body/shell'));
    const tells = ({ text: told }: (typeof solution.operations)[number]) =>
      /(3\.175|6\.35|9\.525)/.test(wordingText(told, String));
    const own = solution.operations.filter(tells);
    expect(own.length).toBeGreaterThan(0);
    for (const step of own) expect([step.id, sews(step)]).toEqual([step.id, true]);
    const join = own.find(({ id }) => id === 'body/join')!;
    for (const side of ['left', 'top', 'bottom']) expect(wordingText(join.text, String)).toContain(`${side} edge`);
    expect(before.operations.some(tells)).toBe(false);
  });
  test('wider at the corner than at the sides leaves a smaller notch, and too wide none', () => {
    const notch = (solved: Solution) => {
      const { cut, stitch } = piece(solved, 'body/shell-front');
      const corner = (outline: typeof cut) => outline.find(({ id }) => id === 'notch-right-out')!;
      return corner(cut).from[0] - corner(stitch).from[0];
    };
    const at = (by: number) =>
      solveDesign(having(bag, { id: 'body/shell-front', allowance: { 'notch-right-up': by, 'notch-right-out': by } }));
    expect(notch(at(15))).toBeCloseTo(15, 9);
    expect(text(at(15), 'piece.ownTooWide')).toEqual([]);
    // the base is less than 120 deep, so that its notch is less than 60
    expect(text(at(60), 'piece.ownTooWide')).toEqual([
      'Shell front cannot be cut with the allowances that you set: at its right notch, upright side and its right notch, level side they run into each other. Make them smaller.',
    ]);
  });
  test('of what is cut from a length makes it longer, and more of it is needed', () => {
    const carrier = demo('slate-carrier');
    const webbing = solveDesign(carrier).pieces.find(
      ({ byRuler, materials }) => byRuler && /webbing/.test(materials[0]!),
    )!;
    const [end] = webbing.stitch.map(({ id }) => id).filter((id) => id === 'left');
    const needed = (design: DesignDocument) =>
      solveDesign(design).hardware.find(({ id }) => id === webbing.materials[0])!.length!;
    const longer = having(carrier, { id: webbing.id, allowance: { [end!]: webbing.allowance[end!]! + 25 } });
    expect(needed(longer) - needed(carrier)).toBeCloseTo(25 * webbing.count, 9);
  });
});

describe('layers of its own', () => {
  test('leave a tab without the interfacing of its role', () => {
    const inner = (design: DesignDocument) =>
      solveDesign(design).pieces.filter(({ layerOf }) => layerOf === 'closure/tab').length;
    expect(inner(bifold)).toBe(1);
    expect(inner(having(bifold, { id: 'closure/tab', layers: plain('quilting-cotton') }))).toBe(0);
  });
  test('make room for a stabilizer in one of two linings, and no more than it takes', () => {
    const stiffer: Layer[] = [...plain('linen'), { material: 'fleece', coverage: 'trimmed' }];
    const [before, after] = [bag, having(bag, { id: 'body/lining-back', layers: stiffer })].map((each) =>
      solveDesign(each),
    );
    expect(after!.findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
    const grown = after!.body.sizes.flatWidth!.value - before!.body.sizes.flatWidth!.value;
    // reckoned as if both had it, of two flasks: never less than half a turn round it, never more than both twice
    expect(grown).toBeGreaterThan((Math.PI / 2) * thicknessOf('fleece'));
    expect(grown).toBeLessThan(4 * Math.PI * thicknessOf('fleece'));
    const left = (solved: Solution) =>
      Math.min(
        ...solved.holders.flatMap(({ clearances }) => clearances.map(({ clearance, ease }) => clearance.value - ease)),
      );
    expect(left(after!)).toBeGreaterThanOrEqual(-1e-6);
    // the fitting takes the pieces as they are: of the same size, the stiffer one has less left
    const pins = { 'body/flatWidth': before!.body.sizes.flatWidth!.value };
    const [same, stiff] = [
      { ...bag, pins },
      { ...having(bag, { id: 'body/lining-back', layers: stiffer }), pins },
    ];
    expect(left(solveDesign(stiff))).toBeLessThan(left(solveDesign(same)) - 1);
  });
  test('that are thinner in every piece of a role make it smaller', () => {
    const thin = having(
      { ...bag, stacks: { ...bag.stacks, lining: plain('felt-2') } },
      { id: 'body/lining-front', layers: plain('linen') },
      { id: 'body/lining-back', layers: plain('linen') },
    );
    const [own, role] = [thin, { ...bag, stacks: { ...bag.stacks, lining: plain('linen') } }].map((each) =>
      solveDesign(each),
    );
    expect(own!.finished.width!.value).toBe(role!.finished.width!.value);
    expect(own!.closedThickness.value).toBeCloseTo(role!.closedThickness.value, 9);
  });
  test('of a tab do not make the walls thicker', () => {
    const before = solveDesign(bifold);
    const after = solveDesign(having(bifold, { id: 'closure/tab', layers: plain('felt-2') }));
    expect(after.body.sizes.leafWidth!.value).toBe(before.body.sizes.leafWidth!.value);
    expect(after.closedThickness.value).toBe(before.closedThickness.value);
  });
  test('that the shelf has not are told', () => {
    const told = text(
      solveDesign(having(bifold, { id: 'closure/tab', layers: plain('moonsilk') })),
      'materials.missing',
    );
    expect(told).toEqual([
      'A piece (closure/tab) names a material that is not on the shelf (moonsilk). Choose another.',
    ]);
  });
});

describe('cut larger and trimmed', () => {
  const strip = 'holders/A/strip';
  const before = solveDesign(bifold);
  const solution = solveDesign(having(bifold, { id: strip, rough: { bottom: 20 } }));

  test('both sizes stand on the piece and in the chart', () => {
    const { cutHeight, cutWidth, trim } = piece(solution, strip);
    const was = piece(before, strip);
    expect([cutWidth.value, cutHeight.value]).toEqual([was.cutWidth.value, was.cutHeight.value + 20]);
    expect([trim!.width.value, trim!.height.value]).toEqual([was.cutWidth.value, was.cutHeight.value]);
    const row = cuttingChart(solution.pieces, String).find((each) => each.piece === strip)!;
    expect([row.cutHeight.value, row.trim!.height.value]).toEqual([was.cutHeight.value + 20, was.cutHeight.value]);
  });
  test('it is trimmed after it is pleated and before its lower edge is sewn', () => {
    const number = (wanted: (id: string) => boolean) => solution.operations.find(({ id }) => wanted(id))!.number;
    const trim = number((id) => id === `${strip}/trim`);
    expect(trim).toBeGreaterThan(number((id) => id === 'holders/A/prepare'));
    const caught = solution.seams.find(
      ({ a }) => a.piece === strip && a.parts.some((part) => 'edge' in part && part.edge === 'bottom'),
    )!;
    const sewn = solution.operations.find(({ seams }) => seams.includes(caught.id))!;
    expect(trim).toBeLessThan(sewn.number);
  });
  test('its strip and the other one are two patterns now', () => {
    const letters = ['holders/A/strip', 'holders/B/strip'].map((id) => piece(solution, id).letter);
    expect(new Set(letters).size).toBe(2);
  });
});

describe('what applies to nothing', () => {
  test('is kept and told, not lost', () => {
    const design = having(
      bifold,
      { id: 'holders/Z/strip', allowance: { left: 3 } },
      { id: 'body/shell', allowance: { moon: 3 } },
      { id: 'body/shell/layer-1', layers: plain('linen') },
    );
    const told = text(solveDesign(design), 'piece.ownIdle');
    expect(told).toEqual([
      'You decided about a piece that this design has no longer (holders/Z/strip). It is kept until you take it away.',
      'Shell: what you set for its moon edge has nothing to apply to now. It is kept until you take it away.',
      'Shell, inner layer: what you set for its own layers has nothing to apply to now. It is kept until you take it away.',
    ]);
    const asBefore = solveDesign(bifold);
    expect(solveDesign(design).pieces.map(({ cut }) => cut)).toEqual(asBefore.pieces.map(({ cut }) => cut));
  });
});

describe('the edits', () => {
  const edges = [
    { piece: 'body/shell', edge: 'left' },
    { piece: 'body/lining', edge: 'left' },
  ];
  test('set both edges of a seam in one go, and leave nothing behind when they are undone', () => {
    const set = setAllowance(edges, 'the left seam', 3.175).apply(bifold);
    expect(set.pieces).toEqual([
      { id: 'body/shell', allowance: { left: 3.175 } },
      { id: 'body/lining', allowance: { left: 3.175 } },
    ]);
    const more = setRough([edges[0]!], 'the shell', 12).apply(
      setOwnLayers(['body/shell'], 'the shell', plain('linen')).apply(set),
    );
    expect(more.pieces![0]).toEqual({
      id: 'body/shell',
      allowance: { left: 3.175 },
      layers: plain('linen'),
      rough: { left: 12 },
    });
    const back = [
      setAllowance(edges, 'x', undefined),
      setRough(edges, 'x', undefined),
      setOwnLayers(['body/shell'], 'x', undefined),
    ].reduce((now, { apply }) => apply(now), more);
    expect(back).toEqual(bifold);
  });
});

test('edges are called so that a maker finds them on the drawing', () => {
  const names = [
    'left',
    'front/left',
    'notch-right-up',
    'notch-left-in',
    'corner-top-left',
    'cut-left',
    'mouth',
    'mouth-back',
  ];
  expect(names.map(edgeName)).toEqual([
    'left edge',
    'left edge of the front',
    'right notch, upright side',
    'left notch, level side',
    'top left corner',
    'left corner that is cut off',
    'mouth',
    'mouth, back',
  ]);
  expect(['quarter-2', 'zip', 'zip-front', 'right-1-in', 'tip'].map(edgeName)).toEqual([
    'quarter 2 of the round',
    'zipper edge',
    'zipper edge, front',
    'right edge, 1 in',
    'rounded end',
  ]);
});

describe('a seam', () => {
  const { pieces, seams } = solveDesign(bag);
  const names = (piece: string, edge: string) =>
    seamMates(pieces, seams, { piece, edge }).map((each) => `${each.piece} ${each.edge}`);
  test('has the edges that are sewn to each other, and what those are sewn to', () => {
    expect(names('body/shell-front', 'bottom')).toEqual(['body/shell-front bottom', 'body/shell-back bottom']);
    expect(names('body/shell-front', 'notch-right-up')).toEqual([
      'body/shell-front notch-right-up',
      'body/shell-front notch-right-out',
    ]);
    expect(names('body/lining-back', 'mouth')).toEqual(['body/lining-back mouth', 'body/shell-back mouth']);
    // shell, lining, strips and their backings are caught in one seam of a wallet
    const wallet = solveDesign(bifold);
    const bottom = seamMates(wallet.pieces, wallet.seams, { piece: 'body/shell', edge: 'bottom' });
    expect(bottom.map(({ piece: of }) => of)).toEqual(
      expect.arrayContaining(['body/lining', 'holders/A/strip', 'holders/A/backing', 'holders/B/strip']),
    );
  });
  test('leaves out what has no allowance, as a tape', () => {
    const pouch = solveDesign(demo('lens-pouch'));
    const tape = { piece: 'closure/zipper', edge: 'bottom' };
    expect(seamMates(pouch.pieces, pouch.seams, tape)).toEqual([tape]);
    expect(
      seamMates(pouch.pieces, pouch.seams, { piece: 'body/shell', edge: 'zip-front' }).some(
        ({ piece: of }) => of === 'closure/zipper',
      ),
    ).toBe(false);
  });
});
