import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { DesignDocument } from '../document/design-document.ts';
import { standardMaterials } from '../shelves/materials/standard-materials.ts';
import { boundsOf, edgeLength } from '../geometry/outline.ts';
import { outlineArea } from '../testing/measures.ts';
import { solvedSample } from '../testing/solved-sample.ts';
import { anyWallet } from '../testing/any-design.ts';
import { anyAccordion, anyBox, anyDoubleTube, anyOrganizer, anyShell, anyZipTube } from '../testing/any-boxy.ts';
import { anyFolio, anyJacket, anyPanel, anyRoll, anyRound, anySleeve } from '../testing/any-soft.ts';
import type { Point } from '../geometry/perimeter.ts';
import type { Piece } from '../pieces/piece.ts';
import type { Solution } from '../solve/solution.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { formOf, type FormOptions } from './form.ts';
import { glue } from './glue.ts';
import { moveFaces } from './thick.ts';
import { skinOf } from './skin.ts';
import { topologyOf, type Solid } from './solid.ts';

type Layer = 'exterior' | 'lining';
const layerOf = (solution: Solution, layer: Layer) => skinOf(solution.pieces, solution.seams, [layer]);
function form(solution: Solution, layer: Layer = 'exterior', options: FormOptions = {}): Solid {
  const { pieces, seams } = layerOf(solution, layer);
  return formOf(pieces, seams, options);
}
const size = ({ body }: Solution, name: string): number => body.sizes[name]!.value;
const finished = (solution: Solution, name: string): number => solution.finished[name]!.value;
/** Sizes by their order, so that it does not matter how the solid lies. */
const sorted = (sizes: readonly number[]): number[] => [...sizes].sort((a, b) => a - b);
function expectExtent({ extent }: Solid, sizes: readonly number[], tolerance = 0.05): void {
  const expected = sorted(sizes);
  sorted(extent).forEach((value, index) => expect(Math.abs(value - expected[index]!)).toBeLessThan(tolerance));
}
const expectVolume = ({ volume }: Solid, expected: number, share = 1e-6): void =>
  expect(Math.abs(volume - expected)).toBeLessThanOrEqual(share * Math.abs(expected) + 1e-3);

interface Case {
  family: string;
  any: fc.Arbitrary<DesignDocument>;
  /** Openings of one layer. */
  mouths: number;
  /** Ends of a zipper beside which nothing but the zipper lies; default none. */
  zipperEnds?: number;
  /** What the solid of the outer layer must be. */
  check: (solid: Solid, solution: Solution, design: DesignDocument) => void;
}

/** As thick from outside to outside, its layers and all, as it is said to be. */
function expectThickness(solid: Solid, { stacks, closedThickness }: Solution): void {
  const half = stacks.exterior.value / 2;
  const outside = moveFaces(solid, () => half);
  const inside = moveFaces(solid, () => -half);
  expect(outside.extent.some((side) => Math.abs(side - closedThickness.value) < 0.05)).toBe(true);
  expect(Math.abs(inside.volume)).toBeLessThan(Math.abs(solid.volume));
  expect(Math.abs(outside.volume)).toBeGreaterThan(Math.abs(solid.volume));
}

/** The room inside shell and lining is what its holders count with. */
function expectRoom(solid: Solid, solution: Solution, design: DesignDocument): void {
  const { stacks, holders } = solution;
  // what the fitting reads is told with the cloth that stands in it, what is read by a holder without
  const walls = stacks.lining.value + outermost(design);
  const inside = moveFaces(solid, () => -walls);
  const counted = holders
    .filter(({ face, kind }) => face === 'inside' && kind === 'packed-room')
    .flatMap(({ clearances }) => clearances)
    .filter(({ direction }) => direction === 'across' || direction === 'thick');
  for (const { available } of counted) {
    const fitted = available.origin?.kind === 'cut' && available.label.endsWith('line to line');
    // a lining that is smaller bounds it first
    if (fitted && available.origin!.path.startsWith('body/lining')) continue;
    const { extent } = fitted ? solid : inside;
    expect(extent.some((side) => Math.abs(side - available.value) < 1e-6)).toBe(true);
  }
}

/** From the wrong side of the shell to the middle of the outermost layer that is neither padding nor stretches, by hand, mm. */
function outermost({ stacks }: DesignDocument): number {
  const layers = stacks.exterior!.map(({ material: id }) => standardMaterials.find((each) => each.id === id)!);
  const taut = layers.findIndex(
    ({ use, stretchAlong = 0, stretchAcross = 0 }) => use !== 'padding' && Math.max(stretchAlong, stretchAcross) < 0.1,
  );
  const total = (list: typeof layers) => list.reduce((sum, { thickness }) => sum + thickness, 0);
  return taut < 0 ? total(layers) / 2 : total(layers.slice(taut + 1)) + layers[taut]!.thickness / 2;
}

