import { choiceParam } from '../../holders/params.ts';
import type { BodyKind } from '../body-kind.ts';
import { organizerBoards } from './boards.ts';
import { contributeOrganizer } from './contribute.ts';
import { organizerParams, outerNames, walledBy, type Organizer } from './params.ts';
import { organizerSection } from './section.ts';
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
    ...walledBy(params).flatMap((wall) => {
      const { called, face, flap } = outerNames[wall];
      // what is sewn onto a padded back lies on its right side
      const outside = choiceParam(params, 'back', organizerParams.back) === 'shell';
      return [
        { id: face, title: `in the ${called}, on its back`, seat: 'wall' as const, outside },
        { id: flap, title: `in the ${called}, on its flap`, seat: 'wall' as const },
      ];
    }),
  ],
  size: sizeOrganizer,
  contribute: contributeOrganizer,
  boards: organizerBoards,
  section: organizerSection,
  readBack: (cut, { detail }) => organizerAsCut(detail, cut),
};
