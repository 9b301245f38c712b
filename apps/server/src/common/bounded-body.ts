import { isBounded } from '@zindle/core/reading';
import type { NextFunction, Request, Response } from 'express';
import type { ErrorBody } from './api-error.ts';

/** Refuses JSON that is nested deeper, or holds more values, than anything that is stored here, before a checker goes into it. */
export function boundedBody({ body }: Request, response: Response, next: NextFunction): void {
  if (Buffer.isBuffer(body) || isBounded(body)) return next();
  const answer: ErrorBody = {
    statusCode: 422,
    code: 'request.unbounded',
    message: 'The request is nested too deep, or holds too many values. Nothing was stored.',
  };
  response.status(422).json(answer);
}
