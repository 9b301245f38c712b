import {
  byRule,
  given,
  largest,
  minus,
  named,
  product,
  rounded,
  sum,
  times,
  type Rule,
} from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import type { MeasuredFace } from '../../faces/measure.ts';
import { choiceParam, lengthParam } from '../../holders/params.ts';
import type { CutPieces } from '../../holders/holder-kind.ts';
import type { BodyInputs, SizedBody, SizedFace } from '../body-kind.ts';
import { frontHost, innerWalls, mouthOf, panelsOf } from './panels.ts';
import { panelAsCut } from './read-back.ts';
import { sideStart, sleeveParams, type Sleeve } from './params.ts';

const LEAST = given('least side', 60, { kind: 'standard', path: 'sleeve/least', source: 'common practice' });
const half = given('half', 0.5, { kind: 'standard', path: 'half' }, 'ratio');
const atLeastOne = given('at least', 1, { kind: 'standard', path: 'sleeve/turn', source: 'common practice' });
const nothing = given('nothing', 0, { kind: 'standard', path: 'nothing' });
const turnRule = (formula: string): Rule => ({
  id: 'lining',
  formula,
  source: 'geometry: angle of the turn × distance of the mid-lines',
});

/** Sizes a sleeve from what stands in it: the girth gives the flat width, the length the height. */
export function sizeSleeve(
  params: Params,
  [inside, front, divider]: MeasuredFace[],
  inputs: BodyInputs,
): SizedBody<Sleeve> {
  const { rules, stacks, grid, pin, above = nothing } = inputs;
  const form = choiceParam(params, 'form', sleeveParams.form);
  const bottom = choiceParam(params, 'bottom', sleeveParams.bottom);
  const thick = sum('everything inside', [inside!.loaded, divider!.loaded]);
  const lined = choiceParam(params, 'layers', sleeveParams.layers) === 'lined';
  const walls = sum('walls', [times(2, stacks.exterior), times(2, stacks.lining)]);
  const boxed = form === 'boxed';
  // half of the base goes to the front and half to the back: each half is rounded
  const across = sum('things and walls', [thick, product('half of the walls', [walls, half])]);
  const halfBase = rounded(product('half the base', [across, half]), grid, 'up');
  const base = boxed ? sum('base, depth', [times(2, halfBase)]) : nothing;
  const cut =
    !boxed && choiceParam(params, 'corners', sleeveParams.corners) === 'cut'
      ? rounded(lengthParam(params, 'cut', sleeveParams.cut, rules, 'body'), grid, 'nearest')
      : nothing;
  // what hangs in it goes round with the things
  const beside = divider!.occupied ? sum('things and pouch', [inside!.width, divider!.loaded]) : inside!.width;
  const width = pin(
    'body/flatWidth',
    rounded(
      largest('flat width', [sum('least width', [LEAST, base, times(2, cut)]), beside, front!.width, divider!.width]),
      grid,
      'up',
    ),
  );
  const pocket = front!.occupied
    ? [sum('pocket on the outside', [front!.height, cut, rules.length('pocket.frame'), above])]
    : [];
  const contents = sum('things', [inside!.height, above]);
  const hanging = divider!.occupied ? [sum('pouch', [divider!.height, cut, above])] : [];
  const least = sum('least side', [LEAST, cut, above]);
  const height = pin('body/height', rounded(largest('height', [least, contents, ...pocket, ...hanging]), grid, 'up'));
  const panelHeight = sum('panel, mouth to bottom', boxed ? [height, halfBase] : [height]);
  const turns = lined ? liningTurns(inputs) : { taper: nothing, shallower: nothing };
  const detail: Sleeve = { form, bottom, lined, width, base, height, panelHeight, cut, above, ...turns };
  const panels = panelsOf(detail);
  const face = sum('face width', [width, minus(base)]);
  return {
    finished: boxed
      ? {
          width: named('finished width', face),
          depth: named('finished depth', base),
          height: named('finished height', height),
        }
      : { width: named('finished width', width), height: named('finished height', height) },
    closedThickness: named('thick, full', sum('thick, full', [walls, thick, front!.loaded])),
    emptyThickness: named('thick, empty', sum('thick, empty', [walls, front!.empty, divider!.empty])),
    sizes: {
      flatWidth: width,
      ...(boxed && { base }),
      ...(cut.value > 0 && { cornerCut: cut }),
      panelHeight,
      ...(lined && { liningNarrower: detail.taper, liningShallower: detail.shallower }),
    },
    faces: [
      {
        id: 'inside',
        host: { piece: panels.front.piece, width: width.value, height: panelHeight.value },
        room: { x: 0, y: 0, width, height, towards: 'left' },
        board: { dx: 0, stretch: 1 },
        edges: {
          left: caught('body/left'),
          right: caught('body/right'),
          bottom: { kind: 'free' },
          top: { kind: 'free' },
        },
        panels,
        inner: innerWalls(detail),
        depthOf: depthOf(detail),
      },
      frontFace(detail, inputs),
      {
        id: 'divider',
        host: { piece: panels.front.piece, width: width.value, height: panelHeight.value },
        room: { x: 0, y: 0, width, height, towards: 'left' },
        board: { dx: 0, stretch: 1 },
        edges: { left: caught('body/left'), right: caught('body/right'), bottom: free, top: free },
        panels,
        inner: innerWalls(detail),
      },
    ],
    closing: {
      kind: 'mouth',
      width,
      ...panels,
      ...mouthOf(detail),
      proud: inside!.sizes.visible ?? nothing,
      above,
      lined,
    },
    ...(boxed && { base: { width: face, depth: base } }),
    detail,
  };
}

