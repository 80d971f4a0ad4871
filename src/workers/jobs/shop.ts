import { stopFrom } from '@/core/making/offers';
import { cheapestTrip, tripTo } from '@/core/making/trip';
import type { Handler } from './desk';

/** What to buy, and where. A tenth of a second at most for sixty plantings at four stops, so it is done in one stretch. */
export const shop: Handler<'shop'> = async ({ needs, stops, all }, { library }) => {
  const open = stops.map(({ id, tripMinor, lines }) =>
    stopFrom(id, tripMinor, lines, library.kindOf),
  );
  return all ? tripTo(needs, open) : cheapestTrip(needs, open);
};
