import { mkdtempSync, mkdirSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { demoDesigns } from '@zindle/core/demo';
import fc from 'fast-check';
import { startServer, type TestServer } from './testing/start-server.ts';

let server: TestServer;
beforeAll(async () => {
  const webRoot = mkdtempSync(join(tmpdir(), 'zindle-web-'));
  mkdirSync(join(webRoot, 'assets'));
  writeFileSync(join(webRoot, 'index.html'), '<!doctype html><title>Zindle</title>');
  writeFileSync(join(webRoot, 'assets', 'app-1a2b.js'), '"use strict"');
  server = await startServer({ webRoot });
});
afterAll(() => server.stop());

test('health', async () => {
  const { body } = await server.http.get('/api/health').expect(200);
  expect(body).toEqual({
    status: 'ok',
    version: expect.stringMatching(/^\d+\.\d+\.\d+$/),
    designs: demoDesigns.length,
  });
});

test('the API is described', async () => {
  const { body } = await server.http.get('/api/docs.json').expect(200);
  for (const path of [
    '/api/designs/{id}',
    '/api/solve',
    '/api/quick-sums/{id}',
    '/api/designs/{id}/files/pattern.pdf',
    '/api/health',
  ])
    expect(Object.keys(body.paths)).toContain(path);
  await server.http.get('/api/docs').expect(200);
});

describe('pages', () => {
  test('any page is the application, also deep ones', async () => {
    for (const page of ['/', '/d/permit-bifold/shape']) {
      const { text, headers } = await server.http.get(page).expect(200);
      expect(text).toContain('<title>Zindle</title>');
      expect(headers['cache-control']).toBe('no-cache');
    }
  });
  test('hashed files are kept, a missing one is a 404 and not a page', async () => {
    const { headers } = await server.http.get('/assets/app-1a2b.js').expect(200);
    expect(headers['cache-control']).toContain('immutable');
    const missing = await server.http.get('/assets/app-gone.js').expect(404);
    expect(missing.text).not.toContain('<title>');
  });
  test('an unknown address of the API is a 404 with a code', async () => {
    expect((await server.http.get('/api/nothing').expect(404)).body).toMatchObject({
      statusCode: 404,
      code: 'request.notFound',
    });
  });
  test('only runs its own scripts, and is framed by nobody', async () => {
    const { headers } = await server.http.get('/').expect(200);
    const policy = headers['content-security-policy']!;
    expect(policy).toContain("script-src 'self'");
    expect(policy).toContain("frame-ancestors 'none'");
    expect(policy).not.toMatch(/script-src[^;]*unsafe/);
    expect(headers['x-powered-by']).toBeUndefined();
  });
});

describe('only this machine', () => {
  test.each([
    ['another name', { Host: 'evil.example' }],
    ['a page from elsewhere', { Origin: 'https://evil.example' }],
    ['an origin that is none', { Origin: 'null' }],
  ])('%s is refused', async (_, headers) => {
    expect((await server.http.get('/api/designs').set(headers).expect(403)).body.code).toBe('request.notLocal');
  });
  test('its own pages are not', async () => {
    await server.http.get('/api/designs').set({ Host: 'localhost:4620', Origin: 'http://localhost:4620' }).expect(200);
  });
});

describe('hostile requests', () => {
  const routes = [
    '/api/designs',
    '/api/solve',
    '/api/quick-sums/tube-width',
    '/api/quick-sums/flap',
    '/api/designs/permit-bifold/restore',
    '/api/shelves/items',
    '/api/shelves/rules/preview',
    '/api/shelves/materials/canvas-10oz/preview',
    '/api/shelves/machines/nothing/restore',
  ];

  test('malformed or huge bodies are 4xx with a code', async () => {
    for (const route of routes) {
      const broken = await server.http.post(route).set('Content-Type', 'application/json').send('{"document": {');
      expect([route, broken.status]).toEqual([route, 400]);
      expect(broken.body.code).toBe('request.malformed');
      const huge = await server.http.post(route).send({ document: 'x'.repeat(1_100_000) });
      expect(huge.body.code).toBe('request.tooLarge');
    }
  });

  test('whatever is sent, the answer is 2xx or 4xx with a message, never a stack trace', async () => {
    const bifold = demoDesigns[0]!;
    const field = fc.constantFrom(...Object.keys(bifold));
    const damaged = fc.tuple(field, fc.jsonValue()).map(([key, value]) => ({ document: { ...bifold, [key]: value } }));
    const body = fc.oneof(damaged, fc.jsonValue(), fc.record({ inputs: fc.dictionary(fc.string(), fc.jsonValue()) }));
    await fc.assert(
      fc.asyncProperty(fc.constantFrom(...routes), body, async (route, sent) => {
        const answer = await server.http.post(route).set('Content-Type', 'application/json').send(JSON.stringify(sent));
        expect([answer.status, JSON.stringify(answer.body)]).toEqual([
          expect.any(Number),
          expect.not.stringContaining('node_modules'),
        ]);
        expect(answer.status).toBeLessThan(500);
        if (answer.status >= 400)
          expect(answer.body).toMatchObject({
            statusCode: answer.status,
            code: expect.any(String),
            message: expect.any(String),
          });
      }),
      { numRuns: 300 },
    );
  });

  test.each([
    '/api/designs/..%2F..%2Fetc%2Fpasswd',
    '/api/designs/%00',
    '/assets/..%2Findex.html',
    "/api/designs/'%20OR%201=1",
  ])('%s finds nothing', async (path) => {
    const { status, text } = await server.http.get(path);
    expect(status).toBeGreaterThanOrEqual(400);
    expect(status).toBeLessThan(500);
    expect(text).not.toContain('root:');
  });
});
