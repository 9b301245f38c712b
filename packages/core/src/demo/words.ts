import type {
  ContentsLine,
  Coverage,
  DesignDocument,
  HolderEntry,
  Layer,
  Orientation,
  Params,
  PartEntry,
  Stacks,
} from '../document/design-document.ts';
import { newDesign } from '../document/edits/new-design.ts';

interface Line {
  count?: number;
  perHolder?: number;
  orientation?: Orientation;
}

/** So many of a thing on the shelf. */
export const thing = (
  id: string,
  item: string,
  name: string,
  { count = 1, perHolder = 1, orientation = 'upright' }: Line = {},
): ContentsLine => ({ id, item, name, count, perHolder, orientation });

const coverageOf: Partial<Record<string, Coverage>> = { '~': 'trimmed', '^': 'corners', '/': 'half' };

const layers = (words: string): Layer[] =>
  words.split(' ').map((word) => {
    const coverage = coverageOf[word.charAt(0)];
    return coverage ? { material: word.slice(1), coverage } : { material: word, coverage: 'full' };
  });

/** Layers by role, each a list of materials; those with ~ before them end at the stitch line, with ^ their
 * corners are off, with / they lie in the lower half only. */
export const cloth = (exterior: string, lining: string, pocket = 'quilting-cotton'): Stacks => ({
  exterior: layers(exterior),
  lining: layers(lining),
  pocket: layers(pocket),
});

/** Plates and boards: what the role `base` is made of. */
export const plates = (stacks: Stacks, base: string): Stacks => ({ ...stacks, base: layers(base) });

/** A holder on a face of the body, with the lines it takes whole. */
export interface On {
  face: string;
  id: string;
  kind: string;
  params?: Params;
  lines: string[];
}

interface Design {
  id: string;
  name: string;
  story: string;
  body: string;
  params?: Params;
  contents: ContentsLine[];
  stacks: Stacks;
  holders: On[];
  closure?: string;
  closing?: Params;
  parts?: PartEntry[];
  rules?: DesignDocument['rules'];
  pins?: DesignDocument['pins'];
}

/** A design with everything placed by hand. */
export function design({ params = {}, closure = 'none', closing = {}, rules = {}, ...rest }: Design): DesignDocument {
  const { id, name, story, body, contents, stacks, parts, pins } = rest;
  const take = (line: string) => ({ line, count: contents.find((each) => each.id === line)!.count });
  const holders = rest.holders.map(({ id: holder, kind, params: own = {}, lines }): HolderEntry => {
    return { id: holder, kind, params: own, contents: lines.map(take) };
  });
  const faces = Object.fromEntries(
    rest.holders.map(({ face }) => {
      const on = rest.holders
        .filter((each) => each.face === face)
        .map((each) => ({ kind: 'holder' as const, id: each.id }));
      return [
        face,
        on.length === 1 ? on[0]! : { kind: 'column' as const, gap: 6, share: 'keep' as const, children: on },
      ];
    }),
  );
  return {
    ...newDesign({ id, name, body }),
    story,
    contents,
    stacks,
    body: { kind: body, params },
    holders,
    faces,
    closure: { kind: closure, params: closing },
    ...(parts && { parts }),
    ...(pins && { pins }),
    rules,
  };
}
