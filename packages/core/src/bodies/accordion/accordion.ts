import { nothing } from '../../derived/constants.ts';
import { minus, named, sum, times } from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import type { MeasuredFace } from '../../faces/measure.ts';
import type { CutPieces } from '../../holders/seat.ts';
import { choiceParam } from '../../holders/params.ts';
import type { BodyInputs, BodyKind, ClosingMouth, SizedBody, SizedFace } from '../body-kind.ts';
import { clothBar, sewnBars, stackBars, thingBars, type SectionBar } from '../section.ts';
import { accordionBoards } from './boards.ts';
import { contributeAccordion } from './contribute.ts';
import { accordionParams, compartmentsFor, countOf, type Accordion } from './params.ts';
import { heldIn, sewnOnto, wallFaces, wallTitles, type WallFace } from './held.ts';
import { planFile } from './plan.ts';
import { planFan } from './plan-fan.ts';
import { compartmentRing, fanBag } from './rings.ts';
import { accordionMargin, biteBottom, biteTop, dividerTaper, fanBelow, fanOpens } from './rules.ts';
import { liningSchool } from '../lining-rules.ts';
import { pocketFrame, seamAllowance, topstitchInset, turningGap } from '../../shelves/rules/common-rules.ts';

const free = { kind: 'free' } as const;
const stitched = { kind: 'stitchedOn' } as const;

/** Width, gusset and height of the shell between its stitch lines, as cut, mm. */
function asCut(cut: CutPieces, detail: Accordion): Record<'width' | 'gusset' | 'height', number> {
  const front = cut('body/shell-front');
  const side = cut('body/shell-gusset-right');
  return {
    width: front.sewn.width,
    gusset: side.sewn.width,
    height: detail.foot === 'fan' ? front.sewn.height : side.sewn.height,
  };
}

function size(params: Params, faces: MeasuredFace[], inputs: BodyInputs): SizedBody<Accordion> {
  const { stacks } = inputs;
  const held = heldIn(faces);
  const { compartments } = held;
  const fan = choiceParam(params, 'foot', accordionParams.foot) === 'fan';
  const detail = (fan ? planFan : planFile)(params, held, inputs);
  const { width, height } = detail.shell;
  const cloth = sum('a wall', [stacks.exterior, stacks.lining]);
  const dividers = times(compartments.length - 1, detail.dividerThickness);
  const stack = sum('stack in the bottom seam', [times(2, cloth), dividers]);
  const things = [...compartments, ...sewnOnto(held)].map(({ loaded }) => loaded);
  const pockets = sewnOnto(held).map(({ empty }) => empty);
  return {
    finished: {
      width: named('finished width', width),
      height: named('finished height', height),
      depth: fan
        ? named('finished depth, fanned out', sum('all pleats', [...detail.legs.map((leg) => times(2, leg)), dividers]))
        : named('finished depth, full', detail.base),
    },
    closedThickness: named('thick, full', sum('thick, full', [times(2, cloth), dividers, ...things])),
    emptyThickness: named('thick, empty', sum('thick, empty', [times(2, cloth), dividers, ...pockets])),
    sizes: {
      width,
      height,
      gusset: detail.gusset,
      ...(!fan && { base: detail.base }),
      ...Object.fromEntries(detail.legs.map((leg, index) => [`leg${index + 1}`, leg])),
      stack,
      // closed, the pleats lie on each other beside the things
      pleats: sum('at the sides, empty', [times(2 + 2 * compartments.length, cloth), dividers]),
    },
    faces: [
      ...compartments.map((_, index) => roomFace(index, detail)),
      ...wallFaces.map((id) => wallFace(id, detail, inputs)),
    ],
    closing: mouthOf(detail),
    detail,
  };
}

function roomFace(index: number, detail: Accordion): SizedFace {
  const { shell } = detail;
  return {
    id: `room-${index + 1}`,
    seat: 'file',
    host: { piece: 'body/shell-front', width: shell.width.value, height: shell.height.value },
    room: { x: 0, y: 0, width: shell.width, height: shell.height, towards: 'left' },
    edges: { left: free, right: free, bottom: free, top: free },
    rings: [compartmentRing(index, detail)],
    ...(detail.foot === 'fan' && { bag: fanBag() }),
  };
}

