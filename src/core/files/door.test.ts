import { rillbankHalt } from '../../demo/rillbankHalt';
import { kindOf } from '../plants/book/index';
import { USUAL_HOUSE } from '../plantings/house';
import { hash01 } from '../random/hash';
import { backupTexts, readBackup } from './backupParts';
import { DEEPEST, LONGEST_TEXT, readJson } from './door';
import { parseFile, toPlantingFile, type Backup } from './plantingFile';
import { formulaSafe, fromFormulaSafe, textOf } from './text';

const { plantings, spots, shelf, groups, entries } = rillbankHalt();
const file = toPlantingFile(
  plantings[0]!,
  spots.find(({ id }) => id === plantings[0]!.spotId)!,
  kindOf,
);
const messageOf = (text: string) => {
  const read = parseFile(text);
  return read.ok ? 'taken' : `${read.faults[0]!.field}: ${read.faults[0]!.message}`;
};
type Change = (copy: ReturnType<typeof structuredClone<typeof file>>) => void;
const changed = (change: Change) => {
  const copy = structuredClone(file);
  change(copy);
  return JSON.stringify(copy);
};

test('nesting is asked before it is parsed, on both sides of the limit; brackets in texts do not count', () => {
  const nested = (depth: number) => '['.repeat(depth) + ']'.repeat(depth);
  expect(readJson(nested(DEEPEST)).ok).toBe(true);
  expect(readJson(nested(DEEPEST + 1))).toMatchObject({ ok: false });
  expect(readJson(nested(5000))).toMatchObject({
    faults: [{ message: expect.stringContaining('got 5000') }],
  });
  expect(readJson(JSON.stringify({ note: '[[["\\'.repeat(50) })).ok).toBe(true);
});

test('texts too long, control letters and numbers without end are told by their field', () => {
  expect(readJson(JSON.stringify({ a: 'x'.repeat(LONGEST_TEXT) })).ok).toBe(true);
  for (const [text, field, words] of [
    [JSON.stringify({ a: ['x'.repeat(LONGEST_TEXT + 1)] }), 'a[0]', /at most 10000 letters/],
    ['{"a":{"b":"bell \\u0007"}}', 'a.b', /control letters/],
    ['{"a":"half \\ud800"}', 'a', /control letters/],
    ['{"a":1e999}', 'a', /at most/],
  ] as const)
    expect(readJson(text)).toMatchObject({
      ok: false,
      faults: [{ field, message: expect.stringMatching(words) }],
    });
});

test.each<[string, Change, RegExp]>([
  [
    'an urn with an empty profile',
    (f) => Object.assign(f.planting.container, { shape: { kind: 'urn', profile: [] } }),
    /profile/,
  ],
  [
    'an outline of no points',
    (f) =>
      Object.assign(f.planting.container, {
        shape: { kind: 'outline', points: [], shares: [], depthCm: 20 },
      }),
    /points/,
  ],
  [
    'a time zone that does not exist',
    (f) => Object.assign(f.spot.site, { timeZone: 'Europe/Nowhere' }),
    /no such time zone; got "Europe\/Nowhere"/,
  ],
  [
    'a day that does not exist',
    (f) => Object.assign(f.spot, { sunLog: [{ date: '9999-99-99', hours: Array(24).fill(null) }] }),
    /no such date/,
  ],
  [
    'a name with control letters',
    (f) => Object.assign(f.planting, { name: 'Tub\u200b\u0001' }),
    /control letters/,
  ],
])('%s is refused by name, and nothing throws', (_, change, words) => {
  expect(messageOf(changed(change))).toMatch(words);
});

test('weather beyond what the earth has known is refused; what it has known is taken', () => {
  const backup = (day: readonly unknown[]) =>
    JSON.stringify({ ...whole(), weather: [{ spotId: spots[0]!.id, days: [day] }] });
  expect(messageOf(backup(['2026-05-01', 4, 11, 3, null, null]))).toBe('taken');
  expect(messageOf(backup(['2026-05-01', 4, 1e308, 3, null, null]))).toMatch(/at most/);
  expect(messageOf(backup(['2026-05-01', 4, 61, 3, null, null]))).toMatch(
    /Highest temperature must be -90–60 °C; got 61/,
  );
  expect(messageOf(backup(['2026-06-31', 4, 11, 3, null, null]))).toMatch(/no such date/);
});

