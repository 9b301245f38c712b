import { choiceParam, chosen } from '../../holders/params.ts';
import type { Derived } from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import type { ParamSpec } from '../../holders/holder-kind.ts';
import type { BoxLayer } from '../box/params.ts';
import type { Ring } from '../gusset-ring/ring.ts';
import { shellRadius } from '../gusset-ring/rules.ts';

export type OuterPocket = 'zipped' | 'both' | 'none';

/** Cloth of the back that the outer pocket has of its own: thin as the lining, or with all layers of the shell. */
export type OuterBack = 'lining' | 'shell';

/** The walls that have an outer pocket. */
export const outerWalls = ['front', 'back'] as const;
export type OuterWall = (typeof outerWalls)[number];
const on: Record<OuterPocket, readonly OuterWall[]> = { zipped: ['front'], both: outerWalls, none: [] };
export const walledBy = (params: Params): readonly OuterWall[] =>
  on[choiceParam(params, 'outer', organizerParams.outer)];

/** What is called by the wall that a pocket is on: itself, its sizes and pins, and the faces on its back and on its flap. */
export const outerNames = {
  front: { title: 'Outer pocket', called: 'outer pocket', key: 'outer', face: 'front', flap: 'flap' },
  back: { title: 'Rear pocket', called: 'rear pocket', key: 'rear', face: 'rear', flap: 'rear-flap' },
} as const satisfies Record<OuterWall, object>;

const hasOuter = (params: Params): boolean => chosen(params, 'outer', 'zipped') !== 'none';

export const organizerParams = {
  outer: {
    kind: 'choice',
    title: 'Outer pocket',
    standard: 'zipped' as OuterPocket,
    choices: [
      {
        id: 'zipped' as OuterPocket,
        title: 'in front',
        why: 'It folds out, its zipper round three sides: its stiff flap carries loops, the front behind it a pocket.',
      },
      {
        id: 'both' as OuterPocket,
        title: 'in front and at the back',
        why: 'Twice the room for small things, and deeper by another pocket.',
      },
      { id: 'none' as OuterPocket, title: 'none', why: 'A plain front: lighter, and less to sew.' },
    ],
  },
  back: {
    kind: 'choice',
    title: 'Back of the outer pocket',
    standard: 'lining' as OuterBack,
    choices: [
      {
        id: 'lining' as OuterBack,
        title: 'the lining',
        why: 'Thin: the front of the box behind it is padded already.',
      },
      {
        id: 'shell' as OuterBack,
        title: 'as the walls, padded',
        why: 'A wall of its own: the pocket keeps its form, and what is in it is padded from the box too.',
      },
    ],
    when: hasOuter,
  },
  radius: {
    kind: 'length',
    title: 'Radius of the outer pocket’s corners',
    rule: shellRadius,
    when: hasOuter,
  },
} as const satisfies Record<string, ParamSpec>;

/** A pocket with a depth of its own on the front or the back, that folds out. All mm. */
export interface FoldOut extends Ring {
  wall: OuterWall;
  /** Its lower left corner (were it square) on its wall. */
  at: { x: number; y: number };
  /** What lies under what is sewn in: lining and plate of the flap. */
  shells: Derived;
  /** Its back, and how thick that is. */
  back: OuterBack;
  backThick: Derived;
}

/** Driving sizes of a box whose zipped mouth is held open by a frame. All mm. */
export interface Organizer {
  shell: BoxLayer;
  lining: BoxLayer;
  /** The zipper's way, from the middle of one side round the rim to the middle of the other. */
  run: Derived;
  /** Between rim and zipper; in its lower part the frame lies. */
  band: Derived;
  channel: Derived;
  /** Each of the two wires: all of it, what lies along the mouth, and each leg along a side. */
  frame: { length: Derived; bar: Derived; leg: Derived };
  /** Closed, front and back lean together over the things by so much of their height. */
  lean: Derived;
  /** A firm base between shell and lining. */
  plate: { width: Derived; depth: Derived };
  /** Both walls, to the middle of the shell. */
  walls: Derived;
  /** On the front and on the back. */
  outers: readonly FoldOut[];
  /** Whether something hangs between the sides. */
  divided: boolean;
}