const box = (solid: Solid, sides: [number, number, number]): void => {
  expect(solid.gap).toBeLessThan(0.01);
  expectExtent(solid, sides);
  expectVolume(solid, sides[0] * sides[1] * sides[2]);
};

/** Finer than a thread: such a sliver of cloth has no direction that numbers could tell. mm */
const SLIVER = 0.05;
const isSliver = (bite: number | string | undefined): boolean => typeof bite === 'number' && bite > 0 && bite < SLIVER;

/** Whether a gusset can be folded as it is pinched: a pinch that takes more cloth than a leg beside it is no pleat any more, and
 * its form is not told (common practice: a pinch is a seam, a few mm; a leg is as deep as the compartment). */
function pinchesFold(design: DesignDocument): boolean {
  if (isSliver(design.rules['bite.top']) || isSliver(design.rules['bite.bottom'])) return false;
  const gussets = solveDesign(design).pieces.filter(({ id }) => /gusset/.test(id));
  return gussets.every(({ lines, stitch }) => {
    const pinches = lines.filter(({ id }) => id.startsWith('pinch'));
    const { width } = boundsOf(stitch);
    // the foot of a fan is nothing but pinches
    const ends = design.body.params.foot === 'fan' ? (['to'] as const) : (['from', 'to'] as const);
    return ends.every((end) => {
      const at = [0, ...pinches.map((line) => line[end][0]).sort((a, b) => a - b), width];
      const wide = at.slice(1).map((x, index) => x - at[index]!);
      const legs = Math.min(...wide.filter((_, index) => index % 2 === 0));
      return wide.every((pinch, index) => index % 2 === 0 || pinch < legs);
    });
  });
}

