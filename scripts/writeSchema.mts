// npm run schema: writes the JSON Schemas of both file formats to docs/, from the Zod schemas that read them.
import { writeFileSync } from 'node:fs';
import { jsonSchemaOf } from '../src/core/files/plantingFile';

for (const format of ['planting', 'backup'] as const) writeFileSync(new URL(`../docs/${format}.schema.json`, import.meta.url), `${JSON.stringify(jsonSchemaOf(format), null, 1)}\n`);
