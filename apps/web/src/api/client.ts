import type {
  DesignDocument,
  GridId,
  Item,
  LengthUnit,
  RuleSettings,
  ShelfEntry,
  ShelfId,
  SizeChange,
  Usual,
} from '@zindle/core';

/** A design as the server keeps it. */
export interface StoredDesign {
  id: string;
  name: string;
  revision: number;
  updatedAt: string;
  document: DesignDocument;
}
/** A state of a design that was kept. */
export interface VersionRow {
  number: number;
  name: string;
  createdAt: string;
}
/** An action of the order of work that is done, and what it said then. */
export interface Tick {
  action: string;
  hash: string;
  doneAt: string;
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

/** A design in the bin. */
export interface BinnedDesign {
  id: string;
  name: string;
  deletedAt: string;
}
export interface BinPageOfDesigns {
  designs: BinnedDesign[];
  total: number;
  page: number;
  pageSize: number;
}

/** An entry of the maker's own as the server keeps it. */
export interface StoredEntry {
  entry: ShelfEntry;
  revision: number;
  updatedAt: string;
  /** Set while it lies in the bin. */
  deletedAt: string | null;
}
/** What is set for all designs. */
export interface House {
  rules: RuleSettings;
  machine?: string;
  /** What new designs begin with. */
  unit?: LengthUnit;
  grid?: GridId;
  /** What she usually chooses, by family such as `bodies/sleeve`. */
  usual?: Usual;
}
export type StoredHouse = House & { revision: number };

/** Stored designs that would come out otherwise. */
export interface WhatChanges {
  designs: { id: string; name: string; changes: SizeChange[]; more: number }[];
  looked: number;
}

export interface RowMessage {
  row: number;
  column?: string;
  severity: 'stop' | 'note';
  text: string;
}
/** What a table would do to a shelf, or has done. */
export interface ImportAnswer {
  applied: boolean;
  rows: number;
  new: number;
  changed: number;
  same: number;
  stops: number;
  messages: RowMessage[];
  preview?: { row: number; fate: 'new' | 'changed' | 'same'; entry: ShelfEntry }[];
}
export interface ContentsAnswer {
  lines: { row: number; name: string; count: number; item: Omit<Item, 'id'> & { id?: string } }[];
  stops: number;
  messages: RowMessage[];
}
export interface OutlineAnswer {
  outline: [number, number][];
  length: number;
  width: number;
  notes: string[];
}
export type ImportKind = ShelfId | 'rules';
export type Progress = (done: number, of: number) => void;

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

/** What went wrong, in words for the maker. */
export const failureWords = (error: unknown): string => (error instanceof Error ? error.message : String(error));

type Body = { json: unknown } | { file: Blob };

async function send(
  method: string,
  path: string,
  body?: Body,
  headers: Record<string, string> = {},
): Promise<Response> {
  const type = body && ('json' in body ? 'application/json' : 'application/octet-stream');
  try {
    return await fetch(`/api${path}`, {
      method,
      headers: { ...(type && { 'Content-Type': type }), ...headers },
      ...(body && { body: 'json' in body ? JSON.stringify(body.json) : body.file }),
    });
  } catch {
    throw new ApiFailure(0, 'server.away', 'Zindle’s server does not answer.');
  }
}

function failureOf(status: number, json: unknown): ApiFailure {
  const { code = 'server.failed', message = 'The server failed on this request.' } = (json ?? {}) as {
    code?: string;
    message?: string;
  };
  return new ApiFailure(status, code, message);
}

async function call<T>(method: string, path: string, json?: unknown, headers: Record<string, string> = {}): Promise<T> {
  return answered(await send(method, path, json === undefined ? undefined : { json }, headers));
}

async function answered<T>(response: Response): Promise<T> {
  if (response.status === 204) return undefined as T;
  const json: unknown = await response.json().catch(() => undefined);
  if (response.ok && json !== undefined) return json as T;
  throw failureOf(response.status, json);
}

type Line<T> = { progress?: { done: number; of: number }; result?: T; error?: { statusCode: number } };

/** Work that may take a while: lines of progress, then the result. */
async function callWithProgress<T>(path: string, body: Body, onProgress: Progress): Promise<T> {
  const response = await send('POST', path, body, { Accept: 'application/x-ndjson' });
  if (!response.ok || !response.body) return answered(response);
  const reader = response.body.pipeThrough(new TextDecoderStream()).getReader();
  let rest = '';
  for (;;) {
    const { done, value = '' } = await reader.read();
    const lines = (rest + value).split('\n');
    rest = lines.pop() ?? '';
    for (const text of lines) {
      const { progress, result, error } = JSON.parse(text) as Line<T>;
      if (progress) onProgress(progress.done, progress.of);
      if (error) throw failureOf(error.statusCode, error);
      if (result !== undefined) return result;
    }
    if (done) throw new ApiFailure(0, 'server.away', 'Zindle’s server went away in the middle.');
  }
}

const query = (values: Record<string, string | undefined>): string =>
  new URLSearchParams(
    Object.entries(values).filter((each): each is [string, string] => each[1] !== undefined),
  ).toString();

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
  bin: (page: number) => call<BinPageOfDesigns>('GET', `/bin?${query({ page: String(page) })}`),
  destroy: (id: string) => call<void>('DELETE', `/bin/${encodeURIComponent(id)}`),

