import { Suspense } from 'react';
import { Diary } from '@/ui/diary/Diary';
import { TELL_AT_ONCE } from '@/ui/diary/toldAtOnce';

/** What the address asks for is read in the browser: the page itself is the same for all, and so is the text in it that tells at once. */
export default function Page() {
  return (
    <>
      <Suspense>
        <Diary />
      </Suspense>
      <script dangerouslySetInnerHTML={{ __html: TELL_AT_ONCE }} />
    </>
  );
}
