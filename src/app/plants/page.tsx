import { Suspense } from 'react';
import { PlantBook } from '@/ui/plant-book/PlantBook';

/** What the address asks for is read in the browser: the page itself is the same for all. */
export default function Page() {
  return (
    <Suspense>
      <PlantBook />
    </Suspense>
  );
}
