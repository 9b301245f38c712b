import type { Params } from '../document/design-document.ts';
import { choiceParam, paramsShown } from '../holders/params.ts';
import type { ParamSpec } from '../holders/holder-kind.ts';
import type { BodyKind } from './body-kind.ts';
import type { Exclusion } from './exclusion.ts';

type ChoiceSpec = Extract<ParamSpec, { kind: 'choice' }>;
/** A setting as it is shown, with what is chosen. */
export interface Chosen {
  param: string;
  spec: ChoiceSpec;
  title: string;
}

/** What stands in the way of each other, as the maker reads it. */
export interface Excluded {
  this: Chosen;
  why: string;
}

type Family = Pick<BodyKind, 'excludes' | 'params'>;

const titleOf = ({ choices }: ChoiceSpec, choice: string): string =>
  choices.find(({ id }) => id === choice)?.title ?? choice;

/** Those of a body's exclusions whose choice is made. */
const made = ({ excludes = [], params: specs }: Family, params: Params): (Excluded & { exclusion: Exclusion })[] => {
  const shown = new Map(paramsShown(specs, params));
  return excludes.flatMap((exclusion) => {
    const { param, choice, why } = exclusion;
    const spec = shown.get(param);
    if (spec?.kind !== 'choice' || choiceParam(params, param, spec) !== choice) return [];
    return [{ this: { param, spec, title: titleOf(spec, choice) }, why, exclusion }];
  });
};

/** What of a body's choices keeps it from being closed in a way; nothing if they go together. */
export const exclusionOf = (body: Family, params: Params, closure: string): Excluded | undefined =>
  made(body, params).find(({ exclusion }) => exclusion.closures?.includes(closure));

/** Choices of a body that do not go with each other. */
export const clashes = (body: Family, params: Params): (Excluded & { other: Chosen })[] =>
  made(body, params).flatMap(({ exclusion, ...excluded }) =>
    Object.entries(exclusion.settings ?? {}).flatMap(([param, choice]) => {
      const spec = body.params[param];
      if (spec?.kind !== 'choice' || choiceParam(params, param, spec) !== choice) return [];
      return [{ ...excluded, other: { param, spec, title: titleOf(spec, choice) } }];
    }),
  );

/** Whether a body, as it is set, can be closed in a way. */
export const canClose = (body: BodyKind, params: Params, closure: string): boolean =>
  body.closures.includes(closure) && exclusionOf(body, params, closure) === undefined;
