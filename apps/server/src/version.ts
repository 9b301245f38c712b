import { readFileSync } from 'node:fs';

/** The version of the server's package. */
export const version: string = (
  JSON.parse(readFileSync(new URL('../package.json', import.meta.url), 'utf8')) as { version: string }
).version;
