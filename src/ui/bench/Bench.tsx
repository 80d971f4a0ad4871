'use client';

import dynamic from 'next/dynamic';
import { useSearchParams } from 'next/navigation';
import { useEffect } from 'react';
import { useLive } from '@/ui/session/StoreProvider';
import { UnreadableSheet } from '@/ui/session/UnreadableSheet';
import { useEditing } from '@/ui/session/useEditing';
import { ButtonLink } from '@/ui/controls/Button';

// Fetched while the planting is read.
const fetchDesk = () => import('./BenchDesk').then((m) => m.BenchDesk);
const BenchDesk = dynamic(fetchDesk, { ssr: false });

/** The Bench: the planting named in the address, or the first there is. */
export function Bench() {
  useEffect(() => void fetchDesk(), []);
  const asked = useSearchParams().get('planting');
  const first = useLive(
    (store) => (asked ? Promise.resolve(null) : store.plantings.first()),
    [asked],
  );
  const editing = useEditing(asked ?? first ?? null);
  if (editing === undefined || (!asked && first === undefined))
    return (
      <p className="py-10 text-ink2" role="status">
        Getting the bench ready…
      </p>
    );
  if (editing === null)
    return (
      <div className="py-16">
        <h1 className="display text-room leading-10">
          {asked ? 'That planting is not here' : 'An empty bench'}
        </h1>
        <p className="mt-2 max-w-[52ch] text-lead leading-6">
          {asked
            ? 'It may have been taken away, or made in another browser.'
            : 'Say what pot you have and what light it gets, and choose from plantings that suit both.'}
        </p>
        <UnreadableSheet tables={['plantings', 'spots']} />
        <ButtonLink look="act" href="/start" className="mt-5">
          Start a planting
        </ButtonLink>
      </div>
    );
  return <BenchDesk key={editing.planting.id} editing={editing} />;
}
