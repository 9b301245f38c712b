import { half } from '../../derived/constants.ts';
import { given, largest, minus, named, product, rounded, sum, times, type Derived } from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import { measureFace, type MeasuredFace } from '../../faces/measure.ts';
import { foldOver, turnOfCloth } from '../../sizing/fold-over.ts';
import type { BodyInputs, Hosts, SizedBody } from '../body-kind.ts';
import { closingOf } from './closing.ts';
import { sizedFaces, type Faces } from './faces.ts';
import { behind, sides, type Foldover, type LeafSide } from './params.ts';
import { roundingOf, type Rounding } from '../rounding.ts';
import { foldGutter, foldSchool, panelSetBack } from '../leaf-rules.ts';
import { topstitchInset } from '../../shelves/rules/common-rules.ts';

/** Least leaf of an empty wallet, so that it can be drawn at all, mm. */
const LEAST_LEAF = given('least leaf', 60, { kind: 'standard', path: 'foldover/leastLeaf', source: 'common practice' });

/** Sizes a bifold from its measured faces: leaves, spine, turn of cloth, height. */
export function sizeFoldover(
  params: Params,
  measured: MeasuredFace[],
  inputs: BodyInputs,
  hosts: Hosts,
): SizedBody<Foldover> {
  const found = Object.fromEntries(measured.map((face) => [face.id, face])) as unknown as Faces;
  // with rounded corners nothing lies behind both leaves
  const none = (id: string) => measureFace(id, undefined, new Map());
  const byId: Faces = {
    ...found,
    inside: found.inside ?? none('inside'),
    'left-behind': found['left-behind'] ?? none('left-behind'),
    'right-behind': found['right-behind'] ?? none('right-behind'),
  };
  const corners = roundingOf(params, inputs);
  const onPanel = (side: LeafSide) => hosts[behind(side)] !== undefined;
  const { height, hostHeight } = sizeUp(byId, { ...corners, onPanel }, inputs);
  const thick = {
    full: thicknessOf('closed and full', byId, 'loaded', inputs),
    empty: thicknessOf('closed and empty', byId, 'empty', inputs),
  };
  const across = sizeAcross(byId, { ...corners, height, thick: thick.full, onPanel }, inputs);
  const detail: Foldover = {
    ...across,
    ...corners,
    height,
    flap: inputs.overEdge !== undefined,
    turnedBelow: inputs.alongTop ?? false,
  };
  const { leafWidth, spine, liningWidth, shellWidth, shellExtra } = detail;
  return {
    finished: {
      openWidth: named('finished width, open', liningWidth),
      closedWidth: closedWidth(detail),
      height: named('finished height', height),
    },
    closedThickness: withClosure(thick.full, inputs.overEdge?.thick.full),
    emptyThickness: withClosure(thick.empty, inputs.overEdge?.thick.empty),
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
    closing: closingOf(detail, thick),
    detail,
  };
}

/** Whether what is sewn onto a leaf lies on the panel of the room behind it. */
type OnPanel = (side: LeafSide) => boolean;

/** What a leaf is sized by besides its faces: how it is rounded, its height, and how thick the full piece is. */
interface Around extends Rounding {
  height: Derived;
  thick: Derived;
  onPanel: OnPanel;
}

function sizeAcross(
  faces: Faces,
  around: Around,
  inputs: BodyInputs,
): Omit<Foldover, 'height' | 'flap' | 'turnedBelow' | keyof Rounding> {
  const { rules, stacks, grid } = inputs;
  const { lining, exterior } = stacks;
  const school = rules.choice(foldSchool);
  const { inside } = faces;
  const notes = inside.occupied;
  const innerThickness = notes ? named('note panel', inside.empty) : lining;
  const onBoth = faces.across.occupied ? faces.across.loaded : undefined;
  const leaves = { leafA: onBoth ?? leafLoaded(faces, 'left'), leafB: onBoth ?? leafLoaded(faces, 'right') };
  const fold = foldOver({ ...leaves, innerThickness, outerThickness: notes ? lining : exterior, school });
  const spine = inputs.pin('body/spine', rounded(named('spine', fold.spine), grid, 'up'));
  const between = sum('notes between', [inside.loaded, minus(inside.empty)]);
  const noteTurn = turnOfCloth({ innerThickness, outerThickness: lining, between });
  const liningExtra = notes ? rounded(named('lining longer than note panel', noteTurn), grid, 'up') : undefined;
  const shellTurn = turnOfCloth({ innerThickness: lining, outerThickness: exterior });
  const shellExtra = rounded(named('shell longer than lining', shellTurn), grid, 'up');
  const leafWidth = sizeLeaf(faces, spine, around, inputs);
  const inner = [times(2, leafWidth), spine];
  const liningWidth = sum('lining, seam to seam', liningExtra ? [...inner, liningExtra] : inner);
  const shellWidth = sum('shell, seam to seam', [liningWidth, shellExtra]);
  return { leafWidth, spine, liningExtra, shellExtra, liningWidth, shellWidth };
}

