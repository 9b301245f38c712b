import { wallReach } from '../../stacks/reach.ts';
import { half, nothing } from '../../derived/constants.ts';
import { given, largest, minus, named, product, rounded, sum, times, type Derived } from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import type { MeasuredFace } from '../../faces/measure.ts';
import { choiceParam } from '../../holders/params.ts';
import { edgePart, wholeEdge } from '../../pieces/seam.ts';
import { clothTurn } from '../../sizing/cloth-turn.ts';
import { zipTubeCut } from '../../sizing/zip-tube.ts';
import type { BodyInputs, ClosingSlit, SizedBody } from '../body-kind.ts';
import { zipTubeParams, type TubeLayer, type ZipTube } from './params.ts';
import { tubeRings } from './rings.ts';
import { liningSchool, liningShorter } from '../lining-rules.ts';
import { zipClear } from '../../shelves/rules/common-rules.ts';

const common = (label: string, value: number, path: string) =>
  given(label, value, { kind: 'standard', path: `zip-tube/${path}`, source: 'common practice' });
/** A tab of webbing must find its place in the end seam. */
const LEAST_WIDTH = common('least width', 40, 'leastWidth');
const LEAST_BESIDE = common('cloth beside the zipper', 8, 'leastBeside');
const LEAST_HEIGHT = common('least height', 24, 'leastHeight');
const LEAST_LENGTH = common('least length', 50, 'leastLength');
const atLeastOne = common('at least', 1, 'turn');

/** The room that the things take gives length, width and height; those give the panel round the tube. */
export function sizeZipTube(params: Params, [inside]: MeasuredFace[], inputs: BodyInputs): SizedBody<ZipTube> {
  const { rules, stacks, exposed = nothing } = inputs;
  const form = choiceParam(params, 'form', zipTubeParams.form);
  const corners = choiceParam(params, 'corners', zipTubeParams.corners);
  const clear = rules.length(zipClear);
  const shell = shellOf(form, inside!, { ...inputs, exposed, clear });
  const less = liningLess(inputs);
  const detail: ZipTube = { form, corners, shell, lining: liningOf(shell, form, less, exposed), exposed };
  const { length, width, height, along, round } = shell;
  const boxed = form === 'boxed';
  const outside = sum('walls, empty', [times(2, stacks.exterior), times(2, stacks.lining)]);
  const loaded = sum('full, outside', [inside!.height, outside]);
  return {
    finished: {
      length: named('finished length', length),
      width: named('finished width', width),
      ...(boxed && { height: named('finished height', height) }),
    },
    closedThickness: named('high, full', boxed ? sum('high', [height, stacks.exterior]) : loaded),
    emptyThickness: outside,
    sizes: { length, width, ...(boxed && { height }), along, round, liningLess: less },
    faces: [
      {
        id: 'inside',
        seat: 'box',
        host: { piece: 'body/shell', width: along.value, height: round.value },
        room: { x: 0, y: 0, width: inside!.width, height: inside!.height, towards: 'left' },
        edges: { left: free, right: free, bottom: free, top: free },
        rings: tubeRings(detail),
      },
    ],
    closing: slitOf(detail),
    detail,
  };
}

const free = { kind: 'free' } as const;

type Asked = BodyInputs & { exposed: Derived; clear: Derived };

function shellOf(form: ZipTube['form'], inside: MeasuredFace, asked: Asked): TubeLayer {
  const { grid, pin, usual, exposed, clear } = asked;
  const { across = nothing, thick = nothing, up = nothing } = inside.sizes;
  const boxed = form === 'boxed';
  const around = aroundOf(boxed, asked);
  // half of the height goes up from each corner: each half is rounded
  const halfHeight = rounded(
    product('half the height', [largest('height', [usual(LEAST_HEIGHT), ...around([up])]), half]),
    grid,
    'up',
  );
  const height = boxed ? pin('body/height', sum('height', [times(2, halfHeight)])) : nothing;
  // lying flat, the height of the things is taken from both directions
  const rise = boxed ? [] : [up];
  const beside = sum('zipper and cloth beside it', [exposed, times(2, LEAST_BESIDE), liningLess(asked)]);
  const width = pin(
    'body/width',
    rounded(largest('width', [usual(LEAST_WIDTH), beside, ...around([thick, ...rise])]), grid, 'up'),
  );
  const mouth = sum('opening for the largest', [inside.passes, times(2, clear), minus(height)]);
  const length = pin(
    'body/length',
    rounded(largest('length', [usual(LEAST_LENGTH), ...around([across, ...rise]), mouth]), grid, 'up'),
  );
  return layerOf({ length, width, height }, exposed);
}

/** What things ask of a size of the shell: for its own layers, and for the lining, which is smaller and judged on its own. Boxed, a wall
 * at each end; flat, it is drawn round them. */
function aroundOf(boxed: boolean, inputs: Asked) {
  const less = liningLess(inputs);
  const taken = (label: string, reach: Derived) => (boxed ? sum(label, [times(2, reach)]) : clothTurn(label, 2, reach));
  const shell = taken('both walls', wallReach(inputs));
  const lining = taken('both walls of the lining', inputs.reach.lining);
  return (things: Derived[]): Derived[] => [
    sum('things and walls', [...things, shell]),
    sum('things, lining, and what it is smaller by', [...things, lining, less]),
  ];
}

/** Stitch lines need no allowance: the panel of the rule without its seams. */
function layerOf(box: Pick<TubeLayer, 'length' | 'width' | 'height'>, exposed: Derived): TubeLayer {
  const { panelLength, panelWidth } = zipTubeCut({
    ...box,
    zipSeam: nothing,
    zipExposed: exposed,
    endSeam: nothing,
    boxing: box.height,
  });
  return { ...box, along: named('from end to end', panelWidth), round: named('from zipper to zipper', panelLength) };
}

/** The lining lies inside the shell on both sides of every size, by the distance of the mid-lines. */
function liningLess({ rules, stacks, grid }: BodyInputs): Derived {
  if (rules.choice(liningSchool) === 'same') return nothing;
  const set = rules.length(liningShorter);
  const apart = sum('shell and lining', [stacks.exterior, stacks.lining]);
  const by = rules.choice(liningSchool) === 'computed' ? largest('turn of cloth', [apart, atLeastOne]) : set;
  return rounded(named('lining smaller by', by), grid, 'up');
}

function liningOf({ length, width, height }: TubeLayer, form: ZipTube['form'], less: Derived, exposed: Derived) {
  const smaller = (label: string, size: Derived) => sum(`${label} of the lining`, [size, minus(less)]);
  const box = {
    length: smaller('length', length),
    width: smaller('width', width),
    height: form === 'boxed' ? smaller('height', height) : height,
  };
  return layerOf(box, exposed);
}

function slitOf({ shell, form, corners }: ZipTube): ClosingSlit {
  // where corners are only marked, the end runs on over them
  const marked = form === 'boxed' && corners === 'marked' ? shell.height.value : 0;
  const middle = (shell.width.value + marked) / 2;
  return {
    kind: 'slit',
    run: shell.along,
    rims: [
      { edge: wholeEdge('body/shell', 'zip-front'), within: 'body/zip-front' },
      { edge: wholeEdge('body/shell', 'zip-back', true), within: 'body/zip-back' },
    ],
    endTabs: (wide) =>
      (['left', 'right'] as const).map((side) => ({
        run: edgePart('body/shell', `${side}-2`, middle - wide / 2, middle + wide / 2),
        within: `body/shell/${side}`,
      })),
  };
}
