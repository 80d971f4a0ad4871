import { HALT } from '../../../tests/builders/halt';
import { entry, mild, PLANTED, world } from '../../../tests/builders/careWorld';
import { planted, SUNNY, TUB } from '../../../tests/builders/plantings';
import { addDays, type Day } from '../calendar/day';
import { borneC, unhelpedC } from '../plants/tender';
import type { DayWeather } from '../climate/weather';
import type { Entry } from '../log/entry';
import { USUAL_HOUSE, type House } from '../plantings/house';
import { askingKey, askingOn } from '../plantings/trial';
import { awayPlan, visitsTo } from './away';
import { dripMinutes, dripZone } from './drip';
import { roundOf, walkingOrder } from './round';
import { liquidMl, slowReleaseLeft, slowReleaseMonths } from './tasks/feed';
import { RULES, tasksOf } from './tasks/index';
import type { RuleId, Task } from './task';
import { warningsOf } from './warnings';

const tasks = (...asked: Parameters<typeof world>) => tasksOf(world(...asked));
const of = (list: readonly Task[], rule: RuleId) => list.filter((task) => task.rule === rule);
const TUB_IT = planted(
  [
    ['petunia-white', 0, 0],
    ['french-marigold-orange', 10, 0],
    ['lobelia-blue', -10, 4],
  ],
  { plantedWeek: 20 },
);

test('a task is asked for once in its window, and is gone when the log answers it', () => {
  for (let i = 1; i < 120; i += 1) {
    const day = addDays(PLANTED, i);
    const list = tasks(TUB_IT, day);
    expect(new Set(list.map(({ key }) => key)).size).toBe(list.length);
    for (const task of list) {
      expect(task.earliest <= task.latest).toBe(true);
      expect(task.latest >= day).toBe(true);
    }
  }
  const day = '2026-07-01';
  const [first] = of(tasks(TUB_IT, day), 'deadhead');
  const answered = tasks(TUB_IT, day, [entry(TUB_IT, day, { did: 'deadheaded' })]);
  // What comes next is another window.
  expect(of(answered, 'deadhead').map(({ key }) => key)).not.toContain(first!.key);
  const skipped = [entry(TUB_IT, day, { did: 'task skipped', task: first!.key })];
  expect(tasks(TUB_IT, day, skipped).map(({ key }) => key)).not.toContain(first!.key);
  const later = [
    entry(TUB_IT, day, { did: 'task later', task: first!.key, until: addDays(day, 1) }),
  ];
  expect(tasks(TUB_IT, day, later).map(({ key }) => key)).not.toContain(first!.key);
  expect(of(tasks(TUB_IT, addDays(day, 1), later), 'deadhead')).toHaveLength(1);
});

test('three weeks asleep give one calm page: no task is asked for twice, and what is overdue is due now', () => {
  const list = tasks(TUB_IT, '2026-08-20', [entry(TUB_IT, '2026-07-20', { did: 'deadheaded' })]);
  expect(list.length).toBeLessThanOrEqual(RULES.length);
  expect(new Set(list.map(({ rule }) => rule)).size).toBe(list.length);
  const [deadhead] = of(list, 'deadhead');
  // The window that is open now, not the four that went by.
  expect(deadhead!.best > '2026-08-13').toBe(true);
  expect(deadhead!.latest >= '2026-08-20').toBe(true);
});

test('deadlines on both sides: pinching within its weeks, deadheading a week after the last time, feed when it is due', () => {
  const pinching = (day: Day) => of(tasks(TUB_IT, day), 'pinch').length;
  expect([
    pinching(addDays(PLANTED, 3)),
    pinching(addDays(PLANTED, 15)),
    pinching(addDays(PLANTED, 60)),
  ]).toEqual([0, 1, 0]);
  const deadheading = (day: Day) =>
    of(tasks(TUB_IT, day, [entry(TUB_IT, '2026-07-10', { did: 'deadheaded' })]), 'deadhead').filter(
      ({ earliest }) => earliest <= day,
    ).length;
  expect([deadheading('2026-07-15'), deadheading('2026-07-16')]).toEqual([0, 1]);
  const fed = (day: Day, house: Partial<House> = {}) =>
    of(tasks({ ...TUB_IT, house: { ...USUAL_HOUSE, ...house } }, day), 'feed').filter(
      ({ earliest }) => earliest <= day,
    );
  expect(fed('2026-06-10')).toHaveLength(0);
  expect(fed('2026-06-25')).toHaveLength(1);
  // Never two in full: beside slow-release the liquid is halved, and where that is all, nothing is poured.
  const [liquid] = fed('2026-06-25');
  const facts = liquid!.facts.rule === 'feed' ? liquid!.facts : null;
  expect(facts!.perCanMl).toBeLessThanOrEqual(liquidMl(200, 10) / 2 + 1e-9);
  expect(fed('2026-06-25', { feed: 'slow-release only' })).toHaveLength(0);
  expect(fed('2026-06-28', { feed: 'organic pellets' })[0]!.facts).toMatchObject({
    what: 'pellets',
  });
});

