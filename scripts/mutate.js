// Disturbs each sum and rule of packages/core/src/sizing by 1 mm, one at a time, on a copy, and says which of them no test
// noticed. Run: ./zindle test --mutate
import { execFile } from 'node:child_process';
import { cpSync, mkdtempSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { cpus, tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { promisify } from 'node:util';

const run = promisify(execFile);
const root = fileURLToPath(new URL('..', import.meta.url));
const SIZING = 'packages/core/src/sizing';
const TESTS = ['sizing', 'quick-sums', 'holders', 'solve/worked', 'solve/solve-design'].map(
  (path) => `packages/core/src/${path}`,
);
const CALL = /(?<![\w.])(byRule|sum|product)\(/g;

const files = readdirSync(join(root, SIZING)).filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts'));
const mutants = files.flatMap((name) => {
  const text = readFileSync(join(root, SIZING, name), 'utf8');
  return [...text.matchAll(CALL)].map(({ index, 1: call }) => {
    const line = text.slice(0, index).split('\n').length;
    const changed = `${text.slice(0, index)}plusOne(${call})(${text.slice(index + call.length + 1)}`;
    return { name, line, call, text: `import { plusOne } from '../testing/plus-one.ts';\n${changed}` };
  });
});

/** A copy of what the tests need; packages are shared. */
function copy() {
  const folder = mkdtempSync(join(tmpdir(), 'zindle-mutants-'));
  for (const part of ['packages', 'docs', 'package.json', 'jest.config.js', 'tsconfig.base.json'])
    cpSync(join(root, part), join(folder, part), { recursive: true });
  symlinkSync(join(root, 'node_modules'), join(folder, 'node_modules'));
  return folder;
}

async function survives(folder, { name, text }) {
  const file = join(folder, SIZING, name);
  const before = readFileSync(file, 'utf8');
  writeFileSync(file, text);
  const jest = ['--experimental-vm-modules', 'node_modules/jest/bin/jest.js', '--silent', '--bail', ...TESTS];
  const green = await run(process.execPath, jest, { cwd: folder, maxBuffer: 1e8 }).then(
    () => true,
    () => false,
  );
  writeFileSync(file, before);
  return green;
}

const waiting = [...mutants];
const survivors = [];
let done = 0;
async function work() {
  const folder = copy();
  try {
    for (let mutant = waiting.shift(); mutant; mutant = waiting.shift()) {
      if (await survives(folder, mutant)) survivors.push(mutant);
      process.stdout.write(`\r${++done} of ${mutants.length}, ${survivors.length} not noticed `);
    }
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}
await Promise.all(Array.from({ length: Math.max(1, Math.min(4, cpus().length)) }, work));
console.log();
for (const { name, line, call } of survivors) console.log(`not noticed: ${SIZING}/${name}:${line} ${call} + 1 mm`);
console.log(
  `${mutants.length - survivors.length} of ${mutants.length} disturbances of the sizing rules turn a test red.`,
);
process.exit(survivors.length === 0 ? 0 : 1);
