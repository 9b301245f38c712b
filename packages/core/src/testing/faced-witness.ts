import { flatten } from '../geometry/outline.ts';
import type { Point } from '../geometry/perimeter.ts';
import type { Room } from '../pieces/room.ts';
import { closest, ringGirth, type Cut } from './room-witness.ts';
import { clothOf, corners, leastOfEach, pilesIn, taut, type Asked, type Witnessed } from './thing-witness.ts';

// A flap of two faces: lines laid taut round its things crosswise and lengthwise, and how far a corner of what they leave can go into the
// round end of its face, by steps.

export const isFaced = ({ rings }: Room): boolean => rings.some(({ walls }) => walls.some(({ roundEnd }) => roundEnd));

/** What such a flap clears.
 * @param over how much of it lies over the edge of the piece, closed and full, mm */
export function facedIn(cut: Cut, room: Room, asked: Asked, over: number): Witnessed[] {
  const [pile = []] = pilesIn(room, asked);
  const { piece, shows } = room.opening!;
  const beside = shows!.reduce((sum, { inset }) => sum + (inset ? asked.inset(inset) : 0), 0);
  const shown = closest(cut, piece, ...shows!) - beside;
  let within = 0;
  const found = room.rings.flatMap((ring): Witnessed[] => {
    const cloth = ring.walls.map((wall) => clothOf(cut.pieces, wall));
    const reach = cloth.reduce((sum, own) => sum + own.reach, 0) / cloth.length + within;
    within += cloth.reduce((sum, own) => sum + own.thick, 0) / cloth.length;
    let y = 0;
    const points = pile.flatMap(({ own }) => {
      const at = own.section.map(([u, v]): Point => [u - own.wide / 2, v + y]);
      y += own.thick;
      return at;
    });
    const slack = (ringGirth(cut, ring, asked.inset) + 2 * shown - taut(points, reach)) / 2;
    const faces = ring.walls.map(({ piece: id }) =>
      flatten(cut.pieces.find((each) => each.id === id)!.stitch, { tolerance: 0.002 }),
    );
    const wide = Math.min(...faces.map((face) => Math.max(...face.map(([x]) => x))));
    const aside = wide / 2 - Math.max(1e-6, slack / 2);
    const far = Math.min(...faces.map((face) => reaches(face, aside)));
    const [wall] = ring.walls;
    const stitched = wall!.base!.inset ? asked.inset(wall!.base!.inset) : 0;
    return [
      { form: 'faced', direction: 'across', clearance: slack },
      ...pile.map(({ own, stood }): Witnessed => {
        const round = taut(corners(own.deep, y), reach) / 2;
        return {
          form: 'faced',
          direction: 'deep',
          line: stood.line,
          clearance: far - Math.max(stitched, over) + shown / 2 - round,
        };
      }),
    ];
  });
  return leastOfEach(found);
}

/** The highest place in an outline so far from its middle, by halving. */
function reaches(face: readonly Point[], aside: number): number {
  const [xs, ys] = [face.map(([x]) => x), face.map(([, y]) => y)];
  const x = (Math.max(...xs) + Math.min(...xs)) / 2 + aside;
  let [low, high] = [0, Math.max(...ys) + 1];
  for (let step = 0; step < 50; step++) {
    const y = (low + high) / 2;
    if (inside([x, y], face)) low = y;
    else high = y;
  }
  return low;
}

function inside([x, y]: Point, outline: readonly Point[]): boolean {
  let within = false;
  outline.forEach(([x0, y0], index) => {
    const [x1, y1] = outline[(index + 1) % outline.length]!;
    if (y0 > y !== y1 > y && x < x0 + ((y - y0) / (y1 - y0)) * (x1 - x0)) within = !within;
  });
  return within;
}
