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
  sum,
  times,
  type Derived,
  type Rule,
} from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import { measureFace, type MeasuredFace } from '../../faces/measure.ts';
import { choiceParam, lengthParam } from '../../holders/params.ts';
import type { BodyInputs, SizedBody, SizedFace } from '../body-kind.ts';
import { beneathMouth, proudOf } from './beneath.ts';
import { frontHost, innerWalls, mouthOf, panelsOf, sewnEnds } from './panels.ts';
import { sleeveRings } from './rings.ts';
import {
  bottomOf,
  isSloped,
  rimOf,
  sideStart,
  turnOf,
  sleeveParams,
  type Sleeve,
  type SleeveBottom,
} from './params.ts';
import { slopeFor, type Slope } from './slope.ts';
import { liningSchool, liningShorter, type LiningSchool } from '../lining-rules.ts';
import { boxedClosedDepth, boxedDepth, closedDepth, openDepth, type Sunk } from '../../sizing/depth.ts';
import { easeCavityAcross } from '../../holders/cavity/rules.ts';
import { pocketFrame, seamAllowance, zipClear } from '../../shelves/rules/common-rules.ts';
import { wallReach } from '../../stacks/reach.ts';

const LEAST = given('least side', 60, { kind: 'standard', path: 'sleeve/least', source: 'common practice' });
const atLeastOne = given('at least', 1, { kind: 'standard', path: 'sleeve/turn', source: 'common practice' });
const turnRule = (formula: string): Rule => ({
  id: 'lining',
  formula,
  source: 'geometry: angle of the turn × distance of the mid-lines',
});

/** Where a mouth with three sides leaves nothing to hang it from. */
const NOT_THERE = measureFace('divider', undefined, new Map());

interface Faces {
  inside: MeasuredFace;
  front: MeasuredFace;
  divider: MeasuredFace;
}

/** A mouth of one layer is hemmed, if what closes it does not finish it. */
const isHemmed = (lined: boolean, { finishesMouth }: BodyInputs): boolean =>
  !lined && !finishesMouth?.({ round: false });

/** The girth of what is in it gives the flat width, the length the height. */
function sizePanels(params: Params, faces: Faces, inputs: BodyInputs): Sleeve {
  const { rules, reach, grid, pin, above = nothing } = inputs;
  const bottom = bottomOf(params);
  const form = choiceParam(params, 'form', sleeveParams.form);
  const lined = choiceParam(params, 'layers', sleeveParams.layers) === 'lined';
  const boxed = form === 'boxed';
  const thick = sum('everything inside', [faces.inside.loaded, faces.divider.loaded]);
  // each layer is judged where it runs: the shell outside of the lining, the lining where it is smaller
  const around = wallReach(inputs);
  // half of the base goes to the front and half to the back: each half is rounded
  const ease = rules.length(easeCavityAcross);
  const across = sum('things and walls', [thick, ease, times(2, around)]);
  const asked = rounded(product('half the base', [across, half]), grid, 'up');
  const base = boxed ? pin('body/base', sum('base, depth', [times(2, asked)])) : nothing;
  const halfBase = boxed ? product('half the base', [base, half]) : nothing;
  const cut =
    !boxed && choiceParam(params, 'corners', sleeveParams.corners) === 'cut'
      ? roundedAmount(lengthParam(params, 'cut', sleeveParams.cut, rules, 'body'), grid)
      : nothing;
  const turns = lined ? liningTurns(inputs, bottom) : UNTURNED;
  // what hangs between the sides stands beside no corner of the base either
  const { inside, divider } = faces;
  const footing = divider.occupied ? largest('side by side', [inside.footing, divider.footing]) : inside.footing;
  const least = [
    leastWidth({ base, cut, turns, least: inputs.usual(LEAST) }, rules.length(seamAllowance)),
    // on a base it stands whole: the walls lean on no corner of it
    ...(boxed
      ? [
          sum('things on their base', [footing, ease, times(2, around), base]),
          ...(faces.inside.widthOn ? [faces.inside.widthOn(base, inputs)] : []),
          ...(lined ? [sum('things in the lining', [footing, ease, times(2, reach.lining), turns.taper, base])] : []),
        ]
      : []),
  ];
  const width = widthFor(faces, { least, around, taper: turns.taper, base }, inputs);
  const deep = (label: string, sunk: Derived, from: Derived) =>
    named(label, depthRound({ sunk, thickness: thick, reach: from }, boxed ? base : undefined, inputs.meets));
  const tall = (sunk: Derived): Derived[] => [
    deep('things', sunk, around),
    ...(lined ? [sum('things in the lining', [deep('lining', sunk, reach.lining), turns.shallower])] : []),
  ];
  const onBase = boxed ? (inputs.onBase ?? nothing) : nothing;
  const height = heightFor(faces, { cut, onBase, tall }, inputs);
  const panelHeight = sum('panel, mouth to bottom', boxed ? [height, halfBase] : [height]);
  const made = {
    form,
    bottom,
    lined,
    hemmed: isHemmed(lined, inputs),
    turn: turnOf(params),
    rim: rimOf(params),
    width,
    base,
    height,
    panelHeight,
    cut,
    onBase,
    above,
    ...turns,
  };
  return { ...made, ...mouthSides(params, made, faces, inputs) };
}