test('feeds by the worked values: 200 ppm in a 10 L can, and slow-release faster when it is warm', () => {
  // 200 ppm · 10 L = 2 g of nitrogen; at 20 % that is 10 g.
  expect(liquidMl(200, 10, 0.2)).toBeCloseTo(10, 6);
  for (const [c, months] of [
    [15, 7],
    [26, 4.5],
    [32, 3.5],
  ] as const)
    expect(slowReleaseMonths(c)).toBeCloseTo(months, 0);
  expect(slowReleaseLeft(Array.from({ length: 167 }, () => 21))).toBeCloseTo(0, 1);
  expect(slowReleaseLeft([])).toBe(1);
});

test('what stood uncovered in a frost is looked at once, for some days; covered, indoors or by a degree warmer it is not', () => {
  const night = '2026-05-20';
  const frost = (minC: number) => (day: string) => mild(day === night ? { minC } : {})(day);
  const on = (minC: number, day: string, more: Parameters<typeof tasks>[2] = []) =>
    of(tasks(TUB_IT, day, more, frost(minC)), 'after frost');
  const borne = Math.max(...TUB_IT.plants.map(({ kind }) => borneC(kind)));
  const [look] = on(borne - 0.5, '2026-05-20');
  expect(look).toMatchObject({ earliest: night, isUrgent: false });
  expect(on(borne + 0.5, '2026-05-20')).toEqual([]);
  expect(on(borne - 0.5, '2026-05-25')).toHaveLength(1);
  expect(on(borne - 0.5, '2026-05-26')).toEqual([]);
  expect(on(borne - 0.5, '2026-05-19')).toEqual([]);
  const told = (day: string, did: 'covered' | 'brought in') => [entry(TUB_IT, day, { did })];
  expect(on(borne - 0.5, '2026-05-20', told('2026-05-19', 'covered'))).toEqual([]);
  expect(on(borne - 0.5, '2026-05-20', told('2026-05-19', 'brought in'))).toEqual([]);
  // In the morning after it came too late.
  expect(on(borne - 0.5, '2026-05-20', told('2026-05-20', 'covered'))).toHaveLength(1);
  const done = [entry(TUB_IT, '2026-05-21', { did: 'task done', task: look!.key })];
  expect(on(borne - 0.5, '2026-05-22', done)).toEqual([]);
});

test('frost: told before the night, covered it is quiet, uncovered when nights are mild; a degree decides', () => {
  const cold = (nightC: number) => (day: Day) =>
    mild({ minC: day === '2026-05-20' ? nightC : 8 })(day);
  const at = (nightC: number, more: readonly Entry[] = [], day: Day = '2026-05-19') =>
    tasks(TUB_IT, day, more, cold(nightC));
  const [cover] = of(at(-0.5), 'cover');
  expect(cover).toMatchObject({ isUrgent: true, best: '2026-05-19' });
  expect(of(at(5), 'cover')).toEqual([]);
  expect(of(at(-0.5, [], '2026-05-15'), 'cover')).toEqual([]);
  const covered = [entry(TUB_IT, '2026-05-19', { did: 'covered' })];
  expect(of(at(-0.5, covered), 'cover')).toEqual([]);
  expect(of(at(-0.5, covered), 'uncover')).toEqual([]);
  expect(of(tasks(TUB_IT, '2026-05-22', covered, cold(-0.5)), 'uncover')).toHaveLength(1);
  const off = [...covered, entry(TUB_IT, '2026-05-22', { did: 'uncovered' })];
  expect(of(tasks(TUB_IT, '2026-05-22', off, cold(-0.5)), 'uncover')).toEqual([]);
});

