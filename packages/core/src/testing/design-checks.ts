import { walkSeams } from '../pieces/walk-seams.ts';
import { expect } from '@jest/globals';
import type { DesignDocument, Params, ParamValue } from '../document/design-document.ts';
import type { Edit } from '../document/edits/edit.ts';
import { setPartParam } from '../document/edits/parts.ts';
import { setBodyParam, setClosureParam, setHolderParam } from '../document/edits/settings.ts';
import type { ParamSpec } from '../holders/holder-kind.ts';
import { rangeOf } from '../holders/params.ts';
import { builtInKinds } from '../kinds/kinds.ts';
import { readDocument } from '../document/reading/read-document.ts';
import { edgeLength, flatten, pointAlong, polygonArea, type Outline } from '../geometry/outline.ts';
import { itemOf } from '../document/item-of.ts';
import { fieldAt } from '../document/field-at.ts';
import { inputEdit } from '../document/edits/inputs.ts';
import { explain } from '../derived/explain.ts';
import type { Derived } from '../derived/derived.ts';
import { standardItems } from '../shelves/items/standard-items.ts';
import { numbersIn } from './numbers-in.ts';
import { clearanceChecks } from './clearance-checks.ts';
import { ownChecks } from './own-checks.ts';
import { drawnChecks } from './drawn-checks.ts';
import { stepsChecks } from './steps-checks.ts';
import { roomChecks, type Checks } from './room-checks.ts';
import type { Point } from '../geometry/perimeter.ts';
import type { Phase } from '../pieces/contribution.ts';
import { commonFindings } from '../solve/common-findings.ts';
import { solveDesign } from '../solve/solve-design.ts';
import type { Solution } from '../solve/solution.ts';

/** What a number comes to by the lines that are shown of it; nothing for a rule, whose formula is not read here. */
function shownTotal(number: Derived): number | undefined {
  const { how, lines, rounding } = explain(number);
  const values = lines.map(({ value }) => value);
  const added = rounding?.residue ?? 0;
  const inner = {
    sum: () => (number.op === 'given' ? number.value : values.reduce((total, value) => total + value, 0)),
    product: () => values.reduce((total, value) => total * value, 1),
    largest: () => Math.max(...values),
    smallest: () => Math.min(...values),
    given: () => undefined,
    rule: () => undefined,
  }[how]();
  return inner === undefined ? undefined : inner + added;
}

/** Everything of a design that has settings, with a way to change one. */
function settingsOf({ body, closure, holders, parts = [] }: DesignDocument) {
  const { bodies, closures, holders: holding, parts: set } = builtInKinds;
  const specs = (kind: { params: Readonly<Record<string, ParamSpec>> } | undefined) => kind?.params ?? {};
  const entry = (path: string, kind: Parameters<typeof specs>[0], params: Params, edit: Setter) => [
    { path, specs: specs(kind), params, edit },
  ];
  return [
    ...entry('body', bodies[body.kind], body.params, (key, value) => setBodyParam(key, key, value)),
    ...entry('closure', closures[closure.kind], closure.params, (key, value) => setClosureParam(key, key, value)),
    ...holders.flatMap(({ id, kind, params }) =>
      entry(`holders/${id}`, holding[kind], params, (key, value) => setHolderParam(id, key, key, value)),
    ),
    ...parts.flatMap(({ id, kind, params }) =>
      entry(`parts/${id}`, set[kind], params, (key, value) => setPartParam(id, key, key, value)),
    ),
  ];
}
type Setter = (key: string, value: ParamValue) => Edit;

/** Another value that a setting may have. */
function otherValue(spec: ParamSpec, now: ParamValue | undefined): ParamValue {
  if (spec.kind === 'choice') return spec.choices.find(({ id }) => id !== (now ?? spec.standard))!.id;
  if (spec.kind === 'flag') return !(now ?? spec.standard);
  const { least, most } = spec.kind === 'count' ? spec : rangeOf(spec);
  return now === least ? most : least;
}

