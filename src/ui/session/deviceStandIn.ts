import type { Device } from '@/core/care/device';
import type { Day } from '@/core/calendar/day';
import type { Device as DeviceId } from '@/core/log/terms';

/** A simulated device. It has nothing to feel, and is told what is reckoned to be there; a real one would be asked by its own address. */
export function deviceStandIn(
  device: DeviceId,
  {
    id,
    since,
    truth,
    last = null,
  }: {
    readonly id: string;
    readonly since: Day;
    /** What there is to measure when it is asked, in the device's unit. */
    readonly truth: (hour: number) => number;
    readonly last?: number | null;
  },
): Device {
  return {
    read: async ({ day, hour }) => {
      const search = new URLSearchParams({
        device,
        id,
        day,
        hour: hour.toFixed(2),
        since,
        truth: truth(hour).toFixed(2),
        ...(last === null ? {} : { last: String(last) }),
      });
      // What an answer must be is fetched when something is asked.
      const { deviceAnswerSchema } = await import('@/core/care/device');
      const { askService } = await import('./askService');
      const asked = await askService(
        `/api/device?${search}`,
        deviceAnswerSchema,
        new AbortController().signal,
      );
      return asked.answer;
    },
  };
}
