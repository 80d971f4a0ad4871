import highsLoader from 'highs';
import { hash01, hash32 } from '../random/hash';
import type { NurserySizeId } from '../plants/nursery';
import { cheapestPacks, dealOut, type Offer, type Want } from './packs';

const SIZES = ['six-pack', '9cm', '1L', '2L', '3L'] as const satisfies readonly NurserySizeId[];

/** A problem by lot: places with windows of sizes, offers with stock and prices. */
function problem(seed: number, most: { readonly places: number; readonly offers: number }) {
  const whole = (n: number, key: number, again = 0) => hash32(seed, key, again) % n;
  const wants = Array.from({ length: 1 + whole(3, 1) }, (_, i): Want => {
    const from = whole(SIZES.length, 2, i);
    const to = from + whole(SIZES.length - from, 3, i);
    return { from: SIZES[from]!, to: SIZES[to]!, count: 1 + whole(most.places, 4, i) };
  });
  const offers = Array.from({ length: 1 + whole(most.offers, 5) }, (_, i): Offer => {
    const size = SIZES[whole(SIZES.length, 6, i)]!;
    return {
      id: `o${i}`,
      size,
      perSale: size === 'six-pack' ? 6 : 1 + whole(3, 7, i),
      priceMinor: 90 + whole(700, 8, i),
      stock: hash01(seed, 9, i) < 0.4 ? null : whole(9, 10, i),
    };
  });
  return { wants, offers };
}

const rank = (size: NurserySizeId) => SIZES.indexOf(size as (typeof SIZES)[number]);

/** Every number of packs of every offer, tried out. */
function byTrying({ wants, offers }: ReturnType<typeof problem>) {
  const all = wants.reduce((sum, { count }) => sum + count, 0);
  let best = { short: Infinity, priceMinor: Infinity };
  const packs: number[] = [];
  const tried = (at: number, priceMinor: number): void => {
    if (at === offers.length) {
      const supply = new Map<NurserySizeId, number>();
      offers.forEach(({ size, perSale }, i) =>
        supply.set(size, (supply.get(size) ?? 0) + perSale * packs[i]!),
      );
      const short = all - mostServed(wants, supply);
      if (short < best.short || (short === best.short && priceMinor < best.priceMinor))
        best = { short, priceMinor };
      return;
    }
    const { perSale, stock, priceMinor: price } = offers[at]!;
    for (let k = 0; k <= Math.min(stock ?? 99, Math.ceil(all / perSale)); k += 1) {
      packs[at] = k;
      tried(at + 1, priceMinor + k * price);
    }
  };
  tried(0, 0);
  return best;
}

/** Most places that a supply serves, by augmenting paths: another way than the one under test. */
function mostServed(wants: readonly Want[], supply: ReadonlyMap<NurserySizeId, number>): number {
  const places = wants.flatMap((want) => Array.from({ length: want.count }, () => want));
  const plants = [...supply].flatMap(([size, n]) => Array.from({ length: n }, () => rank(size)));
  const taken = new Map<number, number>();
  const serve = (place: number, seen: Set<number>): boolean =>
    plants.some((size, plant) => {
      const { from, to } = places[place]!;
      if (size < rank(from) || size > rank(to) || seen.has(plant)) return false;
      seen.add(plant);
      const other = taken.get(plant);
      if (other !== undefined && !serve(other, seen)) return false;
      taken.set(plant, place);
      return true;
    });
  return places.filter((_, place) => serve(place, new Set())).length;
}

test('no choice of packs is cheaper or leaves fewer without a plant: 250 small problems, tried out whole', () => {
  for (let seed = 0; seed < 250; seed += 1) {
    const small = problem(seed, { places: 3, offers: 3 });
    const { short, priceMinor } = cheapestPacks(small.wants, small.offers, SIZES);
    expect([seed, { short, priceMinor }]).toEqual([seed, byTrying(small)]);
  }
});

test('as cheap as an integer program finds, in 300 larger problems', async () => {
  const highs = await highsLoader();
  for (let seed = 1000; seed < 1300; seed += 1) {
    const large = problem(seed, { places: 40, offers: 9 });
    const mine = cheapestPacks(large.wants, large.offers, SIZES);
    const { Status, ObjectiveValue } = highs.solve(asProgram(large), {
      mip_rel_gap: 0,
      mip_abs_gap: 0,
    });
    expect([seed, Status]).toEqual([seed, 'Optimal']);
    expect([seed, mine.priceMinor + mine.short * SHORT]).toEqual([
      seed,
      Math.round(ObjectiveValue),
    ]);
  }
});

