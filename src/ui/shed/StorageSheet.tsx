'use client';

import { useEffect, useState } from 'react';
import type { Store } from '@/data/store';
import { Button } from '@/ui/controls/Button';
import { Sheet } from '@/ui/controls/fields';
import { takeNewer, useOffline, type Offline } from '@/ui/session/offline';
import { say } from '@/ui/session/say';
import { useLive } from '@/ui/session/StoreProvider';
import { bytesText, countText } from '@/words/format';
import { isKeptForGood, keepForGood, roomUsed, type Room } from '@/ui/session/storage';

const OFFLINE: Readonly<Record<Offline, string>> = {
  cannot:
    'Rillbank itself is not kept on this device and opens with a network only. It is tried again at the next visit; only a secure address can keep it.',
  'not yet': 'Rillbank itself is being kept on this device, to open without a network.',
  kept: 'Rillbank itself is kept on this device: every room opens without a network.',
  'newer waits': 'A newer Rillbank is ready on this device.',
  renewed: 'A newer Rillbank was taken in another window.',
};

/** What Rillbank takes of this browser's room, whether the browser may clear it, and room made on request. */
export function StorageSheet({ store }: { readonly store: Store }) {
  const photos = useLive((s) => s.photos.room());
  const [room, setRoom] = useState<Room | null>(null);
  const [isKept, setKept] = useState<boolean | null>(null);
  useEffect(() => {
    let isOn = true;
    void roomUsed().then((found) => isOn && setRoom(found));
    void isKeptForGood().then((found) => isOn && setKept(found));
    return () => {
      isOn = false;
    };
  }, [photos]);
  const offline = useOffline();
  const ask = async () => {
    const granted = await keepForGood();
    setKept(granted);
    say(
      granted
        ? 'The browser keeps it from now on, whatever room it needs.'
        : 'The browser did not agree. Save everything as a file now and then.',
    );
  };
  const loose = photos?.loose ?? [];
  return (
    <div className="mt-6">
      <Sheet title="Room in this browser">
        <div className="grid gap-2 px-4 py-3" data-room>
          <p>
            {room
              ? `Rillbank takes about ${bytesText(room.usedBytes)} of the ${bytesText(room.mostBytes)} that this browser may give it.`
              : 'This browser does not tell how much room is used.'}
            {photos &&
              photos.count > 0 &&
              ` ${countText(photos.count, 'photograph')}: about ${bytesText(photos.bytes)} of that.`}
          </p>
          {isKept !== null && (
            <p className="flex flex-wrap items-center gap-3" data-kept={isKept}>
              {isKept
                ? 'The browser has agreed to keep it.'
                : 'When the device runs out of room, the browser may clear it.'}
              {!isKept && <Button onClick={() => void ask()}>Ask the browser to keep it</Button>}
            </p>
          )}
          <p className="flex flex-wrap items-center gap-3" data-offline={offline}>
            {OFFLINE[offline]}
            {(offline === 'newer waits' || offline === 'renewed') && (
              <Button onClick={() => void takeNewer(store)}>Take the newer one</Button>
            )}
          </p>
          {photos && loose.length > 0 && (
            <p className="flex flex-wrap items-center gap-3" data-loose={loose.length}>
              {countText(loose.length, 'photograph')} {loose.length === 1 ? 'is' : 'are'} named by
              nothing in the diary: left over from before a backup was restored.
              <Button onClick={() => void store.photos.drop(loose)}>Take them away for good</Button>
            </p>
          )}
        </div>
      </Sheet>
    </div>
  );
}
