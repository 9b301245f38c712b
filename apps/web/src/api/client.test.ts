import { afterEach, describe, expect, jest, test } from '@jest/globals';
import { api, ApiFailure, failureWords, fileAddress } from './client.ts';

const sent: { url: string; init: RequestInit }[] = [];
const realFetch = globalThis.fetch;

/** Every request is answered so, one after another. */
function answering(...answers: (Response | Error)[]) {
  sent.length = 0;
  globalThis.fetch = jest.fn((url: string | URL | Request, init: RequestInit = {}) => {
    sent.push({ url: url as string, init });
    const next = answers.shift()!;
    return next instanceof Error ? Promise.reject(next) : Promise.resolve(next);
  }) as typeof fetch;
}
const json = (body: unknown, status = 200) => new Response(JSON.stringify(body), { status });

/** A body that comes in pieces, cut anywhere. */
const inPieces = (...pieces: string[]) =>
  new Response(
    new ReadableStream<Uint8Array>({
      start(controller) {
        for (const piece of pieces) controller.enqueue(new TextEncoder().encode(piece));
        controller.close();
      },
    }),
  );
const failed = async (work: Promise<unknown>): Promise<ApiFailure> => {
  try {
    await work;
  } catch (error) {
    if (error instanceof ApiFailure) return error;
    throw error;
  }
  throw new Error('it was answered');
};

afterEach(() => {
  globalThis.fetch = realFetch;
});

describe('one request', () => {
  test('names what it stores, and on top of which revision', async () => {
    answering(json({ id: 'a b', revision: 4 }));
    await api.store({ id: 'a b' } as Parameters<typeof api.store>[0], 3);
    const [{ url, init }] = sent as [(typeof sent)[number]];
    expect([url, init.method]).toEqual(['/api/designs/a%20b', 'PUT']);
    expect(init.headers).toEqual({ 'Content-Type': 'application/json', 'If-Match': '"3"' });
    expect(JSON.parse(init.body as string)).toEqual({ document: { id: 'a b' } });
  });

  test('without a body says nothing of its type', async () => {
    answering(new Response(null, { status: 204 }));
    expect(await api.remove('x/y')).toBeUndefined();
    expect(sent[0]).toEqual({ url: '/api/designs/x%2Fy', init: { method: 'DELETE', headers: {} } });
    expect(fileAddress('x/y', 'pattern.pdf')).toBe('/api/designs/x%2Fy/files/pattern.pdf');
  });

  test('passes on why it was refused', async () => {
    answering(json({ code: 'design.changed', message: 'Somebody else stored it.' }, 409));
    const failure = await failed(api.design('a'));
    expect([failure.status, failure.code, failureWords(failure)]).toEqual([
      409,
      'design.changed',
      'Somebody else stored it.',
    ]);
  });

  test.each([
    ['no JSON at all', new Response('<html>', { status: 502 }), 502],
    ['an answer that broke off', new Response('{"id": "a', { status: 200 }), 200],
  ])('says that the server failed: %s', async (_, response, status) => {
    answering(response);
    const failure = await failed(api.design('a'));
    expect([failure.status, failure.code, failure.message]).toEqual([
      status,
      'server.failed',
      'The server failed on this request.',
    ]);
  });

  test('says that the server is away, whatever the browser calls it', async () => {
    answering(new TypeError('Failed to fetch'));
    expect(await failed(api.house())).toMatchObject({ status: 0, code: 'server.away' });
  });
});

describe('work that takes a while', () => {
  const asked = (onProgress = jest.fn()) => api.previewHouse({ rules: {} } as never, onProgress);

  test('tells how far it is, wherever its lines are cut, and then the result', async () => {
    const told: number[][] = [];
    answering(
      inPieces(
        '{"progress":{"done":1,',
        '"of":3}}\n{"progress":{"done":2,"of":3}}',
        '\n{"result":{"designs":[],"looked":3}}\n',
      ),
    );
    const result = await asked(jest.fn((...step: unknown[]) => void told.push(step as number[])));
    expect(told).toEqual([
      [1, 3],
      [2, 3],
    ]);
    expect(result).toEqual({ designs: [], looked: 3 });
    expect(sent[0]!.init.headers).toMatchObject({ Accept: 'application/x-ndjson' });
  });

  test('fails in the middle with the words of the server', async () => {
    answering(
      inPieces('{"progress":{"done":1,"of":3}}\n', '{"error":{"statusCode":422,"code":"rules.bad","message":"No."}}\n'),
    );
    expect(await failed(asked())).toMatchObject({ status: 422, code: 'rules.bad', message: 'No.' });
  });

  test('that ends without a result is a server that went away', async () => {
    answering(inPieces('{"progress":{"done":1,"of":3}}\n'));
    expect(await failed(asked())).toMatchObject({ status: 0, code: 'server.away' });
  });

  test('refused at once is refused like any other', async () => {
    answering(json({ code: 'too.large', message: 'At most 10 MB.' }, 413));
    expect(await failed(asked())).toMatchObject({ status: 413, code: 'too.large' });
  });

  test('sends a file as it is', async () => {
    answering(json({ lines: [], stops: 0, messages: [] }));
    const file = new Blob(['name;count']);
    await api.readContents(file, 'in');
    expect([sent[0]!.url, sent[0]!.init.body]).toEqual(['/api/imports/contents?unit=in', file]);
    expect(sent[0]!.init.headers).toEqual({ 'Content-Type': 'application/octet-stream' });
  });
});
