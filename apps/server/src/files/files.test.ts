import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { demoDesigns } from '@zindle/core/demo';
import { startServer, type TestServer } from '../testing/start-server.ts';

let server: TestServer;
beforeAll(async () => {
  server = await startServer();
});
afterAll(() => server.stop());
const file = (name: string) =>
  server.http
    .get(`/api/designs/permit-bifold/files/${name}`)
    .buffer(true)
    .parse((response, done) => {
      const chunks: Buffer[] = [];
      response.on('data', (chunk: Buffer) => chunks.push(chunk));
      response.on('end', () => done(null, Buffer.concat(chunks)));
    });

describe('files of a design', () => {
  test.each(['a4', 'letter', 'a3', 'sheet'])('pattern.pdf on %s', async (paper) => {
    const { body, headers } = await file(`pattern.pdf?paper=${paper}`).expect(200);
    expect(headers['content-type']).toBe('application/pdf');
    expect(headers['content-disposition']).toContain(`permit-bifold-${paper}.pdf`);
    expect((body as Buffer).subarray(0, 5).toString()).toBe('%PDF-');
  });
  test('pattern.svg, chart.csv and design.json', async () => {
    expect(String((await file('pattern.svg').expect(200)).body)).toContain('<svg xmlns');
    const rows = String((await file('chart.csv').expect(200)).body).split('\r\n');
    // 13 pieces: three pockets are cut alike, two others, and two backings
    expect(rows).toHaveLength(1 + (13 - 2 - 1 - 1) + 1);
    expect(rows.filter((row) => row.includes(',3,'))).toEqual([expect.stringContaining('Card pocket A1, A2, B1')]);
    expect(JSON.parse(String((await file('design.json').expect(200)).body))).toEqual(demoDesigns[0]);
  });
  test.each([
    ['pattern.pdf?paper=a9', 422, 'request.invalid'],
    ['pattern.exe', 404, 'request.notFound'],
  ])('%s is refused', async (name, status, code) => {
    const { body } = await server.http.get(`/api/designs/permit-bifold/files/${name}`).expect(status);
    expect(body.code).toBe(code);
  });
  test('of a design that is not there', async () => {
    expect((await server.http.get('/api/designs/none/files/chart.csv').expect(404)).body.code).toBe('design.unknown');
  });
});
