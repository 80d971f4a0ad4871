import { Suspense } from 'react';
import { Start } from '@/ui/start/Start';

/** What the address asks for is read in the browser: the page itself is the same for all. */
export default function Page() {
  return (
    <Suspense>
      <Start />
    </Suspense>
  );
}
