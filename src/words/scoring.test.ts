import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { scoringPage } from './scoring';

test('docs/scoring.md tells what each check and school weighs, as it is reckoned (npm run schema)', () => {
  const told = readFileSync(join(__dirname, '../../docs/scoring.md'), 'utf8');
  expect(scoringPage().split('\n')).toEqual(told.split('\n'));
});
