import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { jsonSchemaOf } from './plantingFile';

test.each(['planting', 'backup'] as const)(
  'docs/%s.schema.json tells every field and every limit as the door keeps them (npm run schema)',
  (format) => {
    const told = readFileSync(join(__dirname, `../../../docs/${format}.schema.json`), 'utf8');
    expect(JSON.parse(told)).toEqual(JSON.parse(JSON.stringify(jsonSchemaOf(format))));
  },
);
