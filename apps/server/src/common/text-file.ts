import { StreamableFile } from '@nestjs/common';
import type { Response } from 'express';

/** A file to be looked at or kept; nothing in it may run. */
export function file(response: Response, bytes: Buffer, type: string, name: string): StreamableFile {
  response.setHeader('Content-Security-Policy', "sandbox; default-src 'none'; style-src 'unsafe-inline'");
  return new StreamableFile(bytes, { type, disposition: `inline; filename="${name}"` });
}

/** A table; the mark at its beginning lets spreadsheets read it as UTF-8. */
export const csvFile = (response: Response, text: string, name: string): StreamableFile =>
  file(response, Buffer.from(`\uFEFF${text}`), 'text/csv; charset=utf-8', name);
