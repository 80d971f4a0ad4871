import { entry, PLANTED } from '../../../tests/builders/careWorld';
import { planted, TUB } from '../../../tests/builders/plantings';
import { wentInOf } from '../log/entry';
import { byPlanting, cleared, lifeOf } from '../log/life';
import { asItStands } from '../log/story';
import { BOOK } from '../plants/book/index';
import { nextPlanting } from '../suitability/nextPlanting';
import { savesMinor, toShed, endedByNext, turnedOver, turnOver, type Fate } from './turnOver';

const it = planted(
  [
    ['petunia-white', 0, 0],
    ['fuchsia-red-purple', 9, 3],
    ['ivy-green', -9, 3],
    ['ivy-green', -3, 6],
  ].filter(([id]) => BOOK.some((kind) => kind.id === id)) as never,
  { container: TUB, plantedWeek: 20, endWeek: 40 },
);
const DAY = '2026-10-05';

test('every plant has a fate that its nature and its winter bear out: annuals to the heap, what lives through stays, the tender is saved before the cold', () => {
  // Each kind of the book by itself, so that no rule is met by one plant alone.
  for (const kind of BOOK.filter((_, i) => i % 9 === 0)) {
    const [advice] = turnOver(planted([[kind.id, 0, 0]], { container: TUB }), { today: DAY });
    const { fate, by } = advice!;
    if (kind.cycle === 'annual' || kind.cycle === 'biennial')
      expect([kind.id, fate]).toEqual([kind.id, 'compost']);
    else expect([kind.id, fate]).not.toEqual([kind.id, 'compost']);
    if (fate === 'cuttings' || fate === 'indoors')
      expect([kind.id, by === null]).toEqual([kind.id, false]);
    if (fate === 'keep') expect(Math.max(kind.lowestC, kind.rootsC)).toBeLessThan(0);
    expect(savesMinor(advice!)).toBeGreaterThanOrEqual(0);
  }
});

test('a clump is parted once it has stood for two years, and one half goes to the shed', () => {
  const hardy = BOOK.find(
    ({ cycle, propagation, lowestC, rootsC }) =>
      cycle === 'perennial' &&
      lowestC < -15 &&
      rootsC < -10 &&
      propagation.some((how) => how.startsWith('division')),
  )!;
  const one = planted([[hardy.id, 0, 0]], { container: TUB });
  const old = { ...one, weeksBefore: { [one.plants[0]!.id]: 100 } };
  expect(turnOver(one, { today: DAY })[0]!.fate).toBe('keep');
  expect(turnOver(old, { today: DAY })[0]!.fate).toBe('divide');
  expect(toShed('divide')).toBe(1);
  expect(toShed('keep')).toBe(0);
});

test('turned over it is over; it stood as it was until then, and the next planting begins with what was not cleared', () => {
  const rows = turnOver(it, { today: DAY }).map((advice, i) => ({
    ...advice,
    fate: i === 0 ? ('compost' as const) : ('keep' as const),
  }));
  const log = [
    entry(it, PLANTED, { did: 'planted', plants: wentInOf(it.plants) }),
    ...turnedOver(rows, { plantingId: it.planting.id }).map(({ what, of }) => ({
      ...entry(it, DAY, what),
      of,
    })),
  ];
  const held = byPlanting(log).get(it.planting.id)!;
  expect(lifeOf(held)).toMatchObject({ stage: 'over', overOn: DAY });
  expect(lifeOf(held).gone.size).toBe(0);
  expect(asItStands(it.planting, lifeOf(held)).places).toHaveLength(it.plants.length);
  const gone = cleared(held)!;
  expect([...gone]).toEqual([...rows[0]!.places]);
  const next = nextPlanting(it, { id: 'next', plantedWeek: 42, cleared: gone });
  expect(next.places).toHaveLength(it.plants.length - gone.size);
  expect(cleared(held.slice(0, 1))).toBeNull();
});

