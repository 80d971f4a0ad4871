'use client';

import { useRouter } from 'next/navigation';
import { useState } from 'react';
import { badlyIn } from '@/core/learning/badly';
import type { Entry } from '@/core/log/entry';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { Button } from '@/ui/controls/Button';
import { benchHref } from '@/ui/session/links';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { say } from '@/ui/session/say';
import { useStore } from '@/ui/session/StoreProvider';
import { inSentence } from '@/words/names';
import { sameAgain } from './sameAgain';

/** The same once more, with another kind in the place of each that went wrong; what was changed is said. */
export function NextYear({
  it,
  held,
}: {
  readonly it: PlantingInSpot;
  readonly held: readonly Entry[];
}) {
  const store = useStore();
  const router = useRouter();
  const { kindOf } = useLibrary();
  const [isBusy, setBusy] = useState(false);
  const wrong = badlyIn(it, held);
  const nameOf = (id: string) => inSentence(kindOf(id)?.common ?? id);
  const make = async () => {
    setBusy(true);
    try {
      const { planting, changed } = await sameAgain(it, held, kindOf);
      await store?.plantings.add(planting, it.spot);
      router.push(benchHref(planting.id));
      say(
        changed.length > 0
          ? `The same again, with ${changed.map(({ from, to }) => `${nameOf(to)} in the place of ${nameOf(from)}`).join(', and ')}.`
          : 'The same again: nothing was told to have gone wrong.',
      );
    } finally {
      setBusy(false);
    }
  };
  return (
    <div>
      <Button disabled={isBusy} onClick={() => void make()}>
        {isBusy ? 'Looking for what would do better…' : 'The same again'}
      </Button>
      {wrong.length > 0 && (
        <p className="pt-1 text-small text-ink2" data-wrong={wrong.length}>
          Went wrong here: {wrong.map(({ kindId }) => nameOf(kindId)).join(', ')}. Others that suit
          the place take theirs.
        </p>
      )}
    </div>
  );
}
