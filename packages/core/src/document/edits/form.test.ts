import { describe, expect, test } from '@jest/globals';
import { bodyKinds } from '../../bodies/body-kinds.ts';
import { demoDesigns } from '../../demo/index.ts';
import { standardItems } from '../../shelves/items/standard-items.ts';
import { solveDesign } from '../../solve/solve-design.ts';
import { readDocument } from '../reading/read-document.ts';
import { holdersIn, type DesignDocument } from '../design-document.ts';
import { changeForm, chooseVariant } from './form.ts';
import { holderKind } from './seats.ts';
import { facesOf } from './seats.ts';

const demo = (id: string): DesignDocument => demoDesigns.find((design) => design.id === id)!;
const to = (design: DesignDocument, kind: string) => changeForm(design, { kind }, standardItems);

describe('another form', () => {
  test.each(demoDesigns.map((design) => [design.name, design] as const))(
    '%s in every form: sound, solved, its contents whole, every holder on a seat of its own',
    (_, design) => {
      for (const kind of Object.keys(bodyKinds)) {
        const change = to(design, kind);
        const next = change.edit.apply(design);
        expect(readDocument(JSON.parse(JSON.stringify(next)))).toMatchObject({ ok: true });
        expect([next.contents, next.ownItems, next.stacks]).toEqual([design.contents, design.ownItems, design.stacks]);
        const codes = solveDesign(next).findings.map(({ code }) => code);
        expect([kind, codes.filter((code) => /noSeat|notForBody|seam\.|unknown/.test(code))]).toEqual([kind, []]);
        const seats = new Map(facesOf(next).map(({ id, seat }) => [id, seat]));
        for (const [face, arrangement] of Object.entries(next.faces))
          if (arrangement.kind === 'holder')
            expect(holderKind(next.holders.find(({ id }) => id === arrangement.id)!.kind)!.seats).toContain(
              seats.get(face),
            );
      }
    },
  );
  test('the same form keeps everything', () => {
    const bifold = demo('permit-bifold');
    const { edit, notes, kept } = to(bifold, 'foldover');
    expect(edit.apply(bifold)).toMatchObject({ holders: bifold.holders, faces: bifold.faces, closure: bifold.closure });
    expect([notes, kept.length]).toEqual([[], bifold.holders.length]);
  });
  test('leaves go to leaves with all that is on them; what has no seat is placed anew, and told', () => {
    const bifold = demo('permit-bifold');
    const { edit, notes, kept } = to(bifold, 'folio');
    const folio = edit.apply(bifold);
    expect(kept.sort()).toEqual(['A', 'B']);
    expect(folio.faces).toMatchObject({ 'leaf-1': { id: 'A' }, 'leaf-2': { id: 'B' } });
    expect(notes).toEqual([expect.stringContaining('Note compartment C has no seat in a folio')]);
  });
  test('a closure and parts that the form cannot have are left away, and told', () => {
    const carrier = demo('slate-carrier');
    const { edit, notes } = to(carrier, 'roll');
    const roll = edit.apply(carrier);
    expect([roll.closure.kind, roll.parts]).toEqual(['tie', []]);
    expect(notes.join(' ')).toMatch(/closure is not made for this form.*Handles: not made for a roll/);
  });
  test('pins of the old body go, those of holders that stay do not', () => {
    const design: DesignDocument = {
      ...demo('permit-bifold'),
      pins: { 'body/leafWidth': 120, 'holders/A/slotWidth': 95, 'holders/C/x': 9 },
    };
    expect(to(design, 'folio').edit.apply(design).pins).toEqual({ 'holders/A/slotWidth': 95 });
  });
  test('a form that is not there changes nothing', () => {
    const bifold = demo('permit-bifold');
    expect(to(bifold, 'balloon').edit.apply(bifold)).toBe(bifold);
  });
});

describe('a variant', () => {
  test('with fewer compartments places anew what was in those that go', () => {
    const receipts = demo('receipts-accordion');
    const two = chooseVariant('Compartments', 'compartments', '2', standardItems).apply(receipts);
    expect(two.body.params).toMatchObject({ compartments: '2', dividers: 'zipped' });
    const held = new Set(two.holders.flatMap(({ contents }) => contents.map(({ line }) => line)));
    expect([...held].sort()).toEqual(receipts.contents.map(({ id }) => id).sort());
    expect(solveDesign(two).findings.map(({ code }) => code)).not.toContain('holder.noSeat');
  });
  test('leaves alone what the maker has not placed', () => {
    const receipts = demo('receipts-accordion');
    const [first] = receipts.contents;
    const out: DesignDocument = {
      ...receipts,
      holders: receipts.holders.filter(({ contents }) => contents.every(({ line }) => line !== first!.id)),
      faces: Object.fromEntries(Object.entries(receipts.faces).filter(([face]) => face !== 'room-1')),
    };
    const four = chooseVariant('Compartments', 'compartments', '4', standardItems).apply(out);
    expect(four.holders.flatMap(({ contents }) => contents.map(({ line }) => line))).not.toContain(first!.id);
  });
});

describe('a panel that stays flat', () => {
  const organizer = demo('landing-organizer');
  const flat = to(organizer, 'panel');

  test('keeps the pockets of both leaves, beside each other on its inner side, and what is in the flap', () => {
    expect(flat.notes).toEqual([]);
    expect(flat.kept).toEqual(organizer.holders.map(({ id }) => id));
    const { faces } = flat.edit.apply(organizer);
    expect(faces.panel).toMatchObject({ kind: 'row', children: [{ id: 'A' }, { id: 'B' }] });
    expect(faces.flap).toEqual({ kind: 'holder', id: 'C' });
    // nothing is put on the outside without being asked
    expect(faces).not.toHaveProperty('outside');
  });

  test('and back again they lie on both leaves', () => {
    const once = flat.edit.apply(organizer);
    const again = to(once, 'foldover');
    const lying = Object.values(again.edit.apply(once).faces).flatMap(holdersIn);
    expect(new Set(lying)).toEqual(new Set(['A', 'B', 'C']));
    expect(again.notes).toEqual([]);
  });
});
