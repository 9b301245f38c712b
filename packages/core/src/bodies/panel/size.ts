import { given, largest, minus, named, rounded, sum, times, type Derived } from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import type { MeasuredFace } from '../../faces/measure.ts';
import { edgePart } from '../../pieces/seam.ts';
import { topstitchInset } from '../../shelves/rules/common-rules.ts';
import type { BodyInputs, ClosingEdge, SizedBody, SizedFace } from '../body-kind.ts';
import { panelSetBack } from '../leaf-rules.ts';
import { roundingOf } from '../rounding.ts';
import { INNER, LINING, OUTER, SHELL, type Panel } from './params.ts';

const LEAST = given('least side', 60, { kind: 'standard', path: 'panel/least', source: 'common practice' });

/** Sizes a panel from what is sewn onto both of its sides, and from what goes over its upper edge. */
export function sizePanel(params: Params, [inner, outer]: MeasuredFace[], inputs: BodyInputs): SizedBody<Panel> {
  const faces = { inner: inner!, outer: outer! };
  const corners = roundingOf(params, inputs);
  const { radius, margin } = corners;
  const { rules, grid, usual, pin, overEdge, stacks } = inputs;
  const held = Object.values(faces).filter(({ occupied }) => occupied);
  const least = sum('least side', [usual(LEAST), times(2, radius)]);
  const both = (size: Derived): Derived => sum(size.label, [size, times(2, margin)]);
  const across = [
    ...held.map((face) => both(face.width)),
    ...(overEdge ? [sum('edge of the flap, and both corners', [overEdge.edge, times(2, radius)])] : []),
  ];
  const width = pin('body/width', rounded(largest('width', [least, ...across]), grid, 'up'));
  const thick = (state: 'loaded' | 'empty') => {
    const beneath = sum(`beneath the flap, ${state}`, [stacks.exterior, stacks.lining, faces.inner[state]]);
    return { beneath, all: sum(`closed, ${state}`, [beneath, faces.outer[state]]) };
  };
  const [full, empty] = [thick('loaded'), thick('empty')];
  const edge = sum('edge between the corners', [width, times(-2, radius)]);
  const above = [rules.length(topstitchInset), rules.length(panelSetBack)];
  const up = [
    ...held.map((face) => sum(`${face.id}, with its top margin`, [both(face.height), ...above])),
    ...(overEdge ? [overEdge.front(edge, full.beneath)] : []),
  ];
  const height = pin('body/height', rounded(largest('height', [least, ...up]), grid, 'up'));
  const detail: Panel = { ...corners, width, height, flap: overEdge !== undefined };
  const withFlap = (all: Derived, flap: Derived | undefined) => (flap ? sum(all.label, [all, flap]) : all);
  return {
    finished: { width: named('finished width', width), height: named('finished height', height) },
    closedThickness: withFlap(full.all, overEdge?.thick.full),
    emptyThickness: withFlap(empty.all, overEdge?.thick.empty),
    sizes: { width, height, ...(radius.value > 0 && { cornerRadius: radius }) },
    faces: sizedFaces(detail, inputs),
    closing: closingOf(detail, { full: full.beneath, empty: empty.beneath }),
    detail,
  };
}

function sizedFaces({ width, height, margin }: Panel, { rules }: BodyInputs): SizedFace[] {
  const above = [rules.length(topstitchInset), rules.length(panelSetBack)];
  const room = {
    x: margin.value,
    y: margin.value,
    width: sum('between both edges', [width, times(-2, margin)]),
    height: sum('panel below its top margin', [height, ...above.map(minus), times(-2, margin)]),
    towards: 'middle',
  } as const;
  const host = (piece: string) => ({ piece, width: width.value, height: height.value });
  // rounded edges are left to the body alone
  const rim = (side: string) =>
    margin.value > 0 ? ({ kind: 'stitchedOn' } as const) : ({ kind: 'caught', within: `body/${side}` } as const);
  const top = { kind: 'stitchedOn' } as const;
  return [
    {
      id: INNER,
      seat: 'leaf',
      host: host(LINING),
      room,
      edges: { left: rim('left'), right: rim('right'), bottom: rim('bottom'), top },
    },
    {
      id: OUTER,
      seat: 'wall',
      host: host(SHELL),
      room,
      // drawn right side up, the shell mirrors the lining
      edges: { left: rim('right'), right: rim('left'), bottom: rim('bottom'), top },
    },
  ];
}

/** It is closed over its upper edge: what is caught there lies on the inner side. */
function closingOf({ width, height, radius }: Panel, thick: ClosingEdge['thick']): ClosingEdge {
  const [wide, high, r] = [width.value, height.value, radius.value];
  return {
    kind: 'edge',
    outer: { piece: SHELL, edge: 'top' },
    inner: { piece: LINING, edge: 'top' },
    length: wide - 2 * r,
    within: 'body/top',
    back: 'the shell',
    front: {
      piece: LINING,
      edge: 'top',
      name: 'the lining',
      at: (distance, aside) => [wide / 2 + aside, high - distance],
      face: INNER,
    },
    radius,
    leaf: height,
    along: width,
    plate: { width, height },
    thick,
    // upwards on the right of the shell, downwards on its left
    beside: (from, to) => [
      { run: edgePart(SHELL, 'left', from - r, to - r), within: 'body/right' },
      { run: edgePart(SHELL, 'right', high - to - r, high - from - r), within: 'body/left' },
    ],
  };
}
