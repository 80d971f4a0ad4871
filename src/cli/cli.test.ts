import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { VERBS } from './verbs';

const example = (name: string) => readFileSync(join(__dirname, `../../docs/examples/${name}.json`), 'utf8');
const output = (verb: string, text: string) => {
  const answer = VERBS[verb]!(text);
  if (answer.kind !== 'done') throw new Error(answer.message);
  return JSON.parse(JSON.stringify(answer.output));
};

test('every documented example runs', () => {
  expect(output('measure', example('measure'))).toMatchObject({ brimL: 14.983 });
  expect(output('propose', example('propose')).proposals).toHaveLength(3);
  expect(output('plants', example('plants')).plants.length).toBeGreaterThan(0);
  expect(output('check', example('planting')).remarks.length).toBeGreaterThan(5);
  expect(output('shop', example('planting')).total).toBeGreaterThan(0);
  expect(output('schema', example('schema'))).toHaveProperty('properties.plantings');
});

test('inches and centimetres measure the same pot', () => {
  const pot = (k: number, unit: string) => JSON.stringify({ unit, container: { shape: { kind: 'round', topCm: 30 / k, baseCm: 22 / k, depthCm: 28 / k }, material: 'terracotta' } });
  expect(output('measure', pot(2.54, 'in')).brimL).toBeCloseTo(output('measure', pot(1, 'cm')).brimL, 3);
});

test.each([
  ['measure', '{"unit":"furlong","container":{}}', 'bad input', /unit: unit must be one of cm, in, mm, m; got "furlong"/],
  ['measure', '{"container":{"shape":{"kind":"round","topCm":-3,"baseCm":22,"depthCm":28},"material":"terracotta"}}', 'bad input', /container\.shape\.topCm: .*got -3/],
  ['measure', '{"container":{"shape":{"kind":"round","topCm":30,"baseCm":22,"depthCm":28},"material":"cheese"}}', 'bad input', /container\.material: .*cheese/],
  ['check', '{', 'bad input', /ends too soon|not JSON/],
  ['plants', '[1]', 'bad input', /one JSON object/],
  ['propose', '{"container":{"shape":{"kind":"round","topCm":30,"baseCm":22,"depthCm":28},"material":"terracotta"},"wishes":{"budget":1}}', 'not possible', /budget \(\d\)/],
])('%s of %s is %s', (verb, text, kind, message) => {
  const answer = VERBS[verb]!(text);
  expect(answer.kind).toBe(kind);
  if (answer.kind !== 'done') expect(answer.message).toMatch(message);
});
