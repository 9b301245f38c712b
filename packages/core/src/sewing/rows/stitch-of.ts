import type { Derived } from '../../derived/derived.ts';
import type { Piece } from '../../pieces/piece.ts';
import type { Rules } from '../../shelves/rules/rules-for.ts';
import type { Action } from '../actions/action.ts';
import type { Lookup } from './lookup.ts';
import { piecesOf } from '../actions/pieces-of.ts';
import type { Row } from './rows-of.ts';
import { stitchBaste, stitchRow, stitchSeam, stitchShort, stitchThick } from './rules.ts';

/** From so much cloth at the needle, as it lies, the stitch for thick layers is taken (common practice). mm */
const THICK = 3;

/** How long a machine makes the stitches of an action, mm; nothing where no machine sews.
 * @param rows that the action makes
 * @param thickness of a material, mm as it lies */
export function stitchOf(
  action: Action,
  rows: readonly Row[],
  lookup: Lookup,
  rules: Rules,
  thickness: (material: string) => number,
): Derived | undefined {
  const sort = rows.find(({ sort: each }) => each !== 'hand')?.sort;
  if (sort === undefined) return undefined;
  if (sort === 'baste') return rules.number(stitchBaste);
  if ('small' in action && action.small) return rules.number(stitchShort);
  const of = (ids: readonly string[]) => ids.reduce((sum, id) => sum + thicknessOf(lookup.piece(id), thickness), 0);
  const pairs = 'seams' in action ? (action.seams ?? []).map(lookup.seam).map(({ a, b }) => [a.piece, b.piece]) : [];
  const stacks = pairs.length > 0 ? pairs : [[...new Set(piecesOf(action, () => []))]];
  if (Math.max(...stacks.map(of)) >= THICK) return rules.number(stitchThick);
  return rules.number(sort === 'seam' ? stitchSeam : stitchRow);
}

/** Of what goes into a seam of a piece, mm. */
const thicknessOf = ({ layers, materials, byRuler }: Piece, thickness: (material: string) => number): number =>
  byRuler
    ? thickness(materials[0] ?? '')
    : layers.reduce((sum, { material, coverage }) => sum + (coverage === 'full' ? thickness(material) : 0), 0);
