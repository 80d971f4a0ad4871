'use client';

import dynamic from 'next/dynamic';
import { RoomLink } from '@/ui/controls/RoomLink';
import { useEffect } from 'react';
import { Button, ButtonLink } from '@/ui/controls/Button';
import { say } from '@/ui/session/say';
import { useStore } from '@/ui/session/StoreProvider';
import { UnreadableSheet } from '@/ui/session/UnreadableSheet';
import { HAVE, type Have } from '@/ui/start/haves';
import { forgetYardSight } from './yardSight';

const GrowingTub = dynamic(() => import('./GrowingTub'), {
  ssr: false,
  loading: () => <div className="mt-11 mb-[84px] h-[330px] bg-field sm:h-[420px]" />,
});
const HaveDrawn = dynamic(() => import('@/ui/start/HaveDrawn'), {
  ssr: false,
  loading: () => <div style={PICTURE} />,
});

/** What most people have. */
const MOSTLY: readonly Have[] = [
  'round',
  'box',
  'basket',
  'trough',
  'bowl',
  'barrel',
  'saddle',
  'wall',
];
const PICTURE = { width: 112, height: 84 } as const;

/** Before anything stands in the yard: what this is, seen at once, and how to begin. */
export function FirstSight() {
  const store = useStore();
  useEffect(forgetYardSight, []);
  const loadDemo = async () => {
    const demoSet = (await import('@/demo/rillbankHalt')).rillbankHalt();
    await store?.whole.addAll(demoSet);
    say('Rillbank Halt is in the yard: a made-up set to try things on.');
  };
  return (
    <div className="pt-4">
      <div className="grid gap-x-8 gap-y-4 wide:grid-cols-[minmax(0,380px)_minmax(0,1fr)]">
        <div className="self-center">
          <h1 className="display text-[34px] leading-10 text-balance">
            Plan a pot, see it grow, keep it going
          </h1>
          <p className="mt-3 text-lead leading-6">
            Say what you have and what sun it gets. Rillbank finds plants that suit it and each
            other, draws them week by week, and tells what to buy, when to water and what to do.
          </p>
          <p className="mt-5 flex flex-wrap gap-3">
            <ButtonLink look="act" href="/start">
              Start a planting
            </ButtonLink>
            <Button onClick={() => void loadDemo()}>Look round Rillbank Halt</Button>
          </p>
          <p className="mt-2 text-small text-ink2">
            The Halt is a made-up railway halt with nine containers, to try things on. Everything
            stays on this device.
          </p>
          <UnreadableSheet tables={['plantings', 'spots']} />
        </div>
        <section aria-label="A planting through its season" className="min-w-0">
          <GrowingTub />
        </section>
      </div>
      <section aria-labelledby="what-have-you" className="mt-4 bg-paper px-4 py-3">
        <h2 id="what-have-you" className="display text-drawing leading-7">
          What have you got?
        </h2>
        <ul className="mt-1 grid grid-cols-[repeat(auto-fit,minmax(112px,1fr))] gap-1">
          {MOSTLY.map((have) => (
            <li key={have}>
              <RoomLink
                href={`/start?have=${have}`}
                className="flex min-h-11 flex-col items-center gap-1 border-[1.5px] border-transparent py-1.5 text-small font-semibold hover:border-ink"
              >
                <span aria-hidden>
                  <HaveDrawn have={have} widthPx={PICTURE.width} heightPx={PICTURE.height} />
                </span>
                {HAVE[have].name}
              </RoomLink>
            </li>
          ))}
        </ul>
      </section>
    </div>
  );
}
