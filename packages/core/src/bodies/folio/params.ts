import type { ParamSpec } from '../../holders/holder-kind.ts';
import { chosen } from '../../holders/params.ts';
import { narrowFlap } from './rules.ts';

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
  cover: {
    kind: 'choice',
    title: 'Left leaf',
    standard: 'whole',
    choices: [
      { id: 'whole', title: 'as wide as the second', why: 'Covers what was folded in, and holds things itself.' },
      { id: 'narrow', title: 'a narrow flap', why: 'Only closes: less cloth and weight, and nothing lies on it.' },
    ],
  },
  flap: {
    kind: 'length',
    title: 'Wide',
    rule: narrowFlap,
    when: (params) => chosen(params, 'cover', 'whole') === 'narrow',
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
