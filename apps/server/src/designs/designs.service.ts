import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import type { DesignDocument } from '@zindle/core';
import { readDocument, type ReadResult } from '@zindle/core/reading';
import { IsNull, Like, Not, Raw, type Repository } from 'typeorm';
import { ApiError, notFound, refused } from '../common/api-error.ts';
import { DesignTickEntity } from '../database/design-tick.entity.ts';
import { DesignVersionEntity } from '../database/design-version.entity.ts';
import { DesignEntity } from '../database/design.entity.ts';
import { Writer } from '../database/writer.ts';

export interface StoredDesign {
  id: string;
  name: string;
  revision: number;
  updatedAt: string;
  document: DesignDocument;
}
/** A row of the shelf: with the document, or with the reason why it cannot be read. */
export type ShelfRow = Omit<StoredDesign, 'document'> &
  ({ document: DesignDocument } | { problem: { code: string; message: string } });

/** Designs that were thrown away. */
export interface BinPage {
  designs: { id: string; name: string; deletedAt: string }[];
  total: number;
  page: number;
  pageSize: number;
}

export const PAGE_SIZE = 24;
const READ_AT_ONCE = 100;

/** Stores designs; every write names the revision that it changes. */
@Injectable()
export class DesignsService {
  constructor(
    @InjectRepository(DesignEntity) private readonly rows: Repository<DesignEntity>,
    private readonly writer: Writer,
  ) {}

  count(): Promise<number> {
    return this.rows.countBy({ deletedAt: IsNull() });
  }

  async list(search = '', page = 1): Promise<{ designs: ShelfRow[]; total: number; page: number; pageSize: number }> {
    const name = search.trim().replace(/[%_]/g, '').toLowerCase();
    const [rows, total] = await this.rows.findAndCount({
      where: {
        deletedAt: IsNull(),
        ...(name && { name: Raw((column) => `LOWER(${column}) LIKE :name`, { name: `%${name}%` }) }),
      },
      order: { updatedAt: 'DESC', id: 'ASC' },
      skip: (page - 1) * PAGE_SIZE,
      take: PAGE_SIZE,
    });
    return { designs: rows.map(shelfRow), total, page, pageSize: PAGE_SIZE };
  }

  /** Every design that can be read, a page at a time.
   * @param naming only those whose text has this word in quotation marks, such as an id */
  async *readable(naming?: string): AsyncGenerator<StoredDesign> {
    const word = naming?.replaceAll('%', '');
    for (let skip = 0; ; skip += READ_AT_ONCE) {
      const rows = await this.rows.find({
        where: { deletedAt: IsNull(), ...(word && { document: Like(`%"${word}"%`) }) },
        order: { updatedAt: 'DESC', id: 'ASC' },
        skip,
        take: READ_AT_ONCE,
      });
      for (const row of rows) {
        const read = readRow(row);
        if (read.ok) yield stored(row, read.document);
      }
      if (rows.length < READ_AT_ONCE) return;
    }
  }

  async get(id: string): Promise<StoredDesign> {
    const row = await this.#row(id);
    const read = readRow(row);
    if (!read.ok) throw refused(read.code, `“${row.name}” cannot be opened. ${read.message}`, read.fields);
    return stored(row, read.document);
  }

