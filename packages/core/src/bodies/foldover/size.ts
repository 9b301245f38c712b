import { chosen } from '../../holders/params.ts';
import {
  given,
  largest,
  minus,
  named,
  product,
  rounded,
  roundedAmount,
  sum,
  times,
  type Derived,
} from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import { measureFace, type MeasuredFace } from '../../faces/measure.ts';
import { choiceParam, lengthParam } from '../../holders/params.ts';
import { foldOver, turnOfCloth } from '../../sizing/fold-over.ts';
import type { ParamSpec } from '../../holders/holder-kind.ts';
import { edgePart, type EdgeRun } from '../../pieces/seam.ts';
import type { BodyInputs, Hosts, SizedBody, SizedFace } from '../body-kind.ts';
import { leafCorner } from './rules.ts';
import { foldGutter, foldSchool, panelSetBack } from '../leaf-rules.ts';
import { topstitchInset } from '../../shelves/rules/common-rules.ts';

export const SHELL = 'body/shell';
export const LINING = 'body/lining';

/** Driving sizes of a bifold, from the innermost layer outwards. All mm, on the grid. */
export interface Foldover {
  leafWidth: Derived;
  /** Spine of the layer that the leaves' holders lie on. */
  spine: Derived;
  /** How much longer the lining is than the note panel, if there is one. */
  liningExtra: Derived | undefined;
  /** How much longer the shell is than the lining. */
  shellExtra: Derived;
  liningWidth: Derived;
  shellWidth: Derived;
  height: Derived;
  /** Of the corners; 0 for square ones. */
  radius: Derived;
  /** What holders keep clear of rounded edges; 0 for square ones. */
  margin: Derived;
}

/** Least leaf of an empty wallet, so that it can be drawn at all, mm. */
const LEAST_LEAF = given('least leaf', 60, { kind: 'standard', path: 'foldover/leastLeaf', source: 'common practice' });

interface Faces {
  inside: MeasuredFace;
  left: MeasuredFace;
  right: MeasuredFace;
  /** On the outside of the front (left) leaf. */
  front: MeasuredFace;
}

type Rounding = Pick<Foldover, 'radius' | 'margin'>;

/** Sizes a bifold from its measured faces: leaves, spine, turn of cloth, height. */
export function sizeFoldover(
  params: Params,
  measured: MeasuredFace[],
  inputs: BodyInputs,
  hosts: Hosts,
): SizedBody<Foldover> {
  const found = Object.fromEntries(measured.map((face) => [face.id, face])) as unknown as Faces;
  // with rounded corners nothing lies behind both leaves
  const byId = { ...found, inside: found.inside ?? measureFace('inside', undefined, new Map()) };
  const corners = roundingOf(params, inputs);
  const across = sizeAcross(byId, corners, inputs);
  const { height, hostHeight } = sizeUp(byId, corners, inputs);
  const detail: Foldover = { ...across, ...corners, height };
  const { leafWidth, spine, liningWidth, shellWidth, shellExtra } = detail;
  return {
    finished: {
      openWidth: named('finished width, open', liningWidth),
      closedWidth: closedWidth(detail),
      height: named('finished height', height),
    },
    closedThickness: thicknessOf('closed and full', byId, 'loaded', inputs),
    emptyThickness: thicknessOf('closed and empty', byId, 'empty', inputs),
    sizes: {
      leafWidth,
      spine,
      acrossFold: sum('lining across the fold', [spine, ...(across.liningExtra ? [across.liningExtra] : [])]),
      ...(across.liningExtra && { liningExtra: across.liningExtra }),
      shellExtra,
      liningWidth,
      shellWidth,
      ...(detail.radius.value > 0 && { cornerRadius: detail.radius }),
    },
    faces: sizedFaces(detail, hostHeight, byId, inputs, hosts),
    closing: {
      kind: 'edge',
      outer: { piece: SHELL, edge: 'left' },
      inner: { piece: LINING, edge: 'right' },
      length: height.value - 2 * detail.radius.value,
      middle: height.value / 2,
      within: 'body/right',
      // the shell is drawn right side up: its right edge is the outer edge of the front (left) leaf
      front: { piece: SHELL, edge: 'right', xFromEdge: (distance) => shellWidth.value - distance },
      around: zipPath(detail),
      radius: detail.radius,
      leaf: leafWidth,
      height,
      backEdge: (side, from, to) => backEdge(detail, side, from, to),
    },
    detail,
  };
}

export const foldoverParams = {
  corners: {
    kind: 'choice',
    title: 'Corners',
    standard: 'square',
    choices: [
      { id: 'square', title: 'square', why: 'Holders go into the seams; notes fit behind them.' },
      { id: 'rounded', title: 'rounded', why: 'A zipper can run round them; holders stand clear of the edge.' },
    ],
  },
  radius: {
    kind: 'length',
    title: 'Radius of the corners',
    rule: leafCorner,
    when: (params) => chosen(params, 'corners', 'square') === 'rounded',
  },
} as const satisfies Record<string, ParamSpec>;

