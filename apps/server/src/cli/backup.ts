import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { readConfig } from '../common/config.ts';
import { backUp } from '../database/backup.ts';

const root = fileURLToPath(new URL('../../../..', import.meta.url));
const { databaseFile, dataFolder } = readConfig(root, process.argv.slice(2), process.env);
const copy = backUp(databaseFile, join(dataFolder, 'backups'), new Date());
console.log(
  copy ? `A copy is in ${copy}` : `There is no database at ${databaseFile} yet, so there is nothing to copy.`,
);
