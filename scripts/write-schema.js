// Writes the JSON Schema of the design document, made from its validator. Run: npm run schema (after a build of the core)
import { writeFileSync } from 'node:fs';
import { designJsonSchema } from '@zindle/core/reading';

const file = new URL('../docs/format/design-1.schema.json', import.meta.url);
writeFileSync(file, JSON.stringify(designJsonSchema(), null, 2) + '\n');
console.log(`written: ${file.pathname}`);