/** Both leaves are as wide as the wider one asks, and together with the spine as wide as the notes ask. */
function sizeLeaf(
  faces: Faces,
  spine: Derived,
  { radius, margin, height, thick, onPanel: isOnPanel }: Around,
  { rules, grid, pin, usual, overEdge }: BodyInputs,
): Derived {
  const { inside, front, across } = faces;
  const gutter = rules.length(foldGutter);
  const onPanel = [rules.length(topstitchInset), rules.length(panelSetBack)];
  const demands = [
    ...sides.flatMap((side) => [
      { face: faces[side], more: isOnPanel(side) ? onPanel : [] },
      { face: faces[behind(side)], more: [] },
    ]),
    { face: front, more: [] },
  ]
    .filter(({ face }) => face.occupied)
    .map(({ face, more }) => sum(`${face.id} leaf with its gutter`, [face.width, gutter, margin, ...more]));
  if (across.occupied)
    demands.push(
      sum('half of what lies across the fold', [product('half of it', [across.width, half]), margin, ...onPanel]),
    );
  if (inside.occupied) {
    const rest = sum('notes beside the spine', [inside.width, minus(spine)]);
    demands.push(product('half of what the notes ask', [rest, half]));
  }
  if (overEdge) demands.push(overEdge.front(sum('edge between the corners', [height, times(-2, radius)]), thick));
  return pin(
    'body/leafWidth',
    rounded(largest('leaf width', [sum('least leaf', [usual(LEAST_LEAF), radius]), ...demands]), grid, 'up'),
  );
}

/** Height of the body, and of the layer that the leaves' holders lie on (the note panel ends at its mouth). */
function sizeUp(
  faces: Faces,
  { radius, margin, onPanel }: Rounding & { onPanel: OnPanel },
  inputs: BodyInputs,
): { height: Derived; hostHeight: Derived } {
  const { rules, grid, usual } = inputs;
  const above = [rules.length(topstitchInset), rules.length(panelSetBack)];
  const { inside, front, across } = faces;
  const drop = inside.mouthDrop ? [inside.mouthDrop] : [];
  const onLeaf = sides.flatMap((side) => [
    // what is sewn onto the panel of a room lies below the upper edge of that
    { ...faces[side], drop: onPanel(side) ? [...drop, ...above] : drop },
    { ...faces[behind(side)], drop },
  ]);
  const demands = [...onLeaf, { ...front, drop: [] }, { ...across, drop: [] }]
    .filter(({ occupied }) => occupied)
    .map((face) => sum(`${face.id}, with its top margin`, [face.height, ...above, ...face.drop, times(2, margin)]));
  const notes = inside.occupied ? [inside.height] : [];
  const flap = inputs.overEdge
    ? [sum('edge of the flap, and both corners', [inputs.overEdge.edge, times(2, radius)])]
    : [];
  const height = inputs.pin(
    'body/height',
    rounded(
      largest('height', [sum('least height', [usual(LEAST_LEAF), times(2, radius)]), ...demands, ...notes, ...flap]),
      grid,
      'up',
    ),
  );
  return { height, hostHeight: sum('up to the mouth', [height, ...drop.map(minus)]) };
}

/** Of a leaf, with what lies behind it. */
const leafLoaded = (faces: Faces, side: LeafSide, load: 'loaded' | 'empty' = 'loaded'): Derived =>
  faces[behind(side)].occupied
    ? sum(`${side} leaf, ${load}`, [faces[side][load], faces[behind(side)][load]])
    : faces[side][load];

function thicknessOf(label: string, faces: Faces, load: 'loaded' | 'empty', { stacks }: BodyInputs): Derived {
  return sum(label, [
    times(2, stacks.exterior),
    times(2, stacks.lining),
    times(2, faces.inside[load]),
    ...sides.map((side) => leafLoaded(faces, side, load)),
    times(2, faces.across[load]),
    faces.front[load],
  ]);
}

/** With what goes over its edge, where that holds things. */
const withClosure = (thick: Derived, flap: Derived | undefined): Derived =>
  flap ? sum(thick.label, [thick, flap]) : thick;

/** Closed, the cloth beyond the leaves runs round the fold in a half circle. */
function closedWidth({ leafWidth, shellWidth }: Foldover): Derived {
  const round = sum('shell beyond the leaves', [shellWidth, times(-2, leafWidth)]);
  const radius = given('radius of its half circle', 1 / Math.PI, { kind: 'standard', path: 'foldover/fold' }, 'ratio');
  return sum('finished width, closed', [leafWidth, product('stands out at the fold', [round, radius])]);
}