const cases: Case[] = [
  {
    family: 'sleeve',
    any: anySleeve,
    mouths: 1,
    check(solid, solution) {
      const { width, height, depth } = solution.finished;
      if (depth) box(solid, [width!.value, depth.value, height!.value]);
      else expectExtent(solid, [width!.value, 0, height!.value]);
    },
  },
  {
    family: 'zip-tube',
    any: anyZipTube.filter(({ body }) => body.params.form === 'flat' || body.params.corners === 'cut'),
    mouths: 1,
    zipperEnds: 2,
    check(solid, solution, design) {
      if (design.body.params.form === 'flat') return expect(solid.extent.filter((side) => side < 1e-6).length).toBe(1);
      const [length, width, height] = ['length', 'width', 'height'].map((name) => finished(solution, name));
      expect(solid.gap).toBeLessThan(0.01);
      expectExtent(solid, [length!, width!, height!]);
      expectThickness(solid, solution);
      // the slit of the zipper goes down both ends: a short lid may cut those edges off
      const slit = solution.pieces.find(({ id }) => id === 'closure/zipper')!.cutHeight.value;
      const whole = length! * width! * height!;
      expect(solid.volume).toBeLessThan(whole + 1);
      return expect(solid.volume).toBeGreaterThan(whole - (slit * length! * height!) / 2);
    },
  },
  {
    family: 'double-tube',
    any: anyDoubleTube,
    mouths: 2,
    check: (solid, solution) => expectExtent(solid, [finished(solution, 'width'), finished(solution, 'length'), 0]),
  },
  {
    family: 'box',
    any: anyBox,
    mouths: 1,
    check(solid, solution, design) {
      box(solid, [finished(solution, 'width'), finished(solution, 'depth'), finished(solution, 'height')]);
      expectThickness(solid, solution);
      expectRoom(solid, solution, design);
    },
  },
  {
    family: 'organizer',
    any: anyOrganizer,
    mouths: 1,
    check: (solid, solution) =>
      box(solid, [size(solution, 'width'), size(solution, 'depth'), finished(solution, 'height')]),
  },
  {
    family: 'round',
    any: anyRound,
    mouths: 1,
    check(solid, solution) {
      const diameter = finished(solution, 'diameter');
      // a band at the mouth is of another cloth: the solid of the shell ends below it
      const height = finished(solution, 'height') - (solution.body.sizes.bandHeight?.value ?? 0);
      // the wall goes round in 48 flats
      expectVolume(solid, (Math.PI / 4) * diameter ** 2 * height, 0.006);
      expectExtent(solid, [diameter, diameter, height], 0.006 * diameter);
    },
  },
  {
    family: 'shell',
    any: anyShell,
    mouths: 1,
    zipperEnds: 2,
    check(solid, solution) {
      const [length, width, depth] = ['length', 'width', 'depth'].map((name) => finished(solution, name));
      // the panel, its corners 2 outside those of the plate unless a rule says otherwise
      const panel = solution.pieces.find(({ id }) => id === 'body/shell-lid')!;
      // its corners are chords, and its strips go round them as flats
      expect(solid.gap).toBeLessThan(1);
      expectExtent(solid, [length!, width!, depth!], 1);
      // the lid over the slit of its zipper may sink in where that goes round a corner, never beyond the slit
      const area = outlineArea(panel.stitch);
      const strips = 2 * size(solution, 'strip');
      expect(solid.volume).toBeGreaterThan(0.99 * area * strips);
      expect(solid.volume).toBeLessThan(1.001 * area * depth!);
    },
  },
  {
    family: 'accordion',
    any: anyAccordion.filter(pinchesFold),
    mouths: 1,
    check(solid, solution, design) {
      const [width, height] = [finished(solution, 'width'), finished(solution, 'height')];
      if (design.body.params.foot === 'fan') return wedge(solid, solution);
      const base = size(solution, 'base');
      if (design.body.params.school !== 'wrapped') return box(solid, [width, height, base]);
      // pinched more at the top than below, front and back lean towards each other
      const gusset = solution.pieces.find(({ id }) => id === 'body/shell-gusset-left')!;
      const pinched = gusset.lines.filter(({ id }) => id.startsWith('pinch'));
      const at = (end: 0 | 1) => pinched.map(({ from, to }) => [from, to][end]![0]);
      const spread = (xs: number[]) => xs.reduce((sum, x, i) => sum + (i % 2 === 0 ? -1 : 1) * x, 0);
      const more = Math.abs(spread(at(1))) - Math.abs(spread(at(0)));
      expect(solid.gap).toBeLessThan(0.5 + (base * more) / height);
      // as large as between its narrow top and its base; the steeper its pinches lean, the less flat its ends are
      const high = Math.sqrt(Math.max(0, height ** 2 - (more / 2) ** 2));
      expect(solid.volume).toBeGreaterThan(0.98 * width * (base - more) * high);
      return expect(solid.volume).toBeLessThan(1.02 * width * base * height);
    },
  },
  {
    family: 'foldover',
    any: anyWallet,
    mouths: 1,
    check(solid, solution) {
      expect(Math.abs(solid.extent[0] - finished(solution, 'closedWidth'))).toBeLessThan(0.05);
      expect(Math.abs(solid.extent[1] - finished(solution, 'height'))).toBeLessThan(1e-6);
      // closed, the lining lies inside the shell with all its thickness
      const lining = form(solution, 'lining');
      const cloth = solution.stacks.exterior.value + solution.stacks.lining.value;
      if (size(solution, 'shellExtra') > 0) expect(solid.extent[2] - lining.extent[2]).toBeGreaterThan(cloth - 0.05);
    },
  },
  {
    family: 'folio',
    any: anyFolio,
    mouths: 1,
    check(solid, solution) {
      const open = form(solution, 'lining', { open: true });
      expect(open.extent[0]).toBeCloseTo(finished(solution, 'openWidth'), 6);
      expect(form(solution, 'exterior', { open: true }).extent[1]).toBeCloseTo(finished(solution, 'height'), 6);
      expect(solid.extent[2]).toBeGreaterThan(0);
    },
  },
  {
    family: 'panel',
    any: anyPanel,
    mouths: 1,
    check(solid, solution) {
      const { width, height } = solution.finished;
      expectExtent(solid, [width!.value, height!.value, 0], 1e-6);
    },
  },
  {
    family: 'jacket',
    any: anyJacket,
    mouths: 1,
    check(_, solution) {
      const open = form(solution, 'exterior', { open: true });
      expectExtent(open, [finished(solution, 'openWidth'), finished(solution, 'height'), 0], 1e-6);
    },
  },
  {
    family: 'roll',
    any: anyRoll,
    mouths: 1,
    check(solid, solution, design) {
      const open = form(solution, 'exterior', { open: true });
      const flap = design.body.params.flap === 'flap';
      const sizes = [finished(solution, 'openWidth'), finished(solution, 'height'), 0];
      if (!flap) expectExtent(solid, sizes, 1e-6);
      expect(open.extent[0]).toBeCloseTo(sizes[0]!, 6);
    },
  },
];

