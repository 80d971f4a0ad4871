// npm test: every test there is, from a bare clone. Ends with a line "N passed, N failed".
import { spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { build, freePort, install, root, run, serve } from './steps.mjs';

let passed = 0;
let failed = 0;
const bin = (name) => join(root, 'node_modules', '.bin', name);

/** A check that runs beside others: what it says is told when it is done. */
function check(name, command, args) {
  return new Promise((resolve) => {
    const child = spawn(bin(command), args, { cwd: root });
    let said = '';
    child.stdout.on('data', (text) => (said += text));
    child.stderr.on('data', (text) => (said += text));
    child.on('error', (error) => (said += String(error)));
    child.on('close', (code) => {
      console.log(`\n— ${name}`);
      if (said.trim()) console.log(said.trimEnd());
      if (code === 0) passed += 1;
      else {
        failed += 1;
        console.error(`✗ ${name} failed`);
      }
      resolve();
    });
  });
}

/** Debian's Chromium, put in by apt where that is allowed. */
function chromium() {
  const path = '/usr/bin/chromium';
  if (existsSync(path)) return true;
  const root = typeof process.getuid === 'function' && process.getuid() === 0;
  const apt = spawnSync('apt-get', ['--version']).status === 0;
  if (root && apt) {
    console.log('Installing Chromium through apt…');
    spawnSync('apt-get', ['update', '-qq'], { stdio: 'inherit' });
    spawnSync('apt-get', ['install', '-y', '-qq', 'chromium'], {
      stdio: 'inherit',
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    });
  }
  if (existsSync(path)) return true;
  console.error(
    'The browser tests need Chromium at /usr/bin/chromium. Install it with: sudo apt-get install chromium',
  );
  return false;
}

/** Titles of tests that failed at first and passed on their second try. */
function flakyOf(suites = []) {
  return suites.flatMap((suite) => [
    ...(suite.specs ?? [])
      .filter(({ tests }) => tests.some(({ status }) => status === 'flaky'))
      .map(({ title }) => title),
    ...flakyOf(suite.suites),
  ]);
}

const began = performance.now();
const parts = [];
/** Remembers how long a part took, to be told at the end. */
function timed(name, work) {
  const from = performance.now();
  const done = () => parts.push([name, performance.now() - from]);
  const result = work();
  if (result instanceof Promise) return result.finally(done);
  done();
  return result;
}

install();
const out = join(root, 'test-results');
rmSync(out, { recursive: true, force: true });
mkdirSync(out, { recursive: true });

// Each of these keeps one core busy: they run side by side.
await timed('format, lint and types', () =>
  Promise.all([
    check('format', 'prettier', ['--check', '--log-level', 'warn', '.']),
    check('lint: the rooms and which way imports go', 'eslint', ['.', '--max-warnings', '0']),
    check('core purity: compiles without DOM or Node', 'tsc', ['-p', 'tsconfig.core.json']),
    check('types', 'tsc', ['--noEmit', '-p', 'tsconfig.json']),
  ]),
);

console.log('\n— unit and component tests');
const jestOut = join(out, 'jest.json');
timed('unit and component tests', () => run(bin('jest'), ['--json', `--outputFile=${jestOut}`]));
try {
  const result = JSON.parse(readFileSync(jestOut, 'utf8'));
  passed += result.numPassedTests;
  failed += result.numFailedTests + result.numRuntimeErrorTestSuites;
} catch {
  failed += 1;
  console.error('✗ Jest left no result.');
}

if (timed('build', build) !== 0) {
  failed += 1;
  console.error('✗ The build failed; the browser tests did not run.');
} else {
  passed += 1;
  if (!chromium()) failed += 1;
  else {
    console.log('\n— browser tests');
    const port = await freePort(4300);
    const { stop } = await serve(port);
    const playOut = join(out, 'playwright.json');
    timed('browser tests', () =>
      run(bin('playwright'), ['test'], {
        env: {
          ...process.env,
          RILLBANK_URL: `http://127.0.0.1:${port}`,
          PLAYWRIGHT_JSON_OUTPUT_NAME: playOut,
        },
      }),
    );
    stop();
    try {
      const result = JSON.parse(readFileSync(playOut, 'utf8'));
      passed += result.stats.expected + result.stats.flaky;
      failed += result.stats.unexpected;
      for (const title of flakyOf(result.suites))
        console.error(`△ passed only when it was tried again: ${title}`);
    } catch {
      failed += 1;
      console.error('✗ Playwright left no result.');
    }
  }
}

const minutes = (ms) => `${(ms / 60_000).toFixed(1)} min`;
console.log(
  `\n${parts.map(([name, ms]) => `${name} ${minutes(ms)}`).join(', ')}; in all ${minutes(performance.now() - began)}`,
);
console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed > 0 || passed === 0 ? 1 : 0);