/** The outside of the front, from where its sides begin up to below the mouth. */
function frontFace(detail: Sleeve, { rules }: BodyInputs): SizedFace {
  const { host, bottom } = frontHost(detail);
  const { width, height, cut, above } = detail;
  return {
    id: 'front',
    host,
    room: {
      x: 0,
      y: bottom + sideStart(detail),
      width,
      height: sum('front below the mouth', [height, minus(cut), minus(rules.length('pocket.frame')), minus(above)]),
      towards: 'middle',
    },
    board: { dx: 0, stretch: 1 },
    edges: {
      left: caught('body/shell/left'),
      right: caught('body/shell/right'),
      bottom: { kind: 'stitchedOn' },
      top: { kind: 'free' },
    },
  };
}

const free = { kind: 'free' } as const;
const caught = (within: string) => ({ kind: 'caught', within }) as const;

/** The lining lies inside the shell: the full turn of cloth at the bottom, none at the mouth, so that the mouths walk. */
function liningTurns({ rules, stacks, grid }: BodyInputs): Pick<Sleeve, 'taper' | 'shallower'> {
  if (rules.liningSchool === 'same') return { taper: nothing, shallower: nothing };
  const apart = (stacks.exterior.value + stacks.lining.value) / 2;
  const layers = [stacks.exterior, stacks.lining];
  const round = byRule(turnRule('π × (shell + lining) / 2'), 'turn at both sides', Math.PI * apart, layers);
  const under = byRule(turnRule('π/2 × (shell + lining) / 2'), 'turn at the bottom', (Math.PI / 2) * apart, layers);
  return {
    taper: rounded(largest('lining narrower at the bottom', [round, atLeastOne]), grid, 'up'),
    shallower: rounded(largest('lining less deep', [under, atLeastOne]), grid, 'up'),
  };
}

/** From the mouth to the base, as cut; what the closure needs is not for the things. */
const depthOf =
  (detail: Sleeve) =>
  (cut: CutPieces): number =>
    panelAsCut(detail, 'shell', cut) - detail.base.value / 2 - detail.above.value;