/** How far a mouth with three sides goes down, and what sticks out there. */
function mouthSides(
  params: Params,
  made: Omit<Sleeve, keyof Slope>,
  { inside, front }: Faces,
  inputs: BodyInputs,
): Slope {
  if (!isSloped(params)) return { slope: nothing, shows: nothing };
  const { rules, grid } = inputs;
  const wished = lengthParam(params, 'shows', sleeveParams.shows, rules, 'body');
  // what is sewn onto the front is caught in the sides
  const caught = front.occupied ? [front.height, rules.length(pocketFrame)] : [];
  return slopeFor(wished, made, { inside, reach: wallReach(inputs), caught, grid });
}

/** Between corners that are cut off, the allowance of the bottom narrows on both sides as it goes down: it must fit, of the
 * lining too, which is narrower there. */
function leastWidth(
  { base, cut, turns: { deeperSeam, taper }, least }: Pick<Sleeve, 'base' | 'cut'> & { turns: Turns; least: Derived },
  seam: Derived,
): Derived {
  if (cut.value === 0) return sum('least width', [least, base]);
  const below = sum('allowance of the bottom, both sides', [times(2, seam), times(2, deeperSeam), taper]);
  return sum('least width', [largest('bottom between the cut corners', [least, below]), times(2, cut)]);
}

/** Along a wall from its base, or its bottom line if it has none, to the mouth or to where the walls meet. mm */
function depthRound(thing: Sunk, base: Derived | undefined, meets = false): Derived {
  if (!base) return meets ? closedDepth(thing) : openDepth(thing);
  return meets ? boxedClosedDepth(thing, base) : boxedDepth(thing.sunk, thing.reach, []);
}

const turnOfCloth: Rule = {
  id: 'tube-width',
  formula: 'π × (shell - lining, each to its outermost layer)',
  source: 'geometry: perimeter of a parallel convex body (Steiner)',
};

interface Round {
  least: readonly Derived[];
  /** From the things to the outermost layer of the shell. */
  around: Derived;
  taper: Derived;
  /** Depth of the base; 0 of a flat one. */
  base: Derived;
}

