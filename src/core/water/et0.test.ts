import { extraterrestrialMJ } from '../sky/radiation';
import { et0Mm, penmanMonteithMm } from './et0';

test('the published worked days: Uccle on 6 July 3.9 mm, Lyon in July with wind and sun reckoned 4.6–5.0 mm', () => {
  // FAO-56 example 18: vapour from measured damp, 100 m above the sea.
  const uccle = penmanMonteithMm({
    minC: 12.3,
    maxC: 21.5,
    windMs: 2.078,
    radiationMJ: 22.07,
    raMJ: extraterrestrialMJ(50.8, 187),
    vapourKPa: 1.409,
    altitudeM: 100,
  });
  expect(uccle).toBeCloseTo(3.9, 1);
  // FAO-56 example 20: nothing but temperatures known; damp to the lowest, 2 m/s, sun from the range.
  const raMJ = extraterrestrialMJ(45.72, 196);
  const lyon = penmanMonteithMm({
    minC: 14.8,
    maxC: 26.6,
    windMs: 2,
    radiationMJ: 0.16 * Math.sqrt(26.6 - 14.8) * raMJ,
    raMJ,
    altitudeM: 200,
  });
  expect(lyon).toBeGreaterThan(4.4);
  expect(lyon).toBeLessThan(5.1);
});

test('more sun, more wind in dry air and more warmth take more; where nothing but temperatures was measured the simpler formula answers', () => {
  const day = { date: '2026-07-05', minC: 12, maxC: 24, rainMm: 0, windMs: 2, radiationMJ: 20 };
  const base = et0Mm(day, 51.5);
  expect(et0Mm({ ...day, radiationMJ: 26 }, 51.5)).toBeGreaterThan(base);
  expect(et0Mm({ ...day, windMs: 5 }, 51.5)).toBeGreaterThan(base);
  expect(et0Mm({ ...day, maxC: 30 }, 51.5)).toBeGreaterThan(base);
  const told = et0Mm({ ...day, windMs: null, radiationMJ: null }, 51.5);
  expect(told).toBeGreaterThan(2);
  expect(Math.abs(told / base - 1)).toBeLessThan(0.35);
  expect(et0Mm({ ...day, radiationMJ: 0, minC: -20, maxC: -15 }, 51.5)).toBeGreaterThanOrEqual(0);
});

test('without wind or without radiation the temperatures alone say how much a day draws', () => {
  const day = { date: '2026-07-01', minC: 12, maxC: 24, rainMm: 0 };
  const byHeat = et0Mm({ ...day, windMs: null, radiationMJ: null }, 52);
  expect(et0Mm({ ...day, windMs: 2, radiationMJ: null }, 52)).toBe(byHeat);
  expect(et0Mm({ ...day, windMs: null, radiationMJ: 20 }, 52)).toBe(byHeat);
  expect(et0Mm({ ...day, windMs: 2, radiationMJ: 20 }, 52)).not.toBe(byHeat);
});
