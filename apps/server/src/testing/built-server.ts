import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { existsSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { fileURLToPath } from 'node:url';

/** The built server as a process of its own, which can be killed. */
export interface BuiltServer {
  address: string;
  /** Ends it at once, without a word (SIGKILL). */
  kill(): Promise<void>;
}

const main = fileURLToPath(new URL('../../dist/main.js', import.meta.url));

/** Starts the built server with the demo designs.
 * @param data folder of its database
 * @throws Error where it is not built, or does not start */
export async function startBuiltServer(data: string): Promise<BuiltServer> {
  if (!existsSync(main)) throw new Error('the server is not built: npm run build:core && npm run build:server');
  const port = await freePort();
  const env = { ...process.env, ZINDLE_DATA: data, ZINDLE_PORT: String(port) };
  const server = spawn(process.execPath, [main, '--demo'], { env, stdio: 'ignore' });
  const address = `http://127.0.0.1:${port}`;
  await answers(server, address);
  return {
    address,
    async kill() {
      if (server.exitCode !== null) return;
      server.kill('SIGKILL');
      await once(server, 'exit');
    },
  };
}

async function freePort(): Promise<number> {
  const listener = createServer().listen(0, '127.0.0.1');
  await once(listener, 'listening');
  const { port } = listener.address() as AddressInfo;
  listener.close();
  await once(listener, 'close');
  return port;
}

async function answers(server: ChildProcess, address: string): Promise<void> {
  const until = Date.now() + 60_000;
  while (Date.now() < until && server.exitCode === null) {
    const answer = await fetch(`${address}/api/health`).catch(() => undefined);
    if (answer?.ok) return;
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
  server.kill('SIGKILL');
  throw new Error('the server did not start');
}
