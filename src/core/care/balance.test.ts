import { withSidesPlanted } from '../placing/sides';
import { inSpot } from '../plantings/planting';
import { kindOf } from '../plants/book/index';
import fc from 'fast-check';
import { HALT } from '../../../tests/builders/halt';
import { BASKET, known, planted, SUNNY, TUB } from '../../../tests/builders/plantings';
import { addDays, type Day } from '../calendar/day';
import { read } from '../checks/reading';
import type { DayWeather } from '../climate/weather';
import type { Container } from '../containers/container';
import type { Spot } from '../spots/spot';
import { drawLPerMm } from '../water/demand';
import { readilyAvailableL } from '../water/storage';
import { balanceOf, type WaterDay } from './balance';
import { bandOf, UNTOLD } from './finger';
import type { WaterEvent } from './happened';
import { waterOutlook } from './outlook';
import { potOf, type Pot } from './pot';

const PLANTED = '2026-05-14';
const summer =
  (change: Partial<DayWeather> = {}) =>
  (day: Day): DayWeather => ({
    date: day,
    minC: 12,
    maxC: 23,
    rainMm: 0,
    windMs: 2,
    radiationMJ: 20,
    ...change,
  });
const of = (container: Container, spot: Partial<Spot> = {}) =>
  potOf(
    read(
      planted(
        [
          ['petunia-white', 0, 0],
          ['petunia-white', 9, 3],
          ['petunia-white', -9, 3],
        ],
        { container },
        { exposure: 'open', ...spot },
      ),
    ),
  );
const POT = of(TUB);
/** One that drinks most of what it holds in two days. */
const LIVELY = of(BASKET);
const days = (
  pot: Pot,
  {
    until = '2026-08-10',
    weather = summer(),
    events = new Map<Day, readonly WaterEvent[]>(),
  }: {
    readonly until?: Day;
    readonly weather?: (day: Day) => DayWeather;
    readonly events?: ReadonlyMap<Day, readonly WaterEvent[]>;
  } = {},
) => balanceOf({ pot, plantedOn: PLANTED, until, weatherOn: weather, events });
const held = (one: WaterDay) => one.waterL + one.reserveL;

const event = fc.oneof(
  fc.record({
    kind: fc.constant('watered' as const),
    hour: fc.double({ min: 0, max: 23.9, noNaN: true }),
    litres: fc.option(fc.double({ min: 0, max: 20, noNaN: true }), { nil: null }),
  }),
  fc.record({
    kind: fc.constant('known' as const),
    hour: fc.double({ min: 0, max: 23.9, noNaN: true }),
    band: fc.constantFrom('bone dry' as const, 'dry' as const, 'right' as const, 'soaked' as const),
  }),
);
const anyDay = fc.record({
  minC: fc.integer({ min: -8, max: 22 }),
  spread: fc.integer({ min: 0, max: 18 }),
  rainMm: fc.double({ min: 0, max: 60, noNaN: true }),
  windMs: fc.option(fc.double({ min: 0, max: 15, noNaN: true }), { nil: null }),
  radiationMJ: fc.option(fc.double({ min: 0, max: 32, noNaN: true }), { nil: null }),
});

test('water closes to a millilitre over any season, weather and log (seed 20)', () => {
  const pots = [
    POT,
    of(BASKET),
    of({ ...TUB, reservoirL: 4 }),
    ...HALT.map((it) => potOf(read(it))),
  ];
  fc.assert(
    fc.property(
      fc.nat(pots.length - 1),
      fc.array(fc.tuple(anyDay, fc.array(event, { maxLength: 3 })), {
        minLength: 3,
        maxLength: 40,
      }),
      (which, season) => {
        const pot = pots[which]!;
        const weather = new Map(
          season.map(([{ minC, spread, ...one }], i) => [
            addDays(PLANTED, i),
            { date: addDays(PLANTED, i), minC, maxC: minC + spread, ...one },
          ]),
        );
        const events = new Map(
          season.map(([, list], i) => [
            addDays(PLANTED, i),
            [...list].sort((a, b) => a.hour - b.hour),
          ]),
        );
        let before = pot.capL + pot.reservoirL;
        for (const day of days(pot, {
          until: addDays(PLANTED, season.length - 1),
          weather: (on) => weather.get(on)!,
          events,
        })) {
          const came = day.rainL + day.wateredL + day.correctedL - day.drunkL - day.drainedL;
          expect(Math.abs(before + came - held(day))).toBeLessThan(0.001);
          expect(day.waterL).toBeGreaterThanOrEqual(0);
          expect(day.waterL).toBeLessThanOrEqual(pot.capL + 1e-9);
          expect(day.drunkL).toBeLessThanOrEqual(day.wantedL + 1e-9);
          before = held(day);
        }
      },
    ),
    { seed: 20, numRuns: 300 },
  );
});

