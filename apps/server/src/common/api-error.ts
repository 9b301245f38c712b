import { HttpException } from '@nestjs/common';

/** A message about one field of a request. */
export interface FieldMessage {
  path: string;
  message: string;
}

/** The body of every error that leaves the server. */
export interface ErrorBody {
  statusCode: number;
  code: string;
  message: string;
  fields?: FieldMessage[];
}

/** A refusal with a code for programs and a message for people. */
export class ApiError extends HttpException {
  constructor(statusCode: number, code: string, message: string, fields?: FieldMessage[]) {
    const body: ErrorBody = { statusCode, code, message, ...(fields && fields.length > 0 && { fields }) };
    super(body, statusCode);
  }
}

export const notFound = (code: string, message: string): ApiError => new ApiError(404, code, message);
export const refused = (code: string, message: string, fields?: FieldMessage[]): ApiError =>
  new ApiError(422, code, message, fields);
