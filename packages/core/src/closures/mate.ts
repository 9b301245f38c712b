import type { ClosingEdge } from '../bodies/body-kind.ts';
import type { Point } from '../geometry/perimeter.ts';
import type { SewnPocket } from '../holders/sewn-pocket.ts';
import type { Lap } from '../pieces/lap.ts';
import type { Action, SetHardware } from '../sewing/actions/action.ts';
import type { NamedLine } from '../pieces/room.ts';
import type { Hardware } from '../shelves/hardware/hardware.ts';
import type { ClosureInputs } from './closure-kind.ts';
import { radiusOf } from './fasteners.ts';

/** Where the mate of what goes over an edge is set: on the front, or on the pocket that lies over its place. */
export interface MatePlace {
  piece: string;
  at: Point;
  /** The same place on the front. */
  over: Point;
  /** The edge that it lies below: of the front, or the mouth of the pocket. */
  edge: NamedLine;
  /** The front that the pocket is sewn to, and its edge. */
  on?: { piece: string; edge: NamedLine };
  pocket?: SewnPocket;
}

/** A pocket carries it that has all of it.
 * @param distance from the edge of the front, mm
 * @param aside from the middle of that edge, mm */
export function matePlace(
  { front }: Pick<ClosingEdge, 'front'>,
  [distance, aside]: readonly [number, number],
  fastener: Hardware,
  { pockets }: Pick<ClosureInputs, 'pockets'>,
): MatePlace {
  const at = front.at(distance, aside);
  const edge = { edge: front.edge };
  const pocket =
    front.face !== undefined &&
    pockets?.().find((each) => each.face === front.face && !each.towards && covers(each, at, radiusOf(fastener)));
  if (!pocket) return { piece: front.piece, at, over: at, edge };
  const [x, y] = at;
  const { piece, mouth, middle } = pocket.front;
  return {
    piece,
    // the front of a pocket is drawn as it lies, its mouth up
    at: [middle[0] + x - (pocket.x0 + pocket.x1) / 2, middle[1] + y - pocket.y1],
    over: at,
    edge: mouth,
    on: { piece: front.piece, edge },
    pocket,
  };
}

const covers = ({ x0, x1, y0, y1 }: SewnPocket, [x, y]: Point, r: number): boolean =>
  x - x0 >= r && x1 - x >= r && y - y0 >= r && y1 - y >= r;

/** The same for what goes over the edge, by the first of its mates. */
export function lapMates(places: readonly [MatePlace, ...MatePlace[]], mark: string): Pick<Lap, 'mate' | 'onPockets'> {
  const [{ piece, edge, on }] = places;
  const onPockets = places.flatMap(({ on: host, over }) => (host ? [{ piece: host.piece, at: over }] : []));
  return {
    mate: { piece, mark, edge, ...(on && { on }) },
    ...(onPockets.length > 0 && { onPockets }),
  };
}

interface Mate {
  hardware: string;
  piece: string;
  mark: string;
}

/** The mate of a fastener: tried where it lies with everything in it, then set.
 * @param tried how far its mark lies from an edge, if that is told
 * @param through the layer that it is set in */
export const mateSet = (
  { hardware, piece, mark }: Mate,
  tried: { distance?: number; edge?: string },
  through: Pick<SetHardware, 'backed' | 'pockets'>,
): Action[] => [
  { verb: 'tryIn', fastener: { over: piece, mark, ...tried } },
  { verb: 'setHardware', hardware, half: 'lower', piece, mark, ...through },
];

/** Mates on a front, each through one layer: of the front, or of the pocket that lies over its place.
 * @param distance from the edge of the front, mm */
export const matesSet = (
  places: readonly MatePlace[],
  { hardware, mark, distance }: { hardware: string; mark: string; distance: number },
): Action[] =>
  places.flatMap(({ piece, pocket, edge }, index) => {
    const own = index === 0 ? mark : `${mark}-${index + 1}`;
    const named = 'edge' in edge && typeof edge.edge === 'string' ? { edge: edge.edge } : {};
    return mateSet({ hardware, piece, mark: own }, pocket ? {} : { distance, ...named }, {
      backed: true,
      ...(pocket && { pockets: [pocket.id] }),
    });
  });

/** The steps that come before it is set. */
export const afterPockets = (places: readonly MatePlace[]): string[] => [
  ...new Set(places.flatMap(({ pocket }) => (pocket ? [`holders/${pocket.id}/set`] : []))),
];
