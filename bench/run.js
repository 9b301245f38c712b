// How fast it is: milliseconds, and the ratio to a fixed calibration loop in the same run. Run: ./zindle bench
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { builtInKinds, describeSolution, solveDesign, solveMemo, standardShelves } from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import { patternPdf, patternSvg } from '@zindle/core/files';
import { formOf, skinOf, viewOf } from '@zindle/core/form';
import { readDocument } from '@zindle/core/reading';
import { handleDrag } from './drag.js';
import { fieldToBoard } from './interaction.js';
import { calibration, median } from './measure.js';
import { growthRows } from './growth.js';
import { serverRows } from './server.js';
import { shelfRows } from './shelves.js';

const require = createRequire(import.meta.url);
const font = (weight) =>
  readFileSync(require.resolve(`@fontsource/instrument-sans/files/instrument-sans-latin-${weight}-normal.woff`));
const fonts = { regular: font(400), bold: font(600) };
const [bifold, junior] = demoDesigns;
const source = { document: bifold, solution: solveDesign(bifold), shelves: standardShelves };

const known = new Map();
function solved(id) {
  if (!known.has(id)) known.set(id, solveDesign(demoDesigns.find((design) => design.id === id)));
  return known.get(id);
}

const organizer = demoDesigns.find(({ id }) => id === 'field-organizer');
const drag = await handleDrag();
const loop = await median(calibration, { runs: 30 });
const rows = [
  ['calibration loop', loop, ''],
  ['solve the permit bifold', await median(() => solveDesign(bifold)), 'aim: 3 ms'],
  ['solve the junior bifold (pleated, tab)', await median(() => solveDesign(junior)), 'aim: 3 ms'],
  ...(await eachInTurn(demoDesigns.slice(3), async (design) => [
    `solve the ${design.name.toLowerCase()}`,
    await median(() => solveDesign(design)),
    'aim: 15 ms',
  ])),
  [
    'solve it, notch and call its pieces, order its steps: field-organizer',
    await median(() => solveDesign(organizer).pieces),
    'what a table needs',
  ],
  ...(await afterChanges()),
  ...(await eachInTurn(['logger-bag', 'field-organizer', 'refractometer-case'], async (id) => [
    `fold and sew the form of ${id}`,
    await median(() => formOfDesign(id), { runs: 20, warmUp: 3 }),
    'in a worker',
  ])),
  ['describe a solution as JSON', await median(() => JSON.stringify(describeSolution(source.solution, 'mm'))), ''],
  ['read and check a document', await median(() => readDocument(structuredClone(bifold))), ''],
  ...(await growthRows()),
  ...(await shelfRows()),
  ...(await serverRows()),
  ['pattern as SVG', await median(() => patternSvg(source)), ''],
  [
    'pattern as PDF, A4',
    await median(() => patternPdf(source, { paper: 'a4', fonts, date: '2026-11-24' }), { runs: 10, warmUp: 3 }),
    'aim: 1500 ms',
  ],
  ['a change in a field to the redrawn board', await fieldToBoard(), 'aim: 50 ms'],
  ['script for a pointer event of a drag, median', drag?.median, ''],
  ['script for a pointer event of a drag, p95', drag?.p95, 'aim: 8 ms'],
];

console.log(`${'what'.padEnd(44)}${'ms'.padStart(9)}${'ratio'.padStart(9)}`);
for (const [name, ms, aim] of rows)
  console.log(
    ms === undefined
      ? `${name.padEnd(44)}${'(needs Chromium and a build)'.padStart(9)}`
      : `${name.padEnd(44)}${ms.toFixed(2).padStart(9)}${(ms / loop).toFixed(2).padStart(9)}  ${aim}`,
  );

/** Changing one material again and again with what was measured kept: how long, and how many holders are measured. */
async function afterChanges() {
  const kinds = ['exterior', 'pocket'];
  return eachInTurn(kinds, async (role) => {
    const memo = solveMemo();
    const cloths = ['canvas-10oz', 'denim'].map((material) => ({
      ...bifold,
      stacks: { ...bifold.stacks, [role]: [{ material, coverage: 'full' }] },
    }));
    solveDesign(cloths[0], standardShelves, builtInKinds, memo);
    const [before, reused] = [memo.measured, memo.reused];
    const ms = await median((run) => solveDesign(cloths[(run + 1) % 2], standardShelves, builtInKinds, memo));
    const all = memo.measured - before + memo.reused - reused;
    const share = Math.round((100 * (memo.measured - before)) / all);
    return [`solve again after a change of the ${role} cloth`, ms, `${share} % of the holders measured again`];
  });
}

/** The finished solid of a demo design, from its pieces. */
function formOfDesign(id) {
  const { pieces, seams } = solved(id);
  const skin = skinOf(pieces, seams, ['exterior']);
  return viewOf(formOf(skin.pieces, skin.seams));
}

/** One after the other: work that waits in between must not be timed with that of others. */
async function eachInTurn(all, work) {
  const results = [];
  for (const each of all) results.push(await work(each));
  return results;
}
