import type { Request, Response } from 'express';
import { errorBody } from './error-filter.ts';

const NDJSON = 'application/x-ndjson';

/** Says how far the work is, and lets other requests be answered meanwhile. */
export type Tick = (done: number, of: number) => Promise<void>;

class Abandoned extends Error {}

/** Answers with the result of work that may take a while. Who accepts lines of JSON gets `{"progress": {done, of}}` on the way
 * and `{"result"}` or `{"error"}` at the end; who goes away stops the work. Others get the result alone. */
export async function withProgress<T>(request: Request, response: Response, work: (tick: Tick) => Promise<T>) {
  const wanted = (request.headers.accept ?? '').includes(NDJSON);
  let gone = false;
  response.on('close', () => (gone = true));
  const line = (json: object) => response.write(`${JSON.stringify(json)}\n`);
  const tick: Tick = async (done, of) => {
    if (wanted && !gone) line({ progress: { done, of } });
    await new Promise((resolve) => setImmediate(resolve));
    if (gone) throw new Abandoned();
  };
  if (!wanted) {
    const result = await work(tick).catch((error: unknown) => {
      if (!(error instanceof Abandoned)) throw error;
    });
    if (!gone) response.json(result);
    return;
  }
  response.setHeader('Content-Type', NDJSON);
  try {
    line({ result: await work(tick) });
  } catch (error) {
    if (!(error instanceof Abandoned)) line({ error: errorBody(error) });
  }
  response.end();
}
