import { choiceParam } from '../../holders/params.ts';
import type { PlacedHolder } from '../../holders/holder-kind.ts';
import type { BodyKind } from '../body-kind.ts';
import { clothBar, sewnBars, stackBars, thingBars, type Section, type SectionBar } from '../section.ts';
import { organizerBoards } from './boards.ts';
import { contributeOrganizer } from './contribute.ts';
import { organizerParams, type Organizer } from './params.ts';
import { organizerAsCut } from './read-back.ts';
import { sizeOrganizer } from './size.ts';
import { shellOffset } from '../gusset-ring/rules.ts';
import { liningSchool } from '../lining-rules.ts';
import { frameEase } from './rules.ts';
import {
  pocketFrame,
  seamAllowance,
  topstitchInset,
  turningGap,
  zipClear,
  zipSeam,
} from '../../shelves/rules/common-rules.ts';

/** Boxes with a zipped mouth that a frame holds wide open. */
export const organizer: BodyKind<Organizer> = {
  title: 'Framed organizer',
  about: 'a box whose zipped mouth a frame holds wide open',
  orientation: 'upright',
  closures: ['zip-top'],
  parts: ['ring-tabs', 'base-pad'],
  params: organizerParams,
  rules: [
    seamAllowance,
    topstitchInset,
    turningGap,
    liningSchool,
    pocketFrame,
    frameEase,
    shellOffset,
    zipSeam,
    zipClear,
  ],
  findings: ['gusset.tightCorner'],
  faces: (params) => [
    { id: 'inside', title: 'in the box', seat: 'box' },
    { id: 'divider', title: 'hanging between the sides', seat: 'pouch' },
    { id: 'back', title: 'on the inside of the back', seat: 'wall' },
    ...(choiceParam(params, 'outer', organizerParams.outer) === 'zipped'
      ? [
          {
            id: 'front',
            title: 'in the outer pocket, on its back',
            seat: 'wall' as const,
            // what is sewn onto a padded back lies on its right side
            outside: choiceParam(params, 'back', organizerParams.back) === 'shell',
          },
          { id: 'flap', title: 'in the outer pocket, on its flap', seat: 'wall' as const },
        ]
      : []),
  ],
  size: sizeOrganizer,
  contribute: contributeOrganizer,
  boards: organizerBoards,
  section({ detail, closedThickness }, placed, { stacks }): Section {
    // seen from above: the back below, the outer pocket on top
    const { outer, shell } = detail;
    const width = shell.width.value;
    const cloth = (role: 'exterior' | 'lining') => clothBar(role, width, stacks);
    const on = (face: string) => placed.filter(({ seat }) => seat.face === face);
    const total = closedThickness.value;
    const floor = stackBars([
      cloth('exterior'),
      cloth('lining'),
      ...on('back').flatMap(sewnBars),
      ...on('divider').flatMap((holder) => thingBars(holder, width)),
      ...on('inside').flatMap((holder) => thingBars(holder, width)),
    ]);
    const front = shell.depth.value - stacks.lining.value;
    const raised = (bars: SectionBar[], by: number) =>
      stackBars(bars).map((layer) => ({ ...layer, z0: layer.z0 + by, z1: layer.z1 + by }));
    const inPocket = (holder: PlacedHolder) =>
      sewnBars(holder).map((bar) => ({ ...bar, u0: bar.u0 + (outer?.at.x ?? 0), u1: bar.u1 + (outer?.at.x ?? 0) }));
    const back = raised(
      [
        cloth('lining'),
        cloth('exterior'),
        ...(outer ? [cloth(outer.back === 'shell' ? 'exterior' : 'lining'), ...on('front').flatMap(inPocket)] : []),
      ],
      front,
    );
    // the flap lies face down on top
    const flap = outer
      ? stackBars([
          cloth('exterior'),
          { ...cloth('exterior'), of: { role: 'base' }, label: 'stiffener', thickness: stacks.base.value },
          cloth('lining'),
          ...on('flap').flatMap(inPocket),
        ]).map((layer) => ({ ...layer, z0: total - layer.z1, z1: total - layer.z0 }))
      : [];
    return { layers: [...floor, ...back, ...flap], width, folded: false, state: 'closed', total: closedThickness };
  },
  readBack: (cut, { detail }) => organizerAsCut(detail, cut),
};
