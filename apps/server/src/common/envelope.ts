import { ValidationPipe } from '@nestjs/common';
import { problemsIn } from '@zindle/core/reading';
import { refused } from './api-error.ts';

/** Checks the envelope of a request: its own fields only; what is inside a document is checked by the core. */
export const envelopePipe = (): ValidationPipe =>
  new ValidationPipe({
    whitelist: true,
    forbidNonWhitelisted: true,
    stopAtFirstError: true,
    transform: true,
    exceptionFactory: (errors) => {
      const fields = problemsIn(errors);
      const [first] = fields;
      return refused(
        'request.invalid',
        first ? `${first.path}: ${first.message}` : 'The request is not valid.',
        fields,
      );
    },
  });
