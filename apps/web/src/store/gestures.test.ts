import { describe, expect, test } from '@jest/globals';
import {
  houseRulesOf,
  addContents,
  addNote,
  addPart,
  builtInKinds,
  changeContents,
  changeForm,
  changeGroup,
  changeHolderKind,
  changeNote,
  chooseVariant,
  handlesOn,
  holdersFor,
  leaveOut,
  moveHolder,
  moveWithin,
  newDesign,
  nextId,
  placeAll,
  placesFor,
  putThings,
  removeContents,
  removeHolder,
  removeNote,
  removePart,
  setClosure,
  setLimit,
  setRule,
  setStack,
  sharePolicies,
  solveDesign,
  spotsFor,
  standardItems,
  standardMaterials,
  swapHolders,
  type DesignDocument,
  type Edit,
} from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import { readDocument } from '@zindle/core/reading';
import { createDesignStore } from './design-store.ts';

const rule = (id: string) => houseRulesOf(builtInKinds)[id]!;

/** A small seeded generator (mulberry32), so that a failing run can be run again. */
function seeded(seed: number) {
  let state = seed;
  const next = (): number => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
  const whole = (most: number): number => Math.floor(next() * (most + 1));
  const one = <T>(list: readonly T[]): T | undefined => list[Math.floor(next() * list.length)];
  return { next, whole, one };
}
type Random = ReturnType<typeof seeded>;

const itemOf = ({ ownItems }: DesignDocument, id: string) =>
  [...ownItems, ...standardItems].find((item) => item.id === id);

/** Everything that a maker can do on Hold and Shape, as the screen does it. */
const gestures: Record<string, (document: DesignDocument, random: Random) => Edit | undefined> = {
  add(document, { one, whole }) {
    if (document.contents.length >= 8) return undefined;
    const item = one(standardItems)!;
    const line = {
      id: nextId('c', document.contents),
      item: item.id,
      count: 1 + whole(2),
      perHolder: 1,
      orientation: one(['lying', 'upright'] as const)!,
    };
    return addContents(line, item, false, standardItems);
  },
  count(document, { one, whole }) {
    const line = one(document.contents);
    return line && changeContents(line.id, { count: 1 + whole(3) }, standardItems);
  },
  remove(document, { one }) {
    const line = one(document.contents);
    return line && removeContents(line.id, 'it');
  },
  put(document, { one }) {
    const line = one(document.contents);
    const item = line && itemOf(document, line.item);
    const place = item && one(placesFor(document, item, line.id));
    return place && putThings(line!, 'it', place.place);
  },
  leave(document, { one }) {
    const line = one(document.contents);
    return line && leaveOut(line.id, 'it');
  },
  placeAll: () => placeAll(standardItems),
  move(document, { one }) {
    const holder = one(document.holders);
    const spot = holder && one(spotsFor(document, holder.id));
    return spot && moveHolder(holder!.id, 'it', spot.spot);
  },
  swap(document, { one }) {
    const [a, b] = [one(document.holders), one(document.holders)];
    return a && b && a !== b ? swapHolders(a.id, b.id) : undefined;
  },
  away(document, { one }) {
    const holder = one(document.holders);
    return holder && removeHolder(holder.id, 'it');
  },
  kind(document, { one }) {
    const holder = one(document.holders);
    const kind = one(holdersFor(document));
    return holder && kind && changeHolderKind(holder.id, kind[0]);
  },
  reorder(document, { one }) {
    const holder = one(document.holders);
    const line = holder && one(holder.contents);
    return line && moveWithin(holder!.id, line.line, one([-1, 1] as const)!);
  },
  group(document, { one, whole }) {
    const holder = one(document.holders);
    return (
      holder &&
      changeGroup(holder.id, { gap: whole(20), share: one(sharePolicies)!, kind: one(['row', 'column'] as const)! })
    );
  },
  form(document, { one }) {
    const kind = one(Object.keys(builtInKinds.bodies))!;
    return changeForm(document, { kind }, standardItems).edit;
  },
  variant(document, { one }) {
    const params = Object.entries(builtInKinds.bodies[document.body.kind]!.params);
    const [key, spec] = one(params) ?? [];
    if (!key || spec?.kind !== 'choice') return undefined;
    return chooseVariant(spec.title, key, one(spec.choices)!.id, standardItems);
  },
  closure(document, { one }) {
    const kind = one(builtInKinds.bodies[document.body.kind]!.closures)!;
    return setClosure(kind, kind);
  },
  part(document, { one }) {
    const kind = one(builtInKinds.bodies[document.body.kind]!.parts ?? []);
    return kind === undefined ? undefined : addPart(kind, kind);
  },
  partAway(document, { one }) {
    const part = one(document.parts ?? []);
    return part && removePart(part.id, part.kind);
  },
  handle(document, { one, next }) {
    const solution = solveDesign(document);
    const board = one(solution.boards)!;
    const selection = one(['body', ...document.holders.map(({ id }) => `holders/${id}`)])!;
    const handle = one(handlesOn(board, selection, document, solution));
    return handle?.edit(handle.value + (next() - 0.3) * 30);
  },
  limit(document, { one, whole }) {
    const path = one(Object.keys(solveDesign(document).limitable))!;
    return setLimit(path, path, one([undefined, 20 + whole(200)]));
  },
  rule: (_, { next }) => setRule(rule('ease.card.across'), 1 + next() * 4),
  cloth(_, { one }) {
    return setStack(one(['exterior', 'lining', 'pocket'] as const)!, [
      { material: one(standardMaterials)!.id, coverage: 'full' },
    ]);
  },
  note(_, { next, one }) {
    return addNote({ board: one(['inside', 'front'])!, x: next() * 100, y: next() * 50 }, 'look here');
  },
  noteMoved(document, { one, next }) {
    const note = one(document.notes ?? []);
    return note && changeNote(note.id, { x: next() * 100 });
  },
  noteAway(document, { one }) {
    const note = one(document.notes ?? []);
    return note && removeNote(note.id);
  },
};

