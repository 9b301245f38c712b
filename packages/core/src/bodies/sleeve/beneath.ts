import { byRule, largest, sum, type Derived, type Rule } from '../../derived/derived.ts';
import { nothing } from '../../derived/constants.ts';
import type { MeasuredFace } from '../../faces/measure.ts';
import { thickest, type Slab } from '../../holders/slab.ts';
import type { Beneath } from '../body-kind.ts';
import { sideStart, type Sleeve } from './params.ts';

const gapRule: Rule = {
  id: 'flap',
  formula: 'thickness - 2 × cloth above it',
  source: 'geometry: front and back lean together above a thing',
};

const proudRule: Rule = {
  id: 'flap',
  formula: 'top of the thing - height',
  source: 'geometry: what is above the mouth',
};

const aboveRule: Rule = {
  id: 'flap',
  formula: 'height - length - thickness / 2 - π/2 × cloth',
  source: 'geometry: along the wall to the top of the thing',
};

interface Under {
  inside: MeasuredFace;
  divider: MeasuredFace;
  front: MeasuredFace;
  walls: Derived;
  /** To the outermost layer of a wall, and of a pouch that hangs in it. */
  reach: Derived;
  pouch: Derived;
}

/** What lies beneath a flap or strap: above things that end below the mouth front and back lean together, so that only what keeps them
 * apart at the mouth counts; of what is sewn onto the front only what reaches up to it. */
export const beneathMouth =
  (sleeve: Sleeve, { inside, divider, front, walls, reach, pouch }: Under) =>
  (down: number): Beneath => {
    const { height, panelHeight, shallower, cut } = sleeve;
    const bag = bagOf(sleeve, reach);
    // a pouch hangs in the lining and stands on nothing
    const hung = ({ top }: Level) => height.value - shallower.value - cut.value - top;
    const gap = largest('apart at the mouth', [
      nothing,
      ...levelsOf(inside).map((level) => apart(level.thick, aboveOf(level, bag), height)),
      ...levelsOf(underZipper(divider, pouch)).map((level) => apart(level.thick, hung(level), height)),
    ]);
    // up to the mouth of a pocket, or to the top of what stands in it
    const up = Math.max(0, ...front.slabs.map(({ y1 }) => y1));
    const top = panelHeight.value - sideStart(sleeve) - up;
    const onto = front.occupied && top < down;
    return {
      full: sum('at the mouth, full', [walls, gap, ...(onto ? [front.loaded] : [])]),
      empty: sum('at the mouth, empty', [walls, ...(onto ? [front.empty] : [])]),
    };
  };

/** What hangs in a pouch stands on its cloth, and nothing above its zipper. */
function underZipper(face: MeasuredFace, cloth: Derived): MeasuredFace {
  const own = face.slabs.flatMap(({ of, y1 }) => ('role' in of ? [y1] : []));
  const zipper = own.length > 0 ? Math.max(...own) : Infinity;
  const lifted = (slab: Slab): Slab =>
    'role' in slab.of ? slab : { ...slab, y1: Math.min(slab.y1 + cloth.value, zipper) };
  return { ...face, slabs: face.slabs.map(lifted) };
}

/** How thick all of it is that reaches up to the top of each thing. */
function levelsOf({ slabs, loaded }: MeasuredFace): Level[] {
  const tops = [...new Set(slabs.map(({ y1 }) => y1))];
  // what is packed loose is as thick all together up to the highest of it
  if (slabs.some(({ loose }) => loose)) return [{ top: Math.max(...tops), thick: loaded }];
  const lowest = Math.min(...tops);
  return tops.map((top) => ({
    top,
    // what lies beside each other may come to lie on each other
    thick: top === lowest ? loaded : rowsUpTo(slabs.filter((slab: Slab) => slab.y1 >= top)),
  }));
}

/** The thickest of each row: things may stand anywhere along theirs. */
function rowsUpTo(slabs: readonly Slab[]): Derived {
  const rows = [...new Set(slabs.map(({ row }) => row))].map((row) => {
    const own = slabs.filter((slab) => slab.row === row);
    return thickest(own.length === 1 ? own[0]!.label : 'up to there', own).thickness;
  });
  return rows.length === 1 ? rows[0]! : sum('up to there, one behind the other', rows);
}

interface Bag {
  boxed: boolean;
  height: Derived;
  reach: Derived;
  onBase: Derived;
}
type BagSizes = Pick<Sleeve, 'form' | 'height' | 'onBase'>;
const bagOf = ({ form, height, onBase }: BagSizes, reach: Derived): Bag => ({
  boxed: form === 'boxed',
  height,
  reach,
  onBase,
});

interface Level {
  top: number;
  thick: Derived;
}

/** Cloth above a thing, less than nothing if it stands out. mm */
const aboveOf = ({ top, thick }: Level, { boxed, height, reach, onBase }: Bag): number =>
  height.value - onBase.value - top - (boxed ? reach.value : thick.value / 2 + (Math.PI / 2) * reach.value);

/** What keeps front and back apart at the mouth.
 * @param above cloth above it, mm */
const apart = (thick: Derived, above: number, height: Derived): Derived =>
  byRule(gapRule, 'kept apart by what is in it', Math.max(0, thick.value - 2 * Math.max(0, above)), [thick, height]);

/** From the top of the tallest thing to the level of the mouth along the wall, mm; less than nothing if it stands out. */
export function cornerOf(sleeve: BagSizes, inside: MeasuredFace, reach: Derived): Derived {
  const bag = bagOf(sleeve, reach);
  const least = Math.min(...levelsOf(inside).map((level) => aboveOf(level, bag)));
  return byRule(aboveRule, 'above the thing', Number.isFinite(least) ? least : 0, [sleeve.height, inside.loaded]);
}

/** How far things stand out of the mouth, mm. */
export function proudOf(sleeve: BagSizes, inside: MeasuredFace, reach: Derived): Derived {
  const bag = bagOf(sleeve, reach);
  const out = Math.max(0, ...levelsOf(inside).map((level) => -aboveOf(level, bag)));
  return out > 0 ? byRule(proudRule, 'stands out of the mouth', out, [sleeve.height]) : nothing;
}
