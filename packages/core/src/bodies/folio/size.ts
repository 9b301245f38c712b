import {
  given,
  largest,
  minus,
  named,
  product,
  rounded,
  roundedAmount,
  smallest,
  sum,
  times,
  type Derived,
} from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import { measureFace, type MeasuredFace } from '../../faces/measure.ts';
import { choiceParam, lengthParam } from '../../holders/params.ts';
import type { Between } from '../../pieces/meeting.ts';
import { farther } from '../../holders/face-pocket/pocket.ts';
import { openDepth } from '../../sizing/depth.ts';
import { foldOver } from '../../sizing/fold-over.ts';
import { rectHalfGirth, tubeAround } from '../../sizing/tube-width.ts';
import type { BodyInputs, SizedBody, SizedFace } from '../body-kind.ts';
import { folioParams } from './params.ts';
import { leafLess, rawLip } from './rules.ts';
import { foldGutter, foldSchool, panelSetBack } from '../leaf-rules.ts';
import { topstitchInset } from '../../shelves/rules/common-rules.ts';

export const SHELL = 'body/shell';
export const LINING = 'body/lining';
/** The face behind the inner panel. */
export const NOTES = 'notes';

/** Driving sizes of a folio, along the stitch lines, on the grid. All mm. Leaves from the left, seen from the inside. */
export interface Folio {
  raw: boolean;
  leaves: Derived[];
  /** Between each two leaves, on the lining. */
  spines: Derived[];
  /** How much longer the shell is at each fold. */
  extra: Derived;
  height: Derived;
  /** Of the inner panel; with raw edges it leaves a lip at the top. */
  liningHeight: Derived;
}

const LEAST = given('least leaf', 50, { kind: 'standard', path: 'folio/leastLeaf', source: 'common practice' });

/** Where leaves and folds of a layer end, from the left of the lining, mm.
 * @param extra of the shell at each fold; 0 of the lining */
export function boundaries({ leaves, spines }: Folio, extra = 0): number[] {
  let at = 0;
  return leaves.flatMap((leaf, index) => {
    const from = at;
    at += leaf.value;
    const to = at;
    at += (spines[index]?.value ?? 0) + (spines[index] ? extra : 0);
    return [from, to];
  });
}

/** Sizes a folio: the right leaf folds in first, each next fold goes round all that is already inside. */
export function sizeFolio(params: Params, all: MeasuredFace[], inputs: BodyInputs): SizedBody<Folio> {
  const narrow = isNarrow(params);
  const measured = all.filter(({ id }) => id !== NOTES);
  const notes = all.find(({ id, occupied }) => id === NOTES && occupied);
  const faces = narrow ? [measureFace('leaf-1', undefined, new Map()), ...measured] : measured;
  const { rules, stacks, grid, pin, usual } = inputs;
  const raw = choiceParam(params, 'edges', folioParams.edges) === 'raw';
  // what lies behind the inner panel lies behind all leaves
  const bare = sum('walls of a leaf', [stacks.exterior, stacks.lining]);
  const walls = notes ? sum('walls of a leaf, and what lies between them', [bare, notes.loaded]) : bare;
  const packages = packagesOf(faces, walls);
  const leaves = leavesOf(faces, packages, { flap: narrow ? flapOf(params, inputs) : undefined, notes }, inputs);
  const spines = faces.slice(0, -1).map((face, index) => {
    // between the linings of two leaves lies what is on them, and all that was folded in before
    const { spine } = foldOver({
      leafA: face.loaded,
      leafB: sum('on the next leaf, and folded in', [faces[index + 1]!.loaded, ...packages.slice(index + 2)]),
      innerThickness: stacks.lining,
      outerThickness: stacks.exterior,
      school: rules.choice(foldSchool),
    });
    return pin(`body/spine${index + 1}`, rounded(named(`spine ${index + 1}`, spine), grid, 'up'));
  });
  const fold = {
    leafA: NOTHING,
    leafB: NOTHING,
    innerThickness: notes ? sum('inner panel and what lies behind it', [stacks.lining, notes.loaded]) : stacks.lining,
    outerThickness: stacks.exterior,
  };
  const extra = rounded(
    named('shell longer at each fold', foldOver({ ...fold, school: 'rounded' }).outerExtra),
    grid,
    'up',
  );
  const above = raw ? [] : [rules.length(topstitchInset), rules.length(panelSetBack)];
  const lip = raw ? roundedAmount(rules.length(rawLip), grid) : NOTHING;
  const asks = faces.filter(({ occupied }) => occupied).map(({ id, height }) => sum(id, [height, ...above, lip]));
  const demands = notes ? [...asks, sum('behind the inner panel', [upFor(notes, inputs), lip])] : asks;
  const height = pin('body/height', rounded(largest('height', [usual(LEAST), ...demands]), grid, 'up'));
  const liningHeight = sum('inner panel, high', [height, minus(lip)]);
  const detail: Folio = { raw, leaves, spines, extra, height, liningHeight };
  const width = sum('lining, seam to seam', [...leaves, ...spines]);
  const shell = sum('shell, seam to seam', [width, times(spines.length, extra)]);
  const beside = sum('shell, from its edge to the fold of the third leaf', [
    ...leaves.slice(2),
    ...spines.slice(2),
    times(spines.length - 2, extra),
  ]);
  // a narrow flap ends so far before that fold
  const short = leaves[1]!.value - leaves[0]!.value;
  const thickness = (load: 'loaded' | 'empty', label: string) =>
    sum(label, [times(faces.length, load === 'loaded' ? walls : bare), ...faces.map((face) => face[load])]);
  return {
    finished: {
      openWidth: named('finished width, open', width),
      closedWidth: named('finished width, closed', largest('widest leaf', leaves)),
      height: named('finished height', height),
    },
    closedThickness: thickness('loaded', 'closed and full'),
    emptyThickness: thickness('empty', 'closed and empty'),
    sizes: {
      ...Object.fromEntries(leaves.map((leaf, index) => [`leaf${index + 1}`, leaf])),
      ...Object.fromEntries(spines.map((spine, index) => [`spine${index + 1}`, spine])),
      shellExtra: extra,
      liningWidth: width,
      shellWidth: shell,
      height,
    },
    faces: [...sizedFaces(detail, inputs).slice(narrow ? 1 : 0), ...(raw ? [notesFace(detail)] : [])],
    closing: {
      kind: 'meeting',
      height: liningHeight,
      leaf: narrow ? onThird(leaves) : smallest('the narrower leaf', [leaves[0]!, leaves[2]!]),
      // all further leaves are rolled into the third: closed, the edge of the left leaf lies on the shell of the third, beside its fold
      inner: { piece: LINING, at: (distance, up) => [distance, up * liningHeight.value] },
      outer: { piece: SHELL, at: (distance, up) => [beside.value - short - distance, up * liningHeight.value] },
      leaves: { over: 'body/bottom-leaf-1', base: 'body/bottom-leaf-2', beneath: 'body/bottom-leaf-3' },
      between: { over: betweenLeaves(0, faces, { walls, bare }), beneath: betweenLeaves(1, faces, { walls, bare }) },
    },
    detail,
  };
}

