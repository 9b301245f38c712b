import { volumeOf, type Packable, type PackedPlace, type Packing, type Triple } from './packable.ts';

/** Some of one thing in rows, columns and layers. */
interface Grid {
  counts: Triple;
  way: Triple;
  size: Triple;
}

/** Things that are alike, together as one block that may have the shape of any grid of them. */
export interface Block extends Packable {
  /** The places of its things in a shape that it may have, from its own corner. */
  placesIn(size: Triple): PackedPlace[];
}

/** Things that are alike (in all the ways they may lie), each lot as one block. */
export function blocksOf(things: readonly Packable[]): Block[] {
  const lots = new Map<string, Packable[]>();
  for (const thing of things) {
    const key = String(thing.ways);
    lots.set(key, [...(lots.get(key) ?? []), thing]);
  }
  return [...lots.values()].map(blockOf);
}

function blockOf(lot: readonly Packable[]): Block {
  const grids = lot[0]!.ways.flatMap((way) => gridsOf(way, lot.length));
  const find = (size: Triple) => grids.find((grid) => String(grid.size) === String(size))!;
  return {
    id: lot[0]!.id,
    ways: unlike(grids).map(({ size }) => size),
    placesIn: (size) => lot.map(({ id }, index) => ({ id, at: cellOf(find(size), index), size: find(size).way })),
  };
}

/** Every number of rows, columns and layers that just takes so many. */
function gridsOf(way: Triple, count: number): Grid[] {
  const grids: Grid[] = [];
  for (let across = 1; across <= count; across++)
    for (let thick = 1; thick <= Math.ceil(count / across); thick++) {
      const up = Math.ceil(count / (across * thick));
      // a row or column that would stay empty is no row
      if (Math.ceil(count / (thick * up)) < across || Math.ceil(count / (across * up)) < thick) continue;
      grids.push({ counts: [across, thick, up], way, size: [across * way[0], thick * way[1], up * way[2]] });
    }
  return grids;
}

const cellOf = ({ counts: [across, thick], way }: Grid, index: number): Triple => [
  (index % across) * way[0],
  (Math.floor(index / across) % thick) * way[1],
  Math.floor(index / (across * thick)) * way[2],
];

/** One grid of each size, the fullest first. */
function unlike(grids: Grid[]): Grid[] {
  const bySize = new Map(grids.map((grid) => [String(grid.size), grid]));
  return [...bySize.values()].sort((a, b) => volumeOf(a.size) - volumeOf(b.size));
}

/** The arrangement of blocks with the things of each in its place. */
export const unpacked = (packing: Packing, blocks: readonly Block[]): Packing => ({
  ...packing,
  places: packing.places.flatMap(({ id, at, size }) => {
    const block = blocks.find((each) => each.id === id)!;
    return block.placesIn(size).map((place) => shifted(place, at));
  }),
});

export const shifted = (place: PackedPlace, [x, y, z]: Triple): PackedPlace => ({
  ...place,
  at: [place.at[0] + x, place.at[1] + y, place.at[2] + z],
});
