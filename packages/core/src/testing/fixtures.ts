import { createHash } from 'node:crypto';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import type { DesignDocument } from '../document/design-document.ts';

const folder = new URL('./fixtures/', import.meta.url);

/** Designs that once failed, each shrunk to what it takes to fail; they are looked at in every run. */
export const keptDesigns = (): { file: string; design: DesignDocument }[] =>
  readdirSync(folder)
    .filter((name) => name.endsWith('.json'))
    .map((file) => ({ file, design: JSON.parse(readFileSync(new URL(file, folder), 'utf8')) as DesignDocument }));

/** Keeps a design that failed, as a readable document.
 * @returns the name of its file */
export function keepDesign(family: string, design: DesignDocument): string {
  const text = `${JSON.stringify(design, null, 2)}\n`;
  const file = `${family}-${createHash('sha256').update(text).digest('hex').slice(0, 8)}.json`;
  writeFileSync(new URL(file, folder), text);
  return file;
}
