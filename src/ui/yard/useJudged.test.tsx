import { renderHook, waitFor } from '@testing-library/react';
import { opinionOf } from '@/core/checks/opinion';
import type { Seen } from '@/core/checks/outlook';
import { CHECKS } from '@/core/checks/rules/index';
import { inSpot, type PlantingInSpot } from '@/core/plantings/planting';
import { USUAL_HOUSE } from '@/core/plantings/house';
import { kindOf } from '@/core/plants/book/index';
import { rillbankHalt } from '@/demo/rillbankHalt';
import { useJudged } from './useJudged';

const { plantings, spots } = rillbankHalt();
const halt = (id: string): PlantingInSpot => {
  const planting = plantings.find((one) => one.id === id)!;
  const spot = spots.find((one) => one.id === planting.spotId)!;
  return inSpot(planting, spot, kindOf, USUAL_HOUSE);
};
const its = [halt('demo-basket-2')];
const all = its[0]!.plants.map(() => 1);
const inFull: Seen = { share: all, areaCm2: all, flowers: all };
let answer: Promise<readonly (readonly [number, Seen])[]>;
const counted: string[] = [];
jest.mock('@/workers/runJob', () => ({
  runJob: (_job: string, { it }: { it: PlantingInSpot }) => {
    counted.push(it.planting.id);
    return answer;
  },
}));

beforeEach(() => Object.assign(globalThis, { Worker: class {} }));
afterEach(() => Reflect.deleteProperty(globalThis, 'Worker'));

const opinionIsCalm = (it: PlantingInSpot): boolean =>
  opinionOf(it).remarks.every(
    ({ check, severity }) =>
      severity !== 'trouble' && !(CHECKS[check].weight > 0 && severity === 'look'),
  );

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

test('of a long record sixty are counted, those with something to think about first', async () => {
  answer = Promise.resolve([]);
  const named = (it: PlantingInSpot, id: string) => ({ ...it, planting: { ...it.planting, id } });
  const calm = halt('demo-basket-1');
  const long = [
    ...Array.from({ length: 62 }, (_, i) => named(calm, `calm-${i}`)),
    named(its[0]!, 'last'),
  ];
  counted.length = 0;
  renderHook(() => useJudged(long));
  await waitFor(() => expect(counted).toHaveLength(60));
  await new Promise((resolve) => setTimeout(resolve, 50));
  expect(counted).toHaveLength(60);
  // The one that wants an answer stands last in the yard.
  expect([opinionIsCalm(calm), counted[0]]).toEqual([true, 'last']);
});
