import { describe, expect, test } from '@jest/globals';
import { PDFDocument } from '@cantoo/pdf-lib';
import { boardsOf } from '../boards/boards-of.ts';
import type { DesignDocument } from '../document/design-document.ts';
import { readDocument } from '../document/reading/read-document.ts';
import { chartCsv } from '../files/chart-csv.ts';
import { patternPdf } from '../files/pattern-pdf.ts';
import { patternSvg } from '../files/pattern-svg.ts';
import { formOf } from '../form/form.ts';
import { skinOf } from '../form/skin.ts';
import { standardShelves } from '../shelves/shelves.ts';
import { envelope, envelopeFlap } from '../testing/ninth-family/envelope.ts';
import { inputEdit } from '../document/edits/inputs.ts';
import { houseRulesOf } from '../kinds/house-rules.ts';
import { pathSizes, testFonts } from '../testing/poppler.ts';
import { trial } from '../testing/trial.ts';
import { standardItems } from '../shelves/items/standard-items.ts';
import { builtInKinds } from '../kinds/kinds.ts';
import type { Kinds } from '../kinds/kind-set.ts';
import { solveDesign } from './solve-design.ts';

// a family of bodies from outside: nothing in the core knows of it
const kinds: Kinds = { ...builtInKinds, bodies: { ...builtInKinds.bodies, envelope } };
const booklet = standardItems.find(({ id }) => id === 'a6-booklet')!;

const base = trial({ body: 'envelope', face: 'inside', kind: 'cavity', item: booklet });
const design: DesignDocument = {
  ...base,
  contents: [{ ...base.contents[0]!, orientation: 'lying' }],
  stacks: { ...base.stacks, exterior: [{ material: 'felt-1', coverage: 'full' }] },
};
const solve = (document: DesignDocument = design) => solveDesign(document, standardShelves, kinds);

describe('a ninth family, passed to the solver as one more kind', () => {
  test('is unknown without it', () => {
    expect(() => solveDesign(design)).toThrow(
      expect.objectContaining({ code: 'body.unknownKind' }) as unknown as Error,
    );
  });

  test('is a sound document', () => expect(readDocument(design)).toMatchObject({ ok: true }));

  test('says nothing of its boards, and has one for each face', () => {
    const solution = solve();
    const [only, ...rest] = boardsOf(design, solution, { kinds });
    expect(rest).toEqual([]);
    expect(only).toMatchObject({ id: 'inside', title: 'In the envelope', rooms: [{ face: 'inside', seat: 'cavity' }] });
    expect(only!.holders.map(({ id }) => id)).toEqual(solution.holders.map(({ id }) => id));
  });

  test('is sized from what it holds', () => {
    const { finished, holders, findings } = solve();
    expect(finished.width!.value).toBeGreaterThan(148);
    expect(finished.width!.value).toBeLessThan(148 + 12);
    expect(finished.height!.value).toBe(105 + 5);
    expect(findings.filter(({ severity }) => severity === 'stop')).toEqual([]);
    for (const { clearance } of holders.flatMap(({ clearances }) => clearances))
      expect(clearance.value).toBeGreaterThanOrEqual(0);
  });

  test('brings a house rule of its own, which a design may set within its range', () => {
    expect(houseRulesOf(kinds)['envelope.flap']).toBe(envelopeFlap);
    expect(houseRulesOf(builtInKinds)['envelope.flap']).toBeUndefined();
    const flapOf = (rules: DesignDocument['rules']) => solve({ ...design, rules }).body.sizes.flap!.value;
    expect([flapOf({}), flapOf({ 'envelope.flap': 90 }), flapOf({ 'envelope.flap': 900 })]).toEqual([60, 90, 60]);
    const told = solve({ ...design, rules: { 'envelope.flap': 900 } }).findings.filter(
      ({ code }) => code === 'rule.outOfRange',
    );
    expect(told).toMatchObject([{ about: ['rules/envelope.flap'], numbers: { value: 900 } }]);
    expect(inputEdit(design, { kind: 'houseRule', path: 'rules/envelope.flap' }, [], kinds)).toMatchObject({
      title: 'Flap of an envelope',
      least: 20,
      most: 200,
    });
  });

  test('its seams walk, its cut reads back, its steps are numbered', () => {
    const { seams, body, operations } = solve();
    expect(seams.map(({ id, walks }) => [id, walks])).toEqual([
      ['body/left', true],
      ['body/right', true],
    ]);
    expect(body.readBack.height).toBeCloseTo(body.sizes.height!.value, 9);
    expect(operations.map(({ number }) => number)).toEqual(operations.map((_, index) => index + 1));
  });

  test('its form is folded from its one piece: flat, with a mouth and a flap beside it', () => {
    const { pieces, seams, finished } = solve();
    const skin = skinOf(pieces, seams, ['exterior']);
    const solid = formOf(skin.pieces, skin.seams);
    expect(solid.gap).toBeLessThan(1e-9);
    expect([solid.twisted.length, solid.rims.length, solid.euler]).toEqual([0, 1, 1]);
    expect(solid.extent.map((side) => Number(side.toFixed(6)))).toEqual([
      finished.width!.value,
      finished.height!.value,
      0,
    ]);
  });

  test('its limits are checked like any other', () => {
    const limited = solve({ ...design, limits: { 'finished/height': 90 } });
    expect(limited.findings.map(({ code }) => code)).toContain('limit.exceeded');
  });

  test('is written to every file: chart, drawing, and pages in true scale', async () => {
    const source = { document: design, solution: solve(), shelves: standardShelves };
    const [sheet] = source.solution.pieces;
    expect(chartCsv(source)).toContain('Envelope');
    expect(patternSvg(source)).toContain('<svg');
    const pdf = await patternPdf(source, {
      paper: 'sheet',
      fonts: testFonts,
      date: '2026-11-26',
      version: 'revision 1',
    });
    expect((await PDFDocument.load(pdf)).getPageCount()).toBeGreaterThan(0);
    const found = pathSizes(pdf).some(
      ([w, h]) => Math.abs(w - sheet!.cutWidth.value) < 0.1 && Math.abs(h - sheet!.cutHeight.value) < 0.1,
    );
    expect(found).toBe(true);
  });
});
