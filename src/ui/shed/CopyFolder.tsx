'use client';

import { format } from 'date-fns';
import { useEffect, useState } from 'react';
import type { Store } from '@/data/store';
import { Button } from '@/ui/controls/Button';
import {
  canPickFolder,
  copyInto,
  leaveFolder,
  mayWrite,
  pickedFolder,
  pickFolder,
} from '@/ui/session/copyFolder';
import { say } from '@/ui/session/say';

type Picked = NonNullable<Awaited<ReturnType<typeof pickedFolder>>>;

/** Copies of everything, put by themselves into a folder of the device: where the browser can. */
export function CopyFolder({ store }: { readonly store: Store }) {
  const [picked, setPicked] = useState<Picked | null>(null);
  const [isBusy, setBusy] = useState(false);
  useEffect(() => {
    let isOn = true;
    void pickedFolder().then(
      (found) => isOn && setPicked(found),
      () => undefined,
    );
    return () => {
      isOn = false;
    };
  }, []);
  if (!canPickFolder()) return null;
  const copy = async (into: Picked) => {
    setBusy(true);
    try {
      if (await mayWrite(into, { ask: true })) setPicked(await copyInto(store, into));
      else say('The browser does not allow it: nothing was copied.');
    } catch {
      say('No copy could be put there. Is the folder still there, and is there room?');
    }
    setBusy(false);
  };
  return (
    <p className="flex flex-wrap items-center gap-3 px-4 pb-3" data-copy-folder>
      {picked ? (
        <>
          <span>
            A copy a day goes into the folder <b className="font-semibold">{picked.folder.name}</b>
            {picked.copiedAt
              ? `; the last one on ${format(new Date(picked.copiedAt), 'd MMMM, HH:mm')}.`
              : '. None is there yet.'}
          </span>
          <Button disabled={isBusy} onClick={() => void copy(picked)}>
            Copy now
          </Button>
          <Button look="plain" onClick={() => void leaveFolder().then(() => setPicked(null))}>
            No more copies
          </Button>
        </>
      ) : (
        <>
          <span className="text-ink2">A copy a day can go into a folder by itself.</span>
          <Button
            disabled={isBusy}
            onClick={() =>
              void pickFolder().then(
                (chosen) => chosen && copy(chosen),
                () => say('That folder cannot be used. Pick another.'),
              )
            }
          >
            Pick a folder
          </Button>
        </>
      )}
    </p>
  );
}
