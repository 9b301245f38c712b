import type { Piece } from '../pieces/piece.ts';

/** The piece with one edge longer along its stitch line, as if it had been drawn wrong. mm */
export function moveEdge(piece: Piece, edge: string, by: number): Piece {
  const stitch = piece.stitch.map((each) => {
    if (each.id !== edge) return each;
    if (each.kind === 'arc') {
      const radius = Math.hypot(each.from[0] - each.centre[0], each.from[1] - each.centre[1]);
      return { ...each, sweep: each.sweep + Math.sign(each.sweep) * (by / radius) };
    }
    const [dx, dy] = [each.to[0] - each.from[0], each.to[1] - each.from[1]];
    const longer = 1 + by / Math.hypot(dx, dy);
    return { ...each, to: [each.from[0] + dx * longer, each.from[1] + dy * longer] as [number, number] };
  });
  return { ...piece, stitch };
}