/** The parts of a design that are otherwise than they were, each with its old value and its new. */
function differences(before: unknown, after: unknown, path = ''): string[] {
  if (JSON.stringify(before) === JSON.stringify(after)) return [];
  const bothOpen = [before, after].every((value) => typeof value === 'object' && value !== null);
  if (!bothOpen) return [path];
  const [a, b] = [before, after] as [Record<string, unknown>, Record<string, unknown>];
  return [...new Set([...Object.keys(a), ...Object.keys(b)])].flatMap((key) =>
    differences(a[key], b[key], path ? `${path}/${key}` : key),
  );
}

/** What must hold of any design that can be written down, of whatever family. */
export const alwaysTrue: Checks = {
  ...roomChecks,
  ...drawnChecks,
  ...clearanceChecks,
  ...ownChecks,
  ...stepsChecks,

  'every seam walks and every notch meets'(_, { pieces, seams: solved }) {
    // those that were made from the seams too: they come after the seams were walked
    const seams = [...solved, ...walkSeams(pieces, solved)];
    expect(seams.filter(({ walks }) => !walks).map(({ id, mismatch }) => [id, mismatch])).toEqual([]);
    expect(Math.max(...seams.map(({ mismatch, notchMismatch }) => Math.abs(mismatch) + notchMismatch))).toBeLessThan(
      1e-6,
    );
    expect(new Set(solved.map(({ id }) => id)).size).toBe(solved.length);
  },

  'every finding is of a sort that all designs may have, or that one of its families says'(design, { findings }) {
    const { bodies, closures, holders, parts } = builtInKinds;
    const families = [
      bodies[design.body.kind],
      closures[design.closure.kind],
      ...design.holders.map(({ kind }) => holders[kind]),
      ...(design.parts ?? []).map(({ kind }) => parts[kind]),
    ];
    const said = new Set<string>([...commonFindings, ...families.flatMap((family) => family?.findings ?? [])]);
    expect(findings.flatMap(({ code }) => (said.has(code) ? [] : [code]))).toEqual([]);
    for (const { text, numbers } of findings)
      for (const [, percent] of text.join('').matchAll(/(\d+) %/g))
        expect(Object.values(numbers).map((value) => Math.round(value < 1 ? 100 * value : value))).toContain(
          Number(percent),
        );
  },

  'the cut read back gives the sizes that were asked for'(_, { body }) {
    for (const [name, { value }] of Object.entries(body.sizes))
      if (name in body.readBack) expect([name, body.readBack[name]]).toEqual([name, expect.closeTo(value, 3)]);
  },

  'where a seam begins or ends inside an edge there is a notch, named, and what it meets is told'(
    _,
    { pieces, seams },
  ) {
    const byId = new Map(pieces.map((piece) => [piece.id, piece]));
    const near = ([x, y]: Point, [u, v]: Point, within: number) => Math.hypot(x - u, y - v) < within;
    const missing = seams.flatMap(({ id, a, b, ease }) =>
      [a, b].flatMap((run, side) =>
        (['from', 'to'] as const).flatMap((end) => {
          const piece = byId.get(run.piece)!;
          const parts = run.parts.flatMap((part) => ('edge' in part ? [part] : []));
          // where one edge stands out beyond the other, the end of the other one is the place
          if (parts.length < run.parts.length || (side === 0 && ease?.at === (end === 'from' ? 'start' : 'end')))
            return [];
          const part = end === 'from' ? parts[0]! : parts.at(-1)!;
          const edge = piece.stitch.find((each) => each.id === part.edge)!;
          const whole = edgeLength(edge);
          const at = (end === 'from') === !part.reversed ? (part.from ?? 0) : (part.to ?? whole);
          const place = pointAlong(edge, at);
          if (at < 0.5 || at > whole - 0.5) return [];
          const notch = piece.notches.find((each) => {
            const on = piece.stitch.find((other) => other.id === each.edge)!;
            return near(pointAlong(on, each.at), place, 0.05);
          });
          return notch?.name ? [] : [[id, piece.id, part.edge, at]];
        }),
      ),
    );
    expect(missing).toEqual([]);
    const names = new Map(pieces.flatMap(({ id, notches }) => notches.map((notch) => [notch.name, id])));
    for (const { notches } of pieces)
      for (const { meets = [] } of notches)
        for (const name of meets) expect([name, names.has(name)]).toEqual([name, true]);
  },

  'no outline crosses itself or is empty, and the cut is never smaller than the stitch line'(_, { pieces }) {
    const area = (outline: Outline) => polygonArea(flatten(outline));
    const wrong = pieces.filter(
      ({ stitch, cut }) => crosses(cut) || !(area(stitch) > 0) || !(area(cut) >= area(stitch) - 1e-6),
    );
    expect(wrong.map(({ id }) => id)).toEqual([]);
  },

  'steps: every seam is sewn in exactly one, every piece is in one, and none waits for a later one'(
    _,
    { operations, seams, pieces },
  ) {
    const sewn = operations.flatMap((operation) => operation.seams);
    const times = new Map<string, number>();
    for (const id of sewn) times.set(id, (times.get(id) ?? 0) + 1);
    expect(seams.filter(({ id, kind }) => kind !== 'caught' && kind !== 'fastened' && times.get(id) !== 1)).toEqual([]);
    const known = new Set(seams.map(({ id }) => id));
    expect(sewn.filter((id) => !known.has(id))).toEqual([]);
    const used = new Set(operations.filter(({ phase }) => phase !== 'cut').flatMap(({ uses }) => uses));
    expect(pieces.filter(({ id }) => !used.has(id))).toEqual([]);
    const order = new Map(operations.map(({ id }, index) => [id, index]));
    const early = operations.filter(({ id, needs }) => needs.some((need) => !(order.get(need)! < order.get(id)!)));
    expect(early.map(({ id }) => id)).toEqual([]);
    // what is caught in the body is made before the body is joined
    const join = operations.findIndex(({ id }) => id === 'body/join');
    const before: Phase[] = ['cut', 'interface', 'prepare', 'pockets', 'layers', 'closures'];
    const after = join < 0 ? [] : operations.slice(join).filter(({ phase }) => before.includes(phase));
    expect(after.map(({ id }) => id)).toEqual([]);
  },

  'written down and read again it is the same design'(design) {
    const read = readDocument(JSON.parse(JSON.stringify(design)));
    expect(read).toMatchObject({ ok: true });
    if (read.ok) expect(JSON.stringify(read.document)).toBe(JSON.stringify(design));
  },

  'whatever is cut from a length stands on the list of needs, with all of its length'(_, { pieces, hardware }) {
    const byId = (list: readonly { id: string; length: number }[]) => {
      const sums = new Map<string, number>();
      for (const { id, length } of list) sums.set(id, (sums.get(id) ?? 0) + length);
      return sums;
    };
    const cut = byId(
      pieces.flatMap(({ byRuler, materials, cutWidth, count }) =>
        byRuler ? [{ id: materials[0]!, length: count * cutWidth.value }] : [],
      ),
    );
    const listed = byId(hardware.map(({ id, length = 0 }) => ({ id, length })));
    const short = [...cut].filter(([id, length]) => (listed.get(id) ?? 0) < length - 1e-6);
    expect(short.map(([id, length]) => [id, length, listed.get(id)])).toEqual([]);
  },

  'each sum that is shown adds up'(_, solution) {
    const wrong = numbersIn(solution).filter((number) => {
      const shown = shownTotal(number);
      return shown !== undefined && Math.abs(shown - number.value) > 1e-6;
    });
    expect(wrong.map((number) => [number.label, number.value, shownTotal(number)])).toEqual([]);
  },

  'what is said to stand in the design stands there, and changing it in a sum changes that number alone'(
    design,
    solution,
  ) {
    const given = numbersIn(solution).filter(({ origin }) => origin !== undefined);
    const documented = given.filter(({ origin }) => origin!.kind === 'document');
    const wrong = documented.filter(({ origin, value }) => fieldAt(design, origin!.path) !== value);
    expect(wrong.map(({ label, origin, value }) => [label, origin!.path, value])).toEqual([]);
    const byPath = new Map(given.map((number) => [number.origin!.path, number]));
    for (const [path, { origin, value }] of byPath) {
      const input = inputEdit(design, origin!, standardItems);
      if (!input) {
        expect([path, origin!.kind]).not.toEqual([path, 'document']);
        continue;
      }
      const other = Math.abs(input.least - value) > 0.01 ? input.least : input.most;
      const after = input.edit(other).apply(design);
      const [kind, id, key] = path.split('/');
      if (kind === 'items') {
        // the design's own copy of the thing has the new measure, and all others as they were
        const line = after.contents.find(
          (each, index) => each.item !== design.contents[index]!.item || each.item === id,
        )!;
        const [was, is] = [itemOf(design, id!, standardItems), itemOf(after, line.item, standardItems)];
        expect([path, differences({ ...was, id: '', source: '' }, { ...is, id: '', source: '' })]).toEqual([
          path,
          [key],
        ]);
        continue;
      }
      expect([path, fieldAt(after, path)]).toEqual([path, other]);
      const changed = differences(design, after);
      expect([path, changed.length]).toEqual([path, 1]);
    }
  },

  'a setting that is not shown changes nothing'(design, solution) {
    const made = ({ pieces, operations, hardware }: Solution) =>
      JSON.stringify([
        pieces.map(({ id, cutWidth, cutHeight, cut }) => [id, cutWidth.value, cutHeight.value, cut]),
        operations.map(({ id, text }) => [id, text]),
        hardware,
      ]);
    let before: string | undefined;
    for (const { path, specs, params, edit } of settingsOf(design))
      for (const [key, spec] of Object.entries(specs)) {
        if (spec.when?.(params) ?? true) continue;
        before ??= made(solution);
        const after = solveDesign(edit(key, otherValue(spec, params[key])).apply(design));
        expect([path, key, made(after) === before]).toEqual([path, key, true]);
      }
  },

  'every number is finite, and no size is negative'(
    _,
    { finished, closedThickness, emptyThickness, body, holders, closure, parts, pieces },
  ) {
    const sizes = [
      finished,
      body.sizes,
      closure.sizes,
      ...holders.map((holder) => holder.sizes),
      ...parts.map((part) => part.sizes),
    ];
    const cut = pieces.flatMap(({ cutWidth, cutHeight }) => [cutWidth, cutHeight]);
    const all = [closedThickness, emptyThickness, ...sizes.flatMap((each) => Object.values(each)), ...cut];
    expect(all.filter(({ value }) => !Number.isFinite(value) || value < -1e-9).map(({ label }) => label)).toEqual([]);
  },
};

/** Whether two sides of an outline cross: each pair of those that share a stretch across, from the left on. */
function crosses(outline: Outline): boolean {
  const points = flatten(outline, { tolerance: 0.2 });
  const side = ([ax, ay]: Point, [bx, by]: Point, [cx, cy]: Point) =>
    Math.sign((bx - ax) * (cy - ay) - (by - ay) * (cx - ax));
  const sides = points.map((a, index) => {
    const b = points[(index + 1) % points.length]!;
    return { a, b, index, from: Math.min(a[0], b[0]), to: Math.max(a[0], b[0]) };
  });
  sides.sort((one, other) => one.from - other.from);
  return sides.some(({ a, b, index, to }, at) => {
    for (let next = at + 1; next < sides.length && sides[next]!.from <= to; next++) {
      const { a: c, b: d, index: other } = sides[next]!;
      const apart = Math.abs(index - other);
      if (apart <= 1 || apart >= sides.length - 1) continue;
      if (side(a, b, c) * side(a, b, d) < 0 && side(c, d, a) * side(c, d, b) < 0) return true;
    }
    return false;
  });
}
