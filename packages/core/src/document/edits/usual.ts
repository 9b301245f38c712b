import { clashes, exclusionOf } from '../../bodies/exclusions.ts';
import { withParam } from './with-param.ts';
import { kindOf } from '../kind-of.ts';
import type { Params } from '../design-document.ts';
import type { Kinds, Usual } from '../../kinds/kind-set.ts';
import type { ParamSpec } from '../../holders/holder-kind.ts';

/** What has settings: a family of it begins as the maker usually has it. */
export type UsualGroup = 'bodies' | 'closures' | 'holders' | 'parts';
const groups: readonly UsualGroup[] = ['bodies', 'closures', 'holders', 'parts'];

/** Where the usual choices of a family are kept, such as `bodies/sleeve`. */
export const usualPath = (group: UsualGroup, kind: string): string => `${group}/${kind}`;

/** The settings that something new begins with: what the maker usually chooses, where that is still a choice. */
export function begun(kinds: Kinds | undefined, group: UsualGroup, kind: string): Params {
  const chosen = kinds?.usual?.[usualPath(group, kind)];
  const specs = kinds && kindOf<Family>(kinds[group], kind)?.params;
  if (!chosen || !specs) return {};
  return Object.fromEntries(Object.entries(chosen).filter(([key, choice]) => isChoice(kindOf(specs, key), choice)));
}

const isChoice = (spec: ParamSpec | undefined, choice: unknown): boolean =>
  spec?.kind === 'choice' && spec.choices.some(({ id }) => id === choice);

/** The same of a body, with its other settings: a usual choice that does not go with those, or with how it closes, gives way.
 * @param params what is set already */
export function bodyBegun(kinds: Kinds | undefined, kind: string, closure: string, params: Params = {}): Params {
  const family = kinds && kindOf(kinds.bodies, kind);
  const usual = begun(kinds, 'bodies', kind);
  if (!family) return params;
  const kept: Params = {};
  for (const [key, choice] of Object.entries(usual)) {
    const next = { ...kept, [key]: choice, ...params };
    if (clashes(family, next).length === 0 && !exclusionOf(family, next, closure)) kept[key] = choice;
  }
  return { ...kept, ...params };
}

/** The usual choices with one of them otherwise.
 * @param choice nothing takes it away */
export function withUsual(usual: Usual, path: string, key: string, choice: string | undefined): Usual {
  const { [path]: before = {}, ...others } = usual;
  const own = withParam(before, key, choice);
  return Object.keys(own).length > 0 ? { ...others, [path]: own } : others;
}

/** A usual choice as it is told. */
export interface UsualWords {
  path: string;
  key: string;
  family: string;
  setting: string;
  choice: string;
}

/** Usual choices in words; what this version does not know is left out. */
export const usualWords = (usual: Usual, kinds: Kinds): UsualWords[] =>
  Object.entries(usual).flatMap(([path, choices]) => {
    const family = familyAt(path, kinds);
    return Object.entries(choices).flatMap(([key, chosen]): UsualWords[] => {
      const spec = family && kindOf(family.params, key);
      const choice = spec?.kind === 'choice' ? spec.choices.find(({ id }) => id === chosen) : undefined;
      return family && spec && choice
        ? [{ path, key, family: family.title, setting: spec.title, choice: choice.title }]
        : [];
    });
  });

interface Family {
  title: string;
  params: Readonly<Record<string, ParamSpec>>;
}

/** The family at a path such as `bodies/sleeve`. */
function familyAt(path: string, kinds: Kinds): Family | undefined {
  const [group, kind, more] = path.split('/') as [UsualGroup, string | undefined, string | undefined];
  if (!groups.includes(group) || kind === undefined || more !== undefined) return undefined;
  return kindOf<Family>(kinds[group], kind);
}

/** What is wrong with usual choices that were read from somewhere: nothing if all of them can be made. */
export function usualProblem(usual: Usual, kinds: Kinds): { path: string; message: string } | undefined {
  for (const [path, choices] of Object.entries(usual)) {
    const specs = familyAt(path, kinds)?.params;
    if (!specs) return { path, message: 'is nothing that has choices' };
    if (typeof choices !== 'object' || choices === null || Array.isArray(choices))
      return { path, message: 'must be choices by the names of settings' };
    for (const [key, choice] of Object.entries(choices)) {
      const spec = kindOf(specs, key);
      if (!isChoice(spec, choice))
        return { path: `${path}.${key}`, message: spec?.kind === 'choice' ? `has no choice “${String(choice).slice(0, 60)}”` : 'is no setting with choices' }; // prettier-ignore
    }
  }
  return undefined;
}
