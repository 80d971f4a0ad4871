import { addDays } from '../calendar/day';
import type { Entry, What } from '../log/entry';
import { simulatedReading, stuckReadings } from './device';
import { waterEvents } from './happened';

let count = 0;
const entry = (day: string, what: What, hour = '08'): Entry => ({
  id: String((count += 1)).padStart(5, '0'),
  at: `${day}T${hour}:00:00+01:00`,
  zone: 'Europe/London',
  of: { plantingId: 'tub' },
  what,
});
const reading = (day: string, value: number) =>
  entry(day, { did: 'reading', device: 'moisture', value });
const watered = (day: string) => entry(day, { did: 'watered', litres: null }, '09');

test('a simulated probe is near the truth, the same for the same day, silent at times and stuck for whole weeks', () => {
  const truth = (day: string) => 30 + 20 * Math.abs(Math.sin(Date.parse(day) / 8.64e7));
  let [silent, near, all, stuck] = [0, 0, 0, 0];
  for (let seed = 0; seed < 40; seed += 1) {
    let last: number | null = null;
    for (let i = 0; i < 60; i += 1) {
      const day = addDays('2026-05-14', i);
      const at = { day, since: '2026-05-14', truth: truth(day), last };
      const answer = simulatedReading('moisture', seed, at);
      expect(simulatedReading('moisture', seed, at)).toEqual(answer);
      all += 1;
      if (!answer.ok) {
        silent += 1;
        continue;
      }
      if (Math.abs(answer.value - truth(day)) < 5) near += 1;
      if (last === answer.value) stuck += 1;
      last = answer.value;
    }
  }
  expect(silent / all).toBeGreaterThan(0.02);
  expect(silent / all).toBeLessThan(0.1);
  expect(near / all).toBeGreaterThan(0.75);
  expect(stuck / all).toBeGreaterThan(0.04);
});

test('a probe that shows the same though it was watered, or for days, is not believed; one that moves is', () => {
  const moving = [reading('2026-07-01', 40), watered('2026-07-01'), reading('2026-07-02', 52)];
  expect(stuckReadings(moving).size).toBe(0);
  const hanging = [reading('2026-07-01', 40), watered('2026-07-01'), reading('2026-07-02', 40.1)];
  expect([...stuckReadings(hanging)]).toEqual([hanging[2]!.id]);
  // A day of the same weather may leave it as it was; three may not.
  expect(stuckReadings([reading('2026-07-01', 40), reading('2026-07-02', 40)]).size).toBe(0);
  expect(stuckReadings([reading('2026-07-01', 40), reading('2026-07-04', 40)]).size).toBe(1);
  const how = { drainedKg: 10, capL: 4, fullShare: 0.55, wiltShare: 0.22 };
  const known = (log: readonly Entry[]) =>
    [...waterEvents(log, how).values()].flat().filter(({ kind }) => kind === 'known');
  expect(known(moving)).toHaveLength(2);
  expect(known(hanging)).toHaveLength(1);
});

test('a scale that shows the same weight though the pot was watered is not believed', () => {
  const weighed = (day: string, kg: number) => entry(day, { did: 'weighed', kg });
  const hanging = [weighed('2026-07-01', 9.4), watered('2026-07-01'), weighed('2026-07-02', 9.4)];
  expect([...stuckReadings(hanging)]).toEqual([hanging[2]!.id]);
  const moving = [weighed('2026-07-01', 9.4), watered('2026-07-01'), weighed('2026-07-02', 10.1)];
  expect(stuckReadings(moving).size).toBe(0);
});

test('a weight and a reading tell the water they stand for', () => {
  const how = { drainedKg: 10, capL: 4, fullShare: 0.55, wiltShare: 0.25 };
  const band = (what: What) => {
    const [event] = [...waterEvents([entry('2026-07-01', what)], how).values()].flat();
    return event?.kind === 'known' && typeof event.band !== 'string' ? event.band : null;
  };
  // Two litres lighter of four is half.
  const weighed = band({ did: 'weighed', kg: 8 })!;
  expect((weighed[0] + weighed[1]) / 2).toBeCloseTo(0.5, 6);
  const read = band({ did: 'reading', device: 'moisture', value: 40 })!;
  expect((read[0] + read[1]) / 2).toBeCloseTo(0.5, 6);
});
