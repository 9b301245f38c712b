// How the time of a solve with its fitting grows with what a piece must hold: from 8 to 60 things, each with sizes of its own.
import { solveDesign } from '@zindle/core';
import { demoDesigns } from '@zindle/core/demo';
import { median } from './measure.js';

const COUNTS = [8, 15, 30, 60];
/** A demo design of each sort of room, and what is put into its first holder. */
const rooms = [
  ['permit-bifold', (i) => ({ shape: 'card', length: 85 + (i % 5) / 10, width: 54, thickness: 0.8 })],
  ['caliper-sleeve', (i) => ({ shape: 'box', length: 120 + (i % 40), width: 12 + (i % 5), thickness: 8 })],
  ['boat-tote', (i) => ({ shape: 'box', length: 140 + (i % 40), width: 20 + (i % 5), thickness: 15 })],
  ['probe-roll', (i) => ({ shape: 'cylinder', length: 150 + (i % 30), width: 8, thickness: 8 })],
  ['logger-bag', (i) => ({ shape: 'box', length: 60 + (i % 20), width: 30, thickness: 12 + (i % 7) })],
  ['receipts-accordion', (i) => ({ shape: 'box', length: 140 + (i % 9), width: 90, thickness: 0.5 })],
];

/** The design with so many things in its first holder, each on a line of its own. */
function holding(id, count, thing) {
  const design = demoDesigns.find((each) => each.id === id);
  const [first] = design.holders;
  const [line] = design.contents.filter((each) => each.id === first.contents[0].line);
  const ownItems = Array.from({ length: count }, (_, i) => ({
    id: `n${i}`,
    name: `Thing ${i}`,
    source: 'yours',
    ...thing(i),
  }));
  const contents = ownItems.map((item, i) => ({ ...line, id: `n${i}`, item: item.id, count: 1, perHolder: 1 }));
  const holder = { ...first, contents: contents.map(({ id: own }) => ({ line: own, count: 1 })) };
  const faces = Object.fromEntries(Object.entries(design.faces).filter(([, on]) => on.id === first.id));
  return { ...design, ownItems, contents, holders: [holder], faces };
}

/** For each sort of room the time with 60 things, and how much longer that is than with 8: no more than 7.5 times. */
export async function growthRows() {
  const rows = [];
  for (const [id, thing] of rooms) {
    const times = [];
    for (const count of COUNTS) {
      const design = holding(id, count, thing);
      times.push(await median(() => solveDesign(design), { runs: 20, warmUp: 5 }));
    }
    const curve = COUNTS.map((count, index) => `${count}: ${times[index].toFixed(1)}`).join(', ');
    rows.push([
      `solve ${id} with 60 things`,
      times.at(-1),
      `${(times.at(-1) / times[0]).toFixed(1)} times that of 8 (aim: 7.5); ${curve}`,
    ]);
  }
  return rows;
}
