import {
  given,
  largest,
  minus,
  named,
  rounded,
  roundedAmount,
  smallest,
  sum,
  times,
  type Derived,
} from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import type { MeasuredFace } from '../../faces/measure.ts';
import { choiceParam } from '../../holders/params.ts';
import type { Between } from '../../pieces/meeting.ts';
import { foldOver } from '../../sizing/fold-over.ts';
import type { BodyInputs, SizedBody, SizedFace } from '../body-kind.ts';
import { folioParams } from './params.ts';
import { leafLess, rawLip } from './rules.ts';
import { foldGutter, foldSchool, panelSetBack } from '../leaf-rules.ts';
import { topstitchInset } from '../../shelves/rules/common-rules.ts';

export const SHELL = 'body/shell';
export const LINING = 'body/lining';

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
export function sizeFolio(params: Params, faces: MeasuredFace[], inputs: BodyInputs): SizedBody<Folio> {
  const { rules, stacks, grid, pin, usual } = inputs;
  const raw = choiceParam(params, 'edges', folioParams.edges) === 'raw';
  const walls = sum('walls of a leaf', [stacks.exterior, stacks.lining]);
  const packages = packagesOf(faces, walls);
  const leaves = leavesOf(faces, packages, inputs);
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
  const fold = { leafA: NOTHING, leafB: NOTHING, innerThickness: stacks.lining, outerThickness: stacks.exterior };
  const extra = rounded(
    named('shell longer at each fold', foldOver({ ...fold, school: 'rounded' }).outerExtra),
    grid,
    'up',
  );
  const above = raw ? [] : [rules.length(topstitchInset), rules.length(panelSetBack)];
  const lip = raw ? roundedAmount(rules.length(rawLip), grid) : NOTHING;
  const demands = faces.filter(({ occupied }) => occupied).map(({ id, height }) => sum(id, [height, ...above, lip]));
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
  const thickness = (load: 'loaded' | 'empty', label: string) =>
    sum(label, [times(faces.length, walls), ...faces.map((face) => face[load])]);
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
    faces: sizedFaces(detail, inputs),
    closing: {
      kind: 'meeting',
      height: liningHeight,
      leaf: smallest('the narrower leaf', [leaves[0]!, leaves[2]!]),
      // all further leaves are rolled into the third: closed, the edge of the left leaf lies on the shell of the third, beside its fold
      inner: { piece: LINING, at: (distance, up) => [distance, up * liningHeight.value] },
      outer: { piece: SHELL, at: (distance, up) => [beside.value - distance, up * liningHeight.value] },
      leaves: { over: 'body/bottom-leaf-1', base: 'body/bottom-leaf-2', beneath: 'body/bottom-leaf-3' },
      between: { over: betweenLeaves(0, faces, walls), beneath: betweenLeaves(1, faces, walls) },
    },
    detail,
  };
}

const NOTHING = given('nothing', 0, { kind: 'standard', path: 'nothing' });

/** Thickness of each leaf with what is on it and both its walls. */
const packagesOf = (faces: MeasuredFace[], walls: Derived): Derived[] =>
  faces.map(({ id, loaded }) => sum(`${id}, with its walls`, [loaded, walls]));

/** What lies between the linings of a leaf and the next: on both, and all that was folded in before. mm */
function betweenLeaves(index: number, faces: readonly MeasuredFace[], walls: Derived): Between {
  const [one, next, ...folded] = faces.slice(index);
  const within = (load: 'loaded' | 'empty') =>
    sum('between the leaves', [one![load], next![load], ...folded.flatMap((face) => [face[load], walls])]);
  return { full: within('loaded'), empty: within('empty') };
}

/** A leaf that is folded in is narrower than the one it lies on by the thickness it must clear, and a little. */
function leavesOf(faces: MeasuredFace[], packages: Derived[], { rules, grid, pin, usual }: BodyInputs): Derived[] {
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
  const first = pin('body/leaf1', rounded(largest('leaf 1', [usual(LEAST), asked[0]!, ...base]), grid, 'up'));
  const leaves = [first, named('leaf 2', first)];
  for (let index = 2; index < faces.length; index++) {
    const narrower = sum(`leaf ${index + 1}`, [leaves[index - 1]!, minus(step(index))]);
    leaves.push(rounded(narrower, grid, 'down'));
  }
  return leaves;
}
/** What rounding each folded leaf down may take, on the coarsest grid. */
const LEAST_SLACK = given('for rounding', 6.35, { kind: 'standard', path: 'folio/rounding' });

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
