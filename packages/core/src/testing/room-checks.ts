import { nothing } from '../derived/constants.ts';
import { expect } from '@jest/globals';
import type { DesignDocument } from '../document/design-document.ts';
import { itemOf } from '../document/item-of.ts';
import type { Slab } from '../holders/slab.ts';
import { houseRulesOf } from '../kinds/house-rules.ts';
import { builtInKinds } from '../kinds/kinds.ts';
import type { Point } from '../geometry/perimeter.ts';
import { boundsOf } from '../geometry/outline.ts';
import type { Room } from '../pieces/room.ts';
import { standardItems } from '../shelves/items/standard-items.ts';
import type { LengthRule } from '../shelves/rules/house-rule.ts';
import { rulesFor, type Rules } from '../shelves/rules/rules-for.ts';
import type { Solution } from '../solve/solution.ts';
import { openBounds, ringGirth } from './room-witness.ts';

/** What must hold of a design and its solution, by what it says. */
export type Checks = Record<string, (design: DesignDocument, solution: Solution) => void>;

/** The rules as the choices of the body leave them. */
export function asAdapted({ body, rules: own = {}, grid }: DesignDocument, { stacks }: Solution): Rules {
  const rules = rulesFor({}, own, grid);
  return (
    builtInKinds.bodies[body.kind]!.adapt?.(body.params, {
      rules,
      stacks,
      reach: { ...stacks, outside: stacks.exterior, onPocket: stacks.pocket, meshStretch: nothing },
    }).rules ?? rules
  );
}
/** Whether a thing is as wide all round as its sides say. */
function isPlain(design: DesignDocument, line: string): boolean {
  const item = itemOf(design, design.contents.find(({ id }) => id === line)?.item, standardItems);
  return !!item && item.girth === undefined && !item.edgeRadius && !item.section && !item.planRadius;
}
const near = (a: number, b: number): boolean => Math.abs(a - b) < 1e-6;
/** Whether a wall is elastic, tape, or mesh that is stretched over what it holds. */
const gives =
  ({ pieces }: Solution) =>
  ({ piece }: { piece: string }): boolean =>
    pieces.some(({ id, byRuler, role }) => id === piece && (byRuler || role === 'mesh'));

/** Between what is sewn on and what it is sewn to goes what it is for, if that has corners; elastic and mesh give.
 * @returns where it does not */
function tighter(
  design: DesignDocument,
  solution: Solution,
  { id, holds, rings }: Room,
  things: readonly (Slab & { line: string })[],
  inset: (rule: string) => number,
  aside: boolean,
): string[] {
  const inside = things.filter(({ line, round }) => holds.includes(line) && !round && isPlain(design, line));
  if (inside.length === 0) return [];
  // a mouth that looks to a side: across is up
  const needed = Math.min(
    ...inside.map(({ x0, x1, y0, y1, thickness }) => (aside ? y1 - y0 : x1 - x0) + thickness.value),
  );
  return rings
    .filter(({ walls }) => walls.some(({ piece }) => piece.startsWith('holders/')) && !walls.some(gives(solution)))
    .map((ring) => ringGirth(solution, ring, inset) / 2)
    .flatMap((half) => (half < needed - 1e-6 ? [`${id}: ${half} of ${needed}`] : []));
}

