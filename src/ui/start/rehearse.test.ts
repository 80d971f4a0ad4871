import { heldClock } from '@/core/calendar/clock';
import { rehearse } from './rehearse';

const asked: unknown[] = [];
jest.mock('@/workers/runJob', () => ({
  runJob: (...job: unknown[]) => Promise.resolve(void asked.push(job)),
}));

test('what is rehearsed is the search that Start’s sheet asks for this week, with fewer casts', async () => {
  const { signal } = new AbortController();
  await rehearse(heldClock('2026-07-17T09:00'), signal);
  expect(asked).toEqual([
    [
      'propose',
      expect.objectContaining({
        plantedWeek: 29,
        container: expect.objectContaining({ shape: expect.anything() }),
        spot: expect.objectContaining({ id: 'spot-rehearsed' }),
        only: null,
        effort: 12,
        improve: 0,
      }),
      { signal },
    ],
  ]);
});
