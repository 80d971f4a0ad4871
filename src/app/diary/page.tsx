import { Suspense } from 'react';
import { Diary } from '@/ui/diary/Diary';

/** What the address asks for is read in the browser: the page itself is the same for all. */
export default function Page() {
  return (
    <Suspense>
      <Diary />
    </Suspense>
  );
}