/** What is sewn onto the lining of front or back stays clear of its edges, above the base. */
function wallFace(id: WallFace, { lining, base }: Accordion, { rules }: BodyInputs): SizedFace {
  const { width, height, taper } = lining;
  const frame = rules.length(pocketFrame);
  const low = (base.value - taper.value) / 2;
  return {
    id,
    seat: 'wall',
    host: {
      piece: `body/lining-${id === 'front-wall' ? 'front' : 'back'}`,
      width: width.value,
      height: low + height.value,
    },
    room: {
      x: frame.value + taper.value / 2,
      y: frame.value + Math.max(0, low),
      width: sum('between its sides', [width, minus(taper), times(-2, frame)]),
      height: sum('between foot and mouth', [height, times(-2, frame)]),
      towards: 'middle',
    },
    edges: { left: stitched, right: stitched, bottom: stitched, top: stitched },
  };
}

function mouthOf({ shell, base }: Accordion): ClosingMouth {
  const high = shell.height.value + base.value / 2;
  return {
    kind: 'mouth',
    width: shell.width,
    front: { piece: 'body/shell-front', at: (fromLeft, down) => [fromLeft, high - down] },
    back: { piece: 'body/shell-back', at: (fromLeft, down) => [shell.width.value - fromLeft, high - down] },
    rim: [
      { piece: 'body/shell-front', edge: 'top' },
      { piece: 'body/shell-back', edge: 'top' },
    ],
    sideGaps: () => [],
    proud: nothing,
    lined: true,
  };
}

/** Files and wallets of several compartments with pleated sides. */
export const accordion: BodyKind<Accordion> = {
  title: 'Accordion',
  about: 'several compartments between pleated sides',
  orientation: 'lying',
  closures: ['none', 'flap', 'strap-over'],
  spreads: true,
  startsWith: (contents) => ({ compartments: compartmentsFor(contents) }),
  parts: ['handles'],
  params: accordionParams,
  rules: [
    seamAllowance,
    topstitchInset,
    accordionMargin,
    biteTop,
    biteBottom,
    dividerTaper,
    fanOpens,
    fanBelow,
    pocketFrame,
    turningGap,
    liningSchool,
  ],
  faces: (params) => [
    ...Array.from({ length: countOf(params) }, (_, index) => ({
      id: `room-${index + 1}`,
      title: `in compartment ${index + 1}`,
      seat: 'file' as const,
    })),
    ...wallFaces.map((id) => ({ id, title: `on the ${wallTitles[id]}`, seat: 'wall' as const })),
  ],
  size,
  contribute: contributeAccordion,
  boards: accordionBoards,
  section({ detail, closedThickness }, placed, { stacks }) {
    const width = detail.shell.width.value;
    const cloth = (role: 'exterior' | 'lining') => clothBar(role, width, stacks);
    const divider: SectionBar = {
      of: { role: 'pocket' },
      label: 'divider',
      u0: 0,
      u1: width,
      thickness: detail.dividerThickness.value,
    };
    const rooms = detail.legs.flatMap((_, index): SectionBar[] => {
      const things = placed
        .filter(({ seat }) => seat.face === `room-${index + 1}`)
        .flatMap((holder) => thingBars(holder, width));
      return index === 0 ? things : [divider, ...things];
    });
    const onWall = (id: WallFace): SectionBar[] => placed.filter(({ seat }) => seat.face === id).flatMap(sewnBars);
    const layers = stackBars([
      cloth('exterior'),
      cloth('lining'),
      ...onWall('front-wall'),
      ...rooms,
      ...onWall('back-wall'),
      cloth('lining'),
      cloth('exterior'),
    ]);
    return { layers, width, folded: false, state: 'closed', total: closedThickness };
  },
  readBack: (cut, { detail }) => ({ ...asCut(cut, detail) }),
};