test('whatever is wrong with a file is told in our words, never the library’s (seed 5)', () => {
  const odd: readonly unknown[] = [null, -1, 1e9, '', 'odd', true, [], {}, [null], 'x'.repeat(400)];
  const paths: (readonly (string | number)[])[] = [];
  const walk = (value: unknown, path: readonly (string | number)[]) => {
    if (path.length > 0) paths.push(path);
    if (typeof value === 'object' && value !== null)
      for (const key of Object.keys(value))
        walk((value as Record<string, unknown>)[key], [
          ...path,
          Array.isArray(value) ? Number(key) : key,
        ]);
  };
  walk(file, []);
  let told = 0;
  for (let i = 0; i < 1500; i += 1) {
    const copy = structuredClone(file) as unknown as Record<string, unknown>;
    const path = paths[Math.floor(hash01(5, i, 1) * paths.length)]!;
    let at = copy;
    for (const step of path.slice(0, -1)) at = at[step] as Record<string, unknown>;
    const last = path[path.length - 1]!;
    if (hash01(5, i, 2) < 0.25) delete at[last];
    else at[last] = odd[Math.floor(hash01(5, i, 3) * odd.length)];
    const read = parseFile(JSON.stringify(copy));
    if (read.ok) continue;
    for (const { message } of read.faults) {
      told += 1;
      expect(message).not.toMatch(/invalid|expected|received|input|NaN|undefined|too (big|small)/i);
      expect(message).toMatch(/^[A-Z“"].*\.$/);
    }
  }
  expect(told).toBeGreaterThan(800);
});

const whole = (): Backup => ({
  format: 'rillbank-backup',
  version: 1,
  written: '2026-05-18T10:00:00Z',
  marks: [{ of: `plantings/${plantings[0]!.id}`, seen: { phone: 3 } }],
  spots: [...spots],
  plantings: [...plantings],
  shelf: [...shelf],
  photos: [],
  kinds: [],
  kept: [],
  groups: [...groups],
  entries: [...entries],
  settings: { length: 'cm', currency: '£', theme: 'system', house: USUAL_HOUSE },
  weather: [],
  unreadable: [],
});
const read = (texts: readonly string[]) => {
  const steps = readBackup(texts);
  for (;;) {
    const step = steps.next();
    if (step.done) return step.value;
  }
};

describe('a backup in parts', () => {
  const days = Array.from(
    { length: 45_000 },
    (_, i) =>
      [new Date(i * 86_400_000).toISOString().slice(0, 10), 4, 11, 3, null, null] as [
        string,
        number,
        number,
        number,
        null,
        null,
      ],
  );
  const many: Backup = {
    ...whole(),
    plantings: Array.from({ length: 300 }, (_, i) => ({
      ...plantings[i % 9]!,
      id: `p${i}`,
      // Three bytes a letter, as many scripts have.
      name: '花'.repeat(80),
    })),
    weather: [{ spotId: spots[0]!.id, days }],
    groups: [],
    unreadable: [{ table: 'plantings', record: { id: 'lost' } }],
  };

  test('each part stays below what a reader takes; together they are what was saved, in any order', () => {
    const most = 700_000;
    const texts = backupTexts(many, most);
    expect(texts.length).toBeGreaterThan(2);
    const sizes = texts.map((text) => Buffer.byteLength(text));
    expect(Math.max(...sizes)).toBeLessThan(most);
    const back = read([...texts].reverse());
    if (!back.ok) throw new Error(back.faults[0]!.message);
    const byId = (list: Backup['plantings']) => [...list].sort((a, b) => (a.id < b.id ? -1 : 1));
    expect(byId(back.value.plantings)).toEqual(byId(many.plantings));
    expect(back.value.weather[0]!.days).toHaveLength(days.length);
    expect(back.value.unreadable).toEqual(many.unreadable);
    expect(back.value.part).toBeUndefined();
  });

  test('what cannot be read comes back from a file as it lay there, whatever is wrong with it', () => {
    const record = { id: 'lost\u0007', jpeg: ['x'.repeat(LONGEST_TEXT + 1)], wide: 1e13 };
    const unreadable = [{ table: 'photos', record }];
    const back = read(backupTexts({ ...whole(), unreadable }));
    expect(back).toMatchObject({ ok: true, value: { unreadable } });
    // Of everything else it is asked.
    const [text] = backupTexts({ ...whole(), written: 'x'.repeat(LONGEST_TEXT + 1) });
    expect(read([text!])).toMatchObject({ ok: false, faults: [{ field: 'written' }] });
  });

  test('a part that is missing, twice there or of another backup is told', () => {
    const texts = backupTexts(many, 700_000);
    expect(read(texts.slice(1))).toMatchObject({ faults: [{ field: 'part' }] });
    expect(read([...texts.slice(1), texts[1]!])).toMatchObject({ faults: [{ field: 'part' }] });
    const other = backupTexts({ ...many, written: '2026-06-01T10:00:00Z' }, 700_000);
    expect(read([texts[0]!, ...other.slice(1)])).toMatchObject({
      faults: [{ message: expect.stringContaining('different backups') }],
    });
  });

  test('what is small is one file, read as it was', () => {
    const texts = backupTexts(whole());
    expect(texts).toHaveLength(1);
    expect(parseFile(texts[0]!)).toEqual({ ok: true, value: whole() });
  });
});

test('texts that a spreadsheet would run are made harmless and come back as they were', () => {
  for (const text of ['=1+1', '+1', '-a', '@x', '＝1', '\t=1', '\r1', '\n=1', ' =1'])
    expect([text, formulaSafe(text)[0], fromFormulaSafe(formulaSafe(text))]).toEqual([
      text,
      "'",
      text,
    ]);
  for (const text of ['Tub', "'Tub'", '3 - 4']) expect(formulaSafe(text)).toBe(text);
});

test('a file tells its letters by the mark at its beginning', () => {
  const utf16 = new Uint8Array([0xff, 0xfe, 0x6d, 0, 0xfc, 0]).buffer;
  expect(textOf(utf16)).toEqual({ text: 'mü', encoding: 'utf-16' });
});

test('of many faults twenty are told: as many as anybody reads', () => {
  const bad = (many: number) => JSON.stringify(Array.from({ length: many }, () => 'a\u0007'));
  for (const [many, told] of [
    [1, 1],
    [20, 20],
    [21, 20],
    [500, 20],
  ] as const) {
    const read = readJson(bad(many));
    expect(read.ok ? 0 : read.faults.length).toBe(told);
  }
});