test('bedding that hardened in a desert autumn is covered before the frost that would take it soft', () => {
  const site = { ...SUNNY.site, climate: 'hot-desert' as const, latitudeDeg: 33 };
  const it = planted([['petunia-white', 0, 0]], { plantedWeek: 42, endWeek: 15 }, { site });
  const [{ kind }] = it.plants as [(typeof it.plants)[0]];
  const night = unhelpedC(kind) - 0.5;
  // It would live through it; whether it does is not left to chance.
  expect(borneC(kind)).toBeLessThan(night);
  const cold = (day: Day) => mild({ minC: day === '2026-12-20' ? night : 8 })(day);
  expect(of(tasks(it, '2026-12-19', [], cold), 'cover')).toHaveLength(1);
});

test('what is tender and lasting comes in before autumn’s cold nights, not for one in July; it is asked for once', () => {
  const it = planted([['canna-bronze', 0, 0, '3L']], { plantedWeek: 20 });
  const cold = mild({ minC: 1, maxC: 9 });
  const [task] = of(tasks(it, '2026-10-10', [], cold), 'bring in');
  expect(task!.tools).toContain('trolley');
  expect(of(tasks(it, '2026-07-10', [], mild({ minC: 4 })), 'bring in')).toEqual([]);
  const done = [entry(it, '2026-10-10', { did: 'brought in' })];
  expect(of(tasks(it, '2026-10-20', done, cold), 'bring in')).toEqual([]);
});

test('roots are wrapped before the frost that reaches them: from October to March, by half a degree, once', () => {
  const kept = planted([['flax-bronze', 0, 0]], { plantedWeek: 20 });
  const wraps = (today: Day, minC: number, more: readonly Entry[] = []) =>
    of(tasks(kept, today, more, mild({ minC })), 'wrap').length;
  // A cold night at the end of summer cools no mix through.
  expect([wraps('2026-08-26', -3), wraps('2026-10-10', -3)]).toEqual([0, 1]);
  // The night is taken on the careful side by most of its usual miss, 1 K here.
  expect([wraps('2026-11-20', -1.2), wraps('2026-11-20', -1.4)]).toEqual([0, 1]);
  expect(wraps('2026-11-20', -3, [entry(kept, '2026-11-01', { did: 'wrapped' })])).toBe(0);
  // What is soft is brought in instead; roots that bear more need nothing.
  for (const id of ['petunia-white', 'coral-bells-plum'] as const) {
    const other = planted([[id, 0, 0]], { plantedWeek: 20 });
    expect(of(tasks(other, '2026-11-20', [], mild({ minC: -3 })), 'wrap')).toEqual([]);
  }
});

test('an entry of the future has not happened yet; nothing stands before it was planted or after it was over', () => {
  const day = '2026-07-01';
  const ahead = [entry(TUB_IT, '2026-07-03', { did: 'watered', litres: null })];
  expect(world(TUB_IT, day, ahead).water.waterL).toBeCloseTo(world(TUB_IT, day).water.waterL, 9);
  const over = [entry(TUB_IT, '2026-06-20', { did: 'ended', why: 'frost' })];
  expect(world(TUB_IT, '2026-06-21', over)).toBeNull();
  expect(world(TUB_IT, '2026-05-01')).toBeNull();
});

