import { Suspense } from 'react';
import { ShelfRoom } from '@/ui/shelf/ShelfRoom';

/** What the address asks for is read in the browser: the page itself is the same for all. */
export default function Page() {
  return (
    <Suspense>
      <ShelfRoom />
    </Suspense>
  );
}
