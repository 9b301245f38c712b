import { wallsReach } from '../../stacks/reach.ts';
import { half, nothing } from '../../derived/constants.ts';
import {
  byRule,
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
import type { MeasuredFace } from '../../faces/measure.ts';
import { choiceParam, lengthParam } from '../../holders/params.ts';
import { gussetRun } from '../../sizing/gusset-run.ts';
import type { BodyInputs } from '../body-kind.ts';
import { BESIDE, LEAST_STRIP, STRAIGHT, cornerRule, cornerTakes } from '../gusset-ring/corners.ts';
import { clearOfCorners } from '../gusset-ring/panel-face.ts';
import { shellParams, type ShellCase } from './params.ts';
import { shellOffset } from '../gusset-ring/rules.ts';
import { shellMargin } from './rules.ts';

const common = (label: string, value: number, path: string) =>
  given(label, value, { kind: 'standard', path: `shell/${path}`, source: 'common practice' });
const LEAST = { length: common('least length', 80, 'length'), width: common('least width', 60, 'width') };
/** A gusset goes round this well. */
const TIGHTEST = common('tightest corner', 15, 'tightest');
/** Two guard strips lap over the teeth. */
const GUARD = common('guard strip past the teeth', 4, 'guard');

/** What lies loose between the shells, and what is sewn onto the inside of each. */
export interface ShellFaces {
  inside: MeasuredFace;
  base: MeasuredFace;
  lid: MeasuredFace;
}

/** Everything that a hard case is made by: plates, depth, and the way of the gusset. */
export function planShell(params: Params, faces: ShellFaces, inputs: BodyInputs): ShellCase {
  const { rules, grid, exposed = nothing } = inputs;
  const offset = rules.length(shellOffset);
  const asked = roundedAmount(radiusFor(params, faces.inside, inputs), grid);
  const radius = sum('radius, stitch line', [asked, offset]);
  const walls = wallsReach(inputs);
  const plates = platesFor(faces, { asked, radius, offset, walls }, inputs);
  const depth = depthFor(faces, exposed, inputs);
  const round = gussetRun({ ...plates.plate, cornerRadius: asked, offset }).stitchLine;
  const straight = sum('straight part of the hinge side', [plates.plate.length, times(-2, asked), times(-2, BESIDE)]);
  const wished = roundedAmount(lengthParam(params, 'hinge', shellParams.hinge, rules, 'body'), grid);
  const hinge = named('hinge', smallest('hinge', [wished, straight]));
  return {
    own: 'body',
    panel: (layer, part) => `body/${layer}-${part}`,
    plate: { ...plates.plate, radius: asked },
    length: sum('length, stitch line', [plates.plate.length, times(2, offset)]),
    width: sum('width, stitch line', [plates.plate.width, times(2, offset)]),
    radius,
    clear: plates.clear,
    depth,
    round,
    hinge,
    zipperPart: sum('zipper part', [round, minus(hinge)]),
    strip: product('strip beside the zipper', [sum('both strips', [depth, minus(exposed)]), half]),
    offset,
    ...(choiceParam(params, 'guard', shellParams.guard) === 'strips' && {
      guard: rounded(sum('guard strip', [product('half of what shows', [exposed, half]), GUARD]), grid, 'up'),
    }),
  };
}

/** As it is set; else as round as a thing with round corners and its margin ask, but never tighter than a gusset goes round. */
function radiusFor(params: Params, { corner }: MeasuredFace, { rules }: BodyInputs): Derived {
  const set = lengthParam(params, 'radius', shellParams.radius, rules, 'body');
  if (!corner || params.radius !== undefined) return set;
  return largest('radius', [TIGHTEST, sum('corners of the thing and margin', [corner, rules.length(shellMargin)])]);
}

interface Rim {
  /** Of the plate's corners, and of the stitch line. */
  asked: Derived;
  radius: Derived;
  offset: Derived;
  walls: Derived;
}

/** Plates a margin larger than the things, and as large as room, walls and round corners ask. */
function platesFor({ inside, base, lid }: ShellFaces, { asked, radius, offset, walls }: Rim, inputs: BodyInputs) {
  const { rules, grid, pin, usual } = inputs;
  const { across = nothing, thick = nothing } = inside.sizes;
  const { corner = nothing } = inside;
  const inner = Math.max(0, radius.value - walls.value / 2 - corner.value);
  const corners = byRule(cornerRule, 'corners stay inside by', cornerTakes(inner), [radius, walls, corner]);
  const clear = clearOfCorners(radius, rules);
  const sewn = (label: 'width' | 'height', face: MeasuredFace): Derived[] =>
    face.occupied ? [sum('sewn onto the inside', [face[label], times(2, clear), times(-2, offset)])] : [];
  const plateFor = (name: 'length' | 'width', room: Derived, label: 'width' | 'height'): Derived => {
    const demands = [
      usual(LEAST[name]),
      sum('corners and a straight part', [times(2, asked), STRAIGHT, times(2, BESIDE)]),
      sum('things and margin', [room, times(2, rules.length(shellMargin))]),
      sum('room, walls and round corners', [room, walls, times(2, corners), times(-2, offset)]),
      ...sewn(label, base),
      ...sewn(label, lid),
    ];
    return pin(`body/plate-${name}`, rounded(largest(`plate, ${name}`, demands), grid, 'up'));
  };
  return { plate: { length: plateFor('length', across, 'width'), width: plateFor('width', thick, 'height') }, clear };
}

/** The depth budget: what lies loose, what both insides carry, and both shells. */
function depthFor({ inside, base, lid }: ShellFaces, exposed: Derived, { stacks, reach, grid, pin }: BodyInputs) {
  const shells = sum('both shells, to their outermost layers', [
    times(2, stacks.lining),
    times(2, stacks.base),
    times(2, reach.exterior),
  ]);
  const least = sum('zipper and strips', [exposed, times(2, LEAST_STRIP)]);
  const budget = sum('depth budget', [inside.sizes.up ?? nothing, base.loaded, lid.loaded, shells]);
  return pin('body/depth', rounded(largest('depth', [least, budget]), grid, 'up'));
}