const NOTHING = given('nothing', 0, { kind: 'standard', path: 'nothing' });

/** Thickness of each leaf with what is on it and both its walls. */
const packagesOf = (faces: MeasuredFace[], walls: Derived): Derived[] =>
  faces.map(({ id, loaded }) => sum(`${id}, with its walls`, [loaded, walls]));

/** What lies between the linings of a leaf and the next: on both, and all that was folded in before. mm */
function betweenLeaves(
  index: number,
  faces: readonly MeasuredFace[],
  { walls, bare }: Record<'walls' | 'bare', Derived>,
): Between {
  const [one, next, ...folded] = faces.slice(index);
  const within = (load: 'loaded' | 'empty') =>
    sum('between the leaves', [
      one![load],
      next![load],
      ...folded.flatMap((face) => [face[load], load === 'loaded' ? walls : bare]),
    ]);
  return { full: within('loaded'), empty: within('empty') };
}

/** A leaf that is folded in is narrower than the one it lies on by the thickness it must clear, and a little. */
function leavesOf(
  faces: MeasuredFace[],
  packages: Derived[],
  { flap, notes }: { flap: Derived | undefined; notes: MeasuredFace | undefined },
  { rules, grid, pin, usual, reach }: BodyInputs,
): Derived[] {
  const less = rules.length(leafLess);
  const gutter = rules.length(foldGutter);
  const asked = faces.map(({ id, occupied, width }, index) => {
    const gutters = index === 0 || index === faces.length - 1 ? 1 : 2;
    return occupied ? sum(`${id} with its gutters`, [width, times(gutters, gutter)]) : usual(LEAST);
  });
  const step = (index: number): Derived => sum('narrower by', [...packages.slice(index), less]);
  // what leaf 2, on which all others lie, must be so that every leaf folded in is wide enough
  const base = asked.slice(1).map((size, index) => {
    const folded = Array.from({ length: index }, (_, inner) => step(inner + 2));
    return sum('asked through what is folded in', [size, ...folded, ...(index > 0 ? [LEAST_SLACK] : [])]);
  });
  const overAll = notes ? [shareOf(acrossFor(notes, reach), packages, step, flap !== undefined)] : [];
  const widest = flap ? 'leaf 2' : 'leaf 1';
  const first = pin(
    flap ? 'body/leaf2' : 'body/leaf1',
    rounded(largest(widest, [usual(LEAST), ...(flap ? [] : [asked[0]!]), ...base, ...overAll]), grid, 'up'),
  );
  const leaves = [first, named('leaf 2', first)];
  for (let index = 2; index < faces.length; index++) {
    const narrower = sum(`leaf ${index + 1}`, [leaves[index - 1]!, minus(step(index))]);
    leaves.push(rounded(narrower, grid, 'down'));
  }
  return flap ? [flapOn(leaves, flap, { grid, pin }), ...leaves.slice(1)] : leaves;
}

/** Between both panels, across and up: as what lies there asks, and what its thickness takes. mm */
const acrossFor = ({ width, loaded }: MeasuredFace, { lining, exterior }: BodyInputs['reach']): Derived =>
  tubeAround(rectHalfGirth(width, loaded), { front: lining, back: exterior }, NOTHING);
