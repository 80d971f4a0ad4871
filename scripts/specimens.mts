// Draws every kind of the book full grown on sheets of SVG, for looking at: npx tsx scripts/specimens.mts OUT_FOLDER [habit]
import { mkdirSync, writeFileSync } from 'node:fs';
import { BOOK } from '../src/core/plants/book/index';
import { freely } from '../src/core/growth/conditions';
import { buildScene, elevation } from '../src/core/seeing/scene';
import { middle } from '../src/core/plants/kind';
import { seedOf } from '../src/core/random/hash';
import { toSvg } from '../src/drawing/svg';

const [out = 'tmp/specimens', only] = process.argv.slice(2);
mkdirSync(out, { recursive: true });
const CELL = 230;
const COLUMNS = 8;
const kinds = BOOK.filter((kind) => !only || kind.habit === only || kind.id.includes(only));
let body = '';
kinds.forEach((kind, i) => {
  const trail = kind.trailCm ? middle(kind.trailCm) : 0;
  const tall = middle(kind.heightCm) + Math.max(trail * 0.9, 14) + 6;
  const wide = middle(kind.spreadCm) * 1.25 + 8;
  const pxPerCm = Math.min((CELL - 40) / tall, (CELL - 20) / wide, 6);
  const depth = Math.max(10, Math.min(16, trail));
  const scene = buildScene({ container: { name: 'pot', shape: { kind: 'round', topCm: 14, baseCm: 11, depthCm: depth }, material: 'terracotta', colour: [0.6, 0.105, 42], drainHoles: 1, headspaceCm: 1, mix: 'peat-free' }, hung: trail > 0, plantedWeek: Math.max(1, (kind.bloom?.weeks[0] ?? 20) + 4 - 16), conditions: freely(8), plants: [{ kind, xCm: 0, zCm: trail ? 4 : 0, seed: seedOf(kind.id), size: kind.sold[0]!.size }] }, 16);
  const picture = elevation(scene, { azimuthRad: 0.2, pitchRad: 0.2, pxPerCm, originX: CELL / 2, originY: trail ? 30 + (middle(kind.heightCm) + depth) * pxPerCm : CELL - 32 }, 'full', { widthPx: CELL, heightPx: CELL });
  const svg = toSvg(picture, { title: kind.common, background: null }).replace(/(clip|ramp)(\d+)/g, `$1${i}_$2`);
  body += `<div class="c">${svg}<p>${kind.common}<br><small>${kind.habit} · ${scene.marks.length} marks</small></p></div>`;
});
writeFileSync(`${out}/index.html`, `<style>body{margin:0;background:#e2e2e2;font:11px sans-serif;width:${CELL * COLUMNS}px}.c{width:${CELL}px;float:left;text-align:center}p{margin:0}</style>${body}`);
process.stdout.write(`${kinds.length} kinds in ${out}/index.html\n`);
