import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { rillbankHalt } from '@/demo/rillbankHalt';
import { USUAL_HOUSE } from '@/core/plantings/house';
import { SHIPPED } from '@/core/shelf/shipped';
import { VERBS } from './verbs';

const example = (name: string) =>
  readFileSync(join(__dirname, `../../docs/examples/${name}.json`), 'utf8');
const output = (verb: string, text: string) => {
  const answer = VERBS[verb]!(text);
  if (answer.kind !== 'done') throw new Error('message' in answer ? answer.message : 'a file');
  return JSON.parse(JSON.stringify(answer.output));
};

test('colours left open: the proposals are of several schemes, and each tells its own', () => {
  const text = JSON.stringify({ ...JSON.parse(example('propose')), wishes: { anyColours: true } });
  const { proposals } = output('propose', text) as { proposals: { scheme: string }[] };
  expect(new Set(proposals.map(({ scheme }) => scheme)).size).toBeGreaterThan(1);
});

test('every documented example runs', () => {
  expect(output('measure', example('measure'))).toMatchObject({ brimL: 14.983 });
  expect(output('propose', example('propose')).proposals).toHaveLength(3);
  expect(output('sun', example('sun'))).toMatchObject({
    sunWhen: 'afternoon',
    midsummer: { label: expect.stringMatching(/sun|shade/) },
    months: { length: 12 },
  });
  expect(output('climate', example('climate'))).toMatchObject({
    hardiness: { usda: '9a' },
    lastFrostLater: { '50 %': '15 April' },
  });
  expect(output('climate', '').climates.length).toBeGreaterThanOrEqual(20);
  expect(output('plants', example('plants')).plants.length).toBeGreaterThan(0);
  expect(output('check', example('planting')).remarks.length).toBeGreaterThan(5);
  const foreseen = output('foresee', example('planting')) as {
    bareMix: number[];
    plants: { weeks: { heightCm: number }[] }[];
  };
  expect(foreseen.bareMix[0]!).toBeGreaterThan(foreseen.bareMix[foreseen.bareMix.length - 1]!);
  expect(foreseen.plants[0]!.weeks).toHaveLength(foreseen.bareMix.length);
  expect(output('group', example('group'))).toMatchObject({
    reading: { tallestInside: true },
    members: { length: 3 },
  });
  expect(output('remake', example('remake')).ways.length).toBeGreaterThan(0);
  expect(output('shop', example('planting')).total).toBeGreaterThan(0);
  expect(output('schema', example('schema'))).toHaveProperty('properties.plantings');
  expect(output('steps', example('planting')).steps.at(-1)).toMatchObject({ key: 'put out' });
});

test('measure covers every shape', () => {
  for (const { name, shape, material } of SHIPPED) {
    const measured = output('measure', JSON.stringify({ container: { shape, material } })) as {
      brimL: number;
      mixL: number;
      soakedKg: number;
      wateredKg: number;
      fits: Record<string, number>;
      fitsCountedTo: number;
    };
    expect([
      name,
      measured.brimL > measured.mixL && measured.mixL > 0,
      measured.soakedKg > measured.wateredKg,
      measured.fits['six-pack']! > 0 && measured.fits['six-pack']! <= measured.fitsCountedTo,
    ]).toEqual([name, true, true, true]);
  }
}, 60_000);

test('a barrow by its outline in inches is the same barrow; litres poured win', () => {
  const barrow = JSON.parse(example('measure-barrow')) as {
    container: { shape: { points: number[][]; depthCm: number } };
  };
  const cm = output('measure', JSON.stringify(barrow));
  expect(cm).toMatchObject({ brimL: 58 });
  const { shape } = barrow.container;
  const inches = {
    unit: 'in',
    container: {
      ...barrow.container,
      shape: {
        ...shape,
        points: shape.points.map((p) => p.map((v) => v / 2.54)),
        depthCm: shape.depthCm / 2.54,
      },
    },
  };
  expect(output('measure', JSON.stringify(inches)).byShapeL).toBeCloseTo(cm.byShapeL as number, 2);
});

test('inches and centimetres measure the same pot', () => {
  const pot = (k: number, unit: string) =>
    JSON.stringify({
      unit,
      container: {
        shape: { kind: 'round', topCm: 30 / k, baseCm: 22 / k, depthCm: 28 / k },
        material: 'terracotta',
      },
    });
  expect(output('measure', pot(2.54, 'in')).brimL).toBeCloseTo(
    output('measure', pot(1, 'cm')).brimL,
    3,
  );
});

