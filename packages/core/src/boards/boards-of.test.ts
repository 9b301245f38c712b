import { describe, expect, test } from '@jest/globals';
import { demoDesigns } from '../demo/index.ts';
import type { DesignDocument } from '../document/design-document.ts';
import { boundsOf } from '../geometry/outline.ts';
import { facesOf } from '../document/edits/seats.ts';
import { sizeAt } from '../solve/size-at.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { standsOut, type Board } from './board.ts';
import { boardsOf } from './boards-of.ts';
import { withLowerCorners } from '../testing/lower-corners.ts';

const solved = demoDesigns.map((design) => {
  const solution = solveDesign(design);
  return [design.name, { design, solution, boards: boardsOf(design, solution) }] as const;
});

describe.each(solved)('the boards of %s', (_, { design, solution, boards }) => {
  test('show the cloth of the piece that is sewn onto there', () => {
    const walls = boards.flatMap(({ id, ground, rooms }) =>
      rooms.filter(({ seat }) => seat === 'wall' || seat === 'leaf').map(({ face }) => ({ id, ground, face })),
    );
    const wrong = walls.filter(({ face, ground }) => {
      const host = solution.body.faces.find(({ id }) => id === face)?.host.piece;
      // a panel that lies on the face is drawn on it
      const role = host?.startsWith('body/') && solution.pieces.find(({ id }) => id === host)?.role;
      return role && role !== ground;
    });
    expect(wrong).toEqual([]);
  });

  test('show every face of the body, and every holder on its face', () => {
    const faces = facesOf(design).map(({ id }) => id);
    const shown = boards.flatMap(({ rooms }) => rooms.map(({ face }) => face));
    expect([...new Set(shown)].sort()).toEqual([...faces].sort());
    const held = boards.flatMap(({ holders }) => holders.map(({ id }) => id));
    expect([...new Set(held)].sort()).toEqual(solution.holders.map(({ id }) => id).sort());
  });
  test('are drawn to scale: a dimension line is as long as its number', () => {
    for (const { sizes } of boards)
      for (const { path, from, to } of sizes)
        expect([path, to - from]).toEqual([path, expect.closeTo(sizeAt(solution, path)!.value, 6)]);
  });
  test('pin only what can be pinned', () => {
    const pinnable = solution.pinnable.map(({ path }) => path);
    for (const { sizes } of boards) for (const { pin } of sizes) if (pin) expect(pinnable).toContain(pin);
  });
  test('have their rooms on themselves, and every holder in its room', () => {
    for (const { width, height, rooms, holders, outline } of boards) {
      for (const { x0, x1, y0, y1 } of rooms) {
        expect(Math.min(x0, y0)).toBeGreaterThan(-0.001);
        expect(x1).toBeLessThan(width + 0.001);
        expect(y1).toBeLessThan(height + 0.001);
        expect(x1 - x0).toBeGreaterThan(0);
      }
      for (const holder of holders) {
        const room = rooms.find(({ face }) => face === holder.face)!;
        expect(holder.x0).toBeGreaterThan(room.x0 - 0.001);
        expect(holder.x1).toBeLessThan(room.x1 + 0.001);
        expect(holder.y0).toBeGreaterThan(room.y0 - 0.001);
        expect(holder.y1).toBeLessThan(room.y1 + 0.001);
      }
      if (outline)
        expect(boundsOf(outline)).toMatchObject({ width: expect.closeTo(width, 6), height: expect.closeTo(height, 6) });
    }
  });
  test('lay each front over the things of its own pocket, and those of the tier before over the front', () => {
    for (const { id, layers } of boards.flatMap(({ holders }) => holders)) {
      const fronts = layers.flatMap((layer, at) => (layer.kind === 'front' ? [{ ...layer.front, at }] : []));
      layers.forEach((layer, at) => {
        if (layer.kind !== 'thing' || fronts.length === 0) return;
        const { name, place, x0, x1, y1, hidden } = layer.thing;
        const own = fronts.find((front) => front.id === place) ?? fronts.find((front) => front.at > at)!;
        expect([id, name, own.at > at]).toEqual([id, name, true]);
        // what stands out by more than 3 mm carries its name
        const out = own.towards === 'right' ? x1 - own.x1 : own.towards === 'left' ? own.x0 - x0 : y1 - own.y1;
        expect([id, name, hidden]).toEqual([id, name, out < 3]);
        // as far towards its mouth as a front goes
        const far = (front: typeof own) =>
          front.towards === 'right' ? front.x1 : front.towards === 'left' ? -front.x0 : front.y1;
        const behind = fronts.filter((front) => far(front) > far(own) + 1e-6 && front.id.startsWith(id));
        for (const front of behind) expect([id, name, front.at < at]).toEqual([id, name, true]);
      });
    }
  });
  test('draw every thing as large as it is', () => {
    for (const { holders } of boards)
      for (const { id, layers } of holders) {
        const things = layers.flatMap((layer) => (layer.kind === 'thing' ? [layer.thing] : []));
        const placed = solution.holders.find((holder) => holder.id === id)!.things;
        expect(things.map(({ line, x0, x1, y0, y1 }) => [line, x1 - x0, y1 - y0])).toEqual(
          placed.map(({ line, width, height }) => [line, expect.closeTo(width, 6), expect.closeTo(height, 6)]),
        );
      }
  });
});

