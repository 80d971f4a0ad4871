import { Suspense } from 'react';
import { SpotRoom } from '@/ui/spot/SpotRoom';

/** What the address asks for is read in the browser: the page itself is the same for all. */
export default function Page() {
  return (
    <Suspense>
      <SpotRoom />
    </Suspense>
  );
}