const NOTHING = given('nothing', 0, { kind: 'standard', path: 'nothing' });
const OUTSIDE = given(
  'corner of a square inside a round one',
  1 - Math.SQRT1_2,
  { kind: 'standard', path: 'corner' },
  'ratio',
);
const CLEAR = given('clear of the seam', 2, { kind: 'standard', path: 'corner/clear', source: 'common practice' });

function roundingOf(params: Params, { rules, grid }: BodyInputs): Rounding {
  if (choiceParam(params, 'corners', foldoverParams.corners) === 'square') return { radius: NOTHING, margin: NOTHING };
  const radius = roundedAmount(lengthParam(params, 'radius', foldoverParams.radius, rules, 'body'), grid);
  const inside = product('square corner inside the round one', [radius, OUTSIDE]);
  return { radius, margin: rounded(sum('clear of the rounded edge', [inside, CLEAR]), grid, 'up') };
}

/** The way of a tape round the lining, from the fold at the bottom of the right leaf to that of the left one. */
function zipPath({ leafWidth, liningWidth, radius }: Foldover): EdgeRun {
  const [leaf, width, r] = [leafWidth.value, liningWidth.value, radius.value];
  const corner = (id: string) => (r > 0 ? [{ edge: `corner-${id}` }] : []);
  return {
    piece: LINING,
    parts: [
      { edge: 'bottom', from: width - leaf - r, to: width - 2 * r },
      ...corner('bottom-right'),
      { edge: 'right' },
      ...corner('top-right'),
      { edge: 'top' },
      ...corner('top-left'),
      { edge: 'left' },
      ...corner('bottom-left'),
      { edge: 'bottom', from: 0, to: leaf - r },
    ],
  };
}

/** The back leaf lies on the left of the shell, which is drawn right side up. */
function backEdge({ shellWidth, radius }: Foldover, side: 'top' | 'bottom', from: number, to: number): EdgeRun {
  const r = radius.value;
  const w = shellWidth.value;
  return side === 'bottom'
    ? edgePart(SHELL, 'bottom', from - r, to - r)
    : edgePart(SHELL, 'top', w - to - r, w - from - r);
}

const caught = (within: string) => ({ kind: 'caught', within }) as const;

function sizeAcross(
  { inside, left, right, front }: Faces,
  corners: Rounding,
  inputs: BodyInputs,
): Omit<Foldover, 'height' | keyof Rounding> {
  const { rules, stacks, grid } = inputs;
  const { lining, exterior } = stacks;
  const school = rules.choice(foldSchool);
  const notes = inside.occupied;
  const innerThickness = notes ? named('note panel', inside.empty) : lining;
  const leaves = { leafA: left.loaded, leafB: right.loaded };
  const fold = foldOver({ ...leaves, innerThickness, outerThickness: notes ? lining : exterior, school });
  const spine = inputs.pin('body/spine', rounded(named('spine', fold.spine), grid, 'up'));
  const between = sum('notes between', [inside.loaded, minus(inside.empty)]);
  const noteTurn = turnOfCloth({ innerThickness, outerThickness: lining, between });
  const liningExtra = notes ? rounded(named('lining longer than note panel', noteTurn), grid, 'up') : undefined;
  const shellTurn = turnOfCloth({ innerThickness: lining, outerThickness: exterior });
  const shellExtra = rounded(named('shell longer than lining', shellTurn), grid, 'up');
  const leafWidth = sizeLeaf({ inside, left, right, front }, spine, corners, inputs);
  const inner = [times(2, leafWidth), spine];
  const liningWidth = sum('lining, seam to seam', liningExtra ? [...inner, liningExtra] : inner);
  const shellWidth = sum('shell, seam to seam', [liningWidth, shellExtra]);
  return { leafWidth, spine, liningExtra, shellExtra, liningWidth, shellWidth };
}

/** Both leaves are as wide as the wider one asks, and together with the spine as wide as the notes ask. */
function sizeLeaf(
  { inside, left, right, front }: Faces,
  spine: Derived,
  { radius, margin }: Rounding,
  { rules, grid, pin, usual }: BodyInputs,
): Derived {
  const gutter = rules.length(foldGutter);
  const demands = [left, right, front]
    .filter(({ occupied }) => occupied)
    .map(({ id, width }) => sum(`${id} leaf with its gutter`, [width, gutter, margin]));
  if (inside.occupied) {
    const half = given('half', 0.5, { kind: 'standard', path: 'half' }, 'ratio');
    const rest = sum('notes beside the spine', [inside.width, minus(spine)]);
    demands.push(product('half of what the notes ask', [rest, half]));
  }
  return pin(
    'body/leafWidth',
    rounded(largest('leaf width', [sum('least leaf', [usual(LEAST_LEAF), radius]), ...demands]), grid, 'up'),
  );
}