const named = (id: string) => demoDesigns.find((design) => design.id === id)!;

test('two columns of two tiers: each row is named by its tier, and nothing in them is hidden', () => {
  const tiers = first(named('ferry-pocket')).holders.find(({ id }) => id === 'A')!;
  const order = tiers.layers.map((layer) => (layer.kind === 'front' ? `front ${layer.front.id}` : layer.thing.place));
  expect(order).toEqual(['A1', 'A1', 'front A1', 'A2', 'A2', 'front A2']);
  expect(tiers.hidden).toEqual([]);
});

describe('what closes and carries a bag, over its mouth', () => {
  const boardsAfter = (id: string, change: (design: DesignDocument) => DesignDocument) => {
    const design = change(named(id));
    return { boards: boardsOf(design, solveDesign(design)), solution: solveDesign(design) };
  };

  test('handles stand over it as high as they hang down, on every side', () => {
    const { boards } = boardsAfter('boat-tote', (design) => design);
    expect(boards.length).toBeGreaterThan(1);
    for (const board of boards) {
      // the middle of each end 70 from the middle of the bag, of webbing 25 wide: the demo tote's own settings
      expect(board.grips).toEqual([
        { part: 'handles', x0: expect.anything(), x1: expect.anything(), drop: 250, wide: 25 },
      ]);
      expect(board.grips[0]!.x1 - board.grips[0]!.x0).toBeCloseTo(140, 6);
      expect((board.grips[0]!.x1 + board.grips[0]!.x0) / 2).toBeCloseTo(board.width / 2, 6);
      expect(standsOut(board)).toEqual({ left: 0, right: 0, top: 262.5 });
    }
  });

  test.each(['slate-carrier', 'receipts-accordion', 'caliper-sleeve'])(
    '%s: a flap stands up behind it, as long and as wide as its piece',
    (id) => {
      // it needs a level mouth
      const level = (design: DesignDocument) => (id === 'slate-carrier' ? withLowerCorners(design) : design);
      const flapped = boardsAfter(id, (design) => ({ ...level(design), closure: { kind: 'flap', params: {} } }));
      const piece = flapped.solution.pieces.find(({ id: each }) => each === 'closure/flap-lining')!;
      const { width, height } = boundsOf(piece.stitch);
      // from inside the front nothing of it is seen
      for (const board of flapped.boards.filter(({ id: seen }) => seen !== 'front-wall')) {
        expect(board.tab).toMatchObject({ edge: 'top', length: height, width });
        expect(standsOut(board).top).toBeGreaterThanOrEqual(height);
        expect(board.tab!.snapAt).toBeLessThan(height);
      }
      const strapped = boardsAfter(id, (design) => ({
        ...design,
        closure: { kind: 'strap-over', params: { down: 40 } },
      }));
      const strap = strapped.solution.pieces.find(({ id: each }) => each === 'closure/strap')!;
      for (const board of strapped.boards.filter(({ id: seen }) => seen !== 'front-wall'))
        expect(board.tab).toMatchObject({ edge: 'top', length: boundsOf(strap.stitch).height - 40, within: 40 });
      const plain = boardsAfter(id, (design) => ({ ...design, closure: { kind: 'none', params: {} }, parts: [] }));
      for (const board of plain.boards) expect(standsOut(board)).toEqual({ left: 0, right: 0, top: 0 });
    },
  );
});

const [bifold, junior] = [named('permit-bifold'), named('junior-bifold')];
const first = (design: DesignDocument): Board => boardsOf(design, solveDesign(design))[0]!;

