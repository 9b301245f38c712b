// Makes one fault at a time in a copy of the core and says which of them no test noticed: every sum of the sizing rules, and a
// seeded sample of all faults in numbers, holders, closures and bodies. Run: ./zindle test --mutate [--seed=1] [--sample=200]
// [--only=PATTERN of what it prints of a fault] [--every, not a sample].
import { execFile } from 'node:child_process';
import { cpSync, readdirSync, readFileSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { cpus, tmpdir } from 'node:os';
import { dirname, join, relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import { parseArgs, promisify } from 'node:util';
import { mutantsOf } from './mutants-of.js';
import { sampleOf } from './sample-of.js';

const run = promisify(execFile);
const root = fileURLToPath(new URL('../..', import.meta.url));
const CORE = 'packages/core/src';
const KEPT = `${CORE}/testing/fixtures`;
/** Where faults are drawn from, and what share of the sample falls to each. */
const SAMPLED = { derived: 0.1, holders: 0.35, closures: 0.2, bodies: 0.35 };
/** Tests of what uses none of it. */
const UNTOUCHED = ['packing/', 'files/shelf-csv/', 'files/outlines/', 'document/reading/', 'geometry/', 'units/'];
/** The share of the random designs that is looked at. */
const RUNS = '0.05';
/** Of the faults that are drawn, the share that tests must notice; of the sums of the sizing rules it is all. */
const WANTED = 0.97;
/** A fault that makes it run on for ever is noticed. */
const LONGEST = 15 * 60_000;

const { values: given } = parseArgs({
  options: {
    seed: { type: 'string', default: '1' },
    sample: { type: 'string', default: '200' },
    only: { type: 'string', default: '' },
    every: { type: 'boolean', default: false },
  },
});

/** What is run, one after another until something is red: what is quick first, then a few random designs of each family, then
 * the rest of the core. Patterns of test files. */
function stagesFor(file) {
  const [floor] = relative(CORE, file).split('/');
  const near = floor === 'sizing' ? 'sizing|quick-sums' : floor;
  return [
    new RegExp(`^(${near}|demo)/|^solve/(kept-designs|joints|worked|solve-design)\\.`),
    /^(boards|pieces)\/|^solve\/(?!pins|bad-input)[a-z-]+\./,
    /^(solve\/properties|kinds)\//,
    /./,
  ];
}

/** The tests of a stage as one file, so that the core is loaded once for all of them; what an earlier stage ran is left out. */
function writeStages(folder, file) {
  const src = join(folder, CORE);
  let rest = readdirSync(src, { recursive: true })
    .filter(
      (name) => name.endsWith('.test.ts') && name.includes('/') && !UNTOUCHED.some((path) => name.startsWith(path)),
    )
    .sort();
  return stagesFor(file).map((pattern, index) => {
    const path = join(src, `stage-${index + 1}.test.ts`);
    writeFileSync(
      path,
      rest
        .filter((name) => pattern.test(name))
        .map((name) => `import './${name}';\n`)
        .join(''),
    );
    rest = rest.filter((name) => !pattern.test(name));
    return path;
  });
}

function faultsIn(folder) {
  const sources = readdirSync(join(root, CORE, folder), { recursive: true })
    .filter((name) => name.endsWith('.ts') && !name.endsWith('.test.ts'))
    .sort();
  return sources.flatMap((name) => {
    const file = `${CORE}/${folder}/${name}`;
    const way = relative(dirname(file), `${CORE}/testing/plus-one.ts`);
    const helper = way.startsWith('.') ? way : `./${way}`;
    return mutantsOf(readFileSync(join(root, file), 'utf8'), helper).map((fault) => ({ file, ...fault }));
  });
}

/** A copy of what the tests need; packages are shared. It has the same place in every run, so that what was compiled is found
 * again. */
function copy(number) {
  const folder = join(tmpdir(), `zindle-mutants-${number}`);
  rmSync(folder, { recursive: true, force: true });
  for (const part of [
    'packages',
    'docs',
    'package.json',
    'jest.config.js',
    'tsconfig.base.json',
    'apps/web/jest-setup.js',
  ])
    cpSync(join(root, part), join(folder, part), { recursive: true });
  symlinkSync(join(root, 'node_modules'), join(folder, 'node_modules'));
  return folder;
}

/** The first test that is red, or nothing; what runs on for ever is red too. */
async function redIn(folder, path) {
  const jest = [
    '--experimental-vm-modules',
    'node_modules/jest/bin/jest.js',
    '--silent',
    '-i',
    '--testEnvironment',
    join(root, 'scripts/mutate/first-red.js'),
    '--runTestsByPath',
    path,
  ];
  const env = { ...process.env, ZINDLE_RUNS: RUNS };
  try {
    await run(process.execPath, jest, { cwd: folder, env, maxBuffer: 1e9, timeout: LONGEST });
    return undefined;
  } catch ({ stderr, killed }) {
    return /● (?!Console)(.+)/.exec(stderr)?.[1] ?? (killed ? 'no end' : 'no start');
  }
}

const told = ({ file, line, sort, was, by }) => `${file}:${line} ${sort}: ${was} -> ${by}`;

/** The first test that is red of all of them, those that are near to a file first. */
async function firstRed(folder, file) {
  let red;
  for (const stage of writeStages(folder, file)) red ??= await redIn(folder, stage);
  return red;
}

/** A test that is red without any fault, for want of a program or a file, would notice every one of them. */
async function assertGreen() {
  const folder = copy(0);
  const red = await firstRed(folder, join(CORE, 'sizing/all.ts'));
  rmSync(folder, { recursive: true, force: true });
  if (!red) return;
  console.error(`Without any fault “${red}” is red already: run ./zindle test first, it says why.`);
  process.exit(2);
}

async function survives(folder, fault) {
  const { file, text } = fault;
  const path = join(folder, file);
  const before = readFileSync(path, 'utf8');
  writeFileSync(path, text);
  const begun = Date.now();
  const red = await firstRed(folder, file);
  writeFileSync(path, before);
  // a random design that failed is kept, and would fail in the next run too
  rmSync(join(folder, KEPT), { recursive: true, force: true });
  cpSync(join(root, KEPT), join(folder, KEPT), { recursive: true });
  const seconds = Math.round((Date.now() - begun) / 1000);
  console.log(`${red ? `noticed by ${red}` : 'NOT NOTICED'}, ${seconds} s: ${told(fault)}`);
  return !red;
}

const sums = faultsIn('sizing').filter(({ by }) => by.startsWith('plusOne'));
const others = Object.entries(SAMPLED).flatMap(([folder, share]) =>
  given.every
    ? faultsIn(folder)
    : sampleOf(faultsIn(folder), Math.round(share * Number(given.sample)), Number(given.seed)),
);
const only = new RegExp(given.only);
const faults = [...sums, ...others].filter((fault) => only.test(told(fault)));
const waiting = [...faults];
const survivors = [];
let done = 0;
async function work(number) {
  const folder = copy(number);
  try {
    for (let fault = waiting.shift(); fault; fault = waiting.shift()) {
      if (await survives(folder, fault)) survivors.push(fault);
      done += 1;
      if (done % 10 === 0) console.log(`${done} of ${faults.length}, ${survivors.length} not noticed`);
    }
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

await assertGreen();
await Promise.all(Array.from({ length: Math.max(1, Math.min(4, cpus().length)) }, (_, index) => work(index + 1)));
const noticed = faults.length - survivors.length;
console.log(
  `${noticed} of ${faults.length} faults turn a test red (${((100 * noticed) / faults.length).toFixed(1)} %).`,
);
const sumsHold = !survivors.some((fault) => sums.includes(fault));
const drawn = faults.filter((fault) => others.includes(fault)).length;
process.exit(sumsHold && survivors.length <= (1 - WANTED) * drawn ? 0 : 1);
