import { usePathname } from 'next/navigation';
import { useEffect } from 'react';
import { inSpot, seasonWeeks } from '@/core/plantings/planting';
import { subjectOf } from '@/core/seeing/subject';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { useStore } from '@/ui/session/StoreProvider';
import { growAhead } from '@/workers/runJob';
import { YARD_WEEKS } from './yardWeeks';

/** How long a room has for itself before the Yard is prepared, ms. */
const AFTER_MS = 400;
/** Plantings grown ahead at most: half of the scenes the drawing worker keeps. */
const MOST = 12;

/** In every other room: has what the Yard will show grown by the drawing worker while it has nothing to do, so that the Yard only paints. */
export default function YardAhead() {
  const store = useStore();
  const { ready, kindOf } = useLibrary();
  const elsewhere = usePathname() !== '/';
  useEffect(() => {
    if (!store || !ready || !elsewhere) return;
    let gone = false;
    const timer = setTimeout(async () => {
      const [spots, plantings] = await Promise.all([store.spots(), store.plantings()]);
      if (gone) return;
      growAhead(plantings.slice(0, MOST).flatMap((planting) => {
        const spot = spots.find(({ id }) => id === planting.spotId);
        return spot ? [{ subject: subjectOf(inSpot(planting, spot, kindOf)), weeks: Math.min(YARD_WEEKS, seasonWeeks(planting)) }] : [];
      }));
    }, AFTER_MS);
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [store, ready, kindOf, elsewhere]);
  return null;
}
