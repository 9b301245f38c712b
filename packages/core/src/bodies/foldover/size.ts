import { given, largest, minus, named, product, rounded, sum, times, type Derived } from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import type { MeasuredFace } from '../../faces/measure.ts';
import { foldOver, turnOfCloth } from '../../sizing/fold-over.ts';
import type { BodyInputs, Hosts, SizedBody, SizedFace } from '../body-kind.ts';

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
}

/** Least leaf of an empty wallet, so that it can be drawn at all, mm. */
const LEAST_LEAF = given('least leaf', 60, { kind: 'standard', path: 'foldover/leastLeaf', source: 'common practice' });

interface Faces {
  inside: MeasuredFace;
  left: MeasuredFace;
  right: MeasuredFace;
}

/** Sizes a bifold from its measured faces: leaves, spine, turn of cloth, height. */
export function sizeFoldover(
  _params: Params,
  measured: MeasuredFace[],
  inputs: BodyInputs,
  hosts: Hosts,
): SizedBody<Foldover> {
  const byId = Object.fromEntries(measured.map((face) => [face.id, face])) as unknown as Faces;
  const across = sizeAcross(byId, inputs);
  const { height, hostHeight } = sizeUp(byId, inputs);
  const detail: Foldover = { ...across, height };
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
    },
    faces: sizedFaces(detail, hostHeight, byId, inputs, hosts),
    closing: {
      kind: 'edge',
      outer: { piece: SHELL, edge: 'left' },
      inner: { piece: LINING, edge: 'right' },
      length: height.value,
      within: 'body/right',
      // the shell is drawn right side up: its right edge is the outer edge of the front (left) leaf
      front: { piece: SHELL, xFromEdge: (distance) => shellWidth.value - distance },
    },
    detail,
  };
}

function sizeAcross({ inside, left, right }: Faces, inputs: BodyInputs): Omit<Foldover, 'height'> {
  const { rules, stacks, grid } = inputs;
  const { lining, exterior } = stacks;
  const school = rules.foldSchool;
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
  const leafWidth = sizeLeaf({ inside, left, right }, spine, inputs);
  const inner = [times(2, leafWidth), spine];
  const liningWidth = sum('lining, seam to seam', liningExtra ? [...inner, liningExtra] : inner);
  const shellWidth = sum('shell, seam to seam', [liningWidth, shellExtra]);
  return { leafWidth, spine, liningExtra, shellExtra, liningWidth, shellWidth };
}

/** Both leaves are as wide as the wider one asks, and together with the spine as wide as the notes ask. */
function sizeLeaf({ inside, left, right }: Faces, spine: Derived, { rules, grid, pin }: BodyInputs): Derived {
  const gutter = rules.length('fold.gutter');
  const demands = [left, right]
    .filter(({ occupied }) => occupied)
    .map(({ id, width }) => sum(`${id} leaf with its gutter`, [width, gutter]));
  if (inside.occupied) {
    const half = given('half', 0.5, { kind: 'standard', path: 'half' }, 'ratio');
    const rest = sum('notes beside the spine', [inside.width, minus(spine)]);
    demands.push(product('half of what the notes ask', [rest, half]));
  }
  return pin('body/leafWidth', rounded(largest('leaf width', [LEAST_LEAF, ...demands]), grid, 'up'));
}

/** Height of the body, and of the layer that the leaves' holders lie on (the note panel ends at its mouth). */
function sizeUp({ inside, left, right }: Faces, inputs: BodyInputs): { height: Derived; hostHeight: Derived } {
  const { rules, grid } = inputs;
  const above = [rules.length('topstitch.inset'), rules.length('panel.setBack')];
  const drop = inside.mouthDrop ? [inside.mouthDrop] : [];
  const demands = [left, right]
    .filter(({ occupied }) => occupied)
    .map(({ id, height }) => sum(`${id} leaf with its top margin`, [height, ...above, ...drop]));
  const notes = inside.occupied ? [inside.height] : [];
  const height = inputs.pin('body/height', rounded(largest('height', [LEAST_LEAF, ...demands, ...notes]), grid, 'up'));
  return { height, hostHeight: sum('up to the mouth', [height, ...drop.map(minus)]) };
}

function sizedFaces(
  { leafWidth, spine, liningExtra, liningWidth, height }: Foldover,
  hostHeight: Derived,
  { inside }: Faces,
  { rules }: BodyInputs,
  hosts: Hosts,
): SizedFace[] {
  const panelWidth = sum('note panel, seam to seam', [times(2, leafWidth), spine]);
  const above = [rules.length('topstitch.inset'), rules.length('panel.setBack')];
  const gutter = rules.length('fold.gutter');
  const room = {
    width: sum('leaf beside the gutter', [leafWidth, minus(gutter)]),
    height: sum('leaf below its top margin', [hostHeight, ...above.map(minus)]),
  };
  const panel = inside.occupied ? hosts.inside : undefined;
  // a note panel is folded double: its front half is the lower half of the flat piece
  const leafHost = panel
    ? { piece: panel, width: panelWidth.value, height: 2 * hostHeight.value }
    : { piece: LINING, width: liningWidth.value, height: height.value };
  const caught = (within: string) => ({ kind: 'caught', within }) as const;
  const stitchedOn = { kind: 'stitchedOn' } as const;
  const lower = { top: stitchedOn, bottom: caught('body/bottom') };
  const leaf = leafWidth.value;
  const beyond = liningWidth.value - leafHost.width;
  return [
    {
      id: 'inside',
      board: { dx: 0, stretch: liningWidth.value / panelWidth.value },
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
      board: { dx: 0, stretch: 1 },
      host: leafHost,
      room: { ...room, x: 0, y: 0, towards: 'left' },
      edges: { ...lower, left: caught('body/left'), right: stitchedOn },
    },
    {
      id: 'right',
      board: { dx: beyond, stretch: 1 },
      host: leafHost,
      room: { ...room, x: leafHost.width - room.width.value, y: 0, towards: 'right' },
      edges: { ...lower, left: stitchedOn, right: caught('body/right') },
    },
  ];
}

function thicknessOf(
  label: string,
  { inside, left, right }: Faces,
  load: 'loaded' | 'empty',
  { stacks }: BodyInputs,
): Derived {
  return sum(label, [
    times(2, stacks.exterior),
    times(2, stacks.lining),
    times(2, inside[load]),
    left[load],
    right[load],
  ]);
}

/** Closed, the cloth beyond the leaves runs round the fold in a half circle. */
function closedWidth({ leafWidth, shellWidth }: Foldover): Derived {
  const round = sum('shell beyond the leaves', [shellWidth, times(-2, leafWidth)]);
  const radius = given('radius of its half circle', 1 / Math.PI, { kind: 'standard', path: 'foldover/fold' }, 'ratio');
  return sum('finished width, closed', [leafWidth, product('stands out at the fold', [round, radius])]);
}
