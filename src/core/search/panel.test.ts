import { CLIMATE_IDS } from '../climate/climates';
import { SPECIES } from '../plants/book/told';
import { PANEL } from '../../../tests/panel/asks';

const genusOf = (name: string) => name.split('-')[0] ?? name;
const genera = new Set(SPECIES.flatMap(({ botanical }) => botanical.split(' ').slice(0, 2)));

test('the panel has sixty asks, each once, in every season and most climates', () => {
  expect(PANEL).toHaveLength(60);
  expect(new Set(PANEL.map(({ id }) => id)).size).toBe(60);
  for (const { climate } of PANEL) expect(CLIMATE_IDS).toContain(climate);
  expect(new Set(PANEL.map(({ climate }) => climate)).size).toBeGreaterThanOrEqual(18);
  const quarters = new Set(PANEL.map(({ week }) => Math.floor((week - 1) / 13)));
  expect(quarters.size).toBe(4);
});

test('what a practitioner would plant is for the most part in the book, and never also what they would not', () => {
  for (const { id, would, wouldNot } of PANEL) {
    const [yes, no] = [would.split(' '), wouldNot.split(' ')];
    const there = yes.filter((name) => genera.has(genusOf(name)));
    expect([id, there.length / yes.length >= 0.8]).toEqual([id, true]);
    expect([id, yes.filter((name) => no.includes(name))]).toEqual([id, []]);
  }
});
