// npm run golden: keeps today's growth curves and scores as the ones that tests hold to. Look at test-results/golden.svg first.
import { writeFileSync } from 'node:fs';
import { goldenNow } from '../tests/builders/golden';

writeFileSync(
  new URL('../tests/golden/judgement.json', import.meta.url),
  `${JSON.stringify(goldenNow(), null, 1)}\n`,
);
