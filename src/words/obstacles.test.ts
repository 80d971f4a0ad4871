import { RELAXATIONS } from '@/core/search/obstacles';
import { obstacleText, ruledOutText } from './obstacles';

test('one wish in the way is named with what letting go of it gives', () => {
  expect(obstacleText({ relaxed: ['budget'], proposals: 6 })).toBe(
    'The budget is in the way: without it there would be six or more plantings.',
  );
  expect(obstacleText({ relaxed: ['kitchen'], proposals: 1 })).toMatch(/would be 1 planting\.$/);
});

test('two that only help together are named together', () => {
  expect(obstacleText({ relaxed: ['scheme', 'light'], proposals: 4 })).toBe(
    'No one wish alone would help. With colours left open and two hours more or less of sun there would be 4 plantings.',
  );
});

test('everything that can be relaxed has words, and reach is never made light of', () => {
  for (const one of RELAXATIONS)
    expect(obstacleText({ relaxed: [one], proposals: 3 })).not.toMatch(/undefined/);
  expect(obstacleText({ relaxed: ['reach'], proposals: 3 })).toMatch(/do not risk it/);
});

test('what is ruled out is told with the most first, three at most', () => {
  expect(ruledOutText({ light: 4, scheme: 90, cold: 12, season: 1 })).toBe(
    '90 by the colour scheme, 12 by cold in those weeks, 4 by the light here',
  );
  expect(ruledOutText({})).toBe('');
});
