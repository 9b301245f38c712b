import { afterAll, describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { wayOf } from '../contents/ways.ts';
import type { DesignDocument, Params } from '../document/design-document.ts';
import type { FittedClearance } from '../fit/clearance.ts';
import { BAND, compared, refitted, type Change } from './fit-compared.ts';
import { withOwnPieces } from './any-own.ts';
import { moveEdge } from './move-edge.ts';
import { alwaysTrue } from './design-checks.ts';
import { solvedSample, type Look } from './solved-sample.ts';
import { walkSeams } from '../pieces/walk-seams.ts';
import { standardMaterials } from '../shelves/materials/standard-materials.ts';
import { standardShelves } from '../shelves/shelves.ts';
import { standardOf, type LengthRule } from '../shelves/rules/house-rule.ts';
import { gridStep, isInches } from '../units/grid.ts';
import type { Solution } from '../solve/solution.ts';
import { sizeAt } from '../solve/size-at.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { facesOfHolders } from '../kinds/faces-of.ts';
import { houseRulesOf } from '../kinds/house-rules.ts';
import { builtInKinds } from '../kinds/kinds.ts';

/** A family of bodies and how its random designs are made. */
export interface Family {
  family: string;
  any: fc.Arbitrary<DesignDocument>;
  /** Sizes that are read back from the cut. */
  readBack: string[];
  /** Ids of the house rules that give the things room. */
  eases: string[];
}

/** Sizes that more ease must not shrink. Closed, a wallet may be narrower where its notes decide the width: the spine then
 * takes from the leaves. Closed, a framed mouth lies the lower the deeper its box is. More depth may part a pile that only
 * just lay on itself, and what is thinner asks less spine: then the height alone counts. The higher a tube, the longer it
 * opens for its length, and the deeper a framed box for its width: then the way of the zipper counts. */
const outsideOf = ({ finished, body }: Solution, ease: string) =>
  Object.entries(finished).flatMap(([name, size]) => {
    if (name === 'length' && body.sizes.along) return [body.sizes.along];
    if (name === 'width' && body.kind === 'organizer') return [body.sizes.zipperRun!];
    // on a boxed base the face is what the base leaves of the flat width, which the zipper may decide
    if (name === 'width' && body.kind === 'sleeve') return [body.sizes.flatWidth!];
    if (ease.endsWith('.deep')) return name === 'height' ? [size] : [];
    return name.startsWith('closed') ? [] : [size];
  });

/** How each holder is made, for the count of what was tried. */
const triedIn = ({ body, holders, faces, closure, parts = [] }: DesignDocument): string[] => [
  ...facesOfHolders(holders, builtInKinds).flatMap(({ id }) => (faces[id] ? [`${body.kind} | sewn onto a pouch`] : [])),
  ...holders
    .map(({ kind, params }) =>
      [kind, ...['making', 'divide', 'style', 'way', 'dividers', 'front'].flatMap((name) => params[name] ?? [])].join(
        ' ',
      ),
    )
    .map((holder) => `${body.kind} | ${holder} | ${closure.kind}`),
  ...parts.flatMap(({ kind, params }) => [
    `${body.kind} | part: ${kind} | ${closure.kind}`,
    ...choicesOf(params).map((choice) => `${body.kind} | part: ${kind}, ${choice}`),
  ]),
  ...choicesOf(body.params).map((choice) => `${body.kind} | ${choice}`),
  ...choicesOf(closure.params).map((choice) => `${body.kind} | ${closure.kind}, ${choice}`),
];

/** Settings that are chosen, each as it is. */
const choicesOf = (params: Params): string[] =>
  Object.entries(params).flatMap(([name, choice]) => (typeof choice === 'string' ? [`${name}: ${choice}`] : []));

/** What must be left of a thing that is made thinner: one that lies flat is lower then, where others may keep the walls further apart,
 * and only has to go in as before. mm */
function leastAsked({ contents }: DesignDocument, each: FittedClearance, before: ReadonlyMap<string, number>): number {
  const had = before.get(keyOf(each))!;
  const line = contents.find(({ id }) => id === each.line);
  const flat = line !== undefined && wayOf(line.orientation).down === 'thin';
  return flat && each.direction === 'deep' ? Math.min(had, 0) : had;
}

/** Every rule that is a length, with its standard. */
const written = (inched: boolean): Record<string, number> =>
  Object.fromEntries(
    Object.values(houseRulesOf(builtInKinds)).flatMap((rule) =>
      rule.kind === 'length' ? [[rule.id, standardOf(rule, inched)]] : [],
    ),
  );

const keyOf = ({ room, line, direction }: FittedClearance): string => `${room} ${line} ${direction}`;

/** The least that is left of each thing, by room and direction, mm.
 * @param left what counts of a reading */
function leastOf(fitted: readonly FittedClearance[], left: (each: FittedClearance) => number): Map<string, number> {
  const least = new Map<string, number>();
  for (const each of fitted) least.set(keyOf(each), Math.min(least.get(keyOf(each)) ?? Infinity, left(each)));
  return least;
}

/** What each thing has: beyond its ease, and at all. */
const hasLeft = {
  'less than your ease': ({ clearance, ease }: FittedClearance) => clearance.value - ease,
  'does not go in': ({ clearance }: FittedClearance) => clearance.value,
};

/** How much smaller a size must be for a verdict to turn: the first that it bounds, by how much for each millimetre. mm
 * @param at the design with that size so much smaller
 * @returns nothing if it bounds none */
function turnsAt(at: (less: number) => Solution, spare: (each: FittedClearance) => number) {
  const of = ({ holders }: Solution) =>
    leastOf(
      holders.flatMap(({ clearances }) => clearances),
      spare,
    );
  const [before, after, further] = [of(at(0)), of(at(1)), of(at(2))];
  const bound = [...before].flatMap(([key, has]) => {
    const by = has - (after.get(key) ?? has);
    // what only the grid gives and takes is taken once
    const steady = (after.get(key) ?? has) - (further.get(key) ?? has) > by / 2;
    return by > 0.1 && steady ? [has / by] : [];
  });
  if (bound.length === 0) return undefined;
  const far = Math.min(...bound) + 1;
  return { far, turned: () => [...of(at(far)).values()].some((has) => has < 0) };
}

/** Any whole number to a share of one, evenly: what is drawn at random is drawn small more often. */
const spread = (pick: number): number => (pick * 0.6180339887) % 1;

/** What must hold of every design of a family: whatever it must hold, of whatever cloth, by whatever rules. A design that
 * fails is shrunk and kept in `testing/fixtures`. */
/** What lies in a flap that gets wider lies clear of its round corners: it needs less of the leaf. */
const clearsItsCorners = ({ closure, faces }: DesignDocument): boolean =>
  closure.kind === 'flap-pouch' && 'flap' in faces;

export function familyProperties({ family, any, readBack, eases }: Family): void {
  describe(`${family}: whatever it must hold, of whatever cloth, by whatever rules`, () => {
    const hits = new Map<string, number>();
    afterAll(() => {
      const rows = [...hits].sort().map(([key, times]) => `  ${key} | ${times}`);
      process.stdout.write(`designs solved: family | holder | closure | times\n${rows.join('\n')}\n`);
    });

    const drawn = fc.record({
      ease: fc.constantFrom(...eases),
      share: fc.double({ min: 0, max: 1, noNaN: true }),
      pick: fc.nat(),
    });
    const sample = solvedSample(family, withOwnPieces(any), drawn);
    type Drawn = typeof drawn extends fc.Arbitrary<infer T> ? T : never;
    const forAny = (look: Look<Drawn>) => sample(300, look);

    test.each(Object.entries(alwaysTrue))('%s', (_, check) =>
      forAny((design, solution) => {
        for (const tried of triedIn(design)) hits.set(tried, (hits.get(tried) ?? 0) + 1);
        check(design, solution);
      }),
    );

    test('the fitting says of other things what lines laid taut over the pieces say, whether they go in or not', () => {
      const counts = new Map<string, { in: number; out: number }>();
      forAny((design, solution, { share, pick }) => {
        // a little larger and smaller than they were, and far larger: many rooms are larger than their things for other reasons
        const scale = [0.9, 1.15, 1.8, 3, 5][pick % 5]! * (1 + share / 10);
        // and smaller rooms, by pins on what bounds them
        const { pinnable } = solution;
        const pins = [pick, pick >> 3].map((which): [string, number] => {
          const { path, asks } = pinnable[which % pinnable.length]!;
          return [path, asks * (0.3 + 0.6 * spread(which))];
        });
        const pinned = { ...design, pins: Object.fromEntries(pins) };
        for (const { form, direction, clearance, fitted } of [
          ...compared(design, solution, scale),
          ...compared(pinned, solveDesign(pinned), 1),
        ]) {
          const key = `${family} | ${form} ${direction}`;
          const count = counts.get(key) ?? { in: 0, out: 0 };
          count[clearance < 0 ? 'out' : 'in'] += 1;
          counts.set(key, count);
          expect([key, Math.abs(fitted - clearance) < BAND ? clearance : fitted]).toEqual([key, clearance]);
        }
      });
      const rows = [...counts].sort().map(([key, count]) => `  ${key} | ${count.in} go in, ${count.out} do not`);
      // both verdicts are tried
      const all = [...counts.values()].reduce((sum, each) => ({ in: sum.in + each.in, out: sum.out + each.out }), {
        in: 0,
        out: 0,
      });
      if (all.in + all.out > 200) expect(Math.min(all.in, all.out) / (all.in + all.out)).toBeGreaterThan(0.22);
      process.stdout.write(`fitted and witnessed: family | form\n${rows.join('\n')}\n`);
    });

    test('what takes its things takes the same made thinner, and some of them without the others', () =>
      forAny((design, solution, { share, pick }) => {
        // a sheet with round edges that is made thinner has sharper ones, and does not lie within what it was
        const before = leastOf(
          refitted(design, solution, ({ girth: _girth, edgeRadius: _round, ...item }) => item),
          ({ clearance }) => clearance.value,
        );
        const changes: Change[] = [
          ({ girth: _girth, edgeRadius: _round, ...item }) => ({
            ...item,
            thickness: item.thickness * (0.3 + 0.7 * share),
          }),
          ({ girth: _girth, edgeRadius: _round, ...item }, line) =>
            spread(pick + Number(line.slice(1))) < 0.5 ? item : undefined,
        ];
        for (const change of changes)
          for (const each of refitted(design, solution, change))
            expect([keyOf(each), each.clearance.value >= leastAsked(design, each, before) - 1e-3]).toEqual([
              keyOf(each),
              true,
            ]);
      }));

    test('a size that is pinned is made as it is pinned while it can be drawn, and is never refused where it is said that it can', () => {
      const told = { obeyed: 0, refused: 0 };
      // each is sized three times, and some of them again
      sample(100, (design, { pinnable }, { pick }) => {
        const { path, asks } = pinnable[pick % pinnable.length]!;
        const made = (mm: number) => solveDesign({ ...design, pins: { [path]: mm } });
        const pinned = Math.max(0.01, 1.2 * asks * spread(pick));
        const solution = made(pinned);
        expect([path, solution.seams.every(({ walks }) => walks)]).toEqual([path, true]);
        const refused = solution.findings.find(({ code }) => code === 'pin.tooSmall');
        told[refused ? 'refused' : 'obeyed']++;
        const least = refused?.limit ?? pinned;
        const after = solution.pinnable.find((each) => each.path === path);
        expect([path, after && Math.max(after.least ?? 0, pinned)]).toEqual([path, least]);
        const size = sizeAt(solution, path);
        if (size) expect([path, size.value]).toEqual([path, least]);
        if (!refused) return;
        expect([path, made(least).findings.filter(({ code }) => code === 'pin.tooSmall')]).toEqual([path, []]);
      });
      process.stdout.write(`pins of ${family}: ${told.obeyed} obeyed, ${told.refused} refused\n`);
    });

    test('a size less what it has to spare and a millimetre turns “your ease”, less the ease too “goes in”', () => {
      const told = new Map<string, { bound: number; free: number }>();
      const outcomes = { turned: 0, later: 0 };
      sample(40, (design, solution, { pick }) => {
        const size = solution.pinnable[pick % solution.pinnable.length]!;
        const solved = new Map<number, Solution>();
        const at = (less: number): Solution => {
          const smaller = solved.get(less) ?? solveDesign({ ...design, pins: { [size.path]: size.asks - less } });
          solved.set(less, smaller);
          return smaller;
        };
        if (size.asks <= 2) return;
        const kind = size.path.replace(/\/[A-Z]\//, '/·/').replace(/\d+/, '·');
        const count = told.get(kind) ?? { bound: 0, free: 0 };
        told.set(kind, count);
        for (const [verdict, spare] of Object.entries(hasLeft)) {
          const turns = turnsAt(at, spare);
          if (verdict === 'does not go in') count[turns ? 'bound' : 'free'] += 1;
          if (!turns || turns.far >= size.asks) continue;
          if (at(turns.far).findings.some(({ code }) => code === 'pin.tooSmall')) continue;
          outcomes[turns.turned() ? 'turned' : 'later'] += 1;
        }
      });
      const rows = [...told].sort().map(([kind, { bound, free }]) => `  ${kind} | ${bound} bound, ${free} free`);
      process.stdout.write(`sizes of ${family} and whether a thing rules them\n${rows.join('\n')}\n`);
      // a wall that leans, or a holder that is made smaller with it, gives way more slowly further on
      if (outcomes.turned > 10) expect(outcomes.later / outcomes.turned).toBeLessThan(0.25);
    });

    test('a design is the same with all its rules written out, on a grid in inches and in millimetres', () =>
      sample(60, (design) => {
        for (const grid of ['1/16in', '0.5mm'] as const) {
          const sizes = (rules: DesignDocument['rules']) => {
            const { pieces, findings } = solveDesign({ ...design, grid, rules });
            const all = pieces.flatMap(({ id, cutWidth, cutHeight }) => [id, cutWidth.value, cutHeight.value]);
            return [...all, findings.map(({ code }) => code)];
          };
          expect(sizes({ ...written(isInches(grid)), ...design.rules })).toEqual(sizes(design.rules));
        }
      }));

    test('its driving sizes are read back from the cut', () =>
      forAny((_, { body }) => expect(Object.keys(body.readBack)).toEqual(expect.arrayContaining(readBack))));

    // pockets of different depth are rounded up one by one, so the sum of two may come out a step lower
    test('more ease shrinks no outside size by more than a step of the grid', () =>
      forAny((design, _, { ease, share }) => {
        if (clearsItsCorners(design)) return;
        const { least, most } = houseRulesOf(builtInKinds)[ease] as LengthRule;
        const outside = (much: number) =>
          outsideOf(solveDesign({ ...design, rules: { ...design.rules, [ease]: much } }), ease);
        const [before, after] = [outside(least + share * (most - least) * 0.5), outside(most)];
        before.forEach(({ value }, index) =>
          expect(after[index]!.value).toBeGreaterThan(value - gridStep(design.grid) - 1e-6),
        );
      }));

    test('thicker cloth makes nothing thinner, and the piece no narrower', () =>
      forAny((design, before) => {
        const thicker = {
          ...standardShelves,
          materials: standardMaterials.map((each) => ({ ...each, thickness: each.thickness * 1.3 })),
        };
        const after = solveDesign(design, thicker);
        expect(after.closedThickness.value).toBeGreaterThan(before.closedThickness.value);
        // the notes may ask for less leaf where the spine takes more: open, nothing shrinks by more than the grid
        // of a boxed bag the base takes from the face, of a folio the folds from what is folded in, and a tube
        // that is higher opens as far with less length: what goes round counts
        const [wide, wider] = [before, after].map(
          ({ finished, body }) =>
            (body.sizes.flatWidth ?? body.sizes.leaf1 ?? body.sizes.along ?? Object.values(finished)[0]!).value,
        );
        if (clearsItsCorners(design)) return;
        expect(wider).toBeGreaterThan(wide! - 3 * gridStep(design.grid));
      }));

    test('the unit that is shown changes no cut', () =>
      forAny((design, solution) => {
        const sizes = ({ pieces }: Solution) =>
          pieces.map(({ cutWidth, cutHeight }) => [cutWidth.value, cutHeight.value]);
        const other = design.unit === 'mm' ? 'in' : 'mm';
        expect(sizes(solveDesign({ ...design, unit: other }))).toEqual(sizes(solution));
      }));

    test('one edge moved by 1 mm, and its seam does not walk', () =>
      forAny((_, { pieces, seams }, { pick }) => {
        const seam = seams[pick % seams.length]!;
        const part = seam.a.parts[0]!;
        if (!('edge' in part) || part.from !== undefined) return;
        // two of one piece sewn together along the same edge: both move
        const mate = seam.b.parts[0]!;
        if (seam.a.piece === seam.b.piece && 'edge' in mate && mate.edge === part.edge) return;
        const moved = pieces.map((piece) => (piece.id === seam.a.piece ? moveEdge(piece, part.edge, 1) : piece));
        const again = walkSeams(moved, [seam])[0]!;
        expect(again.walks).toBe(false);
      }));
  });
}
