// npm run schema: writes what docs/ tells of the code: JSON Schemas of both file formats, the table of what the plant book covers, what each
// check and school weighs, and how the judgement does on good plantings and spoiled ones.
import { writeFileSync } from 'node:fs';
import { BOOK } from '../src/core/plants/book/index';
import { coverageTable } from '../src/core/plants/coverage';
import { plantTable } from '../src/core/plants/table';
import { judgeAll, judgementTable } from '../tests/builders/judgement';
import { scoringPage } from '../src/words/scoring';
import { jsonSchemaOf } from '../src/core/files/plantingFile';

for (const format of ['planting', 'backup'] as const)
  writeFileSync(
    new URL(`../docs/${format}.schema.json`, import.meta.url),
    `${JSON.stringify(jsonSchemaOf(format), null, 1)}\n`,
  );
writeFileSync(new URL('../docs/plant-coverage.md', import.meta.url), coverageTable(BOOK));
writeFileSync(new URL('../docs/plant-book.csv', import.meta.url), plantTable(BOOK));
writeFileSync(new URL('../docs/judgement.md', import.meta.url), judgementTable(judgeAll()));
writeFileSync(new URL('../docs/scoring.md', import.meta.url), scoringPage());
