'use client';

import { useEffect } from 'react';
import type { Store } from '@/data/store';
import { copyInto, isCopyDue, mayWrite, pickedFolder } from '@/ui/session/copyFolder';
import { say } from '@/ui/session/say';
import { remindNow, savedLast, unsaved, type OwnWork } from '@/ui/session/saved';
import { saveEverything } from '@/ui/session/saveEverything';
import { isKeptForGood, keepForGood } from '@/ui/session/storage';
import { useStore } from '@/ui/session/StoreProvider';
import { countText } from '@/words/format';

/** After the room that was opened has come to rest, ms. */
const REST_MS = 15_000;
const ASKED = 'rillbank-asked-to-keep';

/** Between two looks whether there is something of one's own yet, ms. */
const LOOK_AGAIN_MS = 60_000;

/** Sees to it that a gardener's own work is not only in a browser that may clear it: asked to keep it, copied, or told. */
export default function Safekeeping() {
  const store = useStore();
  useEffect(() => {
    if (!store) return;
    const first = setTimeout(() => void keepSafe(store).catch(() => undefined), REST_MS);
    const looking = setInterval(
      () =>
        void askOnce(store).then(
          (isAsked) => isAsked && clearInterval(looking),
          () => clearInterval(looking),
        ),
      LOOK_AGAIN_MS,
    );
    return () => {
      clearTimeout(first);
      clearInterval(looking);
    };
  }, [store]);
  return null;
}

/**
 * The browser is asked after the first planting of one's own, and not again: the Shed asks when it is pressed there.
 * @returns is nothing left to be asked?
 */
async function askOnce(store: Store): Promise<boolean> {
  if (localStorage.getItem(ASKED) || (await isKeptForGood()) !== false) return true;
  if ((await store.whole.ownWork()).plantings === 0) return false;
  localStorage.setItem(ASKED, 'yes');
  await keepForGood();
  return true;
}

async function keepSafe(store: Store): Promise<void> {
  await askOnce(store);
  const now = new Date();
  const work = await store.whole.ownWork();
  const picked = await pickedFolder().catch(() => null);
  const isAnything = Object.values(unsaved(work, savedLast())).some((count) => count > 0);
  if (picked && isAnything && isCopyDue(picked, now)) {
    if (await mayWrite(picked, { ask: false }))
      return void copyInto(store, picked).catch(() =>
        say('No copy could be put into your folder. Look at it in the Shed.', undefined, {
          stays: true,
        }),
      );
    return say(
      `The folder ${picked.folder.name} may be written to again when you allow it.`,
      {
        label: 'Put a copy there',
        go: () =>
          void mayWrite(picked, { ask: true }).then(async (may) => {
            if (!may) return;
            await copyInto(store, picked);
            say('A copy is in your folder.');
          }),
      },
      { stays: true },
    );
  }
  if (remindNow(work, now))
    say(
      `${onlyHereText(unsaved(work, savedLast()))} only in this browser.`,
      { label: 'Save everything', go: () => void saveEverything(store) },
      { stays: true },
    );
}

/** "12 entries and 2 plantings are". */
function onlyHereText({ plantings, entries, photographs }: OwnWork): string {
  const parts = [
    plantings > 0 ? countText(plantings, 'planting') : '',
    entries > 0 ? countText(entries, 'entry', 'entries') : '',
    photographs > 0 ? countText(photographs, 'photograph') : '',
  ].filter(Boolean);
  const last = parts.pop();
  const told = parts.length > 0 ? `${parts.join(', ')} and ${last}` : last;
  return `${told} ${parts.length === 0 && last?.startsWith('1 ') ? 'is' : 'are'}`;
}
