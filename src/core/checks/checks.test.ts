import { USUAL_HOUSE } from '../plantings/house';
import { thirstMatch } from '../suitability/watering';
import fc from 'fast-check';
import {
  BASKET,
  BOX,
  GOOD,
  planted,
  planting,
  SUNNY,
  TUB,
  type Put,
  known,
} from '../../../tests/builders/plantings';
import { usualContainer } from '../containers/usual';
import { kindOf } from '../plants/book/index';
import { applyEdit } from '../plantings/edits';
import { inSpot, type Planting } from '../plantings/planting';
import type { Spot } from '../spots/spot';
import { editText, leadWord, sentenceOf } from '../../words/remarks';
import { opinionOf, tryFixes } from './opinion';
import { CHECK_IDS, CHECKS, type CheckId } from './rules/index';
import { read } from './reading';

const UNITS = { length: 'cm', currency: '£' } as const;
const judge = (
  check: CheckId,
  puts: readonly Put[],
  change: Partial<Planting> = {},
  spot: Partial<Spot> = {},
) => CHECKS[check].judge(read(planted(puts, change, spot)));
const scoreOf = (...args: Parameters<typeof judge>) => judge(...args)?.score ?? null;
const wishes = (change: Partial<Planting['wishes']>): Partial<Planting> => ({
  wishes: { ...planting([]).wishes, ...change },
});

test('an empty container raises only the questions of its holes and its weight', () => {
  expect(opinionOf(planted([])).remarks.map(({ check }) => check)).toEqual(['weight', 'drainage']);
});

test('a lone plant raises no question of company', () => {
  for (const check of [
    'thirst',
    'crowding',
    'roles',
    'texture',
    'bully',
    'balance',
    'neighbours',
  ] as const)
    expect([check, judge(check, [GOOD[0]!])]).toEqual([check, null]);
});

