import { Suspense } from 'react';
import { Terrace } from '@/ui/terrace/Terrace';

/** What the address asks for is read in the browser: the page itself is the same for all. */
export default function Page() {
  return (
    <Suspense>
      <Terrace />
    </Suspense>
  );
}
