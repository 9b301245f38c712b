import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** A port and a folder of their own, beside a Zindle that may be running. */
export const PORT = 4629;
export const DATA = join(tmpdir(), 'zindle-e2e');
/** Beside it one that begins with nothing, as a new maker's does. */
export const EMPTY_PORT = 4631;
export const EMPTY_DATA = join(tmpdir(), 'zindle-e2e-empty');
export const DATABASE = join(DATA, 'demo', 'zindle.sqlite');

export const chromiumArgs = [
  '--no-sandbox',
  '--disable-gpu',
  '--enable-unsafe-swiftshader',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
];
