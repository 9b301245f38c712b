import type { ParamSpec } from '../../holders/holder-kind.ts';

export const folioParams = {
  leaves: {
    kind: 'choice',
    title: 'Leaves',
    standard: '3',
    choices: [
      { id: '3', title: 'three', why: 'The right one folds in, the left one over it.' },
      { id: '4', title: 'four', why: 'The right ones roll in, the left one goes over all.' },
    ],
  },
  edges: {
    kind: 'choice',
    title: 'Edges',
    standard: 'turned',
    choices: [
      { id: 'turned', title: 'turned', why: 'Sewn right sides together and turned: for cloth that frays.' },
      { id: 'raw', title: 'raw', why: 'No allowances, sewn close to the edge: for felt, leather and coated cloth.' },
    ],
  },
} as const satisfies Record<string, ParamSpec>;
