import { resolve } from 'node:path';

/** Where the server listens and keeps its things. */
export interface ServerConfig {
  port: number;
  /** This machine only. */
  host: '127.0.0.1';
  /** Folder of the database and its backups. */
  dataFolder: string;
  databaseFile: string;
  /** The built web application. */
  webRoot: string;
  demo: boolean;
}

export const DEFAULT_PORT = 4620;

/** Reads the settings of the process.
 * @param root the repository's folder
 * @throws Error with a message for the person who started it */
export function readConfig(root: string, args: readonly string[], env: NodeJS.ProcessEnv): ServerConfig {
  const demo = args.includes('--demo');
  const port = env.ZINDLE_PORT === undefined ? DEFAULT_PORT : Number(env.ZINDLE_PORT);
  if (!Number.isInteger(port) || port < 1 || port > 65_535)
    throw new Error(`ZINDLE_PORT is “${env.ZINDLE_PORT}”; it must be a whole number from 1 to 65535.`);
  const own = resolve(root, env.ZINDLE_DATA ?? 'data');
  const dataFolder = demo ? resolve(own, 'demo') : own;
  return {
    port,
    host: '127.0.0.1',
    dataFolder,
    databaseFile: resolve(dataFolder, 'zindle.sqlite'),
    webRoot: resolve(root, 'apps/web/dist'),
    demo,
  };
}
