import { plainToInstance, type ClassConstructor } from 'class-transformer';
import { validateSync, type ValidationError } from 'class-validator';

/** What is wrong with a field, by its path. */
export interface Problem {
  path: string;
  message: string;
}

/** Checks plain JSON against a class with validator decorators; fields that it does not know are let through. */
export function problemsWith(schema: ClassConstructor<object>, json: Record<string, unknown>): Problem[] {
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
