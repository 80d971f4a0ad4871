/**
 * npm run mutants: plants small faults in the core, one at a time and drawn by lot, and asks the tests.
 * Works in a clone of the last commit, so that nothing here is touched. Writes docs/mutants.md and the lot as docs/mutants.json.
 *   --each N   so many faults in each room (6)
 *   --seed N   the lot (1)
 *   --rooms a,b   only these rooms; nothing is written then
 *   --left     only what was left of the lot that is written down, with the tests as they are now
 *   --after F  F is what Jest told (--json) of a run of this very commit that passed: the tests are not asked without a fault again
 *   --named    the faults of namedFaults.mts instead, which once went unnoticed; nothing is written then
 */
import { execFileSync, spawnSync } from 'node:child_process';
import {
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  symlinkSync,
  writeFileSync,
} from 'node:fs';
import { tmpdir } from 'node:os';
import { join, relative } from 'node:path';
import { hash01 } from '../src/core/random/hash';
import { noticedOf, readLot, writeLot, type Row } from './lotOfFaults.mts';
import { NAMED_FAULTS } from './namedFaults.mts';
import { faultsIn, type Fault } from './plantable.mts';

const root = join(import.meta.dirname, '..');
const told = (name: string, usual: string): string => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? usual : (process.argv[at + 1] ?? usual);
};
const each = Number(told('each', '6'));
const seed = Number(told('seed', '1'));
const only = told('rooms', '').split(',').filter(Boolean);
const isLeftOnly = process.argv.includes('--left');
/** A fault that makes a room's own tests hang is noticed: after so many times what they take without a fault, and at least so long, ms. */
const TIMES_USUAL = 4;
const LEAST_OWN_MS = 60_000;
/** Tests of other rooms that reach it are asked for so long, ms: all of them would take minutes a fault. */
const OTHERS_MS = 40_000;

function filesOf(room: string): readonly string[] {
  return (
    readdirSync(join(root, 'src/core', room), { recursive: true, encoding: 'utf8' })
      .filter((name) => /\.ts$/.test(name) && !/\.(test|bench)\.ts$/.test(name))
      // What a plant is like is data: the book's own tests and table see to it.
      .filter((name) => room !== 'plants' || !/^(book|packed)/.test(name))
      .map((name) => join('src/core', room, name))
      .sort()
  );
}

const rooms = readdirSync(join(root, 'src/core'), { withFileTypes: true })
  .filter((entry) => entry.isDirectory())
  .map(({ name }) => name)
  .filter((name) => only.length === 0 || only.includes(name));

const clone = mkdtempSync(join(tmpdir(), 'rillbank-mutants-'));
execFileSync('git', ['clone', '-q', root, clone]);
symlinkSync(join(root, 'node_modules'), join(clone, 'node_modules'));
execFileSync('npm', ['run', '--silent', 'book'], { cwd: clone, stdio: 'ignore' });

const jest = join(clone, 'node_modules', '.bin', 'jest');

/** How long each test takes without a fault, ms by path. All must pass then: a red test would notice everything. */
const TESTS_TOOK = join(clone, 'testsTook.json');
function askWithoutFault(): Readonly<Record<string, number>> {
  const after = told('after', '');
  const outputFile = after || join(clone, 'withoutFault.json');
  if (!after)
    spawnSync(
      jest,
      ['--silent', '--selectProjects', 'core', '--json', '--outputFile', outputFile],
      {
        cwd: clone,
        stdio: 'ignore',
      },
    );
  const { success, testResults } = JSON.parse(readFileSync(outputFile, 'utf8')) as {
    readonly success: boolean;
    readonly testResults: readonly {
      readonly name: string;
      readonly status: string;
      readonly startTime: number;
      readonly endTime: number;
    }[];
  };
  if (!success) {
    const red = testResults.filter(({ status }) => status !== 'passed').map(({ name }) => name);
    throw new Error(`Without any fault these tests fail:\n${red.join('\n')}`);
  }
  const byPath = Object.fromEntries(
    // Told of another checkout, perhaps.
    testResults.map(({ name, startTime, endTime }) => [
      join(clone, name.slice(name.indexOf('/src/') + 1)),
      endTime - startTime,
    ]),
  );
  writeFileSync(TESTS_TOOK, JSON.stringify(byPath));
  return byPath;
}
const took = askWithoutFault();

const isRed = (tests: readonly string[], longestMs: number, isHangingRed: boolean): boolean => {
  if (tests.length === 0) return false;
  const { status } = spawnSync(
    jest,
    [
      '--silent',
      '--selectProjects',
      'core',
      '--maxWorkers',
      '1',
      '--bail',
      '--testSequencer',
      join(clone, 'scripts/quickestFirst.mjs'),
      '--runTestsByPath',
      ...tests,
    ],
    {
      cwd: clone,
      encoding: 'utf8',
      env: { ...process.env, TESTS_TOOK },
      timeout: longestMs,
    },
  );
  // No status: it was ended for taking too long.
  return status === null ? isHangingRed : status !== 0;
};

const roomOf = (path: string): string => path.split('/').slice(0, 3).join('/');

