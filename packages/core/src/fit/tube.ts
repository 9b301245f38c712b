import { nothing } from '../derived/constants.ts';
import { byRule, halfOf, sum, type Addend, type Derived, type Rule } from '../derived/derived.ts';
import type { Ring, RoomWall } from '../pieces/room.ts';
import type { Reading } from './clearance.ts';
import type { CutParts, WallCloth } from './cut-parts.ts';
import { heldOf, standsOut } from './deep.ts';
import type { Load, RingCloth } from './load.ts';
import { halfRoundPiles, type Thing } from './things.ts';

const clothRule = (formula: string): Rule => ({
  id: 'fitting',
  formula,
  source: 'geometry: perimeter of a parallel convex body (Steiner)',
});

/** How much longer a wall is that lies so far outside of what it goes round, for so many quarters of a turn, mm. */
export const turned = (label: string, quarters: number, reach: Derived): Derived =>
  byRule(clothRule(`${quarters} × π/2 × reach`), label, (quarters * Math.PI * reach.value) / 2, [reach]);

/** A front and a back that are sewn to each other at both sides and both give, or one wall sewn to itself: the way round decides
 * across, and what thickness takes of each wall decides how deep. */
export function fitTube({ walls, parts: within }: Ring, cloth: RingCloth, load: Load, parts: CutParts): Reading[] {
  // what parts a bag ends below its mouth: the walls of the bag tell how deep
  return [around(walls, cloth.walls, load, parts), ...(within ? [] : depths(walls, cloth, load, parts))];
}

/** Half of the cloth that goes round, of two walls in the middle between both. mm */
export const clothRound = (cloth: readonly WallCloth[]): Derived =>
  turned(
    'cloth going round',
    2,
    halfOf(
      'half of both',
      sum(
        'front and back, each to its outermost layer',
        cloth.map(({ reach }) => reach),
      ),
    ),
  );

/** What goes round the things crosswise.
 * @param between walls what else closes the way round, such as zippers that show; mm */
export function around(
  walls: readonly RoomWall[],
  cloth: readonly WallCloth[],
  load: Load,
  parts: CutParts,
  between: readonly Addend[] = [],
) {
  const { piles, ease } = load;
  const round = halfRoundPiles(piles);
  const flat = walls.map((wall) => parts.across('clear, line to line', wall));
  const [only] = flat;
  if (walls.length === 1 && only) {
    const required = sum('half of the way round', [round, turned('cloth going round', 2, cloth[0]!.reach)]);
    return { direction: 'across', required, available: halfOf('half of the wall', only), ease: ease.across } as const;
  }
  const whole = walls.map(parts.wholeAcross);
  const all = [...flat, ...stretched(flat, whole, cloth), ...between];
  const available = halfOf('half of both walls', sum('front and back', all));
  const required = sum('half of the way round', [round, clothRound(cloth)]);
  return { direction: 'across', required, available, ease: ease.across } as const;
}

const stretchRule: Rule = {
  id: 'fitting',
  formula: 'as long as what it is sewn to',
  source: 'geometry: a stretched wall',
};

/** A wall that is stretched onto the other is as long as that. */
function stretched(flat: readonly Derived[], whole: readonly number[], cloth: readonly WallCloth[]): Derived[] {
  const long = Math.max(...flat.map(({ value }) => value));
  return flat.flatMap((own, index) => {
    const by = Math.min(long - own.value, whole[index]! * cloth[index]!.stretch);
    return by > 1e-9 ? [byRule(stretchRule, 'stretched onto the other', by, [own])] : [];
  });
}

/** How far down each thing goes, against each wall that has a mouth and a base. */
export function depths(walls: readonly RoomWall[], cloth: RingCloth, load: Load, parts: CutParts): Reading[] {
  const high = walls.flatMap((wall, index) => {
    const whole = wall.low ? undefined : parts.up('bottom to mouth', wall);
    if (!whole) return [];
    return [
      {
        reach: cloth.walls[index]!.reach,
        // the other stays flat, so that this one goes round all of what lies on it
        all: walls.some((other) => other !== wall && other.flat),
        has: load.taken.length > 0 ? sum('bottom to where it is held', [whole, ...load.taken]) : whole,
      },
    ];
  });
  const standing = load.own.flatMap(({ things, thick }) => things.map((thing) => ({ thing, thick })));
  return standing.flatMap(({ thing, thick }) =>
    high.map(({ reach, all, has }): Reading => {
      const required = deepOf(thing, all ? thick : halfOf('half of its thickness', thick), reach, load.shut);
      const ease = standsOut(thing, load.shut) ? nothing : load.ease.deep;
      return { direction: 'deep', required, available: has, ease, lines: [thing.key] };
    }),
  );
}

/** Along a wall from the bottom to the mouth, or to where the walls meet above it, mm.
 * @param share of the thickness that this wall goes round below, and above */
function deepOf(thing: Thing, share: Derived, reach: Derived, shut: boolean): Derived {
  return sum('along the wall', [
    heldOf(thing, shut),
    share,
    ...(shut ? [share] : []),
    turned(shut ? 'cloth going over and under it' : 'cloth going under it', shut ? 2 : 1, reach),
  ]);
}
