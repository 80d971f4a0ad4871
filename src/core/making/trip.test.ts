import highsLoader from 'highs';
import { HALT } from '../../../tests/builders/halt';
import { BOOK, kindOf } from '../plants/book/index';
import { USUAL_HOUSE } from '../plantings/house';
import { hash32 } from '../random/hash';
import { benchesOf, STOPS } from '../shopping/stops';
import { needsOf, type PlantNeed } from './needs';
import { anywhere, stopFrom } from './offers';
import type { Offer } from './packs';
import { cheapestTrip, tripTo, type TripStop } from './trip';

const needs = needsOf(HALT, {
  house: USUAL_HOUSE,
  owned: () => 0,
  isReused: () => false,
}).plants;
const stopsOn = (day: string) =>
  STOPS.map((stop) => stopFrom(stop.id, 300, benchesOf(BOOK, stop, 1, day), kindOf));

const problem = (seed: number) => {
  const whole = (n: number, key: number, i = 0, j = 0) => hash32(seed, key, i, j) % n;
  const needs = Array.from({ length: 4 }, (_, k): PlantNeed => ({
    kindId: `k${k}`,
    wants: [{ from: 'six-pack', to: '1L', count: 1 + whole(12, 1, k) }],
    places: [],
    fromShed: 0,
  }));
  const stops = Array.from({ length: 4 }, (_, s): TripStop => ({
    id: `s${s}`,
    tripMinor: whole(900, 2, s),
    offersOf: (kindId) => {
      const k = Number(kindId.slice(1));
      return (['six-pack', '9cm', '1L'] as const).flatMap((size, z): Offer[] =>
        whole(10, 3, s, k * 3 + z) < 5
          ? []
          : [
              {
                id: `${kindId} ${size} ${s}`,
                size,
                perSale: size === 'six-pack' ? 6 : 1,
                priceMinor: 100 + whole(500, 4, s, k * 3 + z),
                stock: 1 + whole(9, 5, s, k * 3 + z),
              },
            ],
      );
    },
  }));
  return { needs, stops };
};
const SHORT = 100_000;

/** Stops to open and packs to buy, as an integer program. All sizes do, so that plants of a kind only add up. */
function asProgram({ needs, stops }: ReturnType<typeof problem>): string {
  const offers = stops.flatMap(({ offersOf }, s) =>
    needs.flatMap(({ kindId }, k) => offersOf(kindId).map((offer) => ({ ...offer, s, k }))),
  );
  const cost = [
    ...stops.map(({ tripMinor }, s) => `${tripMinor} g${s}`),
    ...offers.map(({ priceMinor }, j) => `${priceMinor} x${j}`),
    ...needs.map((_, k) => `${SHORT} m${k}`),
  ];
  const enough = needs.map(({ wants }, k) => {
    const terms = offers.flatMap((offer, j) => (offer.k === k ? [`${offer.perSale} x${j}`] : []));
    return ` n${k}: ${[...terms, `m${k}`].join(' + ')} >= ${wants[0]!.count}`;
  });
  const open = offers.map(({ stock, s }, j) => ` o${j}: x${j} - ${stock} g${s} <= 0`);
  return `Minimize\n obj: ${cost.join(' + ')}\nSubject To\n${[...enough, ...open].join('\n')}\nBounds\n${stops.map((_, s) => ` 0 <= g${s} <= 1`).join('\n')}\nGeneral\n ${[...stops.map((_, s) => `g${s}`), ...offers.map((_, j) => `x${j}`), ...needs.map((_, k) => `m${k}`)].join(' ')}\nEnd`;
}

test('the stops to go to and what to buy at each are as cheap as an integer program finds, in 120 problems', async () => {
  const highs = await highsLoader();
  for (let seed = 0; seed < 120; seed += 1) {
    const one = problem(seed);
    const { plantsMinor, tripsMinor, short } = cheapestTrip(one.needs, one.stops);
    const { ObjectiveValue } = highs.solve(asProgram(one), { mip_rel_gap: 0, mip_abs_gap: 0 });
    expect([seed, plantsMinor + tripsMinor + short * SHORT]).toEqual([
      seed,
      Math.round(ObjectiveValue),
    ]);
  }
});

test('of the Halt’s stops the cheapest set is no dearer, and leaves no more wanting, than any other', () => {
  const stops = stopsOn('2026-05-14');
  const best = cheapestTrip(needs, stops);
  for (let set = 0; set < 16; set += 1) {
    const one = tripTo(
      needs,
      stops.filter((_, i) => set & (1 << i)),
    );
    expect(one.short).toBeGreaterThanOrEqual(best.short);
    if (one.short === best.short)
      expect(one.plantsMinor + one.tripsMinor).toBeGreaterThanOrEqual(
        best.plantsMinor + best.tripsMinor,
      );
  }
});

test('a stop at which nothing is bought is not gone to; a dear trip is not made for a penny', () => {
  const dear = stopsOn('2026-05-14').map((stop) => ({ ...stop, tripMinor: 100_000 }));
  const two = cheapestTrip(needs, dear);
  const free = cheapestTrip(
    needs,
    dear.map((stop) => ({ ...stop, tripMinor: 0 })),
  );
  expect(two.stops.length).toBeLessThanOrEqual(free.stops.length);
  expect(cheapestTrip([], dear)).toMatchObject({ stops: [], short: 0, tripsMinor: 0 });
});

test('at typical prices nothing is out, and money adds up to the penny', () => {
  const plan = tripTo(needs, [anywhere(kindOf)]);
  expect(plan.short).toBe(0);
  const sum = plan.kinds.reduce(
    (all, { bought }) =>
      all + bought.reduce((one, { offer, packs }) => one + offer.priceMinor * packs, 0),
    0,
  );
  expect(plan.plantsMinor).toBe(sum);
  expect(Number.isInteger(sum)).toBe(true);
});