describe('the inside of a bifold', () => {
  const view = first(bifold);

  test('everything lies within the body, the leaves beside the fold', () => {
    expect([view.width, view.height]).toEqual([208, 94]);
    expect([view.folds[0]!.x0, view.folds[0]!.x1]).toEqual([97, 111]);
    for (const { face, x0, x1, y0, y1 } of view.holders) {
      expect(Math.min(x0, y0)).toBeGreaterThanOrEqual(-1e-9);
      expect(x1).toBeLessThanOrEqual(view.width + 1e-9);
      expect(y1).toBeLessThanOrEqual(view.height);
      if (face === 'left') expect(x1).toBeLessThan(view.folds[0]!.x0);
      if (face === 'right') expect(x0).toBeGreaterThan(view.folds[0]!.x1);
    }
  });
  test('cards keep their size and stand in their pockets', () => {
    const things = view.holders.flatMap(({ layers }) =>
      layers.flatMap((layer) => (layer.kind === 'thing' ? [layer.thing] : [])),
    );
    expect(things).toHaveLength(6);
    const permit = things.find(({ line }) => line === 'c1')!;
    expect([permit.x1 - permit.x0, permit.y1 - permit.y0, permit.place]).toEqual([
      expect.closeTo(85.6, 9),
      expect.closeTo(53.98, 9),
      'A1',
    ]);
  });
  test('what hides behind its front is named by the holder', () => {
    expect(view.holders.find(({ id }) => id === 'C')!.hidden).toEqual(['Ferry money']);
    expect(view.holders.find(({ id }) => id === 'A')!.hidden).toEqual([]);
  });
  test('a tab stands out', () => {
    expect(view.tab).toBeUndefined();
    expect(first(junior).tab).toMatchObject({ width: 25 });
  });
});

describe('boards of the other families', () => {
  const view = (id: string) => {
    const design = demoDesigns.find((each) => each.id === id)!;
    return first(design);
  };
  test('a sleeve shows its front with the snaps on it, inside the cloth', () => {
    const { width, height, snaps, ground } = view('caliper-sleeve');
    expect([width, height, ground]).toEqual([107, 289, 'exterior']);
    expect(snaps.map(({ x, y }) => [x, y])).toEqual([
      [30, 289 - 15],
      [77, 289 - 15],
    ]);
  });
  test('dividers stand between the things', () => {
    const [inside] = view('twin-flask-bag').holders;
    expect(inside!.stitching).toEqual([{ from: [129, 276.5], to: [129, 84 / 2] }]);
    expect(inside!.hidden).toHaveLength(2);
  });
  test('a roll shows each tool above its channel, with its number', () => {
    const { holders, width } = view('probe-roll');
    const things = holders[0]!.layers.flatMap((layer) => (layer.kind === 'thing' ? [layer.thing] : []));
    expect(things.map(({ place }) => place)).toEqual(['A1', 'A2', 'A3', 'A4', 'A5', 'A6', 'A7']);
    for (const { x0, x1 } of things) expect(x0 >= 0 && x1 <= width).toBe(true);
  });
});

describe('boards of folios, carriers and pockets', () => {
  test('a folio shows its leaves and folds from the left', () => {
    const view = first(named('survey-folio'));
    expect(view.folds).toEqual([
      { x0: 164.5, x1: 185.5 },
      { x0: 350, x1: 368 },
    ]);
    expect(view.sizes.filter(({ side }) => side === 'near').map(({ from, to }) => to - from)).toEqual([
      164.5, 164.5, 153,
    ]);
  });
  test('a pocket on the outside of a bag lies on its front, above the cut corners', () => {
    const view = first(withLowerCorners(named('slate-carrier')));
    const pocket = view.holders.find(({ face }) => face === 'front')!;
    expect([pocket.x0, pocket.y0]).toEqual([0, 45]);
    expect(pocket.y1).toBeLessThan(view.height);
    // the mate of the strap, in the middle below the mouth
    expect(view.snaps).toHaveLength(1);
    expect(view.snaps[0]!.x).toBeCloseTo(view.width / 2, 9);
  });
  test('what is on the outside does not show on the inside of a wallet', () => {
    expect(first(named('logger-pocket')).holders.map(({ face }) => face)).toEqual(['left']);
  });
});

describe('a strap over a pocket', () => {
  const pouch = (material: string): DesignDocument => {
    const design = named('logger-pouch');
    return {
      ...design,
      parts: design.parts!.map((part) => (part.id === 'strap' ? { ...part, params: { material } } : part)),
    };
  };
  const boards = (design: DesignDocument) => boardsOf(design, solveDesign(design));
  test('comes from the seam, its snap as far down the pocket as its mate is set', () => {
    const [front, inside] = boards(pouch('webbing'));
    expect(inside!.straps).toEqual([]);
    const [strap] = front!.straps;
    // docs/worked/logger-pouch.md: the mouth at 83 from the seam, the mate 27 beyond it, the end 18.26 beyond that; the pocket is 63 high
    expect(strap).toMatchObject({ part: 'strap', from: 0, wide: 25 });
    expect(strap!.snap).toBeCloseTo(83 + 27, 6);
    expect(strap!.to).toBeCloseTo(83 + 27 + 18.26, 2);
    expect(strap!.y).toBeCloseTo(63 / 2, 6);
    expect(strap!.cloth).toBeUndefined();
  });
  test('of cloth shows the shell; without it there is none', () => {
    const [strap] = boards(pouch('cloth'))[0]!.straps;
    expect(strap).toMatchObject({ wide: 30, cloth: 'exterior' });
    expect(boards(named('caliper-sleeve')).flatMap(({ straps }) => straps)).toEqual([]);
  });
});
