import { Injectable } from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import type { DesignDocument } from '@zindle/core';
import { readDocument } from '@zindle/core/reading';
import type { Repository } from 'typeorm';
import { notFound, refused } from '../common/api-error.ts';
import { DesignVersionEntity } from '../database/design-version.entity.ts';
import { Writer } from '../database/writer.ts';
import { DesignsService } from './designs.service.ts';

/** A kept state of a design, without its document. */
export interface VersionRow {
  number: number;
  name: string;
  createdAt: string;
}

/** Versions of one design; more would only be a heap. */
const MOST = 200;

/** Keeps states of designs under a name. */
@Injectable()
export class VersionsService {
  constructor(
    @InjectRepository(DesignVersionEntity) private readonly rows: Repository<DesignVersionEntity>,
    private readonly designs: DesignsService,
    private readonly writer: Writer,
  ) {}

  /** The versions of a design, the last one first. */
  async list(designId: string): Promise<{ versions: VersionRow[] }> {
    await this.designs.get(designId);
    const rows = await this.rows.find({ where: { designId }, order: { number: 'DESC' } });
    return { versions: rows.map(({ number, name, createdAt }) => ({ number, name, createdAt })) };
  }

  /** Keeps the stored state of a design. */
  async keep(designId: string, name: string): Promise<VersionRow> {
    const document = JSON.stringify((await this.designs.get(designId)).document);
    return this.writer.write(async (manager) => {
      const rows = manager.getRepository(DesignVersionEntity);
      const [last] = await rows.find({ where: { designId }, order: { number: 'DESC' }, take: 1 });
      const number = (last?.number ?? 0) + 1;
      if (number > MOST)
        throw refused('version.tooMany', `A design has at most ${MOST} versions. Make a copy of it and go on there.`);
      const row = { number, name, createdAt: new Date().toISOString() };
      await rows.insert({ ...row, designId, document });
      return row;
    });
  }

  /** A kept state as this version of Zindle reads it. */
  async get(designId: string, number: number): Promise<VersionRow & { document: DesignDocument }> {
    const row = await this.rows.findOneBy({ designId, number });
    if (!row) throw notFound('version.unknown', `The design ${designId} has no version ${number}.`);
    const read = readDocument(JSON.parse(row.document));
    if (!read.ok) throw refused(read.code, `Version ${number} cannot be opened. ${read.message}`, read.fields);
    return { number, name: row.name, createdAt: row.createdAt, document: read.document };
  }
}
