import fc from 'fast-check';
import type { DesignDocument, OwnPiece } from '../document/design-document.ts';
import type { Piece } from '../pieces/piece.ts';
import { solveDesign } from '../solve/solve-design.ts';
import { anyStack, length } from './any-design.ts';

/** What a maker may decide about a piece; pieces and edges are picked by number, whatever they are. */
const anyDecision = fc.record({
  piece: fc.nat(),
  layers: fc.option(anyStack(3), { nil: undefined, freq: 2 }),
  allowances: fc.array(fc.record({ edge: fc.nat(), by: length(0, 20) }), { maxLength: 3 }),
  rough: fc.array(fc.record({ edge: fc.nat(), by: length(0, 30) }), { maxLength: 2 }),
});
type Decision = typeof anyDecision extends fc.Arbitrary<infer T> ? T : never;

function decided(pieces: readonly Piece[], { piece, layers, allowances, rough }: Decision): OwnPiece {
  const { id, stitch } = pieces[piece % pieces.length]!;
  const byEdge = (set: Decision['rough']) =>
    Object.fromEntries(set.map(({ edge, by }) => [stitch[edge % stitch.length]!.id, by]));
  return {
    id,
    ...(layers && { layers }),
    ...(allowances.length > 0 && { allowance: byEdge(allowances) }),
    ...(rough.length > 0 && { rough: byEdge(rough) }),
  };
}

/** Random designs, of some of which single pieces have their own layers, allowances and rough sizes. */
export const withOwnPieces = (any: fc.Arbitrary<DesignDocument>): fc.Arbitrary<DesignDocument> =>
  fc
    .tuple(
      any,
      fc.oneof(
        { weight: 2, arbitrary: fc.constant([]) },
        { weight: 1, arbitrary: fc.array(anyDecision, { minLength: 1, maxLength: 3 }) },
      ),
    )
    .map(([design, decisions]) => {
      if (decisions.length === 0) return design;
      const { pieces } = solveDesign(design);
      if (pieces.length === 0) return design;
      const own = new Map(
        decisions
          .map((each) => decided(pieces, each))
          .flatMap((each) => (Object.keys(each).length > 1 ? [[each.id, each]] : [])),
      );
      return { ...design, pieces: [...own.values()] };
    });
