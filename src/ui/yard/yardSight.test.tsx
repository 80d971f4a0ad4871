import { kindOf } from '@/core/plants/book/index';
import { USUAL_HOUSE } from '@/core/plantings/house';
import { USUAL_SETTINGS } from '@/data/usualSettings';
import { rillbankHalt } from '@/demo/rillbankHalt';
import { plantedOf } from '@/ui/session/planted';
import type { Due } from './dueMark';
import { keepYardSight } from './keepYardSight';
import { layYard, rowsOf } from './yardLayout';
import { forgetYardSight, MOST_SLOTS, yardSight } from './yardSight';

const { spots, plantings, entries } = rillbankHalt();
const rows = rowsOf(plantedOf({ spots, plantings, entries, house: USUAL_HOUSE }, kindOf));
const WINDOW = { width: 884, windowHeight: 800, weeks: 9, units: USUAL_SETTINGS };
const layout = layYard(rows, WINDOW);
const DUE: Due = { id: 'w', rule: 'water', title: 'Water, 3 L', isUrgent: true };
const shown = {
  name: 'Rillbank Halt',
  count: 9,
  week: 29,
  unit: 'cm',
  held: null,
  roundPx: 40,
  due: new Map([['demo-basket-1', [DUE]]]),
} as const;

beforeEach(() => window.localStorage.clear());

test('the Yard as it was seen is there at the next visit: its lines, what was due, and what each picture is kept by', () => {
  keepYardSight(shown, layout);
  const told = yardSight()!;
  expect(told.lines).toEqual(layout.lines);
  expect(told.due['demo-basket-1']).toEqual(shown.due.get('demo-basket-1'));
  expect(new Set(Object.values(told.pictures)).size).toBe(layout.pictures.size);
  forgetYardSight();
  expect(yardSight()).toBeNull();
});

test('of a long record only whole lines that are seen first are kept', () => {
  const many = [
    {
      spot: rows[0]!.spot,
      its: Array.from({ length: 90 }, (_, i) => {
        const it = rows[0]!.its[0]!;
        return { ...it, planting: { ...it.planting, id: `p${i}` } };
      }),
    },
  ];
  const large = layYard(many, WINDOW);
  keepYardSight(shown, large);
  const told = yardSight()!;
  const kept = told.lines.flat().reduce((sum, { slots }) => sum + slots.length, 0);
  expect(kept).toBeGreaterThan(8);
  expect(kept).toBeLessThanOrEqual(MOST_SLOTS);
  expect(told.lines).toEqual(large.lines.slice(0, told.lines.length));
  expect(Object.keys(told.pictures)).toHaveLength(kept);
});

test('what was laid out for another window, or written by nobody we know, is no sight', () => {
  keepYardSight(shown, layout);
  const text = window.localStorage.getItem('rillbank-yard-sight')!;
  jest.replaceProperty(window, 'innerWidth', 390);
  expect(yardSight()).toBeNull();
  jest.restoreAllMocks();
  expect(yardSight()).not.toBeNull();
  for (const bad of [
    '{',
    'null',
    '[]',
    text.replace('"unit":"cm"', '"unit":"ell"'),
    text.replace('"behind":[]', '"behind":["url(x)"]'),
  ]) {
    expect(bad).not.toBe(text);
    window.localStorage.setItem('rillbank-yard-sight', bad);
    expect(yardSight()).toBeNull();
  }
});