/** Height of the body, and of the layer that the leaves' holders lie on (the note panel ends at its mouth). */
function sizeUp(
  { inside, left, right, front }: Faces,
  { radius, margin }: Rounding,
  inputs: BodyInputs,
): { height: Derived; hostHeight: Derived } {
  const { rules, grid, usual } = inputs;
  const above = [rules.length(topstitchInset), rules.length(panelSetBack)];
  const drop = inside.mouthDrop ? [inside.mouthDrop] : [];
  const onLeaf = [left, right].map((face) => ({ ...face, drop }));
  const demands = [...onLeaf, { ...front, drop: [] }]
    .filter(({ occupied }) => occupied)
    .map((face) => sum(`${face.id} leaf with its top margin`, [face.height, ...above, ...face.drop, times(2, margin)]));
  const notes = inside.occupied ? [inside.height] : [];
  const height = inputs.pin(
    'body/height',
    rounded(
      largest('height', [sum('least height', [usual(LEAST_LEAF), times(2, radius)]), ...demands, ...notes]),
      grid,
      'up',
    ),
  );
  return { height, hostHeight: sum('up to the mouth', [height, ...drop.map(minus)]) };
}

function sizedFaces(
  detail: Foldover,
  hostHeight: Derived,
  { inside }: Faces,
  { rules }: BodyInputs,
  hosts: Hosts,
): SizedFace[] {
  const { leafWidth, spine, liningExtra, liningWidth, shellWidth, height, margin } = detail;
  const panelWidth = sum('note panel, seam to seam', [times(2, leafWidth), spine]);
  const above = [rules.length(topstitchInset), rules.length(panelSetBack)];
  const gutter = rules.length(foldGutter);
  const room = {
    width: sum('leaf beside the gutter', [leafWidth, minus(gutter), minus(margin)]),
    height: sum('leaf below its top margin', [hostHeight, ...above.map(minus), times(-2, margin)]),
  };
  const panel = inside.occupied ? hosts.inside : undefined;
  // a note panel is folded double: its front half is the lower half of the flat piece
  const leafHost = panel
    ? { piece: panel, width: panelWidth.value, height: 2 * hostHeight.value }
    : { piece: LINING, width: liningWidth.value, height: height.value };
  const stitchedOn = { kind: 'stitchedOn' } as const;
  // rounded edges are left to the body alone
  const rim = (within: string) => (margin.value > 0 ? stitchedOn : caught(within));
  const lower = { top: stitchedOn, bottom: rim('body/bottom') };
  const leaf = leafWidth.value;
  return [
    {
      id: 'inside',
      seat: 'inside',
      host: { piece: LINING, width: liningWidth.value, height: height.value },
      room: { x: 0, y: 0, width: panelWidth, height: hostHeight, towards: 'left' },
      edges: {
        left: caught('body/left'),
        right: caught('body/right'),
        bottom: caught('body/bottom'),
        top: { kind: 'free' },
      },
      ...(liningExtra && {
        bottomEase: {
          by: liningExtra,
          between: ['spine-left', 'spine-right'],
          notchesAt: [leaf, panelWidth.value - leaf],
        },
      }),
    },
    {
      id: 'left',
      seat: 'leaf',
      host: leafHost,
      room: { ...room, x: margin.value, y: margin.value, towards: 'left' },
      edges: { ...lower, left: rim('body/left'), right: stitchedOn },
    },
    {
      id: 'right',
      seat: 'leaf',
      host: leafHost,
      room: { ...room, x: leafHost.width - room.width.value - margin.value, y: margin.value, towards: 'right' },
      edges: { ...lower, left: stitchedOn, right: rim('body/right') },
    },
    {
      id: 'front',
      seat: 'wall',
      host: { piece: SHELL, width: shellWidth.value, height: height.value },
      room: {
        ...room,
        height: sum('front below its top margin', [height, ...above.map(minus), times(-2, margin)]),
        // the shell is drawn right side up: the front leaf is on its right
        x: shellWidth.value - margin.value - room.width.value,
        y: margin.value,
        towards: 'middle',
      },
      edges: { left: stitchedOn, right: rim('body/left'), bottom: rim('body/bottom'), top: { kind: 'free' } },
    },
  ];
}

function thicknessOf(
  label: string,
  { inside, left, right, front }: Faces,
  load: 'loaded' | 'empty',
  { stacks }: BodyInputs,
): Derived {
  return sum(label, [
    times(2, stacks.exterior),
    times(2, stacks.lining),
    times(2, inside[load]),
    left[load],
    right[load],
    front[load],
  ]);
}

/** Closed, the cloth beyond the leaves runs round the fold in a half circle. */
function closedWidth({ leafWidth, shellWidth }: Foldover): Derived {
  const round = sum('shell beyond the leaves', [shellWidth, times(-2, leafWidth)]);
  const radius = given('radius of its half circle', 1 / Math.PI, { kind: 'standard', path: 'foldover/fold' }, 'ratio');
  return sum('finished width, closed', [leafWidth, product('stands out at the fold', [round, radius])]);
}
