import { chosen } from '../../holders/params.ts';
import {
  byRule,
  given,
  largest,
  named,
  rounded,
  roundedAmount,
  sum,
  times,
  type Derived,
  type Rule,
} from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import type { MeasuredFace } from '../../faces/measure.ts';
import type { ParamSpec, StackThickness } from '../../holders/holder-kind.ts';
import type { Panels } from '../../holders/seat.ts';
import { choiceParam, lengthParam } from '../../holders/params.ts';
import { windUp, type RollSection } from '../../sizing/roll.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import type { SectionLayer } from '../section.ts';
import { pocketRings } from './rings.ts';
import { rolledUp } from './rolled.ts';
import type { Winding } from './stiff.ts';
import { stretchesOf } from './stretches.ts';
import { rollFlap } from './rules.ts';
import { topstitchInset } from '../../shelves/rules/common-rules.ts';

export const SHELL = 'body/shell';
export const LINING = 'body/lining';

/** Driving sizes of a roll, along the stitch lines, on the grid. All mm. */
export interface Roll {
  /** Lying open. */
  width: Derived;
  height: Derived;
  /** Fold to the pocket's mouth. */
  pocketDepth: Derived;
  /** Folded down over the tips; 0 without one. */
  flap: Derived;
  /** Lying open, with everything in it. */
  loaded: Derived;
  /** Round its first thing. */
  winding: Winding;
  layers: RollLayers;
}
export type RollLayers = 'lined' | 'hemmed' | 'ready';

/** What the things lie against; the pocket is stitched to it. */
export const innerOf = ({ layers }: Pick<Roll, 'layers'>): string => (layers === 'lined' ? LINING : SHELL);

const LEAST = given('least side', 60, { kind: 'standard', path: 'roll/least', source: 'common practice' });
const windRule = (formula: string): Rule => ({
  id: 'roll',
  formula,
  source: 'geometry: area of the winding, section by section',
});

/** Sizes a roll from its channels, and winds it up round what lies at the inside end. */
export function sizeRoll(
  params: Params,
  [pocket]: MeasuredFace[],
  { rules, stacks, grid, pin, usual }: BodyInputs,
): SizedBody<Roll> {
  const inset = rules.length(topstitchInset);
  const sides = rounded(sum('beside the channels', [inset, inset]), grid, 'up');
  const side = usual(LEAST);
  const layers = choiceParam(params, 'layers', rollParams.layers);
  const asked = sum('open width', [rounded(largest('channels', [side, pocket!.width]), grid, 'up'), times(2, sides)]);
  const width = pin('body/openWidth', asked);
  const height = pin('body/height', rounded(largest('open height', [side, pocket!.height]), grid, 'up'));
  // the channels have rounded and pinned it already, and stitch their lines to it
  const pocketDepth = pocket!.sizes.pocketDepth ?? rounded(side, grid, 'up');
  const walls = sum('both walls', [times(2, stacks.exterior), times(2, stacks.lining)]);
  const flap = flapOf(params, { rules, grid });
  const rolled = rollUp(pocket!, walls);
  const loaded = sum('lying open, full', [walls, pocket!.loaded]);
  const detail: Roll = { width, height, pocketDepth, flap, loaded, winding: rolled.winding, layers };
  const inner = innerOf(detail);
  // a single cloth is drawn from outside: what is left inside lies on its right
  const across = (fromLeft: number) =>
    layers === 'lined' ? sides.value + fromLeft : width.value - sides.value - fromLeft;
  const most = atMost(pocket!, width, stacks);
  const [w, total] = [width.value, height.value + pocketDepth.value + flap.value];
  const panels: Panels = {
    // the pocket is the lower part of the cloth, folded up: its mouth is the bottom edge
    front: { piece: inner, at: (fromLeft, down) => [across(fromLeft), down] },
    back: { piece: inner, at: (fromLeft, down) => [across(fromLeft), 2 * pocketDepth.value - down] },
  };
  return {
    finished: {
      openWidth: named('finished width, open', width),
      height: named('finished height', height),
      ...rolled.sizes,
    },
    closedThickness: rolled.thick,
    emptyThickness: named('lying empty', walls),
    sizes: {
      openWidth: width,
      height,
      pocketDepth,
      ...(flap.value > 0 && { flap }),
      besideChannels: sides,
      turns: rolled.turns,
      ...most,
    },
    outermost: Object.keys(most),
    faces: [
      {
        id: 'pocket',
        seat: 'channels',
        host: { piece: inner, width: w, height: total },
        room: {
          x: sides.value,
          y: 0,
          width: sum('between the sides', [width, times(-2, sides)]),
          height,
          towards: 'left',
        },
        edges: { left: stitchedOn, right: stitchedOn, bottom: { kind: 'free' }, top: { kind: 'free' } },
        rings: pocketRings(layers === 'lined' ? [LINING, SHELL] : [SHELL], flap.value > 0),
        panels,
      },
    ],
    closing: {
      kind: 'roll',
      girth: rolled.girth,
      end: { piece: SHELL, at: [0, pocketDepth.value + height.value / 2] },
    },
    detail,
  };
}

