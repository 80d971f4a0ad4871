import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { judgeAll, judgementTable } from '../../../tests/builders/judgement';
import { SCHOOL_IDS } from '../plantings/schoolId';

const judgement = judgeAll();
const { good, pairs, alarms } = judgement;

/** What is asked of the judgement: shares of pairs, and faults found where there is none. */
const LEAST_OUTRANKED = 0.97;
const LEAST_SPOKEN = 0.95;
const MOST_FALSE = 0.03;

test('a hundred plantings in every school, each spoiled in ten ways or more', () => {
  expect(good.length).toBeGreaterThanOrEqual(100);
  expect(new Set(good.map(({ school }) => school))).toEqual(new Set(SCHOOL_IDS));
  expect(good.filter(({ spoilings }) => spoilings < 10)).toEqual([]);
});

test('the good one outranks the spoiled one', () => {
  expect(
    pairs.filter(({ goodScore, spoiltScore }) => goodScore > spoiltScore).length / pairs.length,
  ).toBeGreaterThanOrEqual(LEAST_OUTRANKED);
});

const spoilings = [...new Set(pairs.map(({ spoiling }) => spoiling))];

test.each(
  spoilings
    .map((name) => [name, pairs.filter(({ spoiling }) => spoiling === name)] as const)
    .filter(([, of]) => of.length >= 20),
)('%s: the check that should speak does speak', (_, of) => {
  expect(of.filter(({ spoke }) => spoke).length / of.length).toBeGreaterThanOrEqual(LEAST_SPOKEN);
});

test.each(
  alarms.filter(({ arises }) => arises >= 20).map((alarm) => [alarm.check, alarm] as const),
)('%s seldom finds fault with a good planting', (_, { arises, speaks }) => {
  expect(speaks / arises).toBeLessThanOrEqual(MOST_FALSE);
});

test('nothing is wrong with a good planting beyond doubt', () => {
  expect(
    good
      .filter(({ opinion }) =>
        opinion.remarks.some(
          ({ severity, certainty }) => severity === 'trouble' && certainty !== 'a caution',
        ),
      )
      .map(({ name }) => name),
  ).toEqual([]);
});

test('the published table is what the code gives; npm run schema writes it', () => {
  expect(readFileSync(join(__dirname, '../../../docs/judgement.md'), 'utf8')).toBe(
    judgementTable(judgement),
  );
});
