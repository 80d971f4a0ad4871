// The lot of small faults that is written down, and its page in docs.
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Fault } from './plantable.mts';

const DOCS = join(import.meta.dirname, '../docs');
const LOT = join(DOCS, 'mutants.json');

export interface Row {
  readonly room: string;
  /** Faults that could be planted in the room. */
  readonly possible: number;
  readonly of: number;
  readonly left: readonly Fault[];
}
export interface Lot {
  readonly each: number;
  readonly seed: number;
  /** Commit that the lot was drawn in. */
  readonly drawnAt: string;
  /** Commit whose tests were asked last. */
  readonly askedAt: string;
  /** Noticed when the lot was drawn, before any test was written for what was left. */
  readonly first: number;
  readonly rows: readonly Row[];
}

export const readLot = (): Lot => JSON.parse(readFileSync(LOT, 'utf8')) as Lot;

export const noticedOf = (rows: readonly Row[]): number =>
  rows.reduce((sum, { of, left }) => sum + of - left.length, 0);

export function writeLot(lot: Lot): void {
  const planted = lot.rows.reduce((sum, { of }) => sum + of, 0);
  const left = lot.rows.flatMap((row) => row.left);
  writeFileSync(LOT, `${JSON.stringify(lot, null, 1)}\n`);
  writeFileSync(
    join(DOCS, 'mutants.md'),
    [
      '# Small faults, and whether the tests notice',
      '',
      `\`npm run mutants -- --each ${lot.each} --seed ${lot.seed}\` at ${lot.drawnAt}: ${lot.first} of ${planted} faults noticed by the tests.`,
      `\`npm run mutants -- --left\` at ${lot.askedAt}, with the tests written since: ${planted - left.length} of ${planted}.`,
      '',
      'A fault is one sign, number, comparison or condition changed, drawn by lot in every room of `src/core` (the plant data left out).',
      "It is noticed when a test of its own room fails, or one of another room's within 40 seconds, the quickest first.",
      '',
      '| room | noticed | of | could be planted |',
      '| --- | --- | --- | --- |',
      ...lot.rows.map(
        (row) => `| ${row.room} | ${row.of - row.left.length} | ${row.of} | ${row.possible} |`,
      ),
      '',
      '## Not noticed',
      '',
      ...left.map(({ file, line, was, is }) =>
        `- \`${file}:${line}\`: \`${was}\` → \`${is}\``.replace(/\n\s*/g, ' '),
      ),
      '',
    ].join('\n'),
  );
}
