import type { DesignDocument } from '@zindle/core';

/** A design as the server keeps it. */
export interface StoredDesign {
  id: string;
  name: string;
  revision: number;
  updatedAt: string;
  document: DesignDocument;
}
export type ShelfRow = Omit<StoredDesign, 'document'> &
  (
    | { document: DesignDocument; problem?: undefined }
    | { document?: undefined; problem: { code: string; message: string } }
  );
export interface ShelfPageOfDesigns {
  designs: ShelfRow[];
  total: number;
  page: number;
  pageSize: number;
}

/** A refusal by the server, or no answer at all (`server.away`). */
export class ApiFailure extends Error {
  readonly code: string;
  readonly status: number;
  constructor(status: number, code: string, message: string) {
    super(message);
    this.code = code;
    this.status = status;
  }
}

async function call<T>(method: string, path: string, body?: unknown, headers: Record<string, string> = {}): Promise<T> {
  let response: Response;
  try {
    response = await fetch(`/api${path}`, {
      method,
      headers: { ...(body !== undefined && { 'Content-Type': 'application/json' }), ...headers },
      ...(body !== undefined && { body: JSON.stringify(body) }),
    });
  } catch {
    throw new ApiFailure(0, 'server.away', 'Zindle’s server does not answer.');
  }
  if (response.status === 204) return undefined as T;
  const json: unknown = await response.json().catch(() => undefined);
  if (response.ok && json !== undefined) return json as T;
  const { code = 'server.failed', message = 'The server failed on this request.' } = (json ?? {}) as {
    code?: string;
    message?: string;
  };
  throw new ApiFailure(response.status, code, message);
}

const at = (id: string): string => `/designs/${encodeURIComponent(id)}`;

/** The server's addresses that the application uses. */
export const api = {
  shelf: (search: string, page: number) =>
    call<ShelfPageOfDesigns>('GET', `/designs?${new URLSearchParams({ search, page: String(page) }).toString()}`),
  design: (id: string) => call<StoredDesign>('GET', at(id)),
  create: (document: DesignDocument) => call<StoredDesign>('POST', '/designs', { document }),
  store: (document: DesignDocument, revision: number) =>
    call<StoredDesign>('PUT', at(document.id), { document }, { 'If-Match': `"${revision}"` }),
  remove: (id: string) => call<void>('DELETE', at(id)),
  restore: (id: string) => call<void>('POST', `${at(id)}/restore`),
};
export type Api = typeof api;

/** Address of a file of a design. */
export const fileAddress = (id: string, file: string): string => `/api${at(id)}/files/${file}`;
