/** @jest-environment jsdom */
import '@testing-library/jest-dom';
import { ILL_NAMES } from '../../../tests/builders/illNames';
import { keepTold, TELL_AT_ONCE, type ToldEntry } from './toldAtOnce';

const KEY = 'rillbank-diary-sight';
const told = (many: number): readonly ToldEntry[] =>
  Array.from({ length: many }, (_, i) => ({
    day: i < 2 ? 'Friday 17 July' : 'Thursday 16 July',
    text: `Watered, ${i} L`,
    where: 'The tub',
  }));

/** Runs the text as a page does: by itself, with nothing of the app about it. @returns what stands in its place then */
function opened(): Element {
  document.body.innerHTML = '<div data-told-at-once></div>';
  new Function(TELL_AT_ONCE)();
  return document.querySelector('[data-told-at-once]')!;
}

beforeEach(() => window.localStorage.clear());
afterEach(() => jest.restoreAllMocks());

test('what was told last stands in the page again, each day once above its entries, a window full of it', () => {
  expect(opened()).toBeEmptyDOMElement();
  keepTold(told(3));
  const place = opened();
  expect([...place.querySelectorAll('h2')].map(({ textContent }) => textContent)).toEqual([
    'Friday 17 July',
    'Thursday 16 July',
  ]);
  expect([...place.querySelectorAll('li')].map(({ textContent }) => textContent)).toEqual([
    'Friday 17 JulyWatered, 0 LThe tub',
    'Watered, 1 LThe tub',
    'Thursday 16 JulyWatered, 2 LThe tub',
  ]);
  keepTold(told(40));
  expect(opened().querySelectorAll('li')).toHaveLength(16);
});

test('where nothing is told any more, nothing of before is shown', () => {
  keepTold(told(3));
  keepTold([]);
  expect(window.localStorage.getItem(KEY)).toBeNull();
  expect(opened()).toBeEmptyDOMElement();
});

test('what was written by a gardener stays text, whatever it says', () => {
  for (const name of ILL_NAMES) {
    keepTold([{ day: name, text: name, where: name }]);
    const place = opened();
    expect(place.querySelectorAll('script, img')).toHaveLength(0);
    expect(place.textContent).toBe(JSON.parse(JSON.stringify(name)).repeat(3));
  }
});

test.each([
  ['no JSON', '{'],
  ['another shape', '{"text":"x"}'],
  ['nothing', 'null'],
  ['an entry that is none', JSON.stringify([told(1)[0], { day: 1, text: 'x', where: 'y' }])],
  ['more than a window', JSON.stringify(told(17))],
])('%s is not shown', (_, kept) => {
  window.localStorage.setItem(KEY, kept);
  expect(opened()).toBeEmptyDOMElement();
});

test('a storage that refuses costs nothing but the sight', () => {
  jest.spyOn(Storage.prototype, 'setItem').mockImplementation(() => {
    throw new DOMException('full', 'QuotaExceededError');
  });
  expect(() => keepTold(told(1))).not.toThrow();
  jest.restoreAllMocks();
  jest.spyOn(Storage.prototype, 'getItem').mockImplementation(() => {
    throw new DOMException('refused', 'SecurityError');
  });
  expect(opened()).toBeEmptyDOMElement();
});
