import type { Params, ParamValue } from '../design-document.ts';

/** Parameters with one set, or without it. */
export function withParam<T extends Params>(params: T, key: string, value: ParamValue | undefined): T {
  const others = Object.fromEntries(Object.entries(params).filter(([other]) => other !== key));
  return (value === undefined ? others : { ...others, [key]: value }) as T;
}