test('more sun, wind, warmth or leaves, and less mix, never mean water later', () => {
  const first = (pot: Pot, weather = summer()) =>
    days(pot, { weather }).find(({ waterL }) => waterL < pot.capL * 0.4)?.day ?? '9999';
  const base = first(POT);
  expect(first(POT, summer({ radiationMJ: 27 })) <= base).toBe(true);
  expect(first(POT, summer({ windMs: 6 })) <= base).toBe(true);
  expect(first(POT, summer({ minC: 18, maxC: 33 })) <= base).toBe(true);
  expect(first(of(TUB, { sunHours: 10 })) <= base).toBe(true);
  expect(first(of(TUB, { exposure: 'balcony' })) <= base).toBe(true);
  const small = {
    ...TUB,
    shape: { kind: 'round', topCm: 40, baseCm: 32, depthCm: 20 },
  } as Container;
  expect(first(of(small)) <= base).toBe(true);
  expect(first(of(BASKET)) < base).toBe(true);
});

test('rain under a roof is nothing; under the sky it is, less what leaves shed', () => {
  const wet = { ...summer()('2026-05-20'), rainMm: 10 };
  expect(of(TUB, { underCover: true }).rainL(wet, 1)).toBe(0);
  const bare = of(TUB).rainL(wet, 0);
  expect(bare).toBeGreaterThan(0.6);
  expect(of(TUB).rainL(wet, 14)).toBeLessThan(bare);
});

test('the worked basket and trough: 33 °C in full sun two or three times a day, 20 °C every few days', () => {
  const size = { heightCm: 30, spreadCm: 50, trailCm: 0, share: 1, bloom: 1, fruit: 0, shaded: 0 };
  const drink = (areaM2: number, exposure: Spot['exposure'], container: Container) =>
    drawLPerMm({
      container,
      spot: { ...SUNNY, exposure },
      plants: [{ kind: known('petunia-white') }],
      sizes: [size],
      canopy: { areaM2, bareShare: 0 },
    });
  const basket = { ...BASKET, shape: { kind: 'basket', topCm: 30, depthCm: 15 } } as Container;
  // Reference 6.27 mm at 40° N in July with 33/19 °C; a ball of leaves 50 cm wide.
  const times = (6.27 * drink(0.196, 'hanging', basket)) / readilyAvailableL(basket);
  expect(times).toBeGreaterThan(1.6);
  expect(times).toBeLessThan(3.5);
  const trough = {
    ...TUB,
    shape: {
      kind: 'box',
      lengthCm: 100,
      widthCm: 26,
      baseLengthCm: 98,
      baseWidthCm: 24,
      depthCm: 27,
    },
  } as Container;
  const daysFor = readilyAvailableL(trough) / (3.96 * drink(0.7, 'open', trough));
  expect(daysFor).toBeGreaterThan(2);
  expect(daysFor).toBeLessThan(4.5);
});

test('a reservoir is drunk first and filled last; dried-out peat takes half of what is poured at one go', () => {
  const pot = of({ ...TUB, reservoirL: 4 });
  const [first] = days(pot, { until: PLANTED });
  expect(first!.waterL).toBeCloseTo(pot.capL, 6);
  expect(first!.reserveL).toBeLessThan(4);
  const pours = (litres: number, weather = summer()) =>
    days(of({ ...TUB, mix: 'peat-based' }), {
      until: '2026-09-01',
      weather,
      events: new Map([['2026-09-01', [{ kind: 'watered', hour: 6, litres }]]]),
    }).at(-1)!;
  expect(pours(2).drainedL).toBeCloseTo(0.9, 1);
  // Mix that is not dried out lets nothing through until it is full.
  const damp = days(of(TUB), {
    until: '2026-05-20',
    events: new Map([['2026-05-20', [{ kind: 'watered', hour: 6, litres: 0.2 }]]]),
  }).at(-1)!;
  expect(damp.drainedL).toBe(0);
});

test('a finger rules the state at once, both sides of each band; “right” where it was right changes nothing', () => {
  const felt = (band: 'bone dry' | 'dry' | 'right' | 'soaked', day = '2026-06-20') =>
    days(POT, {
      until: day,
      events: new Map([[day, [{ kind: 'known', hour: 23, band }]]]),
    }).at(-1)!;
  const plain = days(POT, { until: '2026-06-20' }).at(-1)!;
  for (const band of ['bone dry', 'dry', 'right', 'soaked'] as const) {
    const [least, most] = bandOf(band);
    const share = felt(band).waterL / POT.capL;
    expect(share).toBeGreaterThanOrEqual(least - 1e-9);
    expect(share).toBeLessThanOrEqual(most + 1e-9);
  }
  expect(felt('soaked').thirst.factor).toBeLessThan(1);
  expect(felt('bone dry', '2026-05-22').thirst.factor).toBeGreaterThan(1);
  expect(plain.thirst.factor).toBe(1);
});