  versions: (id: string) => call<{ versions: VersionRow[] }>('GET', `${at(id)}/versions`),
  keepVersion: (id: string, name: string) => call<VersionRow>('POST', `${at(id)}/versions`, { name }),
  version: (id: string, number: number) =>
    call<VersionRow & { document: DesignDocument }>('GET', `${at(id)}/versions/${number}`),

  ticks: (id: string) => call<{ ticks: Tick[] }>('GET', `${at(id)}/ticks`),
  changeTicks: (id: string, change: { done: Pick<Tick, 'action' | 'hash'>[]; undone: string[] }) =>
    call<{ ticks: Tick[] }>('POST', `${at(id)}/ticks`, change),

  entries: (shelf: ShelfId) => call<{ own: StoredEntry[] }>('GET', `/shelves/${shelf}`),
  createEntry: (shelf: ShelfId, entry: object) => call<StoredEntry>('POST', `/shelves/${shelf}`, { entry }),
  storeEntry: (shelf: ShelfId, entry: ShelfEntry, revision: number) =>
    call<StoredEntry>('PUT', `/shelves/${shelf}/${entry.id}`, { entry, revision }),
  removeEntry: (shelf: ShelfId, id: string) => call<void>('DELETE', `/shelves/${shelf}/${id}`),
  restoreEntry: (shelf: ShelfId, id: string) => call<void>('POST', `/shelves/${shelf}/${id}/restore`),
  emptyBin: (shelf: ShelfId) =>
    call<{ removed: number; kept: { name: string; designs: string[] }[] }>('DELETE', `/shelves/${shelf}/bin`),
  usersOf: (shelf: ShelfId, id: string) =>
    call<{ designs: { id: string; name: string }[] }>('GET', `/shelves/${shelf}/${id}/used`),
  previewEntry: (shelf: ShelfId, entry: ShelfEntry, onProgress: Progress) =>
    callWithProgress<WhatChanges>(`/shelves/${shelf}/${entry.id}/preview`, { json: { entry } }, onProgress),
  house: () => call<StoredHouse>('GET', '/shelves/rules'),
  storeHouse: (house: House, revision: number) => call<StoredHouse>('PUT', '/shelves/rules', { ...house, revision }),
  previewHouse: (house: House, onProgress: Progress) =>
    callWithProgress<WhatChanges>('/shelves/rules/preview', { json: house }, onProgress),
  readTable: (
    kind: ImportKind,
    file: Blob,
    { apply, unit }: { apply: boolean; unit: LengthUnit },
    onProgress: Progress,
  ) =>
    callWithProgress<ImportAnswer>(
      `/imports/${kind}?${query({ unit, ...(apply && { apply: 'true' }) })}`,
      { file },
      onProgress,
    ),
  readContents: async (file: Blob, unit: LengthUnit) =>
    answered<ContentsAnswer>(await send('POST', `/imports/contents?${query({ unit })}`, { file })),
  readOutline: async (file: Blob, scale: number | undefined) =>
    answered<OutlineAnswer>(await send('POST', `/imports/outline?${query({ scale: scale?.toString() })}`, { file })),
};
export type Api = typeof api;

/** Address of a file of a design. */
export const fileAddress = (id: string, file: string): string => `/api${at(id)}/files/${file}`;

/** Address of a shelf's entries as a table. */
export const tableAddress = (kind: ImportKind): string => `/api/shelves/${kind}/file.csv`;
