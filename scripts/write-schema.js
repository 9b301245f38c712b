// Writes what is published of the design document: its JSON Schema, made from its validator, and the table of its settings.
// Run: npm run schema (after a build of the core)
import { writeFileSync } from 'node:fs';
import { builtInKinds } from '@zindle/core';
import { settingsCsv } from '@zindle/core/files';
import { designJsonSchema } from '@zindle/core/reading';

const published = {
  'design-1.schema.json': JSON.stringify(designJsonSchema(), null, 2) + '\n',
  'settings.csv': settingsCsv(builtInKinds),
};
for (const [name, text] of Object.entries(published)) {
  const file = new URL(`../docs/format/${name}`, import.meta.url);
  writeFileSync(file, text);
  console.log(`written: ${file.pathname}`);
}
