import { promiseText, unkeptText, waterCostMinor } from './seasonWater';

test('water is money by the cubic metre, at a usual price until one is told', () => {
  expect(waterCostMinor(1000, {})).toBe(350);
  expect(waterCostMinor(250, { waterMinorM3: 420 })).toBe(105);
  expect(waterCostMinor(250, { waterMinorM3: 0 })).toBe(0);
});

test('a promise and what it does not keep are told in words', () => {
  expect([0.25, 0.5, 1, 2, 3].map(promiseText)).toEqual([
    'several times a day',
    'twice a day',
    'once a day',
    'every other day',
    'every 3 days',
  ]);
  const water = { plantingId: 'a', pouredL: 1, aheadL: 1, until: '2026-10-01', everyDays: 1 };
  const text = unkeptText({
    ...water,
    unkept: { from: '2026-07-17', to: '2026-08-20', timesADay: 2.2 },
  });
  expect(text).toContain('once a day is too seldom between 17 July and 20 August');
  expect(text).toContain('3 times');
  expect(unkeptText({ ...water, unkept: null })).toBe('once a day keeps it.');
});
