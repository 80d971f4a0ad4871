import { Suspense } from 'react';
import { Terrace } from '@/ui/terrace/Terrace';

export default function TerracePage() {
  return (
    <Suspense>
      <Terrace />
    </Suspense>
  );
}