test.each([
  [
    'measure',
    '{"unit":"furlong","container":{}}',
    'bad input',
    /unit: unit must be one of cm, in, mm, m; got "furlong"/,
  ],
  [
    'measure',
    '{"container":{"shape":{"kind":"round","topCm":-3,"baseCm":22,"depthCm":28},"material":"terracotta"}}',
    'bad input',
    /container\.shape\.topCm: .*got -3/,
  ],
  [
    'measure',
    '{"container":{"shape":{"kind":"round","topCm":30,"baseCm":22,"depthCm":28},"material":"cheese"}}',
    'bad input',
    /container\.material: .*cheese/,
  ],
  ['sun', '{"latitudeDeg":95}', 'bad input', /latitudeDeg: Latitude must be -90–90 °; got 95/],
  [
    'sun',
    '{"latitudeDeg":50,"obstacles":[{"id":"a","kind":"wall","bearingDeg":180,"distanceCm":-5,"heightCm":200,"leftCm":100,"rightCm":100}]}',
    'bad input',
    /obstacles\[0\]\.distanceCm: Distance must be 5–20000 cm; got -5/,
  ],
  ['climate', '{"climate":"moon"}', 'bad input', /climate must be one of .*got "moon"/],
  ['check', '{', 'bad input', /ends too soon|not JSON/],
  ['plants', '[1]', 'bad input', /one JSON object/],
  [
    'propose',
    '{"container":{"shape":{"kind":"round","topCm":30,"baseCm":22,"depthCm":28},"material":"terracotta"},"wishes":{"budget":1}}',
    'not possible',
    /budget \(\d\)/,
  ],
])('%s of %s is %s', (verb, text, kind, message) => {
  const answer = VERBS[verb]!(text);
  expect(answer.kind).toBe(kind);
  if (answer.kind !== 'done') expect('message' in answer && answer.message).toMatch(message);
});

test('propose and check go by the reckoned spot: behind a high wall the plants are shade plants', () => {
  const asked = (obstacles: unknown) =>
    JSON.stringify({
      container: {
        shape: { kind: 'round', topCm: 40, baseCm: 30, depthCm: 34 },
        material: 'terracotta',
      },
      spot: { sunHours: 8, lightFrom: 'reckoned', obstacles },
      wishes: { scheme: { kind: 'cool' } },
      wanted: 2,
    });
  const kinds = (text: string) =>
    output('propose', text).proposals.flatMap(({ places }: { places: { kindId: string }[] }) =>
      places.map(({ kindId }) => kindId),
    );
  const walled = [
    { id: 'n', kind: 'building', facingDeg: 0 },
    {
      id: 'w',
      kind: 'wall',
      bearingDeg: 0,
      distanceCm: 200,
      heightCm: 500,
      leftCm: 3000,
      rightCm: 3000,
    },
  ];
  const shaded = kinds(asked(walled));
  const open = kinds(asked([]));
  expect(shaded.some((id: string) => open.includes(id))).toBe(false);
  const file = JSON.parse(example('planting'));
  const light = (spot: unknown) =>
    output('check', JSON.stringify({ ...file, spot })).remarks.find(
      ({ check }: { check: string }) => check === 'light',
    ).score;
  expect(
    light({
      ...file.spot,
      lightFrom: 'reckoned',
      obstacles: walled,
    }),
  ).toBeLessThan(light(file.spot));
});

test.each([
  ['climate', '{"nonsense":1}', 'nonsense'],
  ['sun', '{"latitudeDeg":50,"latitude":50}', 'latitude'],
  ['plants', '{"finde":"salvia"}', 'finde'],
  ['schema', '{"formt":"planting"}', 'formt'],
  [
    'measure',
    '{"container":{"shape":{"kind":"cylinder","topCm":30,"depthCm":30,"tpoCm":4},"material":"plastic"}}',
    'tpoCm',
  ],
  [
    'propose',
    '{"container":{"shape":{"kind":"cylinder","topCm":30,"depthCm":30},"material":"plastic"},"wishs":{}}',
    'wishs',
  ],
])('%s refuses a field it does not know, by name', (verb, text, field) => {
  const answer = VERBS[verb]!(text);
  expect(answer).toMatchObject({
    kind: 'bad input',
    message: expect.stringContaining(`There is no field “${field}”`),
  });
});

const beside = (name: string, question: object) =>
  JSON.stringify({ ...JSON.parse(example('planting')), [name]: question });

test('buy: on a day at the stops, and at typical prices, sums that add up; more of them cost no less', () => {
  const one = output('buy', beside('buy', { day: '2026-05-18' }));
  const sum = (told: { lines: { priceMinor: number }[]; tripsMinor: number }) =>
    told.tripsMinor + told.lines.reduce((all, { priceMinor }) => all + priceMinor, 0);
  expect(one.totalMinor).toBe(sum(one));
  expect(one.stops.length).toBeGreaterThan(0);
  const typical = output('buy', example('planting'));
  expect(typical).toMatchObject({ short: [], tripsMinor: 0 });
  expect(output('buy', beside('buy', { count: 6 })).totalMinor).toBeGreaterThan(typical.totalMinor);
});

