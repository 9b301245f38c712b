import { expect, test } from '@jest/globals';
import { nothing } from '../derived/constants.ts';
import { demoDesigns } from '../demo/index.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { checkOpen } from './check-open.ts';
import { CutParts, type CutDesign } from './cut-parts.ts';

const [bifold] = demoDesigns;

test('the rooms of every demo design are closed', () => {
  for (const design of demoDesigns)
    expect([design.id, solveDesign(design).findings.filter(({ code }) => code === 'room.notClosed')]).toEqual([
      design.id,
      [],
    ]);
});

test('a seam or a piece that is gone leaves the rooms that it bounds open, with a stop that names their things', () => {
  const { rooms, pieces, seams } = solveDesign(bifold!);
  const parts = (changed: Partial<CutDesign> = {}) =>
    new CutParts({
      pieces,
      seams,
      materialOf: () => undefined,
      hardwareOf: () => undefined,
      inset: () => nothing,
      ...changed,
    });
  const own = rooms.find(({ id }) => id.startsWith('holders/A/'))!;
  const { piece, left } = own.rings[0]!.walls[0]!;
  const without = {
    seam: checkOpen(rooms, parts({ seams: seams.filter(({ id }) => !('seam' in left) || id !== left.seam) })),
    piece: checkOpen(rooms, parts({ pieces: pieces.filter(({ id }) => id !== piece) })),
  };
  for (const found of Object.values(without)) {
    const [first] = found;
    expect(first).toMatchObject({ code: 'room.notClosed', severity: 'stop' });
    expect(found.flatMap(({ about }) => about)).toEqual(
      expect.arrayContaining(['holders/A', `contents/${own.holds[0]}`]),
    );
  }
  expect(checkOpen([{ ...own, rings: [] }], parts())).toHaveLength(1);
});
