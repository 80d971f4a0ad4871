import { Body, Equator, Horizon, Observer } from 'astronomy-engine';
import fc from 'fast-check';
import { DEG_PER_RAD } from '../units/units';
import { monthOfDay, MONTH_STARTS, noonMs, sunDay } from './days';
import { extraterrestrialMJ, referenceEtMm } from './radiation';
import { dayLengthH, sunAt, sunState, sunVector, positionOf } from './sun';

const SIX_LATITUDES = [-45, -23.4, 0, 33.9, 51.5, 65] as const;

test.each(SIX_LATITUDES)(
  'the sun stands within 0.02° of an independent astronomy library through a year of each of three decades at latitude %d°',
  (latitudeDeg) => {
    const site = { latitudeDeg, longitudeDeg: 17 };
    const observer = new Observer(latitudeDeg, 17, 0);
    let worst = 0;
    for (let hour = 0; hour < 3 * 8760; hour += 11) {
      const year = [2006, 2026, 2046][Math.floor(hour / 8760)]!;
      const at = Date.UTC(year, 0, 1) + (hour % 8760) * 3_600_000;
      const time = new Date(at);
      const equator = Equator(Body.Sun, time, observer, true, true);
      const theirs = Horizon(time, observer, equator.ra, equator.dec);
      const ours = sunAt(site, at);
      if (theirs.altitude < -2) continue;
      const [a, b] = [theirs, { altitude: ours.altitudeDeg, azimuth: ours.azimuthDeg }].map(
        ({ altitude, azimuth }) => [
          Math.cos(altitude / DEG_PER_RAD) * Math.sin(azimuth / DEG_PER_RAD),
          Math.cos(altitude / DEG_PER_RAD) * Math.cos(azimuth / DEG_PER_RAD),
          Math.sin(altitude / DEG_PER_RAD),
        ],
      );
      const apart =
        Math.acos(Math.min(1, a![0]! * b![0]! + a![1]! * b![1]! + a![2]! * b![2]!)) * DEG_PER_RAD;
      worst = Math.max(worst, apart);
    }
    expect(worst).toBeGreaterThan(0);
    expect(worst).toBeLessThan(0.02);
  },
);

test('day lengths of the almanac’s geometry: 40° N, 51.5° N, 33.9° S, polar day and night', () => {
  const on = (latitude: number, month: number, day: number) =>
    dayLengthH(latitude, sunState(Date.UTC(2026, month - 1, day, 12)).declinationRad);
  expect(
    [on(40, 6, 21), on(40, 12, 21), on(51.5, 6, 21), on(51.5, 12, 21), on(-33.9, 12, 21)].map(
      (h) => Math.round(h * 100) / 100,
    ),
  ).toEqual([14.84, 9.16, 16.4, 7.6, 14.26]);
  expect([on(70, 6, 21), on(70, 12, 21), on(90, 6, 21), on(-90, 6, 21)]).toEqual([24, 0, 24, 0]);
  expect(on(0, 3, 20)).toBeCloseTo(12, 1);
});

test('at solar noon the sun stands 90° less the gap of latitude and declination high, due south or due north', () => {
  fc.assert(
    fc.property(
      fc.double({ min: -66, max: 66, noNaN: true }),
      fc.integer({ min: 0, max: 364 }),
      (latitude, day) => {
        const { declinationRad } = sunDay({ longitudeDeg: 0 }, day);
        const gap = latitude - declinationRad * DEG_PER_RAD;
        const noon = positionOf(sunVector(latitude, declinationRad, 0));
        expect(noon.altitudeDeg).toBeCloseTo(90 - Math.abs(gap), 4);
        if (Math.abs(gap) > 0.5) expect(Math.round(noon.azimuthDeg) % 360).toBe(gap > 0 ? 180 : 0);
      },
    ),
    { seed: 101 },
  );
});

test('mean noon lies at twelve less four minutes for each degree east', () => {
  expect(new Date(noonMs({ longitudeDeg: 15 }, 0)).toISOString()).toBe('2026-01-01T11:00:00.000Z');
  expect(MONTH_STARTS.slice(0, 12).map(monthOfDay)).toEqual([0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11]);
  expect([30, 58, 364].map(monthOfDay)).toEqual([0, 1, 11]);
});

test('radiation above the air as printed: 20° S on day 246, 50.8° N on 187, 13.73° N on 105, 22.9° S on 135', () => {
  expect(extraterrestrialMJ(-20, 246)).toBeCloseTo(32.2, 1);
  expect(extraterrestrialMJ(50.8, 187)).toBeCloseTo(41.09, 1);
  expect(extraterrestrialMJ(13.73, 105)).toBeCloseTo(38.06, 1);
  expect(extraterrestrialMJ(-22.9, 135)).toBeCloseTo(25.1, 1);
  expect(extraterrestrialMJ(80, 355)).toBe(0);
});

test('reference evapotranspiration as printed for Lyon in July, and as worked for 40° and 51.5° N', () => {
  expect(referenceEtMm({ minC: 14.8, maxC: 26.6, raMJ: 40.6 })).toBeCloseTo(5.0, 1);
  expect(referenceEtMm({ minC: 19, maxC: 33, raMJ: extraterrestrialMJ(40, 196) })).toBeCloseTo(
    6.27,
    1,
  );
  expect(referenceEtMm({ minC: 10, maxC: 20, raMJ: extraterrestrialMJ(51.5, 152) })).toBeCloseTo(
    3.96,
    1,
  );
  expect(referenceEtMm({ minC: 4, maxC: 12, raMJ: extraterrestrialMJ(51.5, 288) })).toBeCloseTo(
    1.09,
    1,
  );
  expect(referenceEtMm({ minC: 12, maxC: 12, raMJ: 30 })).toBe(0);
});
