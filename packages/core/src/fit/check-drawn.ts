import type { Finding } from '../errors/finding.ts';
import { mm, say } from '../errors/wording.ts';
import type { Ring, Room } from '../pieces/room.ts';
import { baseOf } from './boxed.ts';
import type { CutParts } from './cut-parts.ts';
import { lyingOn } from './lying-on.ts';
import type { Fitting } from './fitting.ts';
import { pilesIn } from './piles.ts';
import { layered } from './layered.ts';
import { farthest } from './load.ts';
import { footOf, type Pile } from './things.ts';
import { HAIR } from './verdicts.ts';

/** Common practice: gathered cloth fills so much of the room that it takes; the rest is air. */
const FILLS = 0.6;
/** Open by more than this share of what lies in it, it hardly holds that. */
const WIDE = 0.5;

/** A mouth that a cord draws together over what lies in it. All mm. */
interface Drawn {
  /** From the shoulder of the things to the cord, along the wall. */
  above: number;
  /** What would draw it quite shut. */
  tight: number;
  /** What stays open: a hole across, or the length of a slit. */
  open: number;
  /** Across what lies in it. */
  wide: number;
  slit: boolean;
}

/** How far a drawn mouth closes over what is in it: it is told, never refused. */
export function checkDrawn(fitting: Fitting, parts: CutParts): Finding[] {
  const drawn = fitting.shuts.filter((each) => each.drawn);
  if (drawn.length === 0) return [];
  const drop = Math.max(...drawn.map((each) => parts.drop(each)));
  const mouths = fitting.rooms
    .filter(({ underClosure }) => underClosure)
    .flatMap((room) => drawnOver(room, drop, fitting, parts))
    .sort((a, b) => b.open / b.wide - a.open / a.wide);
  return mouths.slice(0, 1).flatMap(told);
}

function told({ above, tight, open, wide, slit }: Drawn): Finding[] {
  if (above > tight - HAIR) return [];
  const what = slit ? 'a slit' : 'a hole';
  const text = say`Drawn shut over a flat-topped thing it leaves ${what} of about ${mm(open)}: ${mm(Math.max(0, above))} of cloth lie between the top of the thing and the cord, and ${mm(tight)} would draw it quite shut. A higher piece closes further.`;
  return [
    {
      code: 'closure.hole',
      severity: open > WIDE * wide ? 'watch' : 'note',
      about: ['closure'],
      numbers: { open, above },
      limit: tight,
      text,
    },
  ];
}

function drawnOver(room: Room, drop: number, fitting: Fitting, parts: CutParts): Drawn[] {
  const layers = layered(room.rings, parts);
  const { ring, cloth } = layers.at(-1)!;
  const thick = layers.reduce((total, each) => total + each.cloth.walls[0]!.thick.value, 0);
  const piles = pilesIn(room, fitting);
  const [wall] = ring.walls;
  const whole = wall && parts.up('base to mouth', wall);
  if (piles.length === 0 || !whole) return [];
  const high = whole.value - drop;
  if (ring.walls.length === 1 && cloth.floor) {
    const round = parts.across('once round', wall).value;
    return [inRound(piles, high - cloth.floor.reach.value, round, thick)];
  }
  if (ring.walls.length !== 2 || (room.rings[0]!.parts ?? false)) return [];
  const round = ring.walls.reduce((total, each) => total + parts.across('across the mouth', each).value, 0);
  const boxed = (ring.corners?.length ?? 0) > 0;
  return overFlat(
    piles,
    { high: boxed ? high - baseIn(ring, fitting, parts) : high, boxed, reach: farthest(cloth.walls).value },
    round,
    thick,
  );
}

/** What a base takes of a wall: half of its depth, and what lies loose on it. mm */
const baseIn = (ring: Ring, fitting: Fitting, parts: CutParts): number =>
  lyingOn(fitting, parts).reduce((total, { value }) => total + value, baseOf(ring, parts).value / 2);

/** Across all of a gathered mouth, its cloth pressed together.
 * @param round once round the mouth, mm */
const bulkOf = (round: number, thick: number): number => Math.sqrt((4 * round * thick) / (Math.PI * FILLS));

function inRound(piles: readonly Pile[], high: number, round: number, thick: number): Drawn {
  const things = piles.flatMap((pile) => pile.things);
  const across = Math.max(...things.map((thing) => footOf(thing).value));
  const above = high - things.reduce((total, { deep }) => total + deep.value, 0);
  const bulk = bulkOf(round, thick);
  const open = Math.max(bulk, across - 2 * Math.max(0, above));
  return { above, tight: (across - bulk) / 2, open, wide: across, slit: false };
}

/** At the top of each thing: all that reaches up to it, beside each other. */
function overFlat(
  piles: readonly Pile[],
  { high, boxed, reach }: { high: number; boxed: boolean; reach: number },
  round: number,
  cloth: number,
): Drawn[] {
  const bulk = bulkOf(round, cloth);
  const tops = new Set(piles.flatMap(({ things }) => things.map(({ deep }) => deep.value)));
  return [...tops].map((top) => {
    const up = piles
      .map(({ things }) => things.filter(({ deep }) => deep.value >= top - 1e-9))
      .filter((things) => things.length > 0);
    const wide = up.reduce((total, things) => total + Math.max(...things.map(({ across }) => across.value)), 0);
    const thick = Math.max(...up.map((things) => things.reduce((total, each) => total + each.thick.value, 0)));
    const above = high - top - (boxed ? reach : thick / 2 + (Math.PI / 2) * reach);
    const meets = above ** 2 - thick ** 2 / 4;
    const open = above > 0 && meets > 0 ? Math.max(0, wide - 2 * Math.sqrt(meets)) : wide;
    return { above, tight: (Math.hypot(wide, thick) - bulk) / 2, open, wide, slit: true };
  });
}
