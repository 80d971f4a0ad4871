// Tables what plain plantings have of each merit, for grading others against them. `npm run plain`.
import { writeFileSync } from 'node:fs';
import { meritsOf, MERIT_IDS } from '../src/core/checks/merits';
import { read } from '../src/core/checks/reading';
import { plainPlanting } from '../tests/builders/plain';
import { randomAsk } from '../tests/builders/randomAsk';

const ASKS = 400;
const FIRST_SEED = 900_000;
const found: Record<string, number[]> = {};
let count = 0;
for (let seed = FIRST_SEED; seed < FIRST_SEED + ASKS; seed += 1) {
  const ask = randomAsk(seed);
  for (let lot = 0; lot < 2; lot += 1) {
    const it = plainPlanting(ask, lot);
    if (!it) continue;
    count += 1;
    const merits = meritsOf(read(it));
    for (const id of MERIT_IDS) (found[id] ??= []).push(merits[id]);
  }
}
const rows = MERIT_IDS.map((id) => {
  const sorted = found[id]!.sort((a, b) => a - b);
  const at = (share: number) =>
    sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))]!.toFixed(3);
  return `  ${id}: [${[0.05, 0.25, 0.5, 0.75, 0.95].map(at).join(', ')}],`;
});
writeFileSync(
  new URL('../src/core/checks/plainMerits.ts', import.meta.url),
  `import type { MeritId } from './merits';

/**
 * What plain plantings have of each merit: the measure that 5, 25, 50, 75 and 95 of 100 stay under. Counted over ${count} plantings
 * drawn by lot within the hard limits for ${ASKS} random asks. Written by \`npm run plain\`.
 */
export const PLAIN_MERITS: Readonly<Record<MeritId, readonly [number, number, number, number, number]>> = {
${rows.join('\n')}
};
`,
);
console.log(rows.join('\n'));
