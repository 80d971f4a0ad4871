'use client';

import dynamic from 'next/dynamic';
import { useState } from 'react';
import type { DemoWork } from '@/data/demo';
import type { Store } from '@/data/store';
import { Button } from '@/ui/controls/Button';
import { Sheet } from '@/ui/controls/fields';
import { say } from '@/ui/session/say';
import { useLive } from '@/ui/session/StoreProvider';
import { countText } from '@/words/format';

const Confirm = dynamic(() => import('@/ui/controls/Confirm').then((m) => m.Confirm), {
  ssr: false,
});

/** Rillbank Halt, the made-up set: brought in by one button, taken away by another that asks when work would go with it. */
export function DemoSheet({ store }: { readonly store: Store }) {
  const here = useLive(async (s) => (await s.plantings.all()).some(({ demo }) => demo));
  const [asking, setAsking] = useState<DemoWork | null>(null);
  const load = async () => {
    await store.whole.addAll((await import('@/demo/rillbankHalt')).rillbankHalt());
    say('Rillbank Halt is in the yard.');
  };
  const remove = async () => {
    setAsking(null);
    const gone = await store.whole.removeDemo();
    say(`${countText(gone.plantings?.length ?? 0, 'container')} of the demo set taken away.`, {
      label: 'Bring them back',
      go: () => void store.whole.putBack(gone),
    });
  };
  const ask = async () => {
    const work = await store.whole.demoWork();
    if (work.changes + work.kept + work.told > 0) setAsking(work);
    else await remove();
  };
  return (
    <div className="mt-6">
      <Sheet title="Rillbank Halt, a made-up set to try things on">
        <div className="flex flex-wrap items-center gap-x-4 gap-y-2 px-4 py-3">
          {here ? (
            <>
              <p className="flex-1 basis-64">It is in the yard. Your own things stay beside it.</p>
              <Button look="plain" onClick={() => void ask()}>
                Take away the demo set
              </Button>
            </>
          ) : (
            <>
              <p className="flex-1 basis-64">Nine containers at a small railway halt.</p>
              <Button onClick={() => void load()}>Load the demo set</Button>
            </>
          )}
        </div>
      </Sheet>
      {asking && (
        <Confirm
          title="Take the demo set away with your work on it?"
          go="Take it away"
          stay="Keep it"
          onGo={() => void remove()}
          onStay={() => setAsking(null)}
        >
          <p>
            {[
              asking.changes > 0 ? countText(asking.changes, 'change') : '',
              asking.kept > 0 ? countText(asking.kept, 'kept planting') : '',
              asking.told > 0 ? countText(asking.told, 'entry', 'entries') : '',
            ]
              .filter(Boolean)
              .join(', ')}{' '}
            of yours would go with it. You can bring all of it back right after.
          </p>
        </Confirm>
      )}
    </div>
  );
}
