import { ValidationPipe, type ValidationError } from '@nestjs/common';
import { refused, type FieldMessage } from './api-error.ts';

const flat = (errors: ValidationError[], under = ''): FieldMessage[] =>
  errors.flatMap(({ property, constraints, children }) => {
    const path = under ? `${under}.${property}` : property;
    const own = Object.values(constraints ?? {}).map((message) => ({ path, message }));
    return [...own, ...flat(children ?? [], path)];
  });

/** Checks the envelope of a request: its own fields only; what is inside a document is checked by the core. */
export const envelopePipe = (): ValidationPipe =>
  new ValidationPipe({
    whitelist: true,
    forbidNonWhitelisted: true,
    transform: true,
    exceptionFactory: (errors) => {
      const fields = flat(errors);
      const [first] = fields;
      return refused(
        'request.invalid',
        first ? `${first.path}: ${first.message}` : 'The request is not valid.',
        fields,
      );
    },
  });