test('as cheap where thousands are wanted, and soon: only what is left over the bulk is weighed up', async () => {
  const highs = await highsLoader();
  for (let seed = 3000; seed < 3060; seed += 1) {
    const one = problem(seed, { places: 3000, offers: 9 });
    const mine = cheapestPacks(one.wants, one.offers, SIZES);
    const { ObjectiveValue } = highs.solve(asProgram(one), { mip_rel_gap: 0, mip_abs_gap: 0 });
    expect([seed, mine.priceMinor + mine.short * SHORT]).toEqual([
      seed,
      Math.round(ObjectiveValue),
    ]);
  }
});

const SHORT = 100_000;

/** The same problem as an integer program: packs of each offer, and how many of each want get which size. */
function asProgram({ wants, offers }: ReturnType<typeof problem>): string {
  const cost = [
    ...offers.map(({ priceMinor }, j) => `${priceMinor} x${j}`),
    ...wants.map((_, i) => `${SHORT} s${i}`),
  ].join(' + ');
  const served = wants.map(
    ({ from, to, count }, i) =>
      ` w${i}: ${SIZES.map((_, k) => k)
        .filter((k) => k >= rank(from) && k <= rank(to))
        .map((k) => `y${i}_${k}`)
        .join(' + ')} + s${i} >= ${count}`,
  );
  const supplied = SIZES.flatMap((size, k) => {
    const taken = wants.flatMap(({ from, to }, i) =>
      k >= rank(from) && k <= rank(to) ? [`y${i}_${k}`] : [],
    );
    const given = offers.flatMap((offer, j) =>
      offer.size === size ? [`- ${offer.perSale} x${j}`] : [],
    );
    return taken.length === 0 ? [] : [` p${k}: ${[taken.join(' + '), ...given].join(' ')} <= 0`];
  });
  const bounds = offers.map(({ stock }, j) => ` 0 <= x${j} <= ${stock ?? 99999}`);
  const whole = [
    ...offers.map((_, j) => `x${j}`),
    ...wants.flatMap(({ from, to }, i) =>
      SIZES.map((_, k) => k)
        .filter((k) => k >= rank(from) && k <= rank(to))
        .map((k) => `y${i}_${k}`),
    ),
  ];
  return `Minimize\n obj: ${cost}\nSubject To\n${[...served, ...supplied].join('\n')}\nBounds\n${bounds.join('\n')}\nGeneral\n ${whole.join(' ')}\nEnd`;
}

test('what is dealt out goes only where it may, and what is left over is counted', () => {
  for (let seed = 2000; seed < 2200; seed += 1) {
    const { wants, offers } = problem(seed, { places: 12, offers: 6 });
    const { bought, short, spare } = cheapestPacks(wants, offers, SIZES);
    const supply = new Map<NurserySizeId, number>();
    for (const { offer, packs } of bought) {
      expect(packs).toBeLessThanOrEqual(offer.stock ?? Infinity);
      supply.set(offer.size, (supply.get(offer.size) ?? 0) + packs * offer.perSale);
    }
    const dealt = dealOut(wants, supply, SIZES);
    dealt.forEach((sizes, i) =>
      sizes.forEach((size) => {
        expect(rank(size)).toBeGreaterThanOrEqual(rank(wants[i]!.from));
        expect(rank(size)).toBeLessThanOrEqual(rank(wants[i]!.to));
      }),
    );
    const used = dealt.flat().length;
    const all = [...supply.values()].reduce((sum, n) => sum + n, 0);
    expect([seed, used + short]).toEqual([seed, wants.reduce((sum, { count }) => sum + count, 0)]);
    expect([seed, Object.values(spare).reduce((sum, n) => sum + n, 0)]).toEqual([seed, all - used]);
  }
});

test('five wanted, six in a pack: the pack when it is cheaper than five singles, and one is left over', () => {
  const pack: Offer = { id: 'p', size: 'six-pack', perSale: 6, priceMinor: 450, stock: null };
  const single: Offer = { id: 's', size: '9cm', perSale: 1, priceMinor: 100, stock: null };
  const five: Want = { from: 'six-pack', to: '9cm', count: 5 };
  expect(cheapestPacks([five], [pack, single], SIZES)).toMatchObject({
    priceMinor: 450,
    spare: { 'six-pack': 1 },
  });
  expect(cheapestPacks([five], [{ ...pack, priceMinor: 501 }, single], SIZES)).toMatchObject({
    priceMinor: 500,
    spare: {},
  });
  expect(cheapestPacks([{ ...five, from: '9cm' }], [pack], SIZES)).toMatchObject({
    short: 5,
    priceMinor: 0,
  });
  expect(cheapestPacks([], [pack], SIZES)).toMatchObject({ short: 0, bought: [] });
});
