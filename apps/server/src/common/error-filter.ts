import { Catch, HttpException, Logger, type ArgumentsHost, type ExceptionFilter } from '@nestjs/common';
import { CoreError } from '@zindle/core';
import type { Response } from 'express';
import { ApiError, type ErrorBody } from './api-error.ts';

const codes: Record<number, string> = {
  400: 'request.malformed',
  404: 'request.notFound',
  405: 'request.method',
  413: 'request.tooLarge',
  415: 'request.mediaType',
};

const log = new Logger('Errors');

/** What an error says to the one who asked; never a stack trace. */
export function errorBody(error: unknown): ErrorBody {
  if (error instanceof ApiError) return error.getResponse() as ErrorBody;
  if (error instanceof CoreError) {
    const fields = error.about ? { fields: [{ path: error.about, message: error.message }] } : {};
    return { statusCode: 422, code: error.code, message: error.message, ...fields };
  }
  const statusCode = error instanceof HttpException ? error.getStatus() : statusOf(error);
  if (statusCode < 500) {
    const message = error instanceof Error ? error.message : 'The request was not understood.';
    return { statusCode, code: codes[statusCode] ?? 'request.refused', message };
  }
  log.error(error instanceof Error ? error.stack : String(error));
  return {
    statusCode: 500,
    code: 'server.failed',
    message: 'The server failed on this request. Nothing was changed.',
  };
}

/** Turns everything that is thrown into `{statusCode, code, message, fields?}`. */
@Catch()
export class ErrorFilter implements ExceptionFilter {
  catch(error: unknown, host: ArgumentsHost): void {
    const response = host.switchToHttp().getResponse<Response>();
    const body = errorBody(error);
    if (response.headersSent) response.end();
    else response.status(body.statusCode).json(body);
  }
}

/** Body parsers throw plain errors that carry a status. */
function statusOf(error: unknown): number {
  const { status } = (error ?? {}) as { status?: unknown };
  return typeof status === 'number' && status >= 400 && status < 500 ? status : 500;
}