test('a round goes in the order it was last walked; what is new stands beside its neighbour; sums are sums', () => {
  const walked = {
    ...entry(TUB_IT, '2026-07-01', { did: 'round', order: ['c', 'a', 'gone'] }),
  };
  expect(walkingOrder(['a', 'b', 'c', 'd'], [], '2026-07-17')).toEqual(['a', 'b', 'c', 'd']);
  expect(walkingOrder(['a', 'b', 'c', 'd'], [walked], '2026-07-17')).toEqual(['c', 'd', 'a', 'b']);
  // Answered one after the other on a later day, that is the order; on the same day it does not change under the hand.
  const at = (id: string, time: string, day = '2026-07-05') => ({
    ...entry(TUB_IT, day, { did: 'watered', litres: null }, { plantingId: id }),
    at: `${day}T${time}:00+01:00`,
  });
  const afoot = [at('d', '08:00'), at('b', '08:04'), at('a', '08:09')];
  expect(walkingOrder(['a', 'b', 'c', 'd'], [walked, ...afoot], '2026-07-06')).toEqual([
    'd',
    'b',
    'c',
    'a',
  ]);
  expect(walkingOrder(['a', 'b', 'c', 'd'], [walked, ...afoot], '2026-07-05')).toEqual([
    'c',
    'd',
    'a',
    'b',
  ]);
  const atOnce = ['d', 'b', 'a'].map((id) => at(id, '08:00'));
  expect(walkingOrder(['a', 'b', 'c', 'd'], [walked, ...atOnce], '2026-07-06')).toEqual([
    'c',
    'd',
    'a',
    'b',
  ]);
  const list = HALT.flatMap((it) => tasks({ ...it }, '2026-07-17'));
  const order = HALT.map(({ planting }) => planting.id);
  const round = roundOf(order, list, '2026-07-17');
  const due = list.filter(({ earliest }) => earliest <= '2026-07-17');
  expect(round.stops.flatMap((stop) => stop.tasks)).toHaveLength(due.length);
  expect(round.litres).toBeCloseTo(
    due.reduce((sum, { litres }) => sum + litres, 0),
    9,
  );
  expect(round.trips).toBe(Math.ceil(round.litres / 20));
  expect(round.stops.map(({ plantingId }) => plantingId)).toEqual(
    order.filter((id) => due.some(({ plantingId }) => plantingId === id)),
  );
  // A day off moves what can move: nothing whose window is still open is lost.
  const next = HALT.flatMap((it) => tasks({ ...it }, '2026-07-18'));
  for (const task of due.filter(({ latest, rule }) => latest > '2026-07-17' && rule !== 'water'))
    expect([
      task.rule,
      next.some(({ rule, plantingId }) => rule === task.rule && plantingId === task.plantingId),
    ]).toEqual([task.rule, true]);
});

test('away: a short absence asks nobody, a hot long one asks a neighbour, and shade asks less of one', () => {
  const hot = mild({ minC: 17, maxC: 31, radiationMJ: 27 });
  const at = (weather: (day: Day) => DayWeather, to: Day) =>
    awayPlan([world(TUB_IT, '2026-07-10', [], weather)], { from: '2026-07-11', to })[0]!;
  expect(at(mild({ radiationMJ: 4, minC: 6, maxC: 11 }), '2026-07-13')).toMatchObject({
    wantsOn: null,
    everyDays: 0,
  });
  const long = at(hot, '2026-07-29');
  expect(long.wantsOn! < '2026-07-29').toBe(true);
  expect(long.everyDays).toBeGreaterThanOrEqual(1);
  expect(long.helps).not.toBeNull();
});

test('drip: 2 L a day through two emitters of 2 L/h takes 37 minutes; unlike pots on one line get what the worst-off wants', () => {
  expect(dripMinutes(2, 2)).toBeCloseTo(37, 0);
  expect(dripMinutes(2, 4)).toBeCloseTo(dripMinutes(2, 2) / 2, 9);
  const worlds = HALT.slice(0, 4).map((it) =>
    world({ ...it, spot: { ...SUNNY, ...it.spot } }, '2026-07-17'),
  );
  const zone = dripZone(worlds, mild({ maxC: 28 })('2026-07-17'));
  for (const pot of zone.pots) expect(pot.getsL).toBeGreaterThanOrEqual(pot.wantsL - 1e-6);
  expect(zone.minutes * zone.runs).toBeGreaterThan(0);
});

test('warnings on both sides: a hot day, a gust that tips, three wet days on what must dry out; a mild week has none', () => {
  const bowl = planted([['houseleek-red', 0, 0]], { container: { ...TUB } });
  const tall = planted([['canna-bronze', 0, 0, '3L']], {
    container: {
      ...TUB,
      material: 'plastic',
      wallCm: 0.3,
      shape: { kind: 'round', topCm: 24, baseCm: 16, depthCm: 24 },
    },
  });
  const told = (weather: (day: Day) => DayWeather) =>
    warningsOf([world(bowl, '2026-07-10', [], weather), world(tall, '2026-07-10', [], weather)]);
  const on = (day: Day, change: Partial<DayWeather>) => (at: Day) =>
    mild(at === day ? change : {})(at);
  expect(told(mild())).toEqual([]);
  const heat = told(on('2026-07-12', { maxC: 33, minC: 19, radiationMJ: 28 }));
  expect(heat.every(({ what, on: day }) => what === 'heat' && day === '2026-07-12')).toBe(true);
  expect(told(on('2026-07-15', { maxC: 33 }))).toEqual([]);
  const [gust] = told(on('2026-07-11', { windMs: 18 }));
  expect(gust).toMatchObject({ what: 'wind', on: '2026-07-11' });
  expect(gust!.plantingIds.length).toBeGreaterThan(0);
  const wet = told(mild({ rainMm: 9 }));
  expect(wet).toEqual([
    { what: 'rain', on: '2026-07-10', rainMm: 27, plantingIds: [bowl.planting.id] },
  ]);
  expect(told(mild({ rainMm: 8 }))).toEqual([]);
});

