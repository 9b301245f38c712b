import { chosen } from '../../holders/params.ts';
import type { Derived } from '../../derived/derived.ts';
import type { Params } from '../../document/design-document.ts';
import type { ParamSpec } from '../../holders/holder-kind.ts';
import type { BoxLayer } from '../box/params.ts';
import type { Ring } from '../gusset-ring/ring.ts';
import { shellRadius } from '../gusset-ring/rules.ts';

export type OuterPocket = 'zipped' | 'none';

/** Cloth of the back that the outer pocket has of its own: thin as the lining, or with all layers of the shell. */
export type OuterBack = 'lining' | 'shell';

const isZipped = (params: Params): boolean => chosen(params, 'outer', 'zipped') === 'zipped';

export const organizerParams = {
  outer: {
    kind: 'choice',
    title: 'Outer pocket',
    standard: 'zipped' as OuterPocket,
    choices: [
      {
        id: 'zipped' as OuterPocket,
        title: 'folds out, its zipper round three sides',
        why: 'Its stiff flap carries loops, the front behind it a pocket.',
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
    when: isZipped,
  },
  radius: {
    kind: 'length',
    title: 'Radius of the outer pocket’s corners',
    rule: shellRadius,
    when: isZipped,
  },
} as const satisfies Record<string, ParamSpec>;

/** A pocket with a depth of its own on the front, that folds out. All mm. */
export interface FoldOut extends Ring {
  /** Its lower left corner (were it square) on the front. */
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
  outer?: FoldOut;
  /** Whether something hangs between the sides. */
  divided: boolean;
}