/** A fan: front and back meet in their foot; between them the gussets, less what is pinched, are triangles. */
function wedge(solid: Solid, { pieces }: Solution): void {
  const [front, gusset] = ['front', 'gusset-left'].map((part) => pieces.find(({ id }) => id === `body/shell-${part}`)!);
  const lengthIn = (piece: Piece, edge: string) => edgeLength(piece.stitch.find(({ id }) => id === edge)!);
  const [panel, side] = [lengthIn(front!, 'right'), lengthIn(gusset!, 'right')];
  const lines = gusset!.lines.filter(({ id }) => id.startsWith('pinch'));
  const spread = (end: 'from' | 'to') =>
    lines.reduce((sum, line, index) => sum + (index % 2 === 0 ? -1 : 1) * line[end][0], 0);
  // nothing is left of its foot; joined at its folds, it is as wide as the dividers are thick
  const foot = lengthIn(gusset!, 'bottom');
  if (lines.length > 0) expect(Math.abs(spread('from'))).toBeCloseTo(foot, 6);
  // what is left between them, as angles: from side to side, less what each pinch takes
  const lean = ({ from, to }: { from: Point; to: Point }) => Math.atan2(to[0] - from[0], to[1] - from[1]);
  const edge = (id: string) => gusset!.stitch.find((each) => each.id === id)!;
  const [right, left] = [edge('right'), edge('left')];
  const whole = lean(right) - lean({ from: left.to, to: left.from });
  const taken = lines.reduce((sum, line, index) => sum + (index % 2 === 0 ? -1 : 1) * lean(line), 0);
  const apex = Math.abs(whole) - Math.abs(taken);
  // pinches that lean have one side longer than the other: so far their ends stay apart
  const long = lines.map(({ from, to }) => Math.hypot(to[0] - from[0], to[1] - from[1]));
  const uneven = long.reduce(
    (sum, each, index) => (index % 2 === 0 ? sum + Math.abs(each - long[index + 1]!) : sum),
    0,
  );
  // and one that leans takes what lies beside it a little down with it
  expect(solid.gap).toBeLessThan(0.5 + uneven + 0.15 * foot);
  const triangle = (high: number) => (high ** 2 * Math.sin(apex)) / 2;
  const share = uneven / side;
  // its mouth dips where the gussets begin below it
  expect(solid.volume).toBeGreaterThan((0.95 - share) * lengthIn(front!, 'bottom') * triangle(side));
  expect(solid.volume).toBeLessThan((1.05 + share) * lengthIn(front!, 'bottom') * triangle(panel));
}

describe.each(cases)('$family: the solid from its pieces and seams alone', (each) => {
  const { family, any, mouths, zipperEnds = 0, check } = each;
  const forAny = solvedSample(family, any, fc.constant(undefined));

  test('each layer hangs together the right way round, with its mouths and no other opening', () =>
    forAny(40, (_, solution) => {
      for (const layer of ['exterior', 'lining'] as const) {
        const { pieces, seams } = layerOf(solution, layer);
        if (pieces.length === 0 || (layer === 'lining' && pieces[0]!.id === 'body/lining-a')) continue;
        const { twisted, rims, euler } = topologyOf(glue(pieces, seams, { open: true }));
        const cut = pieces.some(({ stitch }) => stitch.some(({ id }) => id.startsWith('cut-'))) ? 2 : 0;
        const own = layer === 'lining' ? 1 : mouths;
        expect({ twisted, rims: rims.length, euler }).toEqual({ twisted: [], rims: own + cut, euler: 2 - own - cut });
      }
    }));

  test('both layers together are closed', () =>
    forAny(40, (design, solution) => {
      const { pieces, seams } = skinOf(solution.pieces, solution.seams, ['exterior', 'lining']);
      if (!pieces.some(({ role }) => role === 'lining')) return;
      const { twisted, rims } = topologyOf(glue(pieces, seams, { open: true }));
      expect(twisted).toEqual([]);
      // a lip of raw cloth stands out
      if (design.body.params.edges === 'raw') expect(rims.length).toBe(1);
      else expect(rims.length).toBeLessThanOrEqual(zipperEnds);
    }));

  test('nothing is stretched: cloth and edges are as large in space as they are flat', () =>
    forAny(15, (_, solution) => {
      const { pieces, seams } = layerOf(solution, 'exterior');
      const solid = formOf(pieces, seams);
      const flat = pieces.reduce((sum, { stitch }) => sum + outlineArea(stitch), 0);
      const round = pieces.some(({ stitch }) => stitch.some(({ kind }) => kind === 'arc'));
      const around = pieces.reduce(
        (sum, { stitch }) => sum + stitch.reduce((all, edge) => all + edgeLength(edge), 0),
        0,
      );
      expect(Math.abs(solid.area - flat)).toBeLessThan((round ? 0.004 * flat : 1e-6 * flat) + solid.gap * around);
    }));

  test('it is what it is meant to be', () =>
    forAny(30, (design, solution) => {
      const solid = form(solution);
      check(solid, solution, design);
    }));
});
