'use client';

import { useState } from 'react';
import { dayIn } from '@/core/calendar/day';
import type { Entry } from '@/core/log/entry';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { Button } from '@/ui/controls/Button';
import { buttonLook } from '@/ui/controls/looks';
import { Modal, ModalClose } from '@/ui/controls/Modal';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { fileNameOf, saveBlob } from '@/ui/session/saveFile';
import { say } from '@/ui/session/say';
import { useLive, useSettings } from '@/ui/session/StoreProvider';
import { useCare } from '@/ui/session/useCare';
import { useClock } from '@/ui/session/useClock';
import type { Planted } from '@/ui/session/usePlanted';
import { makePage, photoDay } from './makePage';
import { PhotoTicks } from './PhotoTicks';

/** One planting as a page for somebody else: drawing, plan, plants, care, what happened, and the photographs that are picked. */
export default function PageSheet({
  it,
  held,
  planted,
  onClose,
}: {
  readonly it: PlantingInSpot;
  readonly held: readonly Entry[];
  readonly planted: Planted;
  readonly onClose: () => void;
}) {
  const settings = useSettings();
  const { kindOf } = useLibrary();
  const clock = useClock();
  const photos = useLive((store) => store.photos.of(it.planting.id), [it.planting.id]) ?? [];
  const cared = useCare(planted);
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const [isBusy, setBusy] = useState(false);
  const save = async () => {
    setBusy(true);
    try {
      const html = await makePage([
        {
          it,
          held,
          photos: photos.filter(({ id }) => !left.has(id)),
          tasks: cared?.byId.get(it.planting.id)?.tasks ?? [],
          today: dayIn(it.spot.site.timeZone, clock.now()),
          units: settings,
          kindOf,
        },
      ]);
      saveBlob(
        `${fileNameOf(it.planting.name)}.html`,
        new Blob([html], { type: 'text/html;charset=utf-8' }),
      );
      onClose();
      say('The page is saved: it opens in any browser, without a network.');
    } catch (error) {
      say(`The page could not be made: ${error instanceof Error ? error.message : String(error)}`);
    } finally {
      setBusy(false);
    }
  };
  return (
    <Modal title="A page for someone else" onClose={onClose}>
      <p className="text-ink2">
        Drawing, plan, plants, what it wants now, and what happened. Made on this device, in one
        file.
      </p>
      <PhotoTicks
        photos={photos}
        nameOf={({ id }) => photoDay(held, id)}
        left={left}
        onLeft={setLeft}
      />
      <p className="flex gap-2 pt-3">
        <Button look="act" disabled={isBusy || !cared?.isWhole} onClick={() => void save()}>
          {isBusy ? 'Drawing it…' : 'Save the page'}
        </Button>
        <ModalClose className={buttonLook({})}>Not now</ModalClose>
      </p>
    </Modal>
  );
}
