import { expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { demoDesigns } from '../demo/index.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { fittingOf } from '../testing/fit-compared.ts';
import { CutParts } from './cut-parts.ts';
import { fitLaps } from './laps.ts';

// What was worked out by hand in docs/worked/verdicts.md.
const page = readFileSync(new URL('../../../../docs/worked/verdicts.md', import.meta.url), 'utf8');
const tables = page.split('\n## ').map((part) =>
  part
    .split('\n')
    .filter((line) => line.startsWith('| '))
    .slice(1)
    .map((line) =>
      line
        .split('|')
        .slice(1, -1)
        .map((cell) => cell.trim()),
    )
    .filter(([first]) => !first!.startsWith('-')),
);
const [rows = [], closings = []] = tables;

test('many of them are worked out', () => expect(rows.length).toBeGreaterThan(20));

test.each(rows)('%s: %s %s needs %s of %s, %s is left', (id, line, direction, needs, has, left) => {
  const { holders } = solveDesign(demoDesigns.find((design) => design.id === id)!);
  const readings = holders
    .flatMap(({ clearances }) => clearances)
    .filter((each) => each.line === line && each.direction === direction)
    .map(({ required, available, clearance }) => [required, available, clearance].map(({ value }) => value));
  const worked = [needs, has, left].map(Number);
  // by hand to a hundredth; arcs are measured as chords
  const near = (reading: number[]) => reading.every((value, index) => Math.abs(value - worked[index]!) < 0.05);
  expect({ worked, found: readings.some(near) || readings }).toEqual({ worked, found: true });
});

test.each(closings)('%s: the %s lies at %s full, without %s at %s', (id, name, full, _, empty) => {
  const design = demoDesigns.find((each) => each.id === id)!;
  const fitting = fittingOf(design, solveDesign(design), (item) => item);
  const [lap] = fitLaps(fitting, new CutParts(fitting));
  expect(lap!.lap.name).toBe(name);
  const [lies, inset] = full!.split(' - ').map(Number);
  expect(lap!.full.value).toBeCloseTo(lies! - inset!, 1);
  expect(lap!.mate.value).toBeCloseTo(lies! - inset!, 1);
  expect(Math.abs(lap!.empty.value - Number(empty))).toBeLessThan(0.05);
});

test('each of them is closed by hand', () => expect(closings.length).toBe(6));
