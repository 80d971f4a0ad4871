import { Suspense } from 'react';
import { PottingDay } from '@/ui/potting/PottingDay';

/** What the address asks for is read in the browser: the page itself is the same for all. */
export default function Page() {
  return (
    <Suspense>
      <PottingDay />
    </Suspense>
  );
}
