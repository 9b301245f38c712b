import { named, sum } from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import type { MeasuredFace } from '../../faces/measure.ts';
import type { BodyInputs, ClosingSlit, SizedBody, SizedFace } from '../body-kind.ts';
import { panelFace } from '../gusset-ring/panel-face.ts';
import { ringRims } from '../gusset-ring/seams.ts';
import { caseRings } from '../gusset-ring/rings.ts';
import type { Half } from '../gusset-ring/ring.ts';
import type { ShellCase } from './params.ts';
import { planShell } from './plan.ts';

/** Plates a margin larger than what lies between them, a gusset as deep as that and both shells. */
export function sizeShell(params: Params, measured: MeasuredFace[], inputs: BodyInputs): SizedBody<ShellCase> {
  const [inside, base, lid] = measured as [MeasuredFace, MeasuredFace, MeasuredFace];
  const detail = planShell(params, { inside, base, lid }, inputs);
  const { plate, length, width, depth, round, hinge, zipperPart, strip } = detail;
  const outside = sum('high, outside', [depth, inputs.stacks.exterior]);
  return {
    finished: {
      length: named('finished length', length),
      width: named('finished width', width),
      depth: named('finished depth', depth),
    },
    closedThickness: named('high, full', outside),
    // plates keep its form
    emptyThickness: named('high, empty', outside),
    sizes: {
      plateLength: plate.length,
      plateWidth: plate.width,
      radius: plate.radius,
      depth,
      stitchLine: round,
      hingePart: hinge,
      zipperPart,
      strip,
    },
    faces: [
      insideFace(detail),
      ...(['base', 'lid'] as const).map((half) => panelFace(half, `body/lining-${half}`, detail, edgeSeams(half))),
    ],
    closing: slitOf(detail),
    detail,
  };
}

const edgeSeams = (half: Half) => ({
  zipper: `body/lining-${half}/zipper`,
  hinge: `body/lining-${half}/hinge`,
});

const free = { kind: 'free' } as const;

function insideFace(detail: ShellCase): SizedFace {
  const { length, width } = detail;
  return {
    id: 'inside',
    seat: 'box',
    host: { piece: 'body/lining-base', width: length.value, height: width.value },
    room: { x: 0, y: 0, width: length, height: width, towards: 'left' },
    edges: { left: free, right: free, bottom: free, top: free },
    rings: caseRings(detail, 'body/plate'),
  };
}

/** The zipper lies between the two strips of the gusset. */
const slitOf = (detail: ShellCase): ClosingSlit => ({
  kind: 'slit',
  run: detail.zipperPart,
  rims: ringRims(detail),
  endTabs: () => [],
});