const nothing = given('no flap', 0, { kind: 'standard', path: 'nothing' });

export const rollParams = {
  layers: {
    kind: 'choice',
    title: 'Made of',
    standard: 'lined' as RollLayers,
    choices: [
      {
        id: 'lined' as RollLayers,
        title: 'cloth and lining',
        why: 'No raw edges, and a cord caught between the layers.',
      },
      {
        id: 'hemmed' as RollLayers,
        title: 'one layer, hemmed',
        why: 'Light and quick: all its edges are turned in twice.',
      },
      {
        id: 'ready' as RollLayers,
        title: 'a ready-hemmed cloth',
        why: 'A napkin or tea towel: pin its width and height, nothing is cut.',
      },
    ],
  },
  flap: {
    kind: 'choice',
    title: 'Over the top',
    standard: 'none',
    choices: [
      { id: 'none', title: 'nothing', why: 'Quick to take from.' },
      { id: 'flap', title: 'a flap', why: 'Folded down over the tips, nothing slides out.' },
    ],
  },
  depth: {
    kind: 'length',
    title: 'Flap, deep',
    rule: rollFlap,
    when: (params) => chosen(params, 'flap', 'none') === 'flap',
  },
} as const satisfies Record<string, ParamSpec>;

function flapOf(params: Params, { rules, grid }: Pick<BodyInputs, 'rules' | 'grid'>): Derived {
  if (choiceParam(params, 'flap', rollParams.flap) === 'none') return nothing;
  return roundedAmount(named('flap', lengthParam(params, 'depth', rollParams.depth, rules, 'body')), grid);
}

const stitchedOn = { kind: 'stitchedOn' } as const;

interface RolledUp {
  winding: Winding;
  thick: Derived;
  sizes: Record<string, Derived>;
  girth: Derived;
  turns: Derived;
}

/** Where the thickest things lie on each other it is larger than its mean all round: what must take the roll is told so. */
function atMost({ slabs }: MeasuredFace, width: Derived, stacks: StackThickness): Record<string, Derived> {
  const layers = slabs.map(({ thickness, ...slab }): SectionLayer => ({
    ...slab,
    u0: slab.x0,
    u1: slab.x1,
    z0: 0,
    z1: thickness.value,
  }));
  const wound = rolledUp({ layers, width: width.value }, stacks);
  if (!wound) return {};
  const inputs = [width, ...slabs.map(({ thickness }) => thickness), stacks.exterior, stacks.lining];
  const rule = {
    ...windRule('each stretch as thick as its thing and both walls, on what was wound there before'),
    source: 'geometry: wound step by step',
  };
  const size = (label: string, value: number) => byRule(rule, label, value, inputs);
  if (wound.round) return { rolledMost: size('rolled, largest across', Math.max(wound.width, wound.height)) };
  return {
    rolledWidest: size('rolled, at its widest', wound.width),
    rolledThickest: size('rolled, at its thickest', wound.height),
  };
}

/** The first thing is the core; what comes after it is wound round, each stretch as thick as its thing and both walls. */
function rollUp({ slabs, width }: MeasuredFace, walls: Derived): RolledUp {
  const inOrder = [...slabs].sort((a, b) => a.x0 - b.x0);
  const [core, ...others] = inOrder;
  const stretches = stretchesOf(
    inOrder.map(({ x0, x1 }) => ({ from: x0, to: x1 })),
    width.value,
  );
  const sections = stretches.map(({ from, to }, index): RollSection => {
    // what is pinned far too narrow lies over its neighbours
    return { length: Math.max(0, to - from), thickness: others[index]!.thickness.value + walls.value };
  });
  const wide = core ? core.x1 - core.x0 : 0;
  const thick = core ? core.thickness.value + walls.value : walls.value;
  const perimeter = core?.round ? Math.PI * thick : 2 * (wide + walls.value + thick);
  const { height: out, turns: around } = windUp(sections, perimeter);
  const inputs = [...(core ? [core.thickness] : []), ...others.map((slab) => slab.thickness), walls];
  const rule = (formula: string, label: string, value: number) => byRule(windRule(formula), label, value, inputs);
  const thickness = rule('core and what is wound on, both sides', 'rolled, thick', thick + 2 * out);
  const across = rule(
    'core and what is wound on, both sides',
    'rolled, wide',
    (core?.round ? thick : wide + walls.value) + 2 * out,
  );
  return {
    winding: { perimeter, others, sections },
    thick: thickness,
    sizes: core?.round
      ? { diameter: named('rolled, across', thickness) }
      : { rolledWidth: across, rolledThickness: thickness },
    girth: rule('perimeter of the core + 2π × wound on', 'round the roll', perimeter + 2 * Math.PI * out),
    turns: byRule(windRule('section by section'), 'turns', around, inputs, 'turns'),
  };
}
