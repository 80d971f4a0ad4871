// npm run schema: writes what docs/ tells of the code: JSON Schemas of both file formats, and the table of what the plant book covers.
import { writeFileSync } from 'node:fs';
import { BOOK } from '../src/core/plants/book/index';
import { coverageTable } from '../src/core/plants/coverage';
import { jsonSchemaOf } from '../src/core/files/plantingFile';

for (const format of ['planting', 'backup'] as const) writeFileSync(new URL(`../docs/${format}.schema.json`, import.meta.url), `${JSON.stringify(jsonSchemaOf(format), null, 1)}\n`);
writeFileSync(new URL('../docs/plant-coverage.md', import.meta.url), coverageTable(BOOK));