test('batch: what each takes, how far a stock goes, time and a price above the cost', () => {
  const each = output('batch', beside('batch', { count: 40 }));
  const [kindId, n] = Object.entries(each.each)[0] as [string, number];
  expect(each.all[kindId]).toBe(40 * n);
  expect(each).toMatchObject({ whole: 40, short: [] });
  expect(each.priceMinor).toBeGreaterThan(each.costMinor);
  const few = output('batch', beside('batch', { count: 40, there: { [kindId]: 37 * n } }));
  expect(few).toMatchObject({ whole: 37, short: [{ kindId, wanted: 40 * n, there: 37 * n }] });
});

test('template: a PDF, an SVG at true size, or why there is none', async () => {
  const file = async (question: object) => {
    const answer = VERBS.template!(beside('template', question));
    if (answer.kind !== 'file') throw new Error(JSON.stringify(answer));
    return Buffer.from(await answer.write()).toString('latin1');
  };
  expect(await file({ paper: 'A3' })).toMatch(/^%PDF-/);
  expect(await file({ as: 'svg' })).toMatch(/^<svg .*width="[\d.]+mm"/);
  expect(VERBS.template!(beside('template', { marginMm: 0 }))).toMatchObject({
    kind: 'not possible',
    message: expect.stringContaining('3 to 60 mm'),
  });
});

test.each([
  ['buy', { dya: '2026-05-18' }, 'There is no field “dya”'],
  ['buy', { day: 'soon' }, 'date like 2026-05-18'],
  ['batch', { count: 0 }, 'count must be 1–2000'],
  ['batch', { count: 10_000 }, 'count must be 1–2000'],
  ['batch', { count: 2, there: { turnip: 3 } }, 'no "turnip"'],
  ['template', { paper: 'A9' }, 'template.paper must be one of A4'],
  ['template', { part: 'labels', as: 'svg' }, 'written as pdf only'],
])('%s says what is wrong with %j', (verb, question, message) => {
  expect(VERBS[verb]!(beside(verb, question))).toMatchObject({
    kind: 'bad input',
    message: expect.stringContaining(message),
  });
});

test('care: water by day, tasks with their reasons, a round and a calendar of a yard; what is wrong is named', async () => {
  const planting = JSON.parse(example('planting')) as Record<string, unknown>;
  const ask = (name: string, question: object) => JSON.stringify({ ...planting, [name]: question });
  const days = { plantedOn: '2026-05-16', today: '2026-07-10' };
  const dry = output('water', ask('water', days)) as { share: number; wants: { day: string } };
  const wet = output(
    'water',
    ask('water', { ...days, waterings: [{ on: '2026-07-10' }] }),
  ) as typeof dry;
  expect(dry.share).toBeLessThan(0.2);
  expect(wet.share).toBeGreaterThan(0.9);
  expect(dry.wants.day).toBe('2026-07-10');
  const { tasks } = output('tasks', ask('tasks', days)) as {
    tasks: { what: string; why: string }[];
  };
  expect(tasks[0]!.what).toMatch(/^Water/);
  const halt = rillbankHalt();
  const backup = {
    format: 'rillbank-backup',
    version: 1,
    written: '2026-07-17',
    ...halt,
    groups: [...halt.groups],
    settings: { length: 'cm', currency: '£', theme: 'system', house: USUAL_HOUSE },
  };
  const yard = (name: string, question: object) =>
    JSON.stringify({ ...backup, heldAt: undefined, [name]: question });
  const walk = output('round', yard('round', { today: '2026-07-17' })) as {
    stops: { plantingId: string; tasks: unknown[] }[];
    litres: number;
  };
  expect(walk.stops.length).toBeGreaterThan(3);
  expect(walk.litres).toBeGreaterThan(0);
  const file = VERBS.calendar!(yard('calendar', { today: '2026-07-17' }));
  const text = file.kind === 'file' ? new TextDecoder().decode(await file.write()) : '';
  expect(text).toContain('BEGIN:VEVENT');
  const fault = (verb: string, question: object) => {
    const answer = VERBS[verb]!(ask(verb, question));
    return answer.kind === 'bad input' ? answer.message : '';
  };
  expect(fault('water', { plantedOn: '2026-05-16' })).toContain('today');
  expect(fault('water', { ...days, today: '2026-01-01' })).toContain('not be before');
  expect(fault('water', { ...days, wet: true })).toContain('wet');
  const noYard = VERBS.round!(ask('round', { today: '2026-07-17' }));
  expect(noYard.kind === 'bad input' && noYard.message).toContain('backup');
});