test('a good planting has no trouble, and every remark has words that carry its numbers', () => {
  const it = planted(GOOD);
  const opinion = opinionOf(it);
  expect(opinion.score).toBeGreaterThan(0.85);
  // What is good about it may be bettered; there is hardly anything to answer.
  expect(opinion.answered).toBeGreaterThan(0.95);
  expect(opinion.answered).toBeGreaterThan(opinion.score);
  for (const remark of opinion.remarks) {
    const { says, because } = sentenceOf(remark, it, UNITS);
    expect([remark.check, remark.severity]).not.toEqual([remark.check, 'trouble']);
    expect(`${says} ${because}`).not.toMatch(/undefined|NaN|null|\[object/);
    expect(leadWord(remark)).toMatch(/Right|Look|Taste|Caution/);
  }
});

/** One spoiling at a time: a planting, and the check that should mind. */
const SPOILT: readonly (readonly [
  string,
  CheckId,
  readonly Put[],
  Partial<Planting>,
  Partial<Spot>,
])[] = [
  ['sun plants in shade', 'light', GOOD, {}, { sunHours: 1 }],
  [
    'a shade plant in hot sun',
    'light',
    [...GOOD, ['busy-lizzie-coral', 3, 12]],
    {},
    { sunHours: 9, sunWhen: 'afternoon' },
  ],
  [
    'a thirsty plant with one that must dry out',
    'thirst',
    [...GOOD, ['echeveria-blue', 0, 12], ['lobelia-blue', 4, 14]],
    {},
    {},
  ],
  ['a canna in a bowl', 'proportion', [...GOOD, ['banana-red', 0, -6]], {}, {}],
  [
    'trails longer than the pot',
    'trail-length',
    [...GOOD, ['silver-nickel-vine', 0, 15]],
    {
      endWeek: 45,
      container: { ...TUB, shape: { kind: 'round', topCm: 40, baseCm: 34, depthCm: 20 } },
    },
    {},
  ],
  [
    'too many',
    'crowding',
    [
      ...GOOD,
      ...Array.from({ length: 9 }, (_, i): Put => [
        'potato-vine-lime',
        -12 + i * 3,
        i % 2 ? 6 : -6,
      ]),
    ],
    {},
    {},
  ],
  [
    'two small plants for a big tub',
    'fullness',
    [
      ['viola-white', -6, 0],
      ['viola-white', 6, 0],
    ],
    {},
    {},
  ],
  [
    'two balls in one place',
    'root-balls',
    [
      ['petunia-white', 0, 0],
      ['petunia-magenta', 1, 0],
    ],
    {},
    {},
  ],
  ['a ball through the wall', 'root-balls', [['petunia-white', 19, 0]], {}, {}],
  [
    'blue in a warm scheme',
    'scheme',
    [
      ['salvia-mealy-violet', 0, -6],
      ['petunia-violet', -8, 6],
      ['lobelia-blue', 8, 8],
    ],
    {},
    {},
  ],
  [
    'all on the right',
    'balance',
    GOOD.map(([id, x, z]): Put => [id, Math.abs(x) * 0.4 + 9, z]),
    {},
    {},
  ],
  [
    'a bully among the small',
    'bully',
    [
      ['potato-vine-lime', 0, 0],
      ['black-mondo', 4, 2],
      ['viola-white', -4, 3],
    ],
    {},
    {},
  ],
  [
    'poison beside food',
    'edible',
    [
      ['basil-green', -5, 0],
      ['lantana-gold', 5, 0],
    ],
    wishes({ kitchen: true }),
    {},
  ],
  ['poison in reach of a cat', 'reach', [...GOOD, ['ivy-green', 0, 14]], {}, { pets: true }],
  ['over the budget', 'budget', GOOD, wishes({ budget: 8 }), {}],
  ['no hole', 'drainage', GOOD, { container: { ...TUB, drainHoles: 0 } }, {}],
  ['out before the frost', 'cold', GOOD, { plantedWeek: 14 }, {}],
  [
    'the lead in front',
    'lead-place',
    [['cabbage-palm-red', 0, 11, '1L'], ...GOOD.slice(1, 3), ['coleus-lime', 0, -8]],
    {},
    {},
  ],
  [
    'red leaves before a brick wall',
    'background',
    [
      ['cabbage-palm-red', 0, -8, '1L'],
      ['petunia-white', 8, 6],
      ['petunia-white', -8, 6],
    ],
    {},
    { background: [{ id: 'b', name: 'Brick', colour: [0.36, 0.05, 20], weeks: null }] },
  ],
  [
    'orange before a pink shrub in flower',
    'background',
    [['pot-marigold', 0, 0]],
    {},
    { background: [{ id: 'b', name: 'Shrub', colour: [0.6, 0.2, 5], weeks: [24, 34] }] },
  ],
  [
    'trails that meet a head',
    'trail-length',
    [['potato-vine-lime', 0, 10]],
    { container: BASKET },
    {
      dropCm: 180,
      eyes: [
        {
          id: 'e',
          name: 'Passer',
          kind: 'standing',
          bearingDeg: 0,
          distanceCm: 50,
          floorCm: 0,
          sill: null,
          weight: 1,
        },
      ],
    },
  ],
  [
    'nothing but middling green',
    'texture',
    [
      ['petunia-white', -8, 0],
      ['petunia-violet', 8, 0],
      ['pelargonium-white', 0, -6],
    ],
    {},
    {},
  ],
  [
    'no lead and no edge',
    'roles',
    [
      ['coral-bells-plum', -8, 0],
      ['heliotrope-purple', 8, 0],
      ['basil-green', 0, 8],
    ],
    {},
    {},
  ],
  [
    'a tall shrub in a small light pot',
    'tipping',
    [['banana-red', 0, 0]],
    {
      container: usualContainer(
        'Pot',
        { kind: 'round', topCm: 24, baseCm: 16, depthCm: 22 },
        'plastic',
      ),
    },
    {},
  ],
  [
    'terracotta left out into the winter',
    'pot-frost',
    GOOD,
    { container: { ...TUB, material: 'terracotta' }, endWeek: 50 },
    {},
  ],
  [
    'what wants shelter, at the height of balconies',
    'in-wind',
    [...GOOD, ['busy-lizzie-coral', 3, 12]],
    {},
    { exposure: 'balcony' },
  ],
  [
    'a black pot in a hot climate',
    'root-heat',
    GOOD,
    { container: { ...TUB, material: 'plastic', colour: [0.2, 0, 0] } },
    {
      site: {
        latitudeDeg: 37,
        longitudeDeg: -6,
        timeZone: 'Europe/Madrid',
        climate: 'mediterranean-inland',
      },
    },
  ],
  [
    'succulents in a mix that stays wet',
    'mix',
    [
      ['echeveria-blue', 0, 0],
      ['houseleek-red', 8, 4],
    ],
    {},
    {},
  ],
  [
    'a banana in a shallow bowl',
    'root-depth',
    [['banana-red', 0, 0]],
    { container: usualContainer('Bowl', { kind: 'bowl', topCm: 50, depthCm: 12 }, 'terracotta') },
    {},
  ],
  [
    'white trails over a white pot',
    'pot-contrast',
    [['calibrachoa-yellow', 0, 14]],
    { container: { ...TUB, colour: [0.86, 0.16, 95] } },
    {},
  ],
];

test.each(SPOILT)('%s: the check %s minds', (_, check, puts, change, spot) => {
  const score = scoreOf(check, puts, change, spot);
  expect(score).not.toBeNull();
  expect(score!).toBeLessThan(CHECKS[check].limits.look);
  const it = planted(puts, change, spot);
  const remark = opinionOf(it).remarks.find((one) => one.check === check)!;
  expect(remark.severity).not.toBe('right');
  expect(sentenceOf(remark, it, UNITS).says).not.toMatch(/undefined|NaN/);
});

test('the good planting is scored above each of its spoilings', () => {
  const good = opinionOf(planted(GOOD)).score;
  for (const [name, check, puts, change, spot] of SPOILT.filter(
    ([, check, puts]) => CHECKS[check].weight > 0 && puts.length >= GOOD.length,
  ))
    expect([name, check, opinionOf(planted(puts, change, spot)).score < good]).toEqual([
      name,
      check,
      true,
    ]);
});

test('the load is told one step before the limit, at it and past it', () => {
  const need = (judge('weight', GOOD)!.facts as { needKg: number }).needKg;
  const at = (kg: number) => {
    const it = planted(GOOD, {}, { ratedLoad: { kg, toldBy: 'the label' } });
    const remark = opinionOf(it).remarks.find(({ check }) => check === 'weight')!;
    return [remark.severity, sentenceOf(remark, it, UNITS).says.replace(/\d+ kg/g, '… kg')];
  };
  expect(at(need / 0.79)).toEqual(['look', 'Soaked it weighs about … kg, within the rated … kg.']);
  expect(at(need / 0.81)).toEqual([
    'look',
    'Soaked it weighs about … kg, near the limit of the rated … kg.',
  ]);
  expect(at(need)).toEqual([
    'look',
    'Soaked it weighs about … kg, near the limit of the rated … kg.',
  ]);
  expect(at(need * 0.999)).toEqual([
    'trouble',
    'Soaked it weighs about … kg: more than the rated … kg allows.',
  ]);
});

test('both sides of a threshold: light half an hour short and more, an hour over and more, a budget met and missed', () => {
  const puts: readonly Put[] = [['petunia-white', 0, 0]];
  expect(scoreOf('light', puts, {}, { sunHours: 5 })).toBe(1);
  expect(scoreOf('light', puts, {}, { sunHours: 4.5 })).toBe(1);
  expect(scoreOf('light', puts, {}, { sunHours: 4.4 })).toBeLessThan(1);
  expect(scoreOf('light', puts, {}, { sunHours: 16.4 })).toBe(1);
  expect(scoreOf('light', [['hosta-blue', 0, 0]], {}, { sunHours: 4 })).toBe(1);
  expect(scoreOf('light', [['hosta-blue', 0, 0]], {}, { sunHours: 5 })).toBe(1);
  expect(scoreOf('light', [['hosta-blue', 0, 0]], {}, { sunHours: 5.1 })).toBeLessThan(1);
  expect(scoreOf('budget', puts, wishes({ budget: 2.9 }))).toBe(1);
  expect(scoreOf('budget', puts, wishes({ budget: 2.89 }))).toBeLessThan(1);
  expect(scoreOf('drainage', puts, { container: { ...TUB, drainHoles: 3 } })).toBe(1);
  expect(scoreOf('drainage', puts, { container: { ...TUB, drainHoles: 2 } })).toBeLessThan(1);
});

test('some questions do not arise: reach without pets or children, trails without trailers, budget without one, holes of a wire basket', () => {
  expect(judge('background', GOOD)).toBeNull();
  // A shrub behind that flowers before the planting is out does not count.
  expect(
    judge(
      'background',
      [['pot-marigold', 0, 0]],
      {},
      { background: [{ id: 'b', name: 'Shrub', colour: [0.6, 0.2, 5], weeks: [8, 12] }] },
    ),
  ).toBeNull();
  expect(judge('reach', GOOD)).toBeNull();
  expect(judge('trail-length', [['petunia-white', 0, 0]])).toBeNull();
  expect(judge('budget', GOOD)).toBeNull();
  expect(judge('drainage', [['petunia-white', 0, 0]], { container: BASKET })).toBeNull();
});

test('unsure counts as a caution where pets can reach', () => {
  const remark = opinionOf(
    planted([['osteospermum-purple', 0, 0]], {}, { pets: true }),
  ).remarks.find(({ check }) => check === 'reach')!;
  expect(remark.severity).toBe('trouble');
});

test('the order of plants does not change the opinion; mirroring changes no score', () => {
  fc.assert(
    fc.property(fc.shuffledSubarray([...GOOD], { minLength: GOOD.length }), (puts) =>
      expect(opinionOf(planted(puts)).score).toBeCloseTo(opinionOf(planted(GOOD)).score, 6),
    ),
    { seed: 71, numRuns: 15 },
  );
  const mirrored = GOOD.map(([id, x, z, size]): Put => (size ? [id, -x, z, size] : [id, -x, z]));
  expect(opinionOf(planted(mirrored)).score).toBeCloseTo(opinionOf(planted(GOOD)).score, 1);
});

test('a fix is offered only when it was tried and helps', () => {
  const it = planted([
    ['petunia-white', 0, 0],
    ['petunia-magenta', 1, 0],
    ['coleus-lime', 2, 1],
  ]);
  const fix = tryFixes(it, 'root-balls', kindOf)!;
  expect(fix.after).toBeGreaterThan(fix.before);
  expect(editText(fix.edit, it, UNITS, kindOf)).toMatch(/^Try/);
  const after = inSpot(applyEdit(it.planting, fix.edit), SUNNY, kindOf, USUAL_HOUSE);
  expect(CHECKS['root-balls'].judge(read(after))!.score).toBeCloseTo(fix.after, 6);
  expect(tryFixes(planted(GOOD), 'root-balls', kindOf)).toBeNull();
});

test('"I mean it" keeps a remark quiet without changing what is judged', () => {
  const it = planted(GOOD, { container: { ...TUB, drainHoles: 0 } });
  const meant = inSpot(
    applyEdit(it.planting, { kind: 'mean', check: 'drainage', meant: true }),
    it.spot,
    kindOf,
    USUAL_HOUSE,
  );
  expect(opinionOf(meant).remarks.find(({ check }) => check === 'drainage')!.meant).toBe(true);
  expect(opinionOf(meant).score).toBe(opinionOf(it).score);
});

test('a rated load: well within, near its limit, at it and past it', () => {
  const basket = (kg: number | null) =>
    CHECKS.weight.judge(
      read(
        planted(
          [['petunia-white', 0, 0]],
          { container: BASKET },
          { dropCm: 200, ratedLoad: kg === null ? null : { kg, toldBy: 'the maker' } },
        ),
      ),
    )!;
  const { needKg, soakedKg } = basket(null).facts;
  expect(needKg).toBeCloseTo(soakedKg * 1.5, 9);
  expect([needKg * 2, needKg * 1.24, needKg, needKg * 0.999].map((kg) => basket(kg).score)).toEqual(
    [0.75, 0.5, 0.5, 0],
  );
  const it = planted(
    [['petunia-white', 0, 0]],
    { container: BASKET },
    { dropCm: 200, ratedLoad: { kg: 3, toldBy: 'the maker' } },
  );
  const remark = opinionOf(it).remarks[0]!;
  expect([remark.check, remark.severity]).toEqual(['weight', 'trouble']);
  expect(sentenceOf(remark, it, UNITS).says).toMatch(/more than the rated 3\.0 kg allows/);
});

test('every check tells its source, and cautions without weight never move the score', () => {
  for (const id of CHECK_IDS)
    expect(CHECKS[id].source.kind === 'published' || CHECKS[id].source.reason.length > 20).toBe(
      true,
    );
  expect(
    CHECKS.weight.weight + CHECKS.gloves.weight + CHECKS['runs-wild'].weight + CHECKS.stakes.weight,
  ).toBe(0);
  expect(
    judge('weight', [['petunia-white', 0, 0]], { container: BASKET }, { dropCm: 200 })!.facts,
  ).toMatchObject({ on: 'hook' });
  expect(
    judge('weight', [['petunia-white', 0, 0]], { container: BOX }, { dropCm: 90 })!.facts,
  ).toMatchObject({ on: 'sill' });
});

test('soft succulents and those of the desert are a poorer match than either among its own, and neither wants a bedding plant’s water', () => {
  const match = (a: string, b: string) => thirstMatch(known(a), known(b));
  expect(match('echeveria-blue', 'crassula-buttons')).toBe(1);
  expect(match('agave-blue', 'barrel-cactus-gold')).toBe(1);
  expect(match('echeveria-blue', 'agave-blue')).toBeLessThan(0.7);
  expect(match('agave-blue', 'petunia-white')).toBeLessThan(match('echeveria-blue', 'agave-blue'));
});
