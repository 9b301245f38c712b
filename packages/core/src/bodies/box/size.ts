import { nothing } from '../../derived/constants.ts';
import {
  given,
  largest,
  named,
  rounded,
  smallest,
  sum,
  times,
  type Addend,
  type Derived,
} from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import type { MeasuredFace } from '../../faces/measure.ts';
import { choiceParam } from '../../holders/params.ts';
import { edgePart } from '../../pieces/seam.ts';
import type { BodyInputs, ClosingMouth, SizedBody } from '../body-kind.ts';
import { boxTurns } from '../lining-turns.ts';
import { boxParams, type Box, type BoxLayer } from './params.ts';
import { pieceOfWall, wallPlace } from './places.ts';
import { boxRings } from './rings.ts';
import { wallReach, wallsReach } from '../../stacks/reach.ts';

const least = (name: string, value: number) =>
  given(`least ${name}`, value, { kind: 'standard', path: `box/least/${name}`, source: 'common practice' });
/** Smaller ones cannot be turned. */
const LEAST = { width: least('width', 50), depth: least('depth', 30), height: least('height', 40) };

/** The room that the things take, and the walls round it. */
export function sizeBox(params: Params, [inside]: MeasuredFace[], inputs: BodyInputs): SizedBody<Box> {
  const { stacks, reach, grid, pin, usual, above = nothing, onBase = nothing } = inputs;
  const making = choiceParam(params, 'making', boxParams.making);
  const { across = nothing, thick = nothing, up = nothing } = inside!.sizes;
  const walls = wallsReach(inputs);
  const below = wallReach(inputs, 'the base');
  const asked = (name: keyof typeof LEAST, room: Derived[]) =>
    largest(name, [usual(LEAST[name]), sum('things and walls', room)]);
  const [wide, deep] = [asked('width', [across, walls]), asked('depth', [thick, walls])];
  const turns = boxTurns(inputs, smallest('shorter side', [wide, deep]));
  // the lining is judged on its own: it is smaller
  const inLining = (name: string, room: Addend[]) => sum(`${name}, in the lining`, room);
  const side = (name: keyof typeof LEAST, shellAsks: Derived, room: Addend[]) => {
    const lining = inLining(name, room);
    const most = lining.value > shellAsks.value + 1e-9 ? lining : shellAsks;
    return pin(`body/${name}`, rounded(named(name, most), grid, 'up'));
  };
  const around = times(2, reach.lining);
  const shell: BoxLayer = {
    width: side('width', wide, [across, around, turns.taper]),
    depth: side('depth', deep, [thick, around, turns.taper]),
    height: side('height', asked('height', [up, onBase, below, above]), [
      up,
      onBase,
      reach.lining,
      turns.shallower,
      above,
    ]),
    taper: nothing,
  };
  const detail: Box = { making, shell, lining: liningOf(shell, turns, inputs) };
  const { width, depth, height } = shell;
  const outside = sum('front to back, outside', [depth, stacks.exterior]);
  return {
    finished: {
      width: named('finished width', width),
      depth: named('finished depth', depth),
      height: named('finished height', height),
    },
    closedThickness: named('front to back, full', outside),
    // its walls keep their form
    emptyThickness: named('front to back, empty', outside),
    sizes: {
      width,
      depth,
      height,
      liningNarrower: detail.lining.taper,
      liningShallower: sum('lining less deep', [height, times(-1, detail.lining.height)]),
    },
    faces: [
      {
        id: 'inside',
        seat: 'box',
        host: { piece: pieceOfWall('shell', 'front', making), width: width.value, height: height.value },
        room: { x: 0, y: 0, width, height, towards: 'left' },
        edges: { left: free, right: free, bottom: free, top: free },
        rings: boxRings(making),
      },
    ],
    closing: mouthOf(detail),
    base: { width, depth },
    detail,
  };
}

const free = { kind: 'free' } as const;

/** The lining lies inside the shell; at the mouth both are alike. */
export const boxLining = (shell: BoxLayer, inputs: BodyInputs): BoxLayer =>
  liningIn(shell, boxTurns(inputs, smallest('shorter side', [shell.width, shell.depth])));

/** What is pinned smaller than it asks has a lining that is no more than half as wide at its base. */
const liningOf = (shell: BoxLayer, turns: ReturnType<typeof boxTurns>, inputs: BodyInputs): BoxLayer => {
  const bounded = boxLining(shell, inputs);
  return bounded.taper.value < turns.taper.value ? bounded : liningIn(shell, turns);
};

const liningIn = ({ width, depth, height }: BoxLayer, { taper, shallower }: ReturnType<typeof boxTurns>): BoxLayer => ({
  width,
  depth,
  height: sum('height of the lining', [height, times(-1, shallower)]),
  taper,
});

function mouthOf({ making, shell }: Box): ClosingMouth {
  const { width, depth } = shell;
  // closures count from the left as seen from the front
  const back = wallPlace('back', making, shell);
  const rim = (wall: 'front' | 'back') => ({ piece: pieceOfWall('shell', wall, making), edge: `${wall}/top` });
  return {
    kind: 'mouth',
    width,
    front: wallPlace('front', making, shell),
    back: { piece: back.piece, at: (fromLeft, down) => back.at(width.value - fromLeft, down) },
    sides: { left: wallPlace('left', making, shell), right: wallPlace('right', making, shell), width: depth },
    rim: [rim('front'), rim('back')],
    sideGaps: () => [],
    sideTabs: (wide) =>
      (['left', 'right'] as const).map((wall) => {
        const middle = depth.value / 2;
        const piece = pieceOfWall('shell', wall, making);
        return {
          run: edgePart(piece, `${wall}/top`, middle - wide / 2, middle + wide / 2),
          within: `body/mouth-${wall}`,
        };
      }),
    proud: nothing,
    lined: true,
  };
}
