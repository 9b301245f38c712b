import type { NextFunction, Request, Response } from 'express';
import type { ErrorBody } from './api-error.ts';

const LOCAL = /^(localhost|127\.0\.0\.1|\[::1\])(:\d+)?$/i;

const hostOf = (origin: string): string => {
  try {
    return new URL(origin).host;
  } catch {
    return '';
  }
};

/** Refuses requests that were sent to another name, or by a page from elsewhere: a web site that the maker happens to
 * visit must not reach the server on her machine. */
export function localOnly({ headers }: Request, response: Response, next: NextFunction): void {
  const { host = '', origin } = headers;
  const fine = LOCAL.test(host) && (origin === undefined || hostOf(origin) === host);
  if (fine) return next();
  const body: ErrorBody = {
    statusCode: 403,
    code: 'request.notLocal',
    message: 'Zindle only answers its own pages on this machine.',
  };
  response.status(403).json(body);
}
