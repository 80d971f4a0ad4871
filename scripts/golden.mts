// npm run golden: keeps today's growth curves, scores, climates and drawings as the ones that tests hold to. Look at test-results/golden.svg first.
import { writeFileSync } from 'node:fs';
import { climateTable } from '../tests/builders/climateTable';
import { containerTable } from '../tests/builders/containerTable';
import type { Figures } from '../tests/builders/figures';
import { goldenNow } from '../tests/builders/golden';
import { DRAWN_KINDS, markSums } from '../tests/builders/markSums';
import type { Told } from '../tests/builders/told';
import { TOLD_TABLES } from '../tests/builders/toldTables';
import { PICTURED, pictureSums } from '../tests/builders/pictureSums';

writeFileSync(
  new URL('../tests/golden/judgement.json', import.meta.url),
  `${JSON.stringify(goldenNow(), null, 1)}\n`,
);

writeFileSync(new URL('../docs/climates.csv', import.meta.url), climateTable());
writeFileSync(new URL('../docs/containers.csv', import.meta.url), containerTable());

/** A row for each: what moved shows in one line. */
const kept = (name: string, rows: readonly (readonly [string, Figures | Told])[]): void =>
  writeFileSync(
    new URL(`../tests/golden/${name}.json`, import.meta.url),
    `{\n${rows.map(([of, figures]) => `${JSON.stringify(of)}: ${JSON.stringify(figures)}`).join(',\n')}\n}\n`,
  );
kept(
  'marks',
  DRAWN_KINDS.map((kind) => [kind.id, markSums(kind)]),
);
kept(
  'pictures',
  PICTURED.map(([name, it, weeks]) => [name, pictureSums(it, weeks)]),
);
for (const [name, table] of Object.entries(TOLD_TABLES)) kept(name, table());
