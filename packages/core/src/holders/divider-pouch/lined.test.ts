import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../../demo/index.ts';
import { solveDesign } from '../../solve/solve-design.ts';

const organizer = demoDesigns.find(({ id }) => id === 'field-organizer')!;
const pouch = organizer.holders.find(({ kind }) => kind === 'divider-pouch')!;
const withWalls = (walls: string, params = pouch.params) =>
  solveDesign({
    ...organizer,
    holders: organizer.holders.map((holder) =>
      holder === pouch ? { ...holder, params: { ...params, walls } } : holder,
    ),
  });
const [one, lined] = [withWalls('one'), withWalls('lined')];
type Solved = typeof one;
const own = ({ pieces }: Solved) => pieces.filter(({ id }) => id.startsWith(`holders/${pouch.id}/`));
const holderOf = ({ holders }: Solved) => holders.find(({ id }) => id === pouch.id)!;

describe('a divider pouch that is lined', () => {
  test('has two more panels, each as large as the wall that it lies in', () => {
    const linings = own(lined).filter(({ id }) => id.includes('lining'));
    expect(linings.map(({ name }) => name)).toEqual([
      `Divider pouch ${pouch.id}, lining, front`,
      `Divider pouch ${pouch.id}, lining, back`,
    ]);
    for (const lining of linings) {
      const wall = own(lined).find(({ id }) => id === lining.id.replace('lining', 'pouch'))!;
      expect([lining.cutWidth.value, lining.cutHeight.value]).toEqual([wall.cutWidth.value, wall.cutHeight.value]);
    }
    expect(own(lined).length).toBe(own(one).length + 2);
  });

  test('is thicker by two layers, full and empty, and goes round its things two layers farther out', () => {
    // quilting cotton of the pockets
    const layer = one.stacks.pocket.value;
    const cloth = (solution: Solved) =>
      holderOf(solution).slabs.reduce((sum, { of, thickness }) => ('role' in of ? sum + thickness.value : sum), 0);
    expect(cloth(lined) - cloth(one)).toBeCloseTo(2 * layer, 6);
    // the box is as deep as that, on its grid of half a millimetre
    expect(Math.abs(lined.closedThickness.value - one.closedThickness.value - 2 * layer)).toBeLessThan(0.5);
    const across = (solution: Solved) =>
      holderOf(solution).clearances.find(({ direction }) => direction === 'across')!.required.value;
    // on its boxed bottom the things stand between two walls
    expect(across(lined) - across(one)).toBeGreaterThan(layer);
    expect(across(lined) - across(one)).toBeLessThan(Math.PI * layer + 1e-6);
    for (const { clearance, ease } of holderOf(lined).clearances)
      expect(clearance.value).toBeGreaterThanOrEqual(ease - 1e-6);
  });

  test('every edge of the lining is sewn: at the zipper, below, at its corners and in both sides', () => {
    for (const which of ['front', 'back']) {
      const piece = `holders/${pouch.id}/lining-${which}`;
      const edges = new Set(
        lined.seams.flatMap(({ a, b }) =>
          [a, b]
            .filter((run) => run.piece === piece)
            .flatMap(({ parts }) => parts.flatMap((part) => ('edge' in part ? [part.edge] : []))),
        ),
      );
      const all = own(lined)
        .find(({ id }) => id === piece)!
        .stitch.map(({ id }) => id);
      expect([...edges].sort()).toEqual([...all].sort());
    }
    expect(lined.seams.filter(({ walks }) => !walks)).toEqual([]);
  });

  test('each seam is sewn in one step', () => {
    const sewn = lined.operations.flatMap(({ seams }) => seams).filter((id) => id.startsWith(`holders/${pouch.id}`));
    expect(new Set(sewn).size).toBe(sewn.length);
    const there = lined.seams.map(({ id }) => id).filter((id) => id.startsWith(`holders/${pouch.id}`));
    for (const id of there.filter((each) => !each.includes('notch'))) expect(sewn).toContain(id);
  });
});
