import {
  builtInKinds,
  capital,
  faceTitle,
  type DesignDocument,
  paramsShown,
  type HouseRule,
  type Kinds,
  type Params,
  type ParamSpec,
  type Solution,
} from '@zindle/core';

/** What the inspector shows of the selected object. */
export interface Inspected {
  /** Path of the object that is shown: edits of its settings go there. */
  path: string;
  title: string;
  about: string;
  /** Parameters of its own: the key, and the edit goes to this object. */
  params: { key: string; spec: ParamSpec }[];
  rules: HouseRule[];
  /** Paths of its sizes, in the order in which they are read. */
  sizes: { path: string; label: string }[];
}

const numbers = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten'];
const countOf = (count: number, what: string): string => `${numbers[count] ?? count} ${what}${count === 1 ? '' : 's'}`;

const sizesOf = (sizes: Record<string, { label: string }>, under: string) =>
  Object.entries(sizes).map(([key, { label }]) => ({
    path: `${under}/${key}`,
    label: capital(label),
  }));
const paramsOf = (specs: Readonly<Record<string, ParamSpec>>, params: Params) =>
  paramsShown(specs, params).map(([key, spec]) => ({ key, spec }));

/** The selected object with its settings and sizes; the wallet itself if the selection is gone. */
export function inspected(
  document: DesignDocument,
  solution: Solution,
  selection: string,
  kinds: Kinds = builtInKinds,
): Inspected {
  const [kind, id = ''] = selection.split('/');
  if (kind === 'closure') return inspectClosure(document, solution, kinds);
  if (kind === 'parts') return inspectPart(document, solution, id, kinds) ?? inspectBody(document, solution, kinds);
  const holder = kind === 'contents' ? holderOf(document, id) : kind === 'holders' ? id : '';
  return inspectHolder(document, solution, holder, kinds) ?? inspectBody(document, solution, kinds);
}

/** The first holder that holds a line of contents. */
const holderOf = ({ holders }: DesignDocument, line: string): string =>
  holders.find(({ contents }) => contents.some((entry) => entry.line === line))?.id ?? '';

function inspectHolder(
  document: DesignDocument,
  { holders }: Solution,
  id: string,
  kinds: Kinds,
): Inspected | undefined {
  const holder = holders.find((each) => each.id === id);
  const family = kinds.holders[holder?.kind ?? ''];
  if (!holder || !family) return undefined;
  const own = Object.values(family.params).flatMap((spec) => (spec.kind === 'length' ? [spec.rule] : []));
  return {
    path: `holders/${id}`,
    title: `${holder.title} ${id}`,
    about: `${faceTitle(document, holder.face, kinds)} · ${countOf(holder.mouths.length, family.shown?.opening ?? 'pocket')}`,
    params: paramsOf(family.params, document.holders.find((each) => each.id === id)?.params ?? {}),
    rules: family.rules.filter((rule) => !own.some((each) => each === rule)),
    sizes: sizesOf(holder.sizes, `holders/${id}`),
  };
}

function inspectClosure({ closure }: DesignDocument, solution: Solution, kinds: Kinds): Inspected {
  const family = kinds.closures[closure.kind];
  return {
    path: 'closure',
    title: 'Closure',
    about: family?.title ?? closure.kind,
    params: paramsOf(family?.params ?? {}, closure.params),
    rules: [...(family?.rules ?? [])],
    sizes: sizesOf(solution.closure.sizes, 'closure'),
  };
}

function inspectPart(
  { parts = [] }: DesignDocument,
  solution: Solution,
  id: string,
  kinds: Kinds,
): Inspected | undefined {
  const entry = parts.find((each) => each.id === id);
  const family = kinds.parts[entry?.kind ?? ''];
  if (!entry || !family) return undefined;
  return {
    path: `parts/${id}`,
    title: family.title,
    about: 'set on the body',
    params: paramsOf(family.params, entry.params),
    rules: [...family.rules],
    sizes: sizesOf(solution.parts.find((part) => part.id === id)?.sizes ?? {}, `parts/${id}`),
  };
}

function inspectBody({ body }: DesignDocument, solution: Solution, kinds: Kinds): Inspected {
  const family = kinds.bodies[body.kind];
  return {
    path: 'body',
    title: family?.title ?? body.kind,
    about: family?.about ?? '',
    params: paramsOf(family?.params ?? {}, body.params),
    rules: [...(family?.rules ?? [])],
    sizes: [
      ...sizesOf(solution.finished, 'finished'),
      { path: 'thickness/full', label: 'Closed and full, thick' },
      { path: 'thickness/empty', label: 'Closed and empty, thick' },
      ...sizesOf(solution.body.sizes, 'body'),
    ],
  };
}
