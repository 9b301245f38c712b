// How long others wait while a long table is read in: saves and reads of a real server, told as the longest and the median.
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';

const ROWS = 9000;
const PORT = 4698;
const address = `http://127.0.0.1:${PORT}`;
const main = fileURLToPath(new URL('../apps/server/dist/main.js', import.meta.url));

const table = (rows) =>
  `Name,Length (mm),Width (mm),Thickness (mm)\n${Array.from({ length: rows }, (_, row) => `Peg ${row},${40 + (row % 900)},20,2`).join('\n')}\n`;

async function json(path, init) {
  const answer = await fetch(address + path, init);
  if (!answer.ok) throw new Error(`${path}: ${answer.status}`);
  return answer.json();
}

async function started() {
  for (let tries = 0; tries < 200; tries++) {
    try {
      return await json('/api/health');
    } catch {
      await new Promise((resolve) => setTimeout(resolve, 50));
    }
  }
  throw new Error('the server did not start');
}

/** Rows of the benchmark: name, ms, what is aimed at; nothing where the server is not built. */
export async function serverRows() {
  if (!existsSync(main)) return [['others during an import of 9,000 rows', undefined, '']];
  const data = mkdtempSync(join(tmpdir(), 'zindle-bench-'));
  const env = { ...process.env, ZINDLE_DATA: data, ZINDLE_PORT: String(PORT) };
  const server = spawn(process.execPath, [main, '--demo'], { env, stdio: 'ignore' });
  try {
    await started();
    const alone = await others(() => new Promise((resolve) => setTimeout(resolve, 1500)));
    const during = await others(importing);
    const again = await others(importing);
    return [
      ['a save, alone, median', middle(alone.saves), ''],
      ['a save during an import of 9,000 rows, median', middle(during.saves), `of ${during.saves.length}`],
      ['a save during it, longest', Math.max(...during.saves), 'aim: 100 ms'],
      ['a read during it, longest', Math.max(...during.reads), 'aim: 100 ms'],
      ['either when all rows are there already, longest', Math.max(...again.saves, ...again.reads), 'aim: 100 ms'],
    ];
  } finally {
    server.kill();
    await once(server, 'exit');
    rmSync(data, { recursive: true });
  }
}

/** Saves and reads, one after the other, for as long as something goes on; ms of each. */
async function others(work) {
  const saves = [];
  const reads = [];
  let done = false;
  const going = work().finally(() => (done = true));
  let stored = await json('/api/designs/permit-bifold');
  while (!done) {
    let start = performance.now();
    await json('/api/designs/permit-bifold');
    reads.push(performance.now() - start);
    start = performance.now();
    stored = await json('/api/designs/permit-bifold', {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({ document: stored.document, revision: stored.revision }),
    });
    saves.push(performance.now() - start);
  }
  await going;
  return { saves, reads };
}

const middle = (times) => times.toSorted((a, b) => a - b)[Math.floor(times.length / 2)];

async function importing() {
  const headers = { 'Content-Type': 'text/csv', Accept: 'application/x-ndjson' };
  const answer = await fetch(`${address}/api/imports/items?apply=true`, { method: 'POST', headers, body: table(ROWS) });
  const text = await answer.text();
  if (!text.includes('"applied":true')) throw new Error(text.slice(-300));
}
