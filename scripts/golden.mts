// npm run golden: keeps today's growth curves, scores, climates and drawings as the ones that tests hold to. Look at test-results/golden.svg first.
import { writeFileSync } from 'node:fs';
import { climateTable } from '../tests/builders/climateTable';
import { containerTable } from '../tests/builders/containerTable';
import { goldenNow } from '../tests/builders/golden';
import { DRAWN_KINDS, markSums } from '../tests/builders/markSums';
import { PICTURED, pictureSums } from '../tests/builders/pictureSums';

writeFileSync(
  new URL('../tests/golden/judgement.json', import.meta.url),
  `${JSON.stringify(goldenNow(), null, 1)}\n`,
);

writeFileSync(new URL('../docs/climates.csv', import.meta.url), climateTable());
writeFileSync(new URL('../docs/containers.csv', import.meta.url), containerTable());

writeFileSync(
  new URL('../tests/golden/marks.json', import.meta.url),
  `{\n${DRAWN_KINDS.map((kind) => `${JSON.stringify(kind.id)}: ${JSON.stringify(markSums(kind))}`).join(',\n')}\n}\n`,
);

/** A row for each: a picture that moved shows in one line. */
const rows = PICTURED.map(([name, it, weeks]) => {
  const both = {
    flat: pictureSums(it, weeks, 'flat'),
    full: pictureSums(it, weeks, 'full'),
  };
  return `${JSON.stringify(name)}: ${JSON.stringify(both)}`;
});
writeFileSync(
  new URL('../tests/golden/pictures.json', import.meta.url),
  `{\n${rows.join(',\n')}\n}\n`,
);
