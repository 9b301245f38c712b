import type { PartEntry, ParamValue } from '../design-document.ts';
import { limits } from '../limits.ts';
import type { Edit } from './edit.ts';
import { lower } from '../../errors/first-letter.ts';
import { withParam } from './with-param.ts';
import { begun } from './usual.ts';

/** Sets something on the body: handles, a strap, a base. */
export const addPart = (kind: string, title: string): Edit => ({
  name: `Add ${lower(title)}`,
  apply(document, kinds) {
    const { parts = [] } = document;
    if (parts.length >= limits.lines) return document;
    return { ...document, parts: [...parts, { id: freeId(parts, kind), kind, params: begun(kinds, 'parts', kind) }] };
  },
});

/** The kind itself, with a number if there is one already. */
function freeId(parts: readonly PartEntry[], kind: string): string {
  const taken = new Set(parts.map(({ id }) => id));
  if (!taken.has(kind)) return kind;
  for (let number = 2; ; number++) if (!taken.has(`${kind}-${number}`)) return `${kind}-${number}`;
}

export const removePart = (id: string, title: string): Edit => ({
  name: `Take ${lower(title)} away`,
  apply: (document) => ({ ...document, parts: (document.parts ?? []).filter((part) => part.id !== id) }),
});

/** Sets a parameter of a part; nothing goes back to its house rule. Lengths in mm. */
export const setPartParam = (id: string, title: string, key: string, value: ParamValue | undefined): Edit => ({
  name: `Change ${lower(title)}`,
  apply: (document) => ({
    ...document,
    parts: (document.parts ?? []).map((part) =>
      part.id === id ? { ...part, params: withParam(part.params, key, value) } : part,
    ),
  }),
});
