import { handComposed } from '../../../tests/builders/handComposed';
import { laughsAtProposal, laughsAtSix } from '../../../tests/builders/laughs';
import { laughsAtRemakes } from '../../../tests/builders/laughRemakes';
import { isNamed, panelAsk } from '../../../tests/builders/panelAsk';
import { plainPlanting } from '../../../tests/builders/plain';
import { randomAsk } from '../../../tests/builders/randomAsk';
import { PANEL } from '../../../tests/panel/asks';
import { opinionOf } from '../checks/opinion';
import { kindOf } from '../plants/book/index';
import { proposeNow, USUAL_EFFORT } from './propose';

// A short part of `npm run laughs`, `npm run laughs:remakes` and `npm run panel`, from other seeds.
const ASKS = 14;
const FIRST_SEED = 5001;
const asked = Array.from({ length: ASKS }, (_, i) => {
  const ask = randomAsk(FIRST_SEED + i);
  return { ask, six: proposeNow(ask) };
});

const median = (list: readonly number[]) =>
  [...list].sort((a, b) => a - b)[Math.floor(list.length / 2)]!;

test('nothing to laugh at in what is proposed for asks drawn by lot', () => {
  expect(asked.filter(({ six }) => six.length > 0).length).toBeGreaterThan(ASKS / 2);
  for (const { ask, six } of asked)
    expect([
      ask.seed,
      ...six.flatMap((one) => laughsAtProposal(one, ask)),
      ...laughsAtSix(six),
    ]).toEqual([ask.seed]);
});

test('nor when it was made better plant by plant: no zinnias beside a shrub of the evergreen frame', () => {
  const ask = randomAsk(92);
  const six = proposeNow(ask, { ...USUAL_EFFORT, improve: 300 });
  expect(six.length).toBeGreaterThan(0);
  expect(six.flatMap((one) => laughsAtProposal(one, ask))).toEqual([]);
});

test('nothing to laugh at in plantings made anew', () => {
  const plantings = handComposed();
  for (const at of [1, 60])
    expect([plantings[at]!.name, ...laughsAtRemakes(plantings[at]!.it).laughs]).toEqual([
      plantings[at]!.name,
    ]);
});

test('the score tells: proposals above plain plantings by far, and good ones by hand above nine in ten of those', () => {
  const proposed = asked.flatMap(({ six }) => six.map(({ score }) => score));
  const plain = asked.flatMap(({ ask }) =>
    [0, 1, 2].flatMap((lot) => {
      const it = plainPlanting(ask, lot);
      return it ? [opinionOf(it).score] : [];
    }),
  );
  expect(plain.length).toBeGreaterThan(ASKS);
  expect(median(proposed)).toBeGreaterThanOrEqual(0.7);
  expect(median(proposed)).toBeLessThanOrEqual(0.92);
  expect(median(plain)).toBeLessThanOrEqual(median(proposed) - 0.15);
  const above = handComposed().map(({ it }) => {
    const good = opinionOf(it).score;
    return plain.filter((score) => score < good).length / plain.length;
  });
  expect(above.reduce((sum, share) => sum + share, 0) / above.length).toBeGreaterThanOrEqual(0.9);
});

test('for the panel: six each, hardly ever a kind it shuns', () => {
  let [proposals, shunned] = [0, 0];
  for (const [at, ask] of PANEL.entries()) {
    if (at % 9 !== 1) continue;
    const six = proposeNow(panelAsk(ask, at));
    expect([ask.id, six.length >= 4]).toEqual([ask.id, true]);
    proposals += six.length;
    shunned += six.filter(({ places }) =>
      places.some(({ kindId }) => isNamed(kindOf(kindId)!, ask.wouldNot)),
    ).length;
  }
  expect(shunned / proposals).toBeLessThanOrEqual(0.04);
});