/** What must hold of where things lie and are drawn, of any design. */
export const roomChecks: Checks = {
  'everything lies in a room that its named lines close'(design, solution) {
    const { rooms, holders } = solution;
    expect(rooms.flatMap((room) => openBounds(solution, room))).toEqual([]);
    const rules = asAdapted(design, solution);
    const inset = (rule: string) => rules.length(houseRulesOf(builtInKinds)[rule] as LengthRule).value;
    for (const { id, slabs, mouths } of holders) {
      const aside = mouths.some(({ towards }) => towards);
      const things = slabs.flatMap((slab) => ('line' in slab.of ? [{ ...slab, line: slab.of.line }] : []));
      const own = rooms.filter((room) => room.id.startsWith(`holders/${id}/`));
      expect(new Set(own.flatMap(({ holds }) => holds))).toEqual(new Set(things.map(({ line }) => line)));
      expect(own.flatMap((room) => tighter(design, solution, room, things, inset, aside))).toEqual([]);
    }
  },

  'what goes over an edge reaches its mate, and a case closes over what is sewn into it'(_, { findings }) {
    const open = findings.filter(({ code }) => code === 'closure.doesNotReach' || code === 'body.doesNotClose');
    expect(open.map(({ code, numbers }) => [code, numbers])).toEqual([]);
  },

  'things are drawn on their seat, beside each other as they were measured, from the left or in the middle'(
    _,
    { holders },
  ) {
    for (const { id, seat, slabs, things, mouths } of holders) {
      const lowest = Math.min(...things.map(({ y }) => y), ...mouths.map(({ bottom }) => bottom));
      expect([id, lowest >= seat.y - 1e-6]).toEqual([id, true]);
      const lying = slabs.flatMap(({ of, x0, x1 }) => ('line' in of ? [{ line: of.line, x0, x1 }] : []));
      if (lying.length !== things.length) continue;
      // by how much each thing is drawn further right than it was measured: one way for all of them
      const drawn = things.map(({ line, x, width }) =>
        lying.filter((slab) => slab.line === line && near(slab.x1 - slab.x0, width)).map(({ x0 }) => x - seat.x - x0),
      );
      const ways = (drawn[0] ?? []).filter((by) => drawn.every((others) => others.some((other) => near(other, by))));
      const middle = (Math.min(...lying.map(({ x0 }) => x0)) + Math.max(...lying.map(({ x1 }) => x1))) / 2;
      const right = ways.filter((by) => near(by, 0) || Math.abs(middle + by - seat.width.value / 2) < 1);
      expect([id, things.length === 0 || right.length > 0]).toEqual([id, true]);
    }
  },

  'straps, mouths and stitching lie on their seat'(_, { holders }) {
    for (const { id, seat, bands = [], mouths, stitching } of holders) {
      const inX = (x: number) => x >= seat.x - 1e-6 && x <= seat.x + seat.width.value + 1e-6;
      const inY = (y: number) => y >= seat.y - 1e-6 && y <= seat.y + seat.height.value + 1e-6;
      const { host } = seat;
      // what runs from edge to edge of its host leaves its seat there alone
      const onEdge = (at: number, whole: number) => near(at, 0) || near(at, whole);
      for (const { from, to } of [...bands, ...stitching])
        for (const [x, y] of [from, to])
          expect([id, inX(x) || onEdge(x, host.width), inY(y) || onEdge(y, host.height)]).toEqual([id, true, true]);
      for (const { x0, x1, y, bottom } of mouths)
        expect([id, x0 < x1, inX(x0), inX(x1), bottom < y, inY(bottom)]).toEqual([id, ...Array(5).fill(true)]);
    }
  },

  'what is cut through lies between its walls'(_, { section: { layers, width } }) {
    for (const { label, u0, u1, z0, z1 } of layers)
      expect([label, u0 > -1e-6, u1 < width + 1e-6, z0 > -1e-6, z0 <= z1]).toEqual([label, ...Array(4).fill(true)]);
  },

  'no two things that are cut through lie in one place'({ body }, { section: { layers } }) {
    // what has walls all round is seen from the front, one behind the other
    if (['box', 'organizer', 'shell', 'zip-tube', 'accordion'].includes(body.kind)) return;
    const over = (from: number, to: number, other: number, end: number) =>
      Math.min(to, end) - Math.max(from, other) > 0.01;
    const twice = layers.flatMap((one, index) =>
      layers
        .slice(index + 1)
        .filter((two) => over(one.u0, one.u1, two.u0, two.u1) && over(one.z0, one.z1, two.z0, two.z1))
        .map((two) => [one.label, two.label]),
    );
    expect(twice).toEqual([]);
  },

  'folds of a piece are counted from one'(_, { pieces }) {
    for (const { id, folds } of pieces) {
      const orders = [...new Set(folds.map(({ order }) => order))].sort((a, b) => a - b);
      expect([id, orders]).toEqual([id, orders.map((_each, index) => index + 1)]);
    }
  },

  'marks and lines lie on their piece, hardware with all of it'(_, { pieces }) {
    for (const { id, cut, marks, lines, folds } of pieces) {
      const { left, bottom, width, height } = boundsOf(cut);
      const spare = ([x, y]: Point) => Math.min(x - left, left + width - x, y - bottom, bottom + height - y);
      for (const { at, hardware, label } of marks)
        // a cut that went through clipping is of chords: up to so much within its curve
        expect([id, label, spare(at) > (hardware?.radius ?? 0) - 0.02]).toEqual([id, label, true]);
      for (const line of [...lines, ...folds])
        expect([id, line.id, spare(line.from) > -1e-3, spare(line.to) > -1e-3]).toEqual([id, line.id, true, true]);
    }
  },

  'what is counted on a piece counts from one'(_, { pieces }) {
    for (const { id, marks, lines } of pieces) {
      const counted = [...marks, ...lines].flatMap(({ label }) => /^(.+) (-?\d+)$/.exec(label)?.slice(1) ?? []);
      const numbers = new Map<string, Set<number>>();
      for (let at = 0; at < counted.length; at += 2)
        numbers.set(counted[at]!, (numbers.get(counted[at]!) ?? new Set()).add(Number(counted[at + 1])));
      for (const [name, found] of numbers)
        expect([id, name, [...found].sort((a, b) => a - b)]).toEqual([id, name, [...found].map((_, at) => at + 1)]);
    }
  },
};
