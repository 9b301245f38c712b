// What long shelves cost: reading a table in, solving beside ten thousand things, looking what a rule would change.
import { parseLine, sizeChanges, solveDesign, standardItems, withOwn } from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import { ImportPlan, openShelfCsv, shelfCsv } from '@zindle/core/imports';
import { median } from './measure.js';

const COUNT = 10_000;
const pebbles = Array.from({ length: COUNT }, (_, i) => ({
  id: `my-pebble-${i}`,
  name: `Pebble ${i}`,
  shape: 'box',
  length: 20 + (i % 90),
  width: 18,
  thickness: 5 + (i % 9),
  source: 'yours',
}));

function readIn(text) {
  const { table } = openShelfCsv('items', text);
  const plan = new ImportPlan('items', []);
  for (let index = 0; index < table.count; index++) plan.add(table.read(index));
  return plan.rows.length;
}

/** Rows of the benchmark: name, ms, what is aimed at. */
export async function shelfRows() {
  const text = shelfCsv('items', pebbles);
  const shelves = withOwn({ items: pebbles });
  const items = [...pebbles, ...standardItems];
  const few = { runs: 5, warmUp: 1 };
  const eased = withOwn({ rules: { 'ease.card.across': 4 } });
  const usual = withOwn({});
  return [
    ['write 10,000 things as a table', await median(() => shelfCsv('items', pebbles), few), ''],
    ['read 10,000 things from a table', await median(() => readIn(text), few), 'with progress'],
    [
      'solve the permit bifold beside 10,000 things',
      await median(() => solveDesign(demoDesigns[0], shelves)),
      'aim: 3 ms',
    ],
    [
      'read a typed line beside 10,000 things',
      await median(() => parseLine('vials 16x95 round', { unit: 'mm', items, makeId: () => 'x' })),
      'each key',
    ],
    [
      `what a house rule changes in ${demoDesigns.length} designs`,
      await median(
        () => demoDesigns.map((design) => sizeChanges(solveDesign(design, usual), solveDesign(design, eased))),
        few,
      ),
      'with progress',
    ],
  ];
}
