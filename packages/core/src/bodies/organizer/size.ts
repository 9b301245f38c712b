import { half } from '../../derived/constants.ts';
import { minus, named, product, sum, times, type Derived } from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import type { MeasuredFace } from '../../faces/measure.ts';
import type { InnerWalls } from '../../holders/seat.ts';
import { edgePart, wholeEdge } from '../../pieces/seam.ts';
import type { BodyInputs, ClosingSlit, SizedBody, SizedFace } from '../body-kind.ts';
import { panelFace } from '../gusset-ring/panel-face.ts';
import { rimHalves } from './bands.ts';
import { outerNames, walledBy, type FoldOut, type Organizer } from './params.ts';
import { planOrganizer, type OrganizerFaces } from './plan.ts';
import { organizerRings } from './rings.ts';
import { pocketFrame } from '../../shelves/rules/common-rules.ts';

/** A box as large as its things, high enough to close over them, and a pocket of its own depth in front. */
export function sizeOrganizer(params: Params, measured: MeasuredFace[], inputs: BodyInputs): SizedBody<Organizer> {
  const detail = planOrganizer(params, facesOf(params, measured), inputs);
  const { shell, band, channel, lean, run, frame, outers } = detail;
  const { width, depth, height } = shell;
  const { exterior } = inputs.stacks;
  const around = outers.map((outer) => standsOut(outer, exterior));
  const outside = sum('front to back, outside', [depth, exterior, ...around]);
  return {
    finished: {
      width: named('finished width', width),
      depth: named('finished depth', sum('box and outer pockets', [depth, ...around])),
      height: named('finished height, open', sum('walls and band', [height, band])),
      closedHeight: named('finished height, closed', sum('walls and band, leaning', [height, band, minus(lean)])),
    },
    closedThickness: named('front to back, full', outside),
    // frame, base and flap keep its form
    emptyThickness: named('front to back, empty', outside),
    sizes: {
      width,
      depth,
      height,
      band,
      channel,
      zipperRun: run,
      frameBar: frame.bar,
      frameLeg: frame.leg,
      liningNarrower: detail.lining.taper,
      ...Object.assign({}, ...outers.map(sizesOf)),
    },
    faces: [
      insideFace(detail),
      dividerFace(detail),
      backFace(detail, inputs),
      ...outers.flatMap((outer) => {
        const { face, flap } = outerNames[outer.wall];
        return [panelFace(face, `${outer.own}/back`, outer), panelFace(flap, `${outer.own}/lining-flap`, outer)];
      }),
    ],
    closing: slitOf(detail),
    base: { width, depth },
    detail,
  };
}

function facesOf(params: Params, measured: MeasuredFace[]): OrganizerFaces {
  const face = (id: string) => measured.find((each) => each.id === id)!;
  return {
    inside: face('inside'),
    divider: face('divider'),
    back: face('back'),
    outers: walledBy(params).map((wall) => {
      const names = outerNames[wall];
      return { wall, behind: face(names.face), flap: face(names.flap) };
    }),
  };
}

/** How far an outer pocket stands out from the middle of its wall's cloth. mm */
export const standsOut = ({ backThick, depth, wall }: FoldOut, exterior: Derived): Derived =>
  sum(outerNames[wall].called, [backThick, depth, product('half of the flap', [exterior, half])]);

function sizesOf({ wall, length, width, depth, zipperPart }: FoldOut): Record<string, Derived> {
  const { key } = outerNames[wall];
  return {
    [`${key}Width`]: length,
    [`${key}Height`]: width,
    [`${key}Depth`]: depth,
    [`${key}ZipperPart`]: zipperPart,
  };
}

const free = { kind: 'free' } as const;
const stitched = { kind: 'stitchedOn' } as const;
const allFree = { left: free, right: free, bottom: free, top: free };
const allStitched = { left: stitched, right: stitched, bottom: stitched, top: stitched };

/** Where things stand: under the roof, before what hangs between the sides and what is sewn onto the back. */
function insideFace({ shell: { width, height } }: Organizer): SizedFace {
  return {
    id: 'inside',
    seat: 'box',
    host: { piece: 'body/shell-front', width: width.value, height: height.value },
    room: { x: 0, y: 0, width, height, towards: 'left' },
    edges: allFree,
    rings: organizerRings(),
  };
}

/** Between the middles of both sides. */
function dividerFace(detail: Organizer): SizedFace {
  const { shell, lining, walls } = detail;
  const clear = sum('between the sides', [shell.width, minus(walls)]);
  return {
    id: 'divider',
    seat: 'pouch',
    host: { piece: 'body/lining-front', width: clear.value, height: lining.height.value },
    room: { x: 0, y: 0, width: clear, height: lining.height, towards: 'left' },
    edges: allFree,
    inner: innerSides(detail),
  };
}

function innerSides({ lining }: Organizer): InnerWalls {
  const { width, height, depth, taper } = lining;
  const wall = (which: 'front' | 'back') => ({
    piece: `body/lining-${which}`,
    at: (fromLeft: number, down: number): [number, number] => [
      which === 'front' ? fromLeft : width.value - fromLeft,
      height.value - down,
    ],
  });
  return {
    panels: { front: wall('front'), back: wall('back') },
    depth: height,
    base: sum('base of the lining, front to back', [depth, minus(taper)]),
    side: (which, _, from, to) => ({ piece: `body/lining-${which}`, parts: [{ line: 'middle', from, to }] }),
  };
}

/** What is sewn onto the lining of the back stays clear of its edges. */
function backFace({ lining }: Organizer, { rules }: BodyInputs): SizedFace {
  const { width, height, taper } = lining;
  const frame = rules.length(pocketFrame);
  return {
    id: 'back',
    seat: 'wall',
    host: { piece: 'body/lining-back', width: width.value, height: height.value },
    room: {
      x: frame.value + taper.value / 2,
      y: frame.value,
      width: sum('between its sides', [width, minus(taper), times(-2, frame)]),
      height: sum('between base and mouth', [height, times(-2, frame)]),
      towards: 'middle',
    },
    edges: allStitched,
  };
}

/** The zipper lies between the two bands, from the middle of one side to the middle of the other. */
const slitOf = ({ run, shell }: Organizer): ClosingSlit => ({
  kind: 'slit',
  run,
  rims: rimHalves.map((rim) => ({
    edge: wholeEdge(`body/shell-band-${rim}`, 'top', rim === 'front'),
    within: `body/band-top-${rim}`,
  })),
  endTabs: (wide) =>
    (['left', 'right'] as const).map((side) => {
      const middle = shell.depth.value / 2;
      return {
        run: edgePart(`body/shell-${side}`, `${side}/top`, middle - wide / 2, middle + wide / 2),
        within: `body/shell/band-front-${side}`,
      };
    }),
});
