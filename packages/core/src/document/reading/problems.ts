import { plainToInstance, type ClassConstructor } from 'class-transformer';
import { validateSync, type ValidationError } from 'class-validator';
import { limits } from '../limits.ts';

/** What is wrong with a field, by its path. */
export interface Problem {
  path: string;
  message: string;
}

/** Whether plain JSON is bounded: not nested deeper, and not of more values, than any document is. Goes through it without
 * recursion, so that no nesting can exhaust it. */
export function isBounded(json: unknown): boolean {
  const open: [unknown, number][] = [[json, 0]];
  for (let looked = 0; open.length > 0; looked++) {
    const [value, depth] = open.pop()!;
    if (depth > limits.depth || looked + open.length > limits.values) return false;
    if (typeof value === 'object' && value !== null)
      for (const inner of Object.values(value)) open.push([inner, depth + 1]);
  }
  return true;
}

const UNBOUNDED: Problem = { path: 'everything', message: 'it is nested too deep, or holds too many values' };

/** Checks plain JSON against a class with validator decorators; fields that it does not know are let through. */
export function problemsWith(schema: ClassConstructor<object>, json: Record<string, unknown>): Problem[] {
  if (!isBounded(json)) return [UNBOUNDED];
  const instance = plainToInstance(schema, json);
  return problemsIn(validateSync(instance, { stopAtFirstError: true, forbidUnknownValues: true }));
}

/** What class-validator found, each problem with its path. */
export function problemsIn(errors: ValidationError[], under = ''): Problem[] {
  return errors.flatMap(({ property, constraints, children }) => {
    const path = under ? `${under}.${property}` : property;
    const own = Object.values(constraints ?? {}).map((message) => ({ path, message }));
    return [...own, ...problemsIn(children ?? [], path)];
  });
}
