import { existsSync, mkdirSync, readdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import Database from 'better-sqlite3';

/** How many dated copies are kept. */
export const BACKUPS_KEPT = 10;
const isBackup = (name: string): boolean => /^zindle-[\dTZ-]+\.sqlite$/.test(name);

/** Makes a dated copy of a database, also while it is in use, and lets the oldest go.
 * @param now time of the copy
 * @returns path of the copy; nothing if there is no database yet */
export function backUp(file: string, folder: string, now: Date): string | undefined {
  if (!existsSync(file)) return undefined;
  mkdirSync(folder, { recursive: true });
  const copy = join(folder, `zindle-${now.toISOString().replace(/[:.]/g, '-')}.sqlite`);
  const database = new Database(file, { readonly: true });
  try {
    database.prepare('VACUUM INTO ?').run(copy);
  } finally {
    database.close();
  }
  const old = readdirSync(folder).filter(isBackup).sort().slice(0, -BACKUPS_KEPT);
  for (const name of old) rmSync(join(folder, name));
  return copy;
}

/** Looks the whole file over.
 * @throws Error naming the file and where its copies are */
export function checkIntegrity(file: string, backups: string): void {
  if (!existsSync(file)) return;
  const database = new Database(file, { readonly: true });
  try {
    const state = database.pragma('quick_check', { simple: true });
    if (state !== 'ok') throw new Error(String(state));
  } catch (error) {
    const reason = error instanceof Error ? error.message : String(error);
    throw new Error(
      `The database ${file} is damaged (${reason}). It was left as it is; earlier copies are in ${backups}.`,
      { cause: error },
    );
  } finally {
    database.close();
  }
}