const EDITS = 500;
const starts: [string, DesignDocument][] = [
  ['nothing', newDesign({ id: 'fuzz', name: 'Fuzz' })],
  ...['permit-bifold', 'field-organizer', 'probe-roll'].map((id): [string, DesignDocument] => [
    id,
    demoDesigns.find((design) => design.id === id)!,
  ]),
];

describe(`${EDITS} random edits with undo and redo`, () => {
  test.each(starts)('from %s: sound after each, solved without a throw, and back exactly', (name, start) => {
    const random = seeded([...name].reduce((sum, letter) => sum * 31 + letter.charCodeAt(0), 7));
    const store = createDesignStore({ document: start, revision: 1 });
    const names = Object.keys(gestures);
    // every state there was, and which of them is the present one
    let states = [start];
    let at = 0;
    const go = (by: -1 | 1): void => {
      (by < 0 ? store.getState().undo : store.getState().redo)();
      at = Math.min(states.length - 1, Math.max(0, at + by));
      expect(store.getState().document).toEqual(states[at]);
    };
    for (let made = 0; made < EDITS;) {
      const roll = random.next();
      if (roll < 0.2) go(roll < 0.12 ? -1 : 1);
      const { document } = store.getState();
      const gesture = random.one(names)!;
      const edit = gestures[gesture]!(document, random);
      if (!edit) continue;
      store.getState().edit(edit);
      const after = store.getState().document;
      if (after === document) continue;
      made += 1;
      states = [...states.slice(0, at + 1), after];
      at += 1;
      const read = readDocument(JSON.parse(JSON.stringify(after)));
      expect(read.ok ? [] : [gesture, read.fields]).toEqual([]);
      const uneven = solveDesign(after).findings.filter(({ code }) => code === 'seam.doesNotWalk');
      expect([gesture, ...uneven.map(({ about }) => about)]).toEqual([gesture]);
    }
    const last = states.length - 1;
    while (at > 0) go(-1);
    expect(store.getState().document).toEqual(start);
    while (at < last) go(1);
  });
});
