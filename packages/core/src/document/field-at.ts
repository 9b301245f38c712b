import type { DesignDocument } from './design-document.ts';

/** What stands in a design at a path such as `rules/ease.card.across`, `holders/A/params/visible`, `faces/left/children/0/gap` or
 * `pins/body/leafWidth`. Members of a list are named by their id, or by their number from 0; the name of a field may have
 * slashes in it.
 * @returns nothing where there is no such field */
export function fieldAt(document: DesignDocument, path: string): unknown {
  return at(document, path);
}

function at(value: unknown, path: string): unknown {
  if (path === '') return value;
  if (typeof value !== 'object' || value === null) return undefined;
  for (const [name, inner] of members(value)) {
    const found =
      path === name ? at(inner, '') : path.startsWith(`${name}/`) ? at(inner, path.slice(name.length + 1)) : undefined;
    if (found !== undefined) return found;
  }
  return undefined;
}

function members(value: object): [string, unknown][] {
  if (!Array.isArray(value)) return Object.entries(value);
  return value.map((inner: unknown, index) => {
    const id = (inner as { id?: unknown } | null)?.id;
    return [typeof id === 'string' ? id : String(index), inner];
  });
}
