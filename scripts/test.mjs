// npm test: every test there is, from a bare clone. Ends with a line "N passed, N failed".
import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { build, freePort, install, root, run, serve } from './steps.mjs';

let passed = 0;
let failed = 0;
const bin = (name) => join(root, 'node_modules', '.bin', name);

function step(name, command, args) {
  console.log(`\n— ${name}`);
  if (run(command, args) === 0) passed += 1;
  else {
    failed += 1;
    console.error(`✗ ${name} failed`);
  }
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

install();
const out = join(root, 'test-results');
rmSync(out, { recursive: true, force: true });
mkdirSync(out, { recursive: true });

step('format', bin('prettier'), ['--check', '--log-level', 'warn', '.']);
step('lint: the rooms and which way imports go', bin('eslint'), ['.', '--max-warnings', '0']);
step('core purity: compiles without DOM or Node', bin('tsc'), ['-p', 'tsconfig.core.json']);
step('types', bin('tsc'), ['--noEmit', '-p', 'tsconfig.json']);

console.log('\n— unit and component tests');
const jestOut = join(out, 'jest.json');
run(bin('jest'), ['--json', `--outputFile=${jestOut}`]);
try {
  const result = JSON.parse(readFileSync(jestOut, 'utf8'));
  passed += result.numPassedTests;
  failed += result.numFailedTests + result.numRuntimeErrorTestSuites;
} catch {
  failed += 1;
  console.error('✗ Jest left no result.');
}

if (build() !== 0) {
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
    run(bin('playwright'), ['test'], {
      env: {
        ...process.env,
        RILLBANK_URL: `http://127.0.0.1:${port}`,
        PLAYWRIGHT_JSON_OUTPUT_NAME: playOut,
      },
    });
    stop();
    try {
      const { stats } = JSON.parse(readFileSync(playOut, 'utf8'));
      passed += stats.expected + stats.flaky;
      failed += stats.unexpected;
    } catch {
      failed += 1;
      console.error('✗ Playwright left no result.');
    }
  }
}

console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed > 0 || passed === 0 ? 1 : 0);