function widthFor(
  { inside, front, divider }: Faces,
  { least, around, taper, base }: Round,
  { rules, reach, grid, pin, exposed }: BodyInputs,
): Derived {
  // what hangs in it goes round with the things
  const withPouch = divider.occupied ? [inside.widthBefore(divider.footing, divider.loaded)] : [];
  const [beside = inside.width] = withPouch;
  // what is sewn onto the front, or hangs between the sides, has the face: the base takes its part of the flat width
  const others = [front, divider]
    .filter(({ occupied }) => occupied)
    .map(({ width: wide }) => (base.value > 0 ? sum('on the face, and the base', [wide, base]) : wide));
  const turn = byRule(turnOfCloth, 'lining goes round less', Math.PI * (around.value - reach.lining.value), [
    around,
    reach.lining,
  ]);
  const inLining = taper.value > turn.value ? [sum('lining, narrower below', [beside, taper, minus(turn)])] : [];
  // a zipper does not open all of the mouth
  const passes = exposed
    ? [sum('the largest passes the zipper', [inside.passes, times(2, rules.length(zipClear))])]
    : [];
  const demands = [...least, inside.width, ...withPouch, ...inLining, ...others, ...passes];
  return pin('body/flatWidth', rounded(largest('flat width', demands), grid, 'up'));
}

function heightFor(
  { inside, front, divider }: Faces,
  { cut, onBase, tall }: Pick<Sleeve, 'cut' | 'onBase'> & { tall: (sunk: Derived) => Derived[] },
  { rules, grid, pin, usual, above = nothing }: BodyInputs,
): Derived {
  const reaching = (high: Derived) => tall(high).map((each) => sum(each.label, [each, above]));
  const standing = onBase.value > 0 ? sum('things on what lies on the base', [inside.height, onBase]) : inside.height;
  const demands = [sum('least side', [usual(LEAST), cut, above]), ...(inside.occupied ? reaching(standing) : [])];
  if (front.occupied) demands.push(sum('pocket on the outside', [front.height, cut, rules.length(pocketFrame), above]));
  if (divider.occupied) demands.push(...reaching(divider.height).map((high) => sum('pouch', [high, cut])));
  return pin('body/height', rounded(largest('height', demands), grid, 'up'));
}

/** Sizes a sleeve from what stands in it, hangs in it and is sewn to its front. */
export function sizeSleeve(params: Params, measured: MeasuredFace[], inputs: BodyInputs): SizedBody<Sleeve> {
  const [inside, front, hung] = measured as [MeasuredFace, MeasuredFace, MeasuredFace?];
  const divider = hung ?? NOT_THERE;
  const { stacks } = inputs;
  const detail = sizePanels(params, { inside, front, divider }, inputs);
  const { lined, width, height, base, cut, slope, panelHeight } = detail;
  const boxed = detail.form === 'boxed';
  const walls = sum('walls', [times(2, stacks.exterior), times(2, stacks.lining)]);
  const panels = panelsOf(detail);
  const face = sum('face width', [width, minus(base)]);
  const within = {
    host: { piece: panels.front.piece, width: width.value, height: panelHeight.value },
    room: { x: 0, y: 0, width, height, towards: 'left' as const },
    edges: { left: caught('body/left'), right: caught('body/right'), bottom: free, top: free },
  };
  const room = { rings: sleeveRings(detail), panels };
  return {
    finished: boxed
      ? {
          width: named('finished width', face),
          depth: named('finished depth', base),
          height: named('finished height', height),
        }
      : { width: named('finished width', width), height: named('finished height', height) },
    closedThickness: named('thick, full', sum('thick, full', [walls, inside.loaded, divider.loaded, front.loaded])),
    emptyThickness: named('thick, empty', sum('thick, empty', [walls, front.empty, divider.empty])),
    sizes: {
      flatWidth: width,
      ...(boxed && { base }),
      ...(cut.value > 0 && { cornerCut: cut }),
      ...(slope.value > 0 && { cornerCut: slope, cornerShows: detail.shows }),
      panelHeight,
      ...(lined && { liningNarrower: detail.taper, liningShallower: detail.shallower }),
    },
    faces: [
      ...(hung
        ? ([
            {
              ...within,
              id: 'inside',
              seat: 'walled',
              ...room,
              inner: { ...innerWalls(detail), ...(boxed && { base }) },
            },
            frontFace(detail, inputs),
            { ...within, id: 'divider', seat: 'pouch', inner: innerWalls(detail) },
          ] as const)
        : ([{ ...within, id: 'inside', seat: 'cavity', ...room }, frontFace(detail, inputs)] as const)),
    ],
    closing: {
      kind: 'mouth',
      width,
      ...(slope.value > 0 && { level: sum('mouth between its corners', [width, times(-2, slope)]) }),
      ...panels,
      ...mouthOf(detail),
      ends: sewnEnds(detail),
      ...(detail.turn === 'dropped' && { turnedIn: true }),
      rings: sleeveRings(detail),
      proud: proudOf(detail, inside, wallReach(inputs)),
      lined,
      beneath: beneathMouth(detail, {
        inside,
        divider,
        front,
        walls,
        reach: wallReach(inputs),
        pouch: inputs.reach.pocket,
      }),
    },
    ...(boxed && { base: { width: face, depth: base } }),
    detail,
  };
}