test('all of it said to stay, all of it stays, whatever would not live through the winter; a side plant that stays keeps its hole', () => {
  const side = { id: 's0', kindId: 'lobelia-blue', size: '9cm', seed: 1, row: 0, hole: 2 } as const;
  const basket = {
    ...it,
    sides: it.plants
      .slice(0, 1)
      .map((plant) => ({ ...plant, id: 's0' })) as unknown as typeof it.sides,
    planting: { ...it.planting, sides: [side] },
  };
  const keepBut = (fate: (places: readonly string[]) => 'keep' | 'compost') => {
    const rows = turnOver(basket, { today: DAY }).map((advice) => ({
      ...advice,
      fate: fate(advice.places),
    }));
    const told = turnedOver(rows, { plantingId: it.planting.id });
    return cleared(told.map(({ what, of }) => ({ ...entry(it, DAY, what), of })));
  };
  const all = keepBut(() => 'keep')!;
  expect(all.size).toBe(0);
  const next = nextPlanting(basket, { id: 'next', plantedWeek: 42, cleared: all });
  expect(next.places).toHaveLength(it.plants.length);
  expect(next.sides).toEqual([side]);
  const none = keepBut(() => 'compost');
  expect(nextPlanting(basket, { id: 'n', plantedWeek: 42, cleared: none })).not.toHaveProperty(
    'sides',
  );
});

test('when the next is planted, what it has in the same place stays there and all else was taken out', () => {
  const [stay, other, ...rest] = it.planting.places;
  const next = {
    // One is the same, one has another kind in its place.
    places: [stay!, { ...other!, kindId: 'pansy-blue' }],
    sides: undefined,
  };
  const gone = new Map(rest.slice(0, 1).map(({ id }) => [id, '2026-07-01']));
  const told = endedByNext(it, next, gone).map(({ of, what }) => ({ ...entry(it, DAY, what), of }));
  const out = cleared(told)!;
  expect(out.has(stay!.id)).toBe(false);
  expect([...out].sort()).toEqual([other!, ...rest.slice(1)].map(({ id }) => id).sort());
  expect(lifeOf(told).overOn).toBe(DAY);
});

test('what died before is neither kept nor taken to the shed', () => {
  const [first] = it.plants;
  const gone = new Map([[first!.id, '2026-07-01']]);
  const places = turnOver(it, { today: DAY, gone }).flatMap((advice) => advice.places);
  expect(places).toHaveLength(it.plants.length - 1);
  expect(places).not.toContain(first!.id);
});

test('what is saved is what the plants would cost: each that stays or goes in, twice for a parted clump, nothing for the heap', () => {
  const saved = (fate: Fate, many: number) =>
    savesMinor({ fate, places: Array.from({ length: many }, (_, i) => `p${i}`), eachMinor: 350 });
  expect(saved('keep', 1)).toBe(350);
  expect(saved('keep', 3)).toBe(1050);
  expect(saved('cuttings', 2)).toBe(700);
  expect(saved('indoors', 2)).toBe(700);
  expect(saved('divide', 2)).toBe(1400);
  for (const fate of ['compost', 'garden', 'give away'] as const) expect(saved(fate, 3)).toBe(0);
});

test('of the tender, what roots from a piece is taken as cuttings; what is lifted, or does not root, comes in whole', () => {
  const hows = new Map<string, Set<Fate>>();
  for (const kind of BOOK) {
    if (kind.cycle === 'annual' || kind.cycle === 'biennial') continue;
    const [advice] = turnOver(planted([[kind.id, 0, 0]], { container: TUB }), { today: DAY });
    const { fate, how } = advice!;
    const roots = kind.propagation.some((one) => /^(tip|semi-ripe|leaf)/.test(one));
    const lifted = kind.propagation.some((one) => /lifted/.test(one));
    if (fate !== 'cuttings' && fate !== 'indoors') continue;
    const sort = lifted ? 'lifted' : roots ? 'roots' : 'whole';
    hows.set(sort, (hows.get(sort) ?? new Set()).add(fate));
    if (fate === 'cuttings') expect(how).toMatch(/^(tip|semi-ripe|leaf)/);
  }
  expect(hows.get('roots')).toEqual(new Set(['cuttings']));
  expect(hows.get('lifted')).toEqual(new Set(['indoors']));
  expect(hows.get('whole') ?? new Set(['indoors'])).toEqual(new Set(['indoors']));
});

test('what goes to the shed: one for each that is divided, struck or brought in, none of what stays or goes', () => {
  const fates: readonly Fate[] = ['divide', 'cuttings', 'indoors', 'keep', 'garden', 'compost'];
  expect(fates.map(toShed)).toEqual([1, 1, 1, 0, 0, 0]);
});