const upFor = ({ height, loaded }: MeasuredFace, { reach: { lining, exterior } }: BodyInputs): Derived =>
  openDepth({ sunk: height, thickness: loaded, reach: farther({ front: lining, back: exterior }) });

/** What each leaf must be so that something goes over all of them, those that are folded in being narrower. mm
 * @param narrow the first leaf does not count */
function shareOf(across: Derived, packages: readonly Derived[], step: (index: number) => Derived, narrow: boolean) {
  const count = packages.length - (narrow ? 1 : 0);
  // leaf 4 is narrower than leaf 3, and that than the first two
  const folded = packages.slice(2).flatMap((_, index) => {
    const steps = packages.length - 2 - index;
    return [times(steps, step(index + 2)), times(steps, LEAST_SLACK)];
  });
  const share = given('share of a leaf', 1 / count, { kind: 'standard', path: 'folio/share' }, 'ratio');
  return product('as wide as what lies behind all asks', [sum('over all leaves', [across, ...folded]), share]);
}

/** Whether the left leaf is a narrow flap. */
export const isNarrow = (params: Params): boolean => choiceParam(params, 'cover', folioParams.cover) === 'narrow';

const flapOf = (params: Params, { rules }: BodyInputs): Derived =>
  lengthParam(params, 'flap', folioParams.flap, rules, 'body');

/** Common practice: a flap that is to be held by a magnet lies so far on what it closes. */
const HOLDS = given('lies on the third leaf by', 30, {
  kind: 'standard',
  path: 'folio/holds',
  source: 'common practice',
});

/** As wide as it is asked, so far that it holds what was folded in, and no wider than what it folds onto. */
function flapOn(leaves: readonly Derived[], asked: Derived, { grid, pin }: Pick<BodyInputs, 'grid' | 'pin'>): Derived {
  const least = sum('past the edge of the third leaf', [leaves[1]!, minus(leaves[2]!), HOLDS]);
  const wide = smallest('leaf 1', [largest('flap', [asked, least]), leaves[1]!]);
  return pin('body/leaf1', rounded(wide, grid, 'up'));
}

/** How far a narrow flap lies on the third leaf, which is narrower than the second. mm */
const onThird = ([flap, base, third]: readonly Derived[]): Derived =>
  sum('flap on the third leaf', [flap!, minus(base!), third!]);
/** What rounding each folded leaf down may take, on the coarsest grid. */
const LEAST_SLACK = given('for rounding', 6.35, { kind: 'standard', path: 'folio/rounding' });

/** Between the panels, open at the lip. */
function notesFace({ leaves, spines, liningHeight }: Folio): SizedFace {
  const width = sum('inner panel', [...leaves, ...spines]);
  const free = { kind: 'free' } as const;
  const side = (seam: string, of: 'a' | 'b') => ({ seam: `body/${seam}`, side: of }) as const;
  return {
    id: NOTES,
    seat: 'file',
    host: { piece: LINING, width: width.value, height: liningHeight.value },
    room: { x: 0, y: 0, width, height: liningHeight, towards: 'left' },
    edges: { left: free, right: free, bottom: free, top: free },
    rings: [
      {
        walls: [
          {
            piece: LINING,
            left: side('left', 'b'),
            right: side('right', 'b'),
            base: { edge: 'bottom' },
            mouth: { edge: 'top' },
          },
          {
            piece: SHELL,
            left: side('right', 'a'),
            right: side('left', 'a'),
            base: { edge: 'bottom' },
            mouth: { edge: 'top' },
          },
        ],
      },
    ],
  };
}

function sizedFaces(detail: Folio, { rules }: BodyInputs): SizedFace[] {
  const { leaves, liningHeight, raw } = detail;
  const ends = boundaries(detail);
  const width = ends[ends.length - 1]!;
  const gutter = rules.length(foldGutter);
  const above = raw ? [] : [rules.length(topstitchInset), rules.length(panelSetBack)];
  const height = sum('leaf below its top margin', [liningHeight, ...above.map(minus)]);
  const caught = (within: string) => ({ kind: 'caught', within }) as const;
  const stitchedOn = { kind: 'stitchedOn' } as const;
  return leaves.map((leaf, index): SizedFace => {
    const [first, last] = [index === 0, index === leaves.length - 1];
    const gutters = first || last ? 1 : 2;
    return {
      id: `leaf-${index + 1}`,
      seat: 'leaf',
      host: { piece: LINING, width, height: liningHeight.value },
      room: {
        x: ends[2 * index]! + (first ? 0 : gutter.value),
        y: 0,
        width: sum('leaf beside its gutters', [leaf, times(-gutters, gutter)]),
        height,
        towards: first ? 'left' : last ? 'right' : 'middle',
      },
      edges: {
        top: stitchedOn,
        bottom: caught(`body/bottom-leaf-${index + 1}`),
        left: first ? caught('body/left') : stitchedOn,
        right: last ? caught('body/right') : stitchedOn,
      },
    };
  });
}
