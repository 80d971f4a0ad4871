import { usePathname } from 'next/navigation';
import { useEffect } from 'react';
import { useWidth } from '@/ui/controls/useWidth';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { prepareStills } from '@/ui/session/stillPictures';
import { plantedOf } from '@/ui/session/planted';
import { useStore } from '@/ui/session/StoreProvider';
import { placeRow, rowsOf, scaleFor, YARD_COLUMNS, YARD_WEEKS } from './yardLayout';

/** How long a room has for itself before the Yard is prepared, ms. */
const AFTER_MS = 400;
/** Pictures painted ahead at most. */
const MOST = 16;

/** In every other room: has the Yard's pictures painted by the drawing worker while it has nothing to do. An empty line laid out as the Yard is tells how wide its ground will be. */
export default function YardAhead() {
  const store = useStore();
  const { ready, kindOf } = useLibrary();
  const [ref, width] = useWidth<HTMLDivElement>();
  const elsewhere = usePathname() !== '/';
  useEffect(() => {
    if (!store || !ready || !elsewhere || width === 0) return;
    let gone = false;
    const timer = setTimeout(async () => {
      const there = {
        spots: await store.spots(),
        plantings: await store.plantings(),
        entries: await store.entries(),
        house: (await store.settings()).house,
      };
      if (gone) return;
      const rows = rowsOf(plantedOf(there, kindOf));
      const pxPerCm = scaleFor(rows, width);
      prepareStills(
        rows
          .flatMap((row) => placeRow(row, YARD_WEEKS, pxPerCm).placed.map(({ picture }) => picture))
          .slice(0, MOST),
      );
    }, AFTER_MS);
    return () => {
      gone = true;
      clearTimeout(timer);
    };
  }, [store, ready, kindOf, elsewhere, width]);
  return elsewhere ? (
    <div aria-hidden className={YARD_COLUMNS}>
      <div ref={ref} className="min-w-0" />
      <div />
    </div>
  ) : null;
}
