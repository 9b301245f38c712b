import { expect } from '@jest/globals';
import { wordingText } from '../errors/wording.ts';
import type { Solution } from '../solve/solution.ts';
import type { Action } from '../sewing/actions/action.ts';
import { carryOut } from '../sewing/model/carry-out.ts';
import { anyOrder } from './any-order.ts';
import { interpret } from './bench/bench.ts';
import { someFaults } from './bench/faults.ts';
import type { Checks } from './room-checks.ts';

/** All that is done, in its order. */
const actionsOf = ({ operations }: Solution): readonly Action[] => operations.flatMap(({ actions }) => actions);
const seamsOf = (action: Action): readonly string[] => ('seams' in action ? (action.seams ?? []) : []);

/** Another one for each design, the same each time. */
const seedOf = ({ pieces }: Solution): number =>
  Math.round(pieces.reduce((sum, { cutWidth, cutHeight }) => sum + cutWidth.value + 2 * cutHeight.value, 0));

/** What must hold of the steps of any design. */
export const stepsChecks: Checks = {
  'every step has a title, and a sentence for each thing that is done'(_, { operations, pieces }) {
    const known = new Set(pieces.map(({ id }) => id));
    for (const { id, title, actions, uses, warnings } of operations) {
      expect([id, title.split(' ').length <= 12, actions.length > 0]).toEqual([id, true, true]);
      expect(uses.filter((piece) => !known.has(piece))).toEqual([]);
      for (const { sentence } of actions) {
        const words = wordingText(sentence, (mm) => `${mm.toFixed(1)} mm`);
        expect(words).toMatch(/^[A-Z].*[.]$/);
        expect(words).not.toMatch(/undefined|NaN|\[object|#|\/| {2}|\.\.| [,.]|\bof $/);
      }
      for (const warning of warnings) expect(wordingText(warning, String)).toMatch(/^[A-Z].*[.]$/);
    }
  },

  'every seam is sewn once, and what is caught is basted once at most'(_, solution) {
    const times = new Map<string, number>();
    for (const id of actionsOf(solution).flatMap(seamsOf)) times.set(id, (times.get(id) ?? 0) + 1);
    const wrong = solution.seams.flatMap(({ id, kind }) => {
      const count = times.get(id) ?? 0;
      if (kind === 'fastened') return count === 0 ? [] : [[id, count]];
      return count === 1 || (kind === 'caught' && count === 0) ? [] : [[id, kind, count]];
    });
    expect(wrong).toEqual([]);
  },

  'nothing is cut that is not used, and each half of a fastener is set once at its mark'(_, solution) {
    const { operations, pieces, seams } = solution;
    const caught = new Set(seams.flatMap(({ a, b }) => [a.piece, b.piece]));
    const used = new Set(operations.filter(({ phase }) => phase !== 'cut').flatMap(({ uses }) => uses));
    expect(pieces.flatMap(({ id }) => (used.has(id) || caught.has(id) ? [] : [id]))).toEqual([]);
    const set = actionsOf(solution).flatMap((action) =>
      action.verb === 'setHardware' ? [action.mark].flat().map((mark) => `${action.piece} ${mark}`) : [],
    );
    expect(new Set(set).size).toBe(set.length);
    const marks = pieces.flatMap((piece) =>
      piece.marks.flatMap(({ id, hardware }) => (hardware ? [`${piece.id} ${id}`] : [])),
    );
    expect(set.toSorted()).toEqual(marks.toSorted());
  },

  'what is moved, sealed and set is listed: a slider for each zipper, a length for each cord'(
    _,
    { operations, pieces, hardware },
  ) {
    const listed = new Set(hardware.flatMap(({ id, insteadOf }) => [id, ...(insteadOf ? [insteadOf] : [])]));
    const standard = new Map(hardware.map(({ id, insteadOf }) => [id, insteadOf ?? id]));
    const cut = new Map(pieces.map(({ id, materials: [from] }) => [id, standard.get(from!) ?? from!]));
    for (const action of operations.flatMap(({ actions }) => actions)) {
      if (action.verb === 'moveSlider') {
        const gauge = cut.get(action.zipper)!;
        expect([gauge, listed.has(gauge.replace('zipper', 'slider'))]).toEqual([gauge, true]);
      }
      if (action.verb === 'setHardware') expect([...listed]).toContain(action.hardware);
      if (action.verb === 'seal' || action.verb === 'thread')
        for (const id of 'pieces' in action ? action.pieces : [action.piece])
          expect([...listed]).toContain(cut.get(id));
    }
  },

  'the steps come out, as they stand and in any order that they allow'(_, solution) {
    expect([carryOut(solution), interpret(solution)]).toEqual([[], []]);
    for (const seed of [1, 2, 3]) {
      const operations = anyOrder(solution.operations, seed);
      const made = { ...solution, operations };
      expect([seed, carryOut(made), interpret(made)]).toEqual([seed, [], []]);
    }
  },

  'of a step moved or an action taken away the model finds what cannot be made, and refuses nothing else'(_, solution) {
    for (const { what, steps } of someFaults(solution.operations, seedOf(solution))) {
      const made = { ...solution, operations: steps };
      const [bench, model] = [interpret(made), carryOut(made)];
      expect([what, bench, model.length > 0 === bench.length > 0 ? [] : model]).toEqual([what, bench, []]);
      expect([what, bench.length > 0 && model.length === 0]).toEqual([what, false]);
    }
  },

  'every gap that the work is turned through is closed, after it was'(_, solution) {
    const all = actionsOf(solution);
    const open = solution.pieces.filter(({ gaps }) => gaps.some(({ label }) => label === undefined));
    if (open.length === 0) return;
    const turned = all.findIndex((action) => action.verb === 'turn' && action.through !== undefined);
    const closed = all.findIndex(
      (action) => action.verb === 'closeGap' || (action.verb === 'topstitch' && action.closesGap === true),
    );
    expect([turned >= 0, closed > turned]).toEqual([true, true]);
  },
};
