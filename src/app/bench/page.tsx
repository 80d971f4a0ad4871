import { Suspense } from 'react';
import { Bench } from '@/ui/bench/Bench';

/** What the address asks for is read in the browser: the page itself is the same for all. */
export default function Page() {
  return (
    <Suspense>
      <Bench />
    </Suspense>
  );
}
