import type { Test } from 'supertest';

/** Sends a request that takes lines of JSON as its answer. */
export async function inLines(request: Test): Promise<{ lines: Line[]; type: string | undefined }> {
  const answer = await request
    .set('Accept', 'application/x-ndjson')
    .buffer(true)
    .parse((response, done) => {
      let text = '';
      response.on('data', (part: Buffer) => (text += part.toString()));
      response.on('end', () => done(null, text));
    });
  const lines = (answer.body as string).split('\n').filter(Boolean);
  return { lines: lines.map((line) => JSON.parse(line) as Line), type: answer.headers['content-type'] };
}

// eslint-disable-next-line @typescript-eslint/no-explicit-any
type Line = any;