test('six words of a finger halve the error in a pot’s thirst, and a wrong one is forgotten', () => {
  for (const truth of [0.6, 0.75, 1.4, 1.7]) {
    const events = new Map<Day, WaterEvent[]>([
      ['2026-06-20', [{ kind: 'watered', hour: 8, litres: null }]],
    ]);
    // The true pot, felt on the morning when it should be half dry, and then watered until it runs.
    const real: Pot = { ...LIVELY, demandL: (day, week) => LIVELY.demandL(day, week) * truth };
    const endOf = (pot: Pot, day: Day) => days(pot, { until: day, events }).at(-1)!;
    let last = '2026-06-20';
    const next = () => {
      while (endOf(LIVELY, last).waterL > 0.5 * LIVELY.capL) last = addDays(last, 1);
      return addDays(last, 1);
    };
    const feel = (day: Day, band: 'bone dry' | 'dry' | 'right' | 'soaked') => {
      events.set(day, [
        { kind: 'known', hour: 8, band },
        { kind: 'watered', hour: 8.5, litres: null },
      ]);
      last = day;
      return endOf(LIVELY, day).thirst;
    };
    const honest = (day: Day) => {
      // Words change what is reckoned, not the pot.
      const poured = new Map(
        [...events].map(([on, list]) => [on, list.filter(({ kind }) => kind === 'watered')]),
      );
      const share =
        days(real, { until: addDays(day, -1), events: poured }).at(-1)!.waterL / LIVELY.capL;
      return share < 0.1 ? 'bone dry' : share < 0.45 ? 'dry' : share < 0.85 ? 'right' : 'soaked';
    };
    const off = (factor: number) => Math.abs(Math.log(factor / truth));
    let told = UNTOLD;
    for (let i = 0; i < 6; i += 1) {
      const day = next();
      told = feel(day, honest(day));
    }
    expect([truth, told.factor, off(told.factor) <= off(1) / 2]).toEqual([
      truth,
      told.factor,
      true,
    ]);
    // One that is plainly wrong, and six right ones after it.
    const before = off(told.factor);
    feel(next(), truth > 1 ? 'soaked' : 'bone dry');
    for (let i = 0; i < 6; i += 1) {
      const day = next();
      told = feel(day, honest(day));
    }
    expect([truth, told.factor, off(told.factor) <= Math.max(before, off(1) / 2)]).toEqual([
      truth,
      told.factor,
      true,
    ]);
  }
});

test('an outlook: a wet cool week wants nothing, a hot one wants it sooner, and what is unsure is watered sooner', () => {
  const now = (share: number, sd = 0.03) => ({
    day: '2026-07-10',
    waterL: POT.capL * share,
    reserveL: 0,
    thirst: { factor: 1, sd: 0.1 },
    sdL: sd * POT.capL,
  });
  const ask = (share: number, weather = summer(), sd?: number) =>
    waterOutlook({
      pot: POT,
      now: now(share, sd),
      weatherOn: weather,
      weeksOn: () => 12,
      days: 20,
      hour: 7,
    });
  const cool = summer({ minC: 8, maxC: 12, radiationMJ: 5, windMs: 1, rainMm: 20 });
  expect(ask(1, cool).wants).toBeNull();
  const mild = ask(1).wants!;
  const hot = ask(1, summer({ minC: 19, maxC: 34, radiationMJ: 29 })).wants!;
  expect(hot.day <= mild.day).toBe(true);
  expect(ask(0.3).wants).toEqual({ day: '2026-07-10', part: 'morning' });
  expect(ask(0.3).litres).toBeCloseTo(POT.capL * 0.7 * 1.06, 1);
  expect(ask(1, summer(), 0.4).wants!.day <= mild.day).toBe(true);
});

test('plants in the sides drink too; a drip line keeps its pots full until somebody feels otherwise', () => {
  const holed = { ...BASKET, sideHoles: [{ heightCm: 5, count: 6 }] };
  const bare = planted([['petunia-white', 0, 0]], { container: holed });
  const sides = withSidesPlanted(bare.planting, [known('lobelia-blue')], null);
  const full = inSpot({ ...bare.planting, sides }, bare.spot, kindOf, bare.house);
  const day = summer()('2026-07-10');
  expect(potOf(read(full)).demandL(day, 8)).toBeGreaterThan(
    potOf(read(bare)).demandL(day, 8) * 1.2,
  );
  const dripped = of(BASKET, { waters: { ...SUNNY.waters, by: 'drip' } });
  for (const { waterL } of days(dripped)) expect(waterL).toBeGreaterThan(dripped.capL * 0.4);
  const felt = days(dripped, {
    until: '2026-07-10',
    events: new Map([['2026-07-10', [{ kind: 'known', hour: 12, band: 'bone dry' }]]]),
  }).at(-1)!;
  expect(felt.waterL).toBeLessThan(dripped.capL * 0.11);
});
