// After next build: the hashes of what stands in a page itself, for its policy; and the service worker with the list of what it keeps.
import { createHash } from 'node:crypto';
import { mkdirSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join, relative, sep } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build } from 'esbuild';

const root = join(dirname(fileURLToPath(import.meta.url)), '..');
const built = join(root, '.next');

const below = (folder) =>
  readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => relative(folder, join(entry.parentPath, entry.name)).split(sep).join('/'))
    .sort();

const pages = join(built, 'server', 'app');
const html = below(pages).filter((name) => name.endsWith('.html'));
const routeOf = (name) => `/${name.replace(/\.html$/, '').replace(/^index$/, '')}`;
const INLINE = /<script(?![^>]*\ssrc=)[^>]*>([\s\S]*?)<\/script>/g;
const hash = (text) => `'sha256-${createHash('sha256').update(text).digest('base64')}'`;
const scripts = Object.fromEntries(
  html.map((name) => {
    const found = [...readFileSync(join(pages, name), 'utf8').matchAll(INLINE)];
    return [routeOf(name), [...new Set(found.map(([, text]) => hash(text)))]];
  }),
);

/** The toasts' package writes its styles into the page: first an empty element, then these. */
const toasts = readFileSync(join(root, 'node_modules', 'sonner', 'dist', 'index.mjs'), 'utf8');
const [, written] = /__insertCSS\(("(?:[^"\\]|\\.)*")\)/.exec(toasts) ?? [];
if (!written) throw new Error('The styles of the toasts were not found in sonner/dist/index.mjs.');
const styles = ['', JSON.parse(written)].map(hash);

writeFileSync(join(built, 'inline.json'), JSON.stringify({ scripts, styles }));

const rooms = Object.keys(scripts).filter((route) => !route.startsWith('/_'));
const kept = below(join(built, 'static'))
  .filter((name) => !name.endsWith('.map'))
  .map((name) => `/_next/static/${name}`);
const shown = below(join(root, 'public'))
  .filter((name) => name !== 'sw.js')
  .map((name) => `/${name}`);
const version = {
  id: readFileSync(join(built, 'BUILD_ID'), 'utf8').trim(),
  pages: rooms,
  notFound: '/_not-found',
  files: [...kept, ...shown, '/icon.svg', '/manifest.webmanifest'],
};
mkdirSync(join(root, 'public'), { recursive: true });
await build({
  entryPoints: [join(root, 'src', 'workers', 'offline', 'serviceWorker.ts')],
  outfile: join(root, 'public', 'sw.js'),
  bundle: true,
  minify: true,
  format: 'iife',
  target: 'es2022',
  define: { VERSION: JSON.stringify(version) },
  logLevel: 'warning',
});
console.log(
  `Kept for use without a network: ${rooms.length} rooms, ${version.files.length} files.`,
);
