import type { ParamSpec } from '../../holders/holder-kind.ts';

export type RoundLayers = 'lined' | 'single';

export const roundParams = {
  layers: {
    kind: 'choice',
    title: 'Inside it is',
    standard: 'lined' as RoundLayers,
    choices: [
      { id: 'lined' as RoundLayers, title: 'lined', why: 'No raw edges, and the bag stands better.' },
      {
        id: 'single' as RoundLayers,
        title: 'one layer',
        why: 'Light and quick: the mouth is hemmed, seams are bound.',
      },
    ],
  },
} as const satisfies Record<string, ParamSpec>;
