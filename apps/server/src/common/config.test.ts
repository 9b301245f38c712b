import { describe, expect, test } from '@jest/globals';
import { readConfig } from './config.ts';

describe('readConfig', () => {
  test('the demo has a database of its own', () => {
    const own = readConfig('/srv', [], {});
    const demo = readConfig('/srv', ['--demo'], {});
    expect(own).toMatchObject({ port: 4620, host: '127.0.0.1', databaseFile: '/srv/data/zindle.sqlite', demo: false });
    expect(demo.databaseFile).toBe('/srv/data/demo/zindle.sqlite');
  });
  test('port and folder can be chosen', () => {
    expect(readConfig('/srv', [], { ZINDLE_PORT: '5000', ZINDLE_DATA: '/else' })).toMatchObject({
      port: 5000,
      dataFolder: '/else',
    });
  });
  test.each(['abc', '0', '70000', '4620.5'])('port “%s” is refused with a message', (port) => {
    expect(() => readConfig('/srv', [], { ZINDLE_PORT: port })).toThrow('whole number from 1 to 65535');
  });
});
