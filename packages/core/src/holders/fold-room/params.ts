import type { Params } from '../../document/design-document.ts';
import type { ParamSpec } from '../holder-kind.ts';
import { choiceParam } from '../params.ts';

export type RoomFrontChoice = 'panel' | 'cards';

export const foldRoomParams = {
  front: {
    kind: 'choice',
    title: 'Its front is',
    standard: 'panel' as RoomFrontChoice,
    choices: [
      {
        id: 'panel' as RoomFrontChoice,
        title: 'a panel of its own',
        why: 'Folded double, its fold is the mouth; whatever lies before it is sewn onto it.',
      },
      {
        id: 'cards' as RoomFrontChoice,
        title: 'the card panel before it',
        why: 'That is lined already: thinner by two layers, and one piece less. Its edge at the fold is the mouth.',
      },
    ],
  },
} as const satisfies Record<string, ParamSpec>;

/** Whether what lies before it is to be its front. */
export const takesFront = (params: Params): boolean => choiceParam(params, 'front', foldRoomParams.front) === 'cards';
