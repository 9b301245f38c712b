import { lower } from '../../errors/first-letter.ts';
import type { DesignDocument, Layer, OwnPiece } from '../design-document.ts';
import type { PieceEdge } from '../../pieces/seam-mates.ts';
import type { Edit } from './edit.ts';

type EdgeField = 'allowance' | 'rough';

const isEmpty = ({ layers, allowance, rough }: Omit<OwnPiece, 'id'>): boolean =>
  layers === undefined && allowance === undefined && rough === undefined;

/** A design in which something is decided about a piece; what says nothing any more is left out. */
function withOwn(document: DesignDocument, id: string, change: (own: OwnPiece) => OwnPiece): DesignDocument {
  const { pieces = [], ...others } = document;
  const known = pieces.some((own) => own.id === id);
  const changed = (known ? pieces : [...pieces, { id }])
    .map((own) => (own.id === id ? change(own) : own))
    .filter((own) => !isEmpty(own));
  return changed.length > 0 ? { ...others, pieces: changed } : others;
}

function withField<Field extends 'layers' | EdgeField>(
  { id, ...decided }: OwnPiece,
  field: Field,
  value: OwnPiece[Field],
): OwnPiece {
  const others = Object.fromEntries(Object.entries(decided).filter(([name]) => name !== field));
  return { id, ...others, ...(value !== undefined && { [field]: value }) };
}

/** With a length of an edge set, or without it. mm */
function withEdge(own: OwnPiece, field: EdgeField, edge: string, value: number | undefined): OwnPiece {
  const others = Object.fromEntries(Object.entries(own[field] ?? {}).filter(([name]) => name !== edge));
  const set = value === undefined ? others : { ...others, [edge]: value };
  return withField(own, field, Object.keys(set).length > 0 ? set : undefined);
}

const setEdges =
  (field: EdgeField, edges: readonly PieceEdge[], value: number | undefined) =>
  (document: DesignDocument): DesignDocument =>
    edges.reduce((now, { piece, edge }) => withOwn(now, piece, (own) => withEdge(own, field, edge, value)), document);

/** Gives edges their own allowance; nothing goes back to that of the rules. mm
 * @param title what the edges are called together */
export const setAllowance = (edges: readonly PieceEdge[], title: string, value: number | undefined): Edit => ({
  name: value === undefined ? `Usual allowance for ${lower(title)}` : `Allowance of ${lower(title)}`,
  apply: setEdges('allowance', edges, value),
});

/** Cuts pieces larger at some edges, to be trimmed later; nothing cuts them to size at once. mm */
export const setRough = (edges: readonly PieceEdge[], title: string, value: number | undefined): Edit => ({
  name: value === undefined ? `Cut ${lower(title)} to size` : `Cut ${lower(title)} larger`,
  apply: setEdges('rough', edges, value),
});

/** Gives pieces their own layers, from the right side inwards; nothing gives them those of their role. */
export const setOwnLayers = (pieces: readonly string[], title: string, layers: Layer[] | undefined): Edit => ({
  name: layers ? `Own cloth for ${lower(title)}` : `Usual cloth for ${lower(title)}`,
  apply: (document) =>
    pieces.reduce((now, piece) => withOwn(now, piece, (own) => withField(own, 'layers', layers)), document),
});

/** Takes away what is decided about a piece, or of it what is given.
 * @param part default all of it */
export const forgetOwn = ({ id, ...all }: OwnPiece, part: Partial<Omit<OwnPiece, 'id'>> = all): Edit => ({
  name: 'Take away what applies to nothing',
  apply: (document) =>
    withOwn(document, id, (own) => {
      const without = part.layers ? withField(own, 'layers', undefined) : own;
      return (['allowance', 'rough'] as const).reduce(
        (now, field) =>
          Object.keys(part[field] ?? {}).reduce((each, edge) => withEdge(each, field, edge, undefined), now),
        without,
      );
    }),
});