  async create(json: Record<string, unknown>): Promise<StoredDesign> {
    const document = checked(json);
    const now = new Date().toISOString();
    const row = {
      id: document.id,
      name: document.name,
      document: JSON.stringify(document),
      revision: 1,
      createdAt: now,
      updatedAt: now,
      deletedAt: null,
    };
    await this.#write(async (rows) => {
      if (await rows.existsBy({ id: document.id }))
        throw new ApiError(409, 'design.exists', `There is a design with the id ${document.id} already.`);
      await rows.insert(row);
    });
    return stored(row, document);
  }

  /** Writes a design if it still has the revision that was changed. */
  async store(id: string, json: Record<string, unknown>, revision: number): Promise<StoredDesign> {
    const document = checked(json);
    if (document.id !== id) throw refused('design.otherId', `The document calls itself ${document.id}, not ${id}.`);
    const updatedAt = new Date().toISOString();
    const change = { name: document.name, document: JSON.stringify(document), revision: revision + 1, updatedAt };
    return this.#write(async (rows) => {
      const row = await rows.findOneBy({ id, deletedAt: IsNull() });
      if (!row) throw unknown(id);
      const read = readRow(row);
      if (!read.ok)
        throw new ApiError(409, read.code, `“${row.name}” was not overwritten. ${read.message}`, read.fields);
      // conditional in the database too: another server may write to it
      const { affected } = await rows.update({ id, revision, deletedAt: IsNull() }, change);
      if (affected !== 1)
        throw new ApiError(
          409,
          'design.stale',
          `“${row.name}” was changed elsewhere: it has revision ${row.revision} now, not ${revision}.`,
        );
      return stored({ ...row, ...change }, document);
    });
  }

  /** The design as it is stored, also one that this version cannot read. */
  async textOf(id: string): Promise<string> {
    return (await this.#row(id)).document;
  }

  /** What lies in the bin, the last one thrown away first. */
  async bin(page = 1): Promise<BinPage> {
    const [rows, total] = await this.rows.findAndCount({
      select: { id: true, name: true, deletedAt: true },
      where: { deletedAt: Not(IsNull()) },
      order: { deletedAt: 'DESC', id: 'ASC' },
      skip: (page - 1) * PAGE_SIZE,
      take: PAGE_SIZE,
    });
    const designs = rows.map(({ id, name, deletedAt }) => ({ id, name, deletedAt: deletedAt! }));
    return { designs, total, page, pageSize: PAGE_SIZE };
  }

  /** Takes a design out of the bin for good, with its versions and its ticks. */
  async destroy(id: string): Promise<void> {
    const { affected } = await this.writer.write(async (manager) => {
      const gone = await manager.getRepository(DesignEntity).delete({ id, deletedAt: Not(IsNull()) });
      if (gone.affected === 1)
        for (const beside of [DesignVersionEntity, DesignTickEntity])
          await manager.getRepository(beside).delete({ designId: id });
      return gone;
    });
    if (affected !== 1) throw notInBin(id);
  }

  /** Puts a design into the bin. */
  async remove(id: string): Promise<void> {
    const change = { deletedAt: new Date().toISOString() };
    const { affected } = await this.#write((rows) => rows.update({ id, deletedAt: IsNull() }, change));
    if (affected !== 1) throw unknown(id);
  }

  /** Takes a design out of the bin. */
  async restore(id: string): Promise<void> {
    const inBin = { id, deletedAt: Not(IsNull()) };
    const { affected } = await this.#write((rows) => rows.update(inBin, { deletedAt: null }));
    if (affected !== 1) throw notInBin(id);
  }

  /** Adds the designs that the database has never seen. */
  async seed(documents: readonly DesignDocument[]): Promise<void> {
    for (const document of documents)
      if (!(await this.rows.existsBy({ id: document.id }))) await this.create({ ...document });
  }

  #write<T>(work: (rows: Repository<DesignEntity>) => Promise<T>): Promise<T> {
    return this.writer.write((manager) => work(manager.getRepository(DesignEntity)));
  }

  async #row(id: string): Promise<DesignEntity> {
    const row = await this.rows.findOneBy({ id, deletedAt: IsNull() });
    if (!row) throw unknown(id);
    return row;
  }
}

const notInBin = (id: string): ApiError => notFound('design.notInBin', `There is no design ${id} in the bin.`);
const unknown = (id: string): ApiError => notFound('design.unknown', `There is no design ${id}.`);

function checked(json: Record<string, unknown>): DesignDocument {
  const read = readDocument(json);
  if (!read.ok)
    throw refused(
      read.code,
      read.message,
      read.fields.map(({ path, message }) => ({ path: `document.${path}`, message })),
    );
  return read.document;
}

function readRow({ document }: DesignEntity): ReadResult {
  let json: unknown;
  try {
    json = JSON.parse(document);
  } catch {
    return {
      ok: false,
      code: 'document.damaged',
      message: 'The stored text is no JSON. It is left as it is.',
      fields: [],
    };
  }
  return readDocument(json);
}

const stored = ({ id, name, revision, updatedAt }: DesignEntity, document: DesignDocument): StoredDesign => ({
  id,
  name,
  revision,
  updatedAt,
  document,
});

function shelfRow(row: DesignEntity): ShelfRow {
  const read = readRow(row);
  if (read.ok) return stored(row, read.document);
  const { id, name, revision, updatedAt } = row;
  return { id, name, revision, updatedAt, problem: { code: read.code, message: read.message } };
}