test('a neighbour comes on the first day it wants water and so often from then on, and not on the day of coming back', () => {
  const pot = { wantsOn: '2026-07-21', everyDays: 3 };
  expect(visitsTo(pot, '2026-07-28')).toEqual(['2026-07-21', '2026-07-24', '2026-07-27']);
  expect(visitsTo(pot, '2026-07-27')).toEqual(['2026-07-21', '2026-07-24']);
  expect(visitsTo({ wantsOn: null, everyDays: 0 }, '2026-07-28')).toEqual([]);
});

const TRIAL = {
  id: 't',
  name: 'Pinch or not',
  difference: { what: 'pinch' },
  half: 0,
  place: 1,
  questions: ['height', 'looks'],
  everyDays: 7,
} as const;
const inTrial = (half: 0 | 1) => ({
  ...TUB_IT,
  planting: { ...TUB_IT.planting, trial: { ...TRIAL, half } },
});

test('a trial asks every pot the same on the same days, for three days, what is not answered; not before it is planted', () => {
  const it = inTrial(0);
  const asked = (day: Day, more: readonly Entry[] = []) =>
    tasksOf(world(it, day, more)).find(({ rule }) => rule === 'ask')?.facts;
  const on = askingOn('2026-06-10', 7);
  expect(asked(on)).toMatchObject({ asking: on, questions: ['height', 'looks'] });
  expect(asked(addDays(on, 2))).toMatchObject({ asking: on });
  expect(asked(addDays(on, 3))).toBeUndefined();
  expect(asked(addDays(on, 6))).toBeUndefined();
  expect(asked(addDays(on, 7))).toMatchObject({ asking: addDays(on, 7) });
  const answer = (question: 'height' | 'looks') =>
    entry(it, on, { did: 'asked', trialId: 't', question: askingKey(question, on), answer: '31' });
  expect(asked(on, [answer('height')])).toMatchObject({ questions: ['looks'] });
  expect(asked(on, [answer('height'), answer('looks')])).toBeUndefined();
  // What another trial was told is no answer to this one.
  const elsewhere = { ...answer('height'), what: { ...answer('height').what, trialId: 'other' } };
  expect(asked(on, [elsewhere as Entry])).toMatchObject({ questions: ['height', 'looks'] });
  // Every ten days: the day of asking before it was planted was yesterday.
  const late = {
    ...TUB_IT,
    planting: { ...TUB_IT.planting, trial: { ...TRIAL, everyDays: 10 } },
  };
  const first = askingOn(PLANTED, 10);
  const before = tasksOf(world(late, PLANTED)).some(({ rule }) => rule === 'ask');
  expect([first < PLANTED, before]).toEqual([true, false]);
});

test('in a trial of pinching one half is pinched and the other is not, whatever the house does', () => {
  const pinchOf = (half: 0 | 1, pinch: 'often' | 'let it trail') => {
    const it = { ...inTrial(half), house: { ...TUB_IT.house, pinch } };
    return tasksOf(world(it, addDays(PLANTED, 14))).some(({ rule }) => rule === 'pinch');
  };
  expect([pinchOf(0, 'let it trail'), pinchOf(1, 'often')]).toEqual([true, false]);
});

test('feed goes with the litres of the can and with its strength; tips are pinched from the second week to the fifth', () => {
  expect(liquidMl(200, 5, 0.2)).toBeCloseTo(5, 9);
  expect(liquidMl(100, 10, 0.2)).toBeCloseTo(5, 9);
  expect(liquidMl(200, 10, 0.1)).toBeCloseTo(20, 9);
  const weeks = (week: number) => of(tasks(TUB_IT, addDays(PLANTED, week * 7 + 1)), 'pinch').length;
  expect([2, 3, 4].map((week) => weeks(week) > 0)).toEqual([true, true, true]);
  expect([0, 6, 8].map((week) => weeks(week) > 0)).toEqual([false, false, false]);
});
