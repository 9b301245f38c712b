import {
  given,
  halfOf,
  largest,
  minus,
  named,
  rounded,
  roundedAmount,
  sum,
  times,
  type Derived,
} from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import type { MeasuredFace } from '../../faces/measure.ts';
import type { Panels } from '../../holders/seat.ts';
import { choiceParam, lengthParam } from '../../holders/params.ts';
import { roundBase } from '../../sizing/round-base.ts';
import type { BodyInputs, SizedBody } from '../body-kind.ts';
import { roundParams, type Round } from './params.ts';
import { bandAbove, roundRings } from './rings.ts';
import { liningSchool } from '../lining-rules.ts';
import { easeRoundAcross } from '../../holders/round-room/rules.ts';
import { wallReach } from '../../stacks/reach.ts';

const LEAST = given('least side', 40, { kind: 'standard', path: 'round/least', source: 'common practice' });
const LEAST_WALL = given('least wall below a band', 20, {
  kind: 'standard',
  path: 'round/leastWall',
  source: 'common practice',
});
const none = given('no seam', 0, { kind: 'standard', path: 'nothing' });

/** The base from the thing, the wall from the base. */
export function sizeRound(params: Params, [inside]: MeasuredFace[], inputs: BodyInputs): SizedBody<Round> {
  const { rules, stacks, reach, grid, pin, usual } = inputs;
  const lined = choiceParam(params, 'layers', roundParams.layers) === 'lined';
  const band = lined ? bandFor(params, inputs) : undefined;
  const clearance = rules.length(easeRoundAcross);
  const { exterior, lining } = stacks;
  const wall = sum('wall, all layers', [exterior, lining]);
  const item = largest('across the things', [usual(LEAST), inside!.width]);
  const base = { clearance, wall: none, seam: none, roundTo: none };
  // the base of each layer runs along its own mid-line: the shell lies outside the lining
  const within = (label: string, cloth: Derived[]) =>
    roundBase({ ...base, itemDiameter: sum(label, [item, ...cloth.map((each) => times(2, each))]) }).finishedDiameter;
  const computed = lined && rules.choice(liningSchool) !== 'same';
  const outer = within('things and cloth', [lining, reach.exterior]);
  const inLining = sum('shell round the lining', [within('things in the lining', [reach.lining]), wall]);
  const asked = computed && inLining.value > outer.value ? inLining : outer;
  const diameter = pin('body/diameter', rounded(named('base, diameter', asked), grid, 'up'));
  const liningDiameter = computed
    ? rounded(sum('base of the lining, diameter', [diameter, minus(exterior), minus(lining)]), grid, 'up')
    : diameter;
  const around = (itemDiameter: Derived) => roundBase({ ...base, clearance: none, itemDiameter }).wallSeamLength;
  // what stands in it stands on the layers of the base
  const floor = wallReach(inputs, 'base');
  const height = heightFor(sum('things', [inside!.height, floor]), band, inputs);
  const detail: Round = {
    lined,
    hemmed: !lined && !inputs.finishesMouth?.({ round: true }),
    diameter,
    liningDiameter,
    wallLength: around(diameter),
    liningLength: around(liningDiameter),
    height,
    liningHeight: height,
    wallHeight: band ? sum('wall below the band', [height, minus(band)]) : height,
    ...(band && { band }),
  };
  const mouth = halfOf('half of the mouth', detail.wallLength);
  const outside = sum('across, outside', [item, times(2, clearance), times(2, wall)]);
  return {
    finished: { diameter: named('finished diameter', diameter), height: named('finished height', height) },
    closedThickness: named('across, full', outside),
    emptyThickness: named('walls, empty', sum('walls, empty', [times(2, wall)])),
    sizes: {
      diameter,
      wallLength: detail.wallLength,
      height,
      ...(band && { bandHeight: band }),
      ...(lined && { liningDiameter, liningLength: detail.liningLength }),
    },
    faces: [
      {
        id: 'inside',
        seat: 'round',
        host: { piece: 'body/shell-wall', width: detail.wallLength.value, height: detail.wallHeight.value },
        room: { x: 0, y: 0, width: diameter, height, towards: 'left' },
        edges: { left: free, right: free, bottom: free, top: free },
        rings: roundRings(detail),
      },
    ],
    closing: {
      kind: 'mouth',
      width: mouth,
      ...panelsOf(detail),
      rim: [{ piece: 'body/shell-wall', edge: 'top' }],
      ...(band && { band: { high: band, goesOn: bandAbove('shell') } }),
      sideGaps: (from, to) => [
        { piece: 'body/shell-wall', edge: 'left', from, to },
        {
          piece: 'body/shell-wall',
          edge: 'right',
          from: detail.wallHeight.value - to,
          to: detail.wallHeight.value - from,
        },
      ],
      proud: none,
      lined,
      round: diameter,
    },
    detail,
  };
}

/** How high the band of its mouth is, if it has one. mm */
const bandFor = (params: Params, { rules, grid }: BodyInputs): Derived | undefined =>
  choiceParam(params, 'mouth', roundParams.mouth) === 'band'
    ? roundedAmount(lengthParam(params, 'band', roundParams.band, rules, 'body'), grid)
    : undefined;

/** From the base to the mouth; what closes it is set below the band. mm */
function heightFor(
  things: Derived,
  band: Derived | undefined,
  { grid, pin, usual, above = none }: BodyInputs,
): Derived {
  const more = band ? [band] : [];
  const demands = [
    sum('least', [usual(LEAST), above, ...more]),
    sum('things and closure', [things, above, ...(above.value > 0 ? more : [])]),
    ...(band ? [sum('band, and wall below it', [band, LEAST_WALL])] : []),
  ];
  return pin('body/height', rounded(largest('height', demands), grid, 'up'));
}

const free = { kind: 'free' } as const;

/** The front half of the wall begins at its seam, the back half in its middle. */
function panelsOf({ wallLength, wallHeight }: Round): Panels {
  const [half, h] = [wallLength.value / 2, wallHeight.value];
  return {
    front: { piece: 'body/shell-wall', at: (fromLeft, down) => [fromLeft, h - down] },
    back: { piece: 'body/shell-wall', at: (fromLeft, down) => [half + fromLeft, h - down] },
  };
}