/** The outside of the front, from where its sides begin up to below the mouth. */
function frontFace(detail: Sleeve, { rules }: BodyInputs): SizedFace {
  const { host, bottom } = frontHost(detail);
  const { width, height, cut, slope, above } = detail;
  return {
    id: 'front',
    seat: 'wall',
    host,
    room: {
      x: 0,
      y: bottom + sideStart(detail),
      width,
      height: sum('front below the mouth', [height, ...[cut, slope, rules.length(pocketFrame), above].map(minus)]),
      towards: 'middle',
    },
    edges: {
      left: caught('body/shell/left'),
      right: detail.bottom === 'side' ? { kind: 'stitchedOn' } : caught('body/shell/right'),
      bottom: { kind: 'stitchedOn' },
      top: { kind: 'free' },
    },
  };
}

const free = { kind: 'free' } as const;
const caught = (within: string) => ({ kind: 'caught', within }) as const;

type Turns = Pick<Sleeve, 'taper' | 'shallower' | 'deeperSeam'>;
const UNTURNED: Turns = { taper: nothing, shallower: nothing, deeperSeam: nothing };

/** The lining lies inside the shell: the full turn of cloth at the bottom, none at the mouth, so that the mouths walk. How
 * much it is, and where it is taken away, is a choice of school. */
function liningTurns({ rules, stacks, grid }: BodyInputs, bottom: SleeveBottom): Turns {
  const set = roundedAmount(rules.length(liningShorter), grid);
  return turnsBy[rules.choice(liningSchool)]({ set, bottom, stacks, grid });
}

type Turning = Pick<BodyInputs, 'stacks' | 'grid'> & { set: Derived; bottom: SleeveBottom };

const turnsBy: Record<LiningSchool, (turning: Turning) => Turns> = {
  same: () => UNTURNED,
  shorter: ({ set }) => ({ ...UNTURNED, shallower: set }),
  // a fold has no seam to sew deeper: the piece itself is cut shorter
  deeper: ({ set, bottom }) => ({ ...UNTURNED, shallower: set, deeperSeam: bottom === 'fold' ? nothing : set }),
  tapered: ({ set }) => ({ ...UNTURNED, taper: sum('both sides', [times(2, set)]) }),
  computed: ({ stacks, grid }) => ({ ...computedTurns(stacks, grid), deeperSeam: nothing }),
};

/** By the angle of each turn and the distance of the mid-lines, at least 1 mm. */
function computedTurns(
  { exterior, lining }: BodyInputs['stacks'],
  grid: BodyInputs['grid'],
): Omit<Turns, 'deeperSeam'> {
  const apart = (exterior.value + lining.value) / 2;
  const layers = [exterior, lining];
  const round = byRule(turnRule('π × (shell + lining) / 2'), 'turn at both sides', Math.PI * apart, layers);
  const under = byRule(turnRule('π/2 × (shell + lining) / 2'), 'turn at the bottom', (Math.PI / 2) * apart, layers);
  return {
    taper: rounded(largest('lining narrower at the bottom', [round, atLeastOne]), grid, 'up'),
    shallower: rounded(largest('lining less deep', [under, atLeastOne]), grid, 'up'),
  };
}
