import { HALT } from '../../../tests/builders/halt';
import type { Care } from '@/core/care/careOf';
import type { Entry } from '@/core/log/entry';
import type { Jobs } from '@/workers/messages';
import { onlyTold, partly, wholly, type CareQuestion, type Cared } from './reckonCare';

type Request = Jobs['care']['request'];
const asked: Request[] = [];
jest.mock('@/workers/runJob', () => ({
  runJob: (_job: string, request: Request) => {
    asked.push(request);
    const care = request.stands
      .filter(({ planting }) => planting.name !== 'Basket 2')
      .map(({ planting }) => ({ plantingId: planting.id, factor: 2 }));
    return Promise.resolve({
      care,
      away: [...care].reverse(),
      season: [],
      warnings: [],
      skies: new Map(),
      drips: [],
    });
  },
}));
beforeEach(() => void asked.splice(0));

const entry = (id: string, plantingId: string): Entry => ({
  id,
  at: '2026-07-17T08:00:00+01:00',
  zone: 'Europe/London',
  of: { plantingId },
  what: { did: 'watered', litres: null },
});
const ids = HALT.map(({ planting }) => planting.id);
const LOG = ids.map((id, i) => entry(`0${i}`, id));
const question: CareQuestion = {
  its: HALT,
  log: LOG,
  records: {},
  today: '2026-07-17',
  hour: 8,
  isSeasonAsked: false,
  isPart: false,
};
const whole: Cared = {
  today: '2026-07-17',
  hour: 8,
  byId: new Map(ids.map((id) => [id, { plantingId: id, factor: 1 } as Care])),
  away: [],
  season: [],
  warnings: [],
  skies: new Map(),
  drips: [],
  isWhole: true,
  log: LOG,
};
const { signal } = new AbortController();
const later = { ...question, log: [...LOG, entry('9', ids[2]!)] };

test('after an answer only what it is of is asked of the worker, with its own entries; the others stay as they were', async () => {
  const told = onlyTold({ question, cared: whole }, later);
  expect([...told!]).toEqual([ids[2]]);
  const after = await partly(later, told!, whole, signal);
  expect(asked[0]!.stands.map(({ planting }) => planting.id)).toEqual([ids[2]]);
  expect(asked[0]!.log.map(({ of }) => of.plantingId)).toEqual([ids[2], ids[2]]);
  expect(after.byId.get(ids[2]!)!.factor).toBe(2);
  expect(after.byId.get(ids[0]!)).toBe(whole.byId.get(ids[0]!));
  expect(after.byId.size).toBe(ids.length);
  expect(after.log).toBe(later.log);
});

test('what was told to be over is asked for nothing more', async () => {
  const basket = HALT.find(({ planting }) => planting.name === 'Basket 2')!.planting.id;
  const after = await partly(later, new Set([basket]), whole, signal);
  expect(after.byId.has(basket)).toBe(false);
  expect(after.byId.size).toBe(ids.length - 1);
});

test('all is asked where more has changed than a few entries', () => {
  const before = { question, cared: whole };
  expect(onlyTold(null, later)).toBeNull();
  expect(onlyTold({ question, cared: { ...whole, isWhole: false } }, later)).toBeNull();
  expect(onlyTold(before, { ...later, hour: 9 })).toBeNull();
  expect(onlyTold(before, { ...later, its: [...HALT] })).toBeNull();
  expect(onlyTold(before, { ...later, isSeasonAsked: true })).toBeNull();
  expect(onlyTold(before, question)).toBeNull();
  const many = (count: number) => ({
    ...question,
    log: [...LOG, ...Array.from({ length: count }, (_, i) => entry(`a${i}`, `p${i}`))],
  });
  expect(onlyTold(before, many(20))!.size).toBe(20);
  expect(onlyTold(before, many(21))).toBeNull();
});

test('asked as a whole, what is looked at is in walking order, however it was found', async () => {
  const all = await wholly(later, signal, () => {});
  const away = all.away.map(({ plantingId }) => plantingId);
  expect(away).toEqual(ids.filter((id) => away.includes(id)));
  expect(asked[0]!.stands[0]!.planting.id).toBe(ids[2]);
});
