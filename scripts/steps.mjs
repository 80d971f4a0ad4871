// Steps shared by the demo and the tests. Only node: modules, so that it runs before anything is installed.
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = join(dirname(fileURLToPath(import.meta.url)), '..');
const npm = process.platform === 'win32' ? 'npm.cmd' : 'npm';

/** How scripts start Debian's Chromium: it asks this machine only. */
export const BROWSER = {
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--host-resolver-rules=MAP * ~NOTFOUND, EXCLUDE 127.0.0.1, EXCLUDE localhost',
  ],
};

export function run(command, args, options = {}) {
  const { status, error } = spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options });
  if (error) throw error;
  return status ?? 1;
}

function needNode() {
  const major = Number(process.versions.node.split('.')[0]);
  if (major < 20) {
    console.error(`Rillbank needs Node.js 20 or newer; this is ${process.version}.`);
    process.exit(1);
  }
}

/** Installs the packages of the lock file unless this very lock is installed already. */
export function install() {
  needNode();
  const stamp = join(root, 'node_modules', '.rillbank-lock');
  const lock = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return;
  console.log('Installing packages…');
  if (run(npm, ['ci', '--no-audit', '--no-fund']) !== 0) {
    console.error('The packages could not be installed. Is the npm registry reachable?');
    process.exit(1);
  }
  writeFileSync(stamp, lock);
}

export function next(...args) {
  return [process.execPath, [join(root, 'node_modules', 'next', 'dist', 'bin', 'next'), ...args]];
}

export function build() {
  console.log('Building…');
  const [command, args] = next('build');
  const failed = run(command, args, { env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1' } });
  return failed || run(process.execPath, [join(root, 'scripts', 'finishBuild.mjs')]);
}

/** The first free port from `from` upward. */
export async function freePort(from) {
  for (let port = from; port < from + 200; port += 1) {
    const free = await new Promise((resolve) => {
      const probe = createServer();
      probe.once('error', () => resolve(false));
      probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)));
    });
    if (free) return port;
  }
  throw new Error(`No free port from ${from} to ${from + 199}.`);
}

/** Starts the built app; resolves once it answers. Stops with this process. */
export async function serve(port, env = {}) {
  const [command, args] = next('start', '-p', String(port), '-H', '127.0.0.1');
  const server = spawn(command, args, {
    cwd: root,
    stdio: ['ignore', 'ignore', 'inherit'],
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: '1', ...env },
  });
  const stop = () => server.kill('SIGTERM');
  for (const signal of ['SIGINT', 'SIGTERM'])
    process.on(signal, () => {
      stop();
      process.exit(0);
    });
  process.on('exit', stop);
  for (let i = 0; i < 240; i += 1) {
    if (server.exitCode !== null) throw new Error('The server stopped while starting.');
    const ok = await fetch(`http://127.0.0.1:${port}/shed`).then(
      (response) => response.ok,
      () => false,
    );
    if (ok) return { server, stop };
    await new Promise((resolve) => setTimeout(resolve, 250));
  }
  throw new Error('The server did not answer within a minute.');
}
