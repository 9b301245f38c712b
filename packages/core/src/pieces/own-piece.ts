import { given, type Derived } from '../derived/derived.ts';
import type { OwnPiece } from '../document/design-document.ts';
import { cutOutline } from '../geometry/offset.ts';
import { boundsOf } from '../geometry/outline.ts';
import { outlineSize } from './outline-size.ts';
import type { CutLine, EdgeId, Piece, PieceDraft } from './piece.ts';

/** What the maker has decided for single pieces, by their ids. */
export type OwnPieces = ReadonlyMap<string, OwnPiece>;

export const ownPieces = (pieces: readonly OwnPiece[] = []): OwnPieces => new Map(pieces.map((own) => [own.id, own]));

/** What edges are called by the shape of their ids; the first that fits. */
const edgeNames: readonly [RegExp, (parts: string[]) => string][] = [
  // of a wall of a box: left edge of the front
  [/^([\w-]+)\/([\w-]+)$/, ([wall = '', edge = '']) => `${edgeName(edge)} of the ${wall}`],
  [/^notch-(left|right)-(?:in|out)$/, ([side]) => `${side} notch, level side`],
  [/^notch-(left|right)/, ([side]) => `${side} notch, upright side`],
  [/^tip$/, () => 'rounded end'],
  [/^corner-(.+)$/, ([corner = '']) => `${spaced(corner)} corner`],
  [/^cut-(left|right)$/, ([side]) => `${side} corner that is cut off`],
  [/^mouth(?:-(.+))?$/, ([end]) => (end ? `mouth, ${spaced(end)}` : 'mouth')],
  [/^quarter-(\d)$/, ([quarter]) => `quarter ${quarter} of the round`],
  [/^(left|right)-\d$/, ([end]) => `${end} end`],
  [/^zip(?:-(.+))?$/, ([end]) => (end ? `zipper edge, ${spaced(end)}` : 'zipper edge')],
  [/^([a-z]+)-(.+)$/, ([side, part = '']) => `${side} edge, ${spaced(part)}`],
];
const spaced = (id: string): string => id.replace(/-/g, ' ');

/** What an edge is called. */
export function edgeName(edge: EdgeId): string {
  for (const [shape, name] of edgeNames) {
    const found = shape.exec(edge);
    if (found) return name(found.slice(1));
  }
  return `${edge} edge`;
}

/** The lengths that are set of edges that a piece has, mm. */
function onEdges(
  { id, stitch }: Pick<PieceDraft, 'id' | 'stitch'>,
  field: 'allowance' | 'rough',
  set: Readonly<Record<EdgeId, number>> = {},
): Record<EdgeId, Derived> {
  const there = new Set(stitch.map((edge) => edge.id));
  const words = field === 'allowance' ? 'own allowance' : 'cut larger';
  return Object.fromEntries(
    Object.entries(set)
      .filter(([edge]) => there.has(edge))
      .map(([edge, mm]) => [
        edge,
        given(`${words}, ${edgeName(edge)}`, mm, { kind: 'document', path: `pieces/${id}/${field}/${edge}` }),
      ]),
  );
}

/** A piece as its maker wants it: her layers in place of those of its role, her allowances in place of the rules'. What is cut
 * with the ruler from a length has the layers that it has, and is cut to size at once. */
export function asOwned(draft: PieceDraft, own: OwnPiece | undefined): PieceDraft {
  if (!own) return draft;
  const fromPattern = !draft.cutFrom;
  const allowance = onEdges(draft, 'allowance', own.allowance);
  return {
    ...draft,
    ...(own.layers && fromPattern && { layers: own.layers }),
    allowance: { ...draft.allowance, ...allowance },
    ...(own.allowance && { ownEdges: Object.keys(allowance) }),
    ...(fromPattern && { rough: { ...draft.rough, ...onEdges(draft, 'rough', own.rough) } }),
  };
}

/** Where a piece is cut, and what it is trimmed to later if it is cut larger than that. */
export function cutLinesOf(draft: PieceDraft): Pick<Piece, 'trim'> & { cut: CutLine } {
  const { rough = {}, width, height, allowance, spans } = draft;
  const of = (edges: readonly EdgeId[], by: Record<EdgeId, Derived>) => edges.flatMap((edge) => by[edge] ?? []);
  const sewn = (label: string) =>
    cutLine(draft, label, {
      across: [width, ...of(spans.across, allowance)],
      up: [height, ...of(spans.up, allowance)],
    });
  const at = Object.keys(rough).filter((edge) => rough[edge]!.value > 0);
  if (at.length === 0) return { cut: sewn('cut') };
  const trim = sewn('trimmed');
  const larger = { across: [trim.width, ...of(spans.across, rough)], up: [trim.height, ...of(spans.up, rough)] };
  return { cut: cutLine(draft, 'cut', larger, rough), trim: { ...trim, at } };
}

/** @param parts what adds up to the sides
 * @param beyond what lies beyond the allowance of each edge */
function cutLine(
  { stitch, allowance }: PieceDraft,
  label: string,
  parts: Record<'across' | 'up', Derived[]>,
  beyond: Readonly<Record<EdgeId, Derived>> = {},
): CutLine {
  const by = Object.entries(allowance).map(([edge, { value }]) => [edge, value + (beyond[edge]?.value ?? 0)]);
  const outline = cutOutline(stitch, Object.fromEntries(by) as Record<EdgeId, number>);
  const { width, height } = boundsOf(outline);
  return {
    outline,
    width: outlineSize(`${label} width`, parts.across, width),
    height: outlineSize(`${label} height`, parts.up, height),
  };
}