/** Tests that reach a file, those of its own room first. */
const reached = new Map<string, readonly string[]>();
function testsOf(file: string): readonly string[] {
  const known = reached.get(file);
  if (known) return known;
  const listed = spawnSync(
    jest,
    ['--selectProjects', 'core', '--listTests', '--findRelatedTests', file],
    {
      cwd: clone,
      encoding: 'utf8',
    },
  )
    .stdout.split('\n')
    .filter((line) => line.endsWith('.test.ts'))
    .map((path) => relative(clone, path));
  const near = (test: string) =>
    roomOf(test) === roomOf(file) ? 0 : test.startsWith('src/core') ? 1 : 2;
  const sorted = [...listed].sort((a, b) => near(a) - near(b));
  reached.set(file, sorted);
  return sorted;
}

function isNoticed({ file, from, to, is }: Fault): boolean {
  const path = join(clone, file);
  const whole = readFileSync(path, 'utf8');
  writeFileSync(path, whole.slice(0, from) + is + whole.slice(to));
  try {
    const tests = testsOf(file);
    const own = tests.filter((test) => roomOf(test) === roomOf(file));
    const others = tests.filter((test) => !own.includes(test));
    const usual = own.reduce((sum, test) => sum + (took[join(clone, test)] ?? 0), 0);
    const longest = Math.max(LEAST_OWN_MS, TIMES_USUAL * usual);
    return isRed(own, longest, true) || isRed(others, OTHERS_MS, false);
  } finally {
    writeFileSync(path, whole);
  }
}

const commit = execFileSync('git', ['rev-parse', '--short', 'HEAD'], {
  cwd: root,
  encoding: 'utf8',
}).trim();

/** Tells how a room stands. */
function tell({ room, possible, of, left }: Row): void {
  console.log(
    `${room}: ${of - left.length} of ${of} noticed (of ${possible} that could be planted)`,
  );
  for (const { file, line, was, is } of left)
    console.log(`  left: ${file}:${line}  ${was} → ${is}`);
}

function drawn(room: string, r: number): Row {
  const all = filesOf(room).flatMap((file) => faultsIn(root, room, file));
  const lot = all
    .map((fault, i) => ({ fault, drawn: hash01(seed, r + 1, i) }))
    .sort((a, b) => a.drawn - b.drawn)
    .slice(0, each)
    .map(({ fault }) => fault);
  const left = lot.filter((fault) => !isNoticed(fault));
  return { room, possible: all.length, of: lot.length, left };
}

/** The same fault where its file stands now: at its place, or the nearest alike where lines have moved. `null`: it is there no more. */
function nowAt(fault: Fault): Fault | null {
  const alike = faultsIn(root, fault.room, fault.file)
    .filter(({ was, is }) => was === fault.was && is === fault.is)
    .sort((a, b) => Math.abs(a.from - fault.from) - Math.abs(b.from - fault.from));
  return alike[0] ?? null;
}

/** The same row with what is still left of it. What is there no more stays left, to be looked at. */
function askedAgain(row: Row): Row {
  const left = row.left.flatMap((fault) => {
    const now = nowAt(fault);
    return now === null ? [fault] : isNoticed(now) ? [] : [now];
  });
  return { ...row, left };
}

/** The faults that have a name, each told as it was found. */
function askNamed(): void {
  let noticed = 0;
  for (const { name, file, was, is } of NAMED_FAULTS) {
    const text = readFileSync(join(clone, file), 'utf8');
    const from = text.indexOf(was);
    if (from < 0 || text.indexOf(was, from + 1) >= 0)
      throw new Error(`${name}: what it would change is not there once in ${file}.`);
    const fault = { room: '', file, line: 0, was, is, from, to: from + was.length };
    const isSeen = isNoticed(fault);
    noticed += isSeen ? 1 : 0;
    console.log(`${isSeen ? 'noticed' : 'LEFT   '}  ${name} (${file})`);
  }
  console.log(`\n${noticed} of ${NAMED_FAULTS.length} noticed`);
}
if (process.argv.includes('--named')) {
  askNamed();
  rmSync(clone, { recursive: true, force: true });
  process.exit(0);
}

const before = isLeftOnly ? readLot() : null;
const rows: Row[] = [];
for (const [r, room] of rooms.entries()) {
  const known = before?.rows.find((row) => row.room === room);
  if (before && !known) continue;
  const row = known ? askedAgain(known) : drawn(room, r);
  rows.push(row);
  tell(row);
}
rmSync(clone, { recursive: true, force: true });

console.log(`\n${noticedOf(rows)} of ${rows.reduce((sum, { of }) => sum + of, 0)} noticed`);
if (before) {
  // As it is by now: other rooms may have been asked meanwhile.
  const now = readLot();
  const asked = new Map(rows.map((row) => [row.room, row]));
  writeLot({ ...now, askedAt: commit, rows: now.rows.map((row) => asked.get(row.room) ?? row) });
} else if (only.length === 0)
  writeLot({ each, seed, drawnAt: commit, askedAt: commit, first: noticedOf(rows), rows });
