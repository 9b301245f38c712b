import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { demoDesigns } from '@zindle/core/demo';
import request from 'supertest';
import type { Repository } from 'typeorm';
import { Writer } from '../database/writer.ts';
import { createApp } from '../create-app.ts';
import { DesignEntity } from '../database/design.entity.ts';
import { DesignsService } from '../designs/designs.service.ts';

/** A server over a database file of its own, with the demo designs on the shelf. */
export interface TestServer {
  app: NestExpressApplication;
  databaseFile: string;
  http: ReturnType<typeof request>;
  /** Puts text into the database behind the server's back. */
  plant(id: string, document: string): Promise<void>;
  stored(id: string): Promise<string>;
  stop(): Promise<void>;
}

export async function startServer({ webRoot }: { webRoot?: string } = {}): Promise<TestServer> {
  const folder = mkdtempSync(join(tmpdir(), 'zindle-server-'));
  const databaseFile = join(folder, 'zindle.sqlite');
  const app = await createApp({ databaseFile, logger: false, ...(webRoot && { webRoot }) });
  await app.listen(0, '127.0.0.1');
  await app.get(DesignsService).seed(demoDesigns);
  const write = <T>(work: (rows: Repository<DesignEntity>) => Promise<T>) =>
    app.get(Writer).write((manager) => work(manager.getRepository(DesignEntity)));
  const when = '2026-01-01T00:00:00.000Z';
  return {
    app,
    databaseFile,
    http: request(app.getHttpServer()),
    async plant(id, document) {
      const row = {
        id,
        name: `Planted ${id}`,
        document,
        revision: 3,
        createdAt: when,
        updatedAt: when,
        deletedAt: null,
      };
      await write((rows) => rows.insert(row));
    },
    async stored(id) {
      return write(async (rows) => (await rows.findOneByOrFail({ id })).document);
    },
    async stop() {
      await app.close();
      rmSync(folder, { recursive: true });
    },
  };
}
