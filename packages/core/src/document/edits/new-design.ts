import type { Kinds } from '../../kinds/kind-set.ts';
import { bodyKind } from './seats.ts';
import { DOCUMENT_FORMAT, DOCUMENT_VERSION, type DesignDocument } from '../design-document.ts';
import type { GridId } from '../../units/grid.ts';
import type { LengthUnit } from '../../units/length.ts';
import { begun, bodyBegun } from './usual.ts';

interface NewDesign {
  id: string;
  name: string;
  unit?: LengthUnit;
  grid?: GridId;
  body?: string;
  kinds?: Kinds;
}

/** A design that holds nothing yet, in common cloths.
 * @param grid what its sizes are rounded to; default half a millimetre, in inches a sixteenth
 * @param body id of a family; default a bifold */
export function newDesign({ id, name, unit = 'mm', grid, body = 'foldover', kinds }: NewDesign): DesignDocument {
  const closure = closureFor(body, kinds);
  return {
    format: DOCUMENT_FORMAT,
    version: DOCUMENT_VERSION,
    id,
    name,
    unit,
    grid: grid ?? (unit === 'in' ? '1/16in' : '0.5mm'),
    contents: [],
    ownItems: [],
    stacks: {
      exterior: [
        { material: 'canvas-10oz', coverage: 'full' },
        { material: 'interfacing-woven', coverage: 'trimmed' },
      ],
      lining: [{ material: 'cotton-lawn', coverage: 'full' }],
      pocket: [{ material: 'quilting-cotton', coverage: 'full' }],
    },
    body: { kind: body, params: bodyBegun(kinds, body, closure) },
    holders: [],
    faces: {},
    closure: { kind: closure, params: begun(kinds, 'closures', closure) },
    rules: unit === 'in' ? { 'seam.allowance': 6.35 } : {},
  };
}

/** What a family closes with unless the maker says otherwise: none, or the first if it cannot be without, where it does not say. */
export function closureFor(body: string, kinds?: Kinds): string {
  const { closures: possible = [], closesWith } = bodyKind(body, kinds) ?? {};
  if (closesWith) return closesWith;
  return possible.includes('none') ? 'none' : (possible[0] ?? 'none');
}
