import { act, renderHook } from '@testing-library/react';
import { GOOD, planted } from '../../../tests/builders/plantings';
import type { Draft } from '@/data/rooms/logStore';
import { usePotting } from './usePotting';

/** What was given to the log; nothing of it is in the progress before the test says so. */
const written: Draft[] = [];
let fails = false;
jest.mock('@/ui/session/StoreProvider', () => ({
  useStore: () => ({
    log: {
      write: (drafts: readonly Draft[]) => {
        if (fails) return Promise.reject(new Error('full'));
        written.push(...drafts);
        return new Promise(() => undefined);
      },
    },
  }),
}));
jest.mock('@/ui/session/useClock', () => ({
  useClock: () => ({ now: () => Date.parse('2026-05-16T09:00:00Z'), isHeld: true }),
}));

const it = planted(GOOD);
const begun = () => {
  written.splice(0);
  fails = false;
  const { result } = renderHook(() => usePotting(it, [], null));
  // Gone back to a step: from there on one goes step by step, whatever has been kept by then.
  act(() => result.current.go(0));
  return result;
};
const said = (did: string) => written.filter(({ what }) => what.did === did);

test('pressed faster than answers are kept, the last plant still makes it planted, once, with all that went in', () => {
  const potting = begun();
  while (potting.current.step) act(() => potting.current.answer('done'));
  expect(said('step')).toHaveLength(potting.current.steps.length);
  expect(said('planted')).toHaveLength(1);
  expect(said('planted')[0]!.what).toMatchObject({
    plants: it.plants.map(({ id }) => expect.objectContaining({ placeId: id })),
  });
});

test('a plant that was left out on the way is not among those that went in', () => {
  const potting = begun();
  let left = '';
  while (potting.current.step) {
    const { key, what } = potting.current.step;
    const isLeft = what.do === 'plant' && left === '';
    if (isLeft) left = key;
    act(() => potting.current.answer(isLeft ? 'skipped' : 'done'));
  }
  const [whole] = said('planted');
  if (whole?.what.did !== 'planted') throw new Error('not planted');
  const went = whole.what.plants.map(({ placeId }) => `plant ${placeId}`);
  expect(went).toHaveLength(it.plants.length - 1);
  expect(went).not.toContain(left);
});

test('an answer that could not be kept counts for nothing', async () => {
  const potting = begun();
  const plants = potting.current.steps.filter(({ what }) => what.do === 'plant');
  for (const { key } of plants) {
    act(() => potting.current.go(potting.current.steps.findIndex((step) => step.key === key)));
    fails = key === plants[0]!.key;
    await act(async () => potting.current.answer('done'));
  }
  expect(said('step')).toHaveLength(plants.length - 1);
  expect(said('planted')).toHaveLength(0);
});
