import { halfOf, minus, sum, times, type Derived } from '../derived/derived.ts';
import type { Ring, RoomWall } from '../pieces/room.ts';
import type { Reading } from './clearance.ts';
import type { CutParts } from './cut-parts.ts';
import { farthest, rowOf, type Load, type RingCloth } from './load.ts';
import { clothOver, pileOf } from './things.ts';
import { fitTube } from './tube.ts';

/** Between two walls that meet at their foot: there the things go round as in a flat bag. Closed, the pleats lie beside them at the
 * mouth, each from where it begins beside one wall to where it ends beside the other. */
export function fitFan(ring: Ring, cloth: RingCloth, load: Load, parts: CutParts): Reading[] {
  const of = (pleats: boolean) =>
    ring.walls.flatMap((wall, index) => (!!wall.pleated === pleats ? [{ wall, cloth: cloth.walls[index]! }] : []));
  const [facing, pleats] = [of(false), of(true)];
  const walls = facing.map(({ wall }) => wall);
  const own = { ...cloth, walls: facing.map((each) => each.cloth) };
  const tube = fitTube({ ...ring, walls }, own, withThoseOnWalls(load), parts);
  const sides = farthest(pleats.map((each) => each.cloth));
  const legs = pleats.map(({ wall }) => halfOf('leg of a pleat', atMouth(wall, boundsOf(wall), parts)));
  // walls that a pleat is pinched beside are narrower by that
  const pinched = pleats.flatMap(({ wall }) => pinchesOf(wall, parts));
  const wide = walls.map((wall) => parts.along('wall, at the mouth', wall.piece, wall.mouth!));
  return [
    ...tube,
    {
      direction: 'across',
      required: sum('things, pleats and sides', [rowOf(load), ...legs, times(2, sides)]),
      available: halfOf('half of both', sum('front and back, between their pleats', [...wide, ...pinched.map(minus)])),
      ease: load.ease.across,
    },
  ];
}

/** What is sewn onto its walls lies before its things, as if it were as wide as those: what is wider is measured with all of the bag. */
function withThoseOnWalls(load: Load): Load {
  const { onWalls, piles, own } = load;
  if (onWalls.length === 0) return load;
  const things = piles.flatMap((pile) => pile.things);
  const taken = onWalls.length === 1 ? onWalls[0]! : sum('sewn onto both walls', [...onWalls]);
  return {
    ...load,
    piles: [pileOf([...things, clothOver(things, taken)])],
    own: own.map((pile) => ({ ...pile, thick: sum('things, and what is on the walls', [pile.thick, taken]) })),
  };
}

const boundsOf = ({ left, right, pinched }: RoomWall) => [pinched?.left ?? left, pinched?.right ?? right];

const atMouth = (wall: RoomWall, lines: ReturnType<typeof boundsOf>, parts: CutParts): Derived =>
  parts.apartAt('pleat, at the mouth', wall, lines, wall.mouth!);

/** How far from a divider its pinches lie, at the mouth. */
const pinchesOf = (wall: RoomWall, parts: CutParts): Derived[] =>
  (['left', 'right'] as const).flatMap((side) => {
    const line = wall.pinched?.[side];
    return line ? [atMouth(wall, [wall[side], line], parts)] : [];
  });
