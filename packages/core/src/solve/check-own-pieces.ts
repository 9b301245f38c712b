import type { DesignDocument, OwnPiece } from '../document/design-document.ts';
import type { Finding } from '../errors/finding.ts';
import { say } from '../errors/wording.ts';
import { distanceTo, edgeLength, flatten, outwards, pointAlong, type Outline } from '../geometry/outline.ts';
import type { Point } from '../geometry/perimeter.ts';
import { edgeName } from '../pieces/own-piece.ts';
import type { Piece } from '../pieces/piece.ts';

/** What of the maker's decisions about single pieces finds no piece or edge any more: it is kept, and can be taken away. And pieces
 * that her allowances leave no outline for. */
export function checkOwnPieces(
  { pieces: own = [] }: Pick<DesignDocument, 'pieces'>,
  pieces: readonly Piece[],
): Finding[] {
  if (own.length === 0) return [];
  const made = new Map(pieces.map((piece) => [piece.id, piece]));
  return own.flatMap((each) => {
    const piece = made.get(each.id);
    const idle = idleIn(each, piece);
    return [...(idle === undefined ? [] : [idle]), ...(piece ? uncuttable(piece) : [])];
  });
}

/** What of it has nothing to apply to. */
export function idlePart(own: OwnPiece, piece: Piece | undefined): Partial<OwnPiece> {
  if (!piece || piece.layerOf !== undefined) return own;
  const edges = new Set(piece.stitch.map(({ id }) => id));
  const idle = (set: Record<string, number> = {}) =>
    Object.fromEntries(Object.entries(set).filter(([edge]) => !edges.has(edge)));
  const [allowance, rough] = [idle(own.allowance), piece.byRuler ? (own.rough ?? {}) : idle(own.rough)];
  return {
    ...(piece.byRuler && own.layers && { layers: own.layers }),
    ...(Object.keys(allowance).length > 0 && { allowance }),
    ...(Object.keys(rough).length > 0 && { rough }),
  };
}

function idleIn(own: OwnPiece, piece: Piece | undefined): Finding | undefined {
  const { layers, allowance = {}, rough = {} } = idlePart(own, piece);
  const edges = [...new Set([...Object.keys(allowance), ...Object.keys(rough)])].map(edgeName);
  const what = [...(layers ? ['its own layers'] : []), ...(edges.length > 0 ? [`its ${edges.join(', its ')}`] : [])];
  if (what.length === 0) return undefined;
  const text = piece
    ? say`${piece.name}: what you set for ${what.join(' and ')} has nothing to apply to now. It is kept until you take it away.`
    : say`You decided about a piece that this design has no longer (${own.id}). It is kept until you take it away.`;
  return { code: 'piece.ownIdle', severity: 'note', about: [`pieces/${own.id}`], numbers: {}, text };
}

/** Nearer than this a place lies on an outline, mm. */
const ON = 0.05;
/** A corner that turns less than this is none, rad. */
const SLIGHT = 1e-3;
/** Where along an edge it is looked: of a notch a part may still be cut out. */
const SHARES = [0.001, 0.25, 0.5, 0.75, 0.999];

/** Edges whose own allowance ends inside the piece: a notch is narrower than the allowances on both sides of it, and cannot be cut. */
function uncuttable({ id, name, stitch, cut, trim, allowance, ownEdges = [] }: Piece): Finding[] {
  if (ownEdges.length === 0) return [];
  const outline = flatten(trim?.outline ?? cut, { tolerance: ON / 2 });
  const closed = new Set(closedCorners(stitch, allowance, outline));
  const blocked = stitch.filter((edge) => {
    if (closed.has(edge.id)) return true;
    const by = allowance[edge.id]!;
    return SHARES.every((share) => {
      const at = share * edgeLength(edge);
      const [[x, y], [ox, oy]] = [pointAlong(edge, at), outwards(edge, at)];
      return distanceTo(outline, [x + by * ox, y + by * oy]) > ON;
    });
  });
  if (blocked.length === 0) return [];
  const text = say`${name} cannot be cut with the allowances that you set: at its ${blocked.map((edge) => edgeName(edge.id)).join(' and its ')} they run into each other. Make them smaller.`;
  return [{ code: 'piece.ownTooWide', severity: 'stop', about: [`pieces/${id}`], numbers: {}, text }];
}

/** Edges on both sides of corners that turn inwards, where what is cut out between their allowances is not open. */
function closedCorners(stitch: Outline, allowance: Readonly<Record<string, number>>, outline: Point[]): string[] {
  return stitch.flatMap((before, index) => {
    const after = stitch[(index + 1) % stitch.length]!;
    const [[ax, ay], [bx, by]] = [outwards(before, edgeLength(before)), outwards(after, 0)];
    const turn = ax * by - ay * bx;
    if (turn > -SLIGHT) return [];
    // the place that lies as far off either edge as its allowance
    const [a, b] = [allowance[before.id]!, allowance[after.id]!];
    const [x, y] = before.to;
    const cut: Point = [x + (a * by - b * ay) / turn, y + (b * ax - a * bx) / turn];
    return distanceTo(outline, cut) > ON ? [before.id, after.id] : [];
  });
}
