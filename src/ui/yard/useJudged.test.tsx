import { renderHook, waitFor } from '@testing-library/react';
import type { Seen } from '@/core/checks/outlook';
import { inSpot } from '@/core/plantings/planting';
import { USUAL_HOUSE } from '@/core/plantings/house';
import { kindOf } from '@/core/plants/book/index';
import { rillbankHalt } from '@/demo/rillbankHalt';
import { useJudged } from './useJudged';

const { plantings, spots } = rillbankHalt();
const its = plantings
  .filter(({ id }) => id === 'demo-basket-2')
  .map((planting) =>
    inSpot(
      planting,
      spots.find(({ id }) => id === planting.spotId)!,
      kindOf,
      USUAL_HOUSE,
    ),
  );
const all = its[0]!.plants.map(() => 1);
const inFull: Seen = { share: all, areaCm2: all, flowers: all };
let answer: Promise<readonly (readonly [number, Seen])[]>;
jest.mock('@/workers/runJob', () => ({ runJob: () => answer }));

beforeEach(() => Object.assign(globalThis, { Worker: class {} }));
afterEach(() => Reflect.deleteProperty(globalThis, 'Worker'));

const hiddenIn = (judged: ReturnType<typeof useJudged>) =>
  judged?.[0]?.remarks.some(({ check }) => check === 'money-seen');

test('what is judged by estimate at first is judged by what was counted once it is', async () => {
  let tell: (rows: readonly (readonly [number, Seen])[]) => void = () => undefined;
  answer = new Promise((resolve) => (tell = resolve));
  const { result } = renderHook(() => useJudged(its));
  await waitFor(() => expect(hiddenIn(result.current)).toBe(true));
  tell(Array.from({ length: 30 }, (_, week) => [week, inFull] as const));
  await waitFor(() => expect(hiddenIn(result.current)).toBe(false));
});

test('what cannot be counted keeps its estimate', async () => {
  answer = Promise.reject(new Error('no worker'));
  const { result } = renderHook(() => useJudged(its));
  await waitFor(() => expect(hiddenIn(result.current)).toBe(true));
  await new Promise((resolve) => setTimeout(resolve, 50));
  expect(hiddenIn(result.current)).toBe(true);
});
