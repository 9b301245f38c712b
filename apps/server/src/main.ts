import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { shelfIds } from '@zindle/core';
import { demoDesigns, demoShelves } from '@zindle/core/demo';
import { readConfig, type ServerConfig } from './common/config.ts';
import { createApp } from './create-app.ts';
import { backUp, checkIntegrity } from './database/backup.ts';
import { DesignsService } from './designs/designs.service.ts';
import { ShelvesService } from './shelves/shelves.service.ts';

async function start(config: ServerConfig): Promise<void> {
  const { port, host, dataFolder, databaseFile, webRoot, demo } = config;
  mkdirSync(dataFolder, { recursive: true });
  const backups = join(dataFolder, 'backups');
  checkIntegrity(databaseFile, backups);
  backUp(databaseFile, backups, new Date());
  const app = await createApp({ databaseFile, webRoot, logger: ['warn', 'error', 'fatal'] });
  if (demo) {
    await app.get(DesignsService).seed([...demoDesigns].reverse());
    for (const shelf of shelfIds) await app.get(ShelvesService).seed(shelf, demoShelves[shelf]);
  }
  await app.listen(port, host);
  console.log(`\n  Zindle ${demo ? 'with the demo designs ' : ''}is ready at  http://localhost:${port}/\n`);
  console.log(`  Designs are kept in ${databaseFile}. Stop with Ctrl+C.\n`);
}

try {
  const root = fileURLToPath(new URL('../../..', import.meta.url));
  await start(readConfig(root, process.argv.slice(2), process.env));
} catch (error) {
  const { code, message } = error as NodeJS.ErrnoException;
  const inUse =
    'This port is taken by another program. Stop that one, or choose another port: ZINDLE_PORT=4621 ./zindle demo';
  console.error(`\n  Zindle could not start. ${code === 'EADDRINUSE' ? inUse : message}\n`);
  process.exit(1);
}
