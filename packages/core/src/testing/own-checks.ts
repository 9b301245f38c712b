import { expect } from '@jest/globals';
import { distanceTo, edgeLength, flatten, outwards, pointAlong, polygonArea } from '../geometry/outline.ts';
import type { Outline } from '../geometry/outline.ts';
import type { Piece } from '../pieces/piece.ts';
import type { Checks } from './room-checks.ts';

/** Edges of which no place, moved outwards, comes to lie on an outline. */
function astray({ stitch }: Piece, outline: Outline, by: (edge: string) => number): string[] {
  const line = flatten(outline, { tolerance: 0.02 });
  return stitch.flatMap((edge) => {
    if (edgeLength(edge) < 1e-9) return [];
    const far = by(edge.id);
    const lies = (share: number) => {
      const at = share * edgeLength(edge);
      const [[x, y], [ox, oy]] = [pointAlong(edge, at), outwards(edge, at)];
      return distanceTo(line, [x + far * ox, y + far * oy]) < 0.06;
    };
    return [0.001, 0.25, 0.5, 0.75, 0.999].some(lies) ? [] : [edge.id];
  });
}

/** `body`, `closure`, or `holders/A` of `holders/A/pouch`. */
const partOf = (piece: string): string => /^((?:holders|parts)\/[^/]+|[^/]+)/.exec(piece)![0];

/** What the maker decides about single pieces is done to those, or she is told. */
export const ownChecks: Checks = {
  'every edge is cut beyond its stitch line by its allowance, what is cut rough by so much more, or it is told'(
    { pieces: own = [] },
    { pieces, findings },
  ) {
    const told = new Set(
      findings
        .filter(({ code }) => code === 'piece.ownTooWide' || code.startsWith('corner.'))
        .flatMap(({ about }) => about),
    );
    const wrong = pieces
      .filter(({ id, layerOf }) => layerOf === undefined && !told.has(`pieces/${id}`) && !told.has(partOf(id)))
      .flatMap((piece) => {
        const sewn = piece.trim?.outline ?? piece.cut;
        const rough = own.find(({ id }) => id === piece.id)?.rough ?? {};
        const off = astray(piece, sewn, (edge) => piece.allowance[edge]!);
        // larger all round, it closes notches: only that it is cut larger where it should be is seen
        const larger = piece.trim
          ? astray(piece, piece.cut, (edge) => piece.allowance[edge]! + (rough[edge] ?? 0))
          : [];
        const convex = larger.filter((edge) => piece.stitch.length === 4 && rough[edge] !== undefined);
        return [...off, ...convex].map((edge) => [piece.id, edge]);
      });
    expect(wrong).toEqual([]);
  },

  'what is decided about a piece is so, or it is told that it applies to nothing'(
    { pieces: own = [] },
    { pieces, findings },
  ) {
    const idle = new Set(findings.filter(({ code }) => code === 'piece.ownIdle').flatMap(({ about }) => about));
    for (const { id, layers, allowance = {}, rough = {} } of own) {
      const piece = pieces.find((each) => each.id === id);
      const wrong = [
        ...Object.entries(allowance).filter(([edge, by]) => piece?.allowance[edge] !== by),
        ...Object.entries(rough).filter(([edge, by]) => by > 0 && !piece?.trim?.at.includes(edge)),
        ...(piece?.byRuler ? Object.keys(rough) : []),
        ...(layers ?? []).filter(({ material }, index) => piece?.layers[index]?.material !== material),
      ];
      if (!piece || piece.layerOf !== undefined) expect([id, idle.has(`pieces/${id}`)]).toEqual([id, true]);
      else expect([id, idle.has(`pieces/${id}`)]).toEqual([id, wrong.length > 0]);
    }
  },

  'what is cut larger is trimmed once, before an edge that it is larger at is sewn, to a smaller piece'(
    _,
    { pieces, operations, seams },
  ) {
    for (const { id, trim, cut } of pieces) {
      const trims = operations.filter((operation) => operation.id === `${id}/trim`);
      expect([id, trims.length]).toEqual([id, trim ? 1 : 0]);
      if (!trim) continue;
      const area = (outline: Outline) => Math.abs(polygonArea(flatten(outline, { tolerance: 0.05 })));
      expect(area(trim.outline)).toBeLessThan(area(cut));
      const sewsRough = operations.filter(({ seams: ids }) =>
        seams.some(
          (seam) =>
            ids.includes(seam.id) &&
            [seam.a, seam.b].some(
              ({ piece, parts }) => piece === id && parts.some((part) => 'edge' in part && trim.at.includes(part.edge)),
            ),
        ),
      );
      for (const { number } of sewsRough) expect(trims[0]!.number).toBeLessThan(number);
    }
  },
};
