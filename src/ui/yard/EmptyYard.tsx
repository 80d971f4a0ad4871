'use client';

import { useEffect } from 'react';
import { Button, ButtonLink } from '@/ui/controls/Button';
import { say } from '@/ui/session/say';
import { useStore } from '@/ui/session/StoreProvider';
import { UnreadableSheet } from '@/ui/session/UnreadableSheet';
import { forgetYardSight } from './yardSight';

/** Before anything stands in it: how to begin. */
export function EmptyYard() {
  const store = useStore();
  useEffect(forgetYardSight, []);
  const loadDemo = async () => {
    const demoSet = (await import('@/demo/rillbankHalt')).rillbankHalt();
    await store?.addAll(demoSet);
    say('Rillbank Halt is in the yard: a made-up set to try things on.');
  };
  return (
    <div className="py-16">
      <h1 className="display text-room leading-10">Nothing stands here yet</h1>
      <p className="mt-2 max-w-[52ch] text-lead leading-6">
        Measure one pot, say what sun it gets, and pick a planting from those that suit. It takes
        about two minutes.
      </p>
      <UnreadableSheet tables={['plantings', 'spots']} />
      <p className="mt-5 flex flex-wrap gap-3">
        <ButtonLink look="act" href="/start">
          Start a planting
        </ButtonLink>
        <Button onClick={() => void loadDemo()}>Look round Rillbank Halt</Button>
      </p>
    </div>
  );
}
