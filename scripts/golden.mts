// npm run golden: keeps today's growth curves, scores and climates as the ones that tests hold to. Look at test-results/golden.svg first.
import { writeFileSync } from 'node:fs';
import { climateTable } from '../tests/builders/climateTable';
import { goldenNow } from '../tests/builders/golden';

writeFileSync(
  new URL('../tests/golden/judgement.json', import.meta.url),
  `${JSON.stringify(goldenNow(), null, 1)}\n`,
);

writeFileSync(new URL('../docs/climates.csv', import.meta.url), climateTable());
