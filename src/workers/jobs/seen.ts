import type { Seen } from '@/core/checks/outlook';
import { countSeason } from '@/core/seeing/visible';
import type { Handler } from './desk';

/** What counting leaves to others after each stretch, ms: drawings are waited for, this is not. */
const LEFT_MS = 4;

/** How much of each plant is seen, week by week, counted on the drawing. */
export const seen: Handler<'seen'> = async ({ it }, { breathe }) => {
  const rows: (readonly [number, Seen])[] = [];
  let rested = performance.now();
  for (const row of countSeason(it)) {
    if (row) rows.push(row);
    await breathe();
    if (performance.now() - rested < LEFT_MS * 4) continue;
    await new Promise((resolve) => setTimeout(resolve, LEFT_MS));
    rested = performance.now();
  }
  return rows;
};
