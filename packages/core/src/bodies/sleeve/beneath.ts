import { byRule, largest, sum, type Derived, type Rule } from '../../derived/derived.ts';
import { nothing } from '../../derived/constants.ts';
import type { MeasuredFace } from '../../faces/measure.ts';
import { thickest, type Slab } from '../../holders/slab.ts';
import type { Beneath } from '../body-kind.ts';
import type { Sleeve } from './params.ts';

const gapRule: Rule = {
  id: 'flap',
  formula: 'thickness - 2 × cloth above it',
  source: 'geometry: front and back lean together above a thing',
};

interface Under {
  inside: MeasuredFace;
  divider: MeasuredFace;
  front: MeasuredFace;
  walls: Derived;
  /** To the outermost layer of a wall. */
  reach: Derived;
  /** From the mouth to the highest that the face of the front reaches. */
  below: Derived;
}

/** What lies beneath a flap or strap: above things that end below the mouth front and back lean together, so that only what keeps them
 * apart at the mouth counts; of what is sewn onto the front only what reaches up to it. */
export const beneathMouth =
  ({ form, height }: Sleeve, { inside, divider, front, walls, reach, below }: Under) =>
  (down: number): Beneath => {
    const boxed = form === 'boxed';
    const gaps = [inside, divider].flatMap((face) =>
      levelsOf(face).map((level) => gapAbove(level, { boxed, height, reach })),
    );
    const gap = largest('apart at the mouth', [nothing, ...gaps]);
    const room = height.value - below.value;
    // it lies in the middle of its face
    const top = below.value + Math.max(0, room - front.height.value) / 2;
    const onto = front.occupied && top < down;
    return {
      full: sum('at the mouth, full', [walls, gap, ...(onto ? [front.loaded] : [])]),
      empty: sum('at the mouth, empty', [walls, ...(onto ? [front.empty] : [])]),
    };
  };

/** How thick all of it is that reaches up to the top of each thing. */
function levelsOf({ slabs, loaded }: MeasuredFace): { top: number; thick: Derived }[] {
  const tops = [...new Set(slabs.map(({ y1 }) => y1))];
  const lowest = Math.min(...tops);
  return tops.map((top) => ({
    top,
    // what lies beside each other may come to lie on each other
    thick:
      top === lowest
        ? loaded
        : thickest(
            'up to there',
            slabs.filter((slab: Slab) => slab.y1 >= top),
          ).thickness,
  }));
}

function gapAbove(
  { top, thick }: { top: number; thick: Derived },
  { boxed, height, reach }: { boxed: boolean; height: Derived; reach: Derived },
): Derived {
  const under = boxed ? reach.value : thick.value / 2 + (Math.PI / 2) * reach.value;
  const above = height.value - top - under;
  return byRule(gapRule, 'kept apart by what is in it', Math.max(0, thick.value - 2 * Math.max(0, above)), [
    thick,
    height,
  ]);
}
