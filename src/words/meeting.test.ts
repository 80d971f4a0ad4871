import { differingText, recordsText } from './meeting';

test('where two plantings differ is told by what a gardener calls it, each once, what has no name last', () => {
  expect(differingText([['name']])).toBe('name');
  expect(
    differingText([['whatIf'], ['places', { id: 'a' }, 'xCm'], ['places', { id: 'b' }], ['name']]),
  ).toBe('plants, name and other things');
  expect(differingText([['plantedWeek'], ['container', 'colour']])).toBe(
    'planting day and container',
  );
  expect(differingText([])).toBe('');
});

test('records are counted in words', () => {
  expect([recordsText('shelf', 1), recordsText('kinds', 2)]).toEqual([
    '1 container on the shelf',
    '2 plants of your own',
  ]);
});
