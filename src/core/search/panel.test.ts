import { CLIMATE_IDS } from '../climate/climates';
import { SPECIES } from '../plants/book/told';
import { PANEL } from '../../../tests/panel/asks';
import { HELD, HELD_AGAIN } from '../../../tests/panel/held';
import { HELD_FIFTH } from '../../../tests/panel/heldFifth';
import { HELD_FOURTH } from '../../../tests/panel/heldFourth';
import { HELD_THIRD } from '../../../tests/panel/heldThird';

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

test('those held back are ninety others, none of them also among the sixty, each against itself in nothing', () => {
  const held = [...HELD, ...HELD_AGAIN, ...HELD_THIRD, ...HELD_FOURTH, ...HELD_FIFTH];
  expect(held).toHaveLength(90);
  expect(new Set([...PANEL, ...held].map(({ id }) => id)).size).toBe(150);
  expect(new Set(held.map(({ climate }) => climate)).size).toBeGreaterThanOrEqual(12);
  for (const { id, would, wouldNot } of held) {
    const no = wouldNot.split(' ');
    expect([id, would.split(' ').filter((name) => no.includes(name))]).toEqual([id, []]);
  }
});
