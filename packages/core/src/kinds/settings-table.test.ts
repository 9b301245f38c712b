import { readFileSync } from 'node:fs';
import { expect, test } from '@jest/globals';
import { settingsCsv } from '../files/settings-csv.ts';
import { builtInKinds } from './kinds.ts';

test('rules and settings have the ranges that are published', () => {
  // others write designs by this table: what changes there changes it knowingly, by `npm run schema`
  const published = readFileSync(new URL('../../../../docs/format/settings.csv', import.meta.url), 'utf8');
  expect(settingsCsv(builtInKinds)).toBe(published);
});
