'use client';

import { useMemo, useState } from 'react';
import { dayIn } from '@/core/calendar/day';
import { isOf } from '@/core/log/entry';
import { byPlanting } from '@/core/log/life';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { Button } from '@/ui/controls/Button';
import { buttonLook } from '@/ui/controls/looks';
import { Modal, ModalClose } from '@/ui/controls/Modal';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { saveBlob } from '@/ui/session/saveFile';
import { say } from '@/ui/session/say';
import { useLive, useSettings } from '@/ui/session/StoreProvider';
import { useCare } from '@/ui/session/useCare';
import { useClock } from '@/ui/session/useClock';
import { useLongWork } from '@/ui/controls/useLongWork';
import { OnItsWay } from '@/ui/controls/OnItsWay';
import type { Planted } from '@/ui/session/usePlanted';
import { countText } from '@/words/format';
import { makePage, photoDay } from './makePage';
import { PhotoTicks } from './PhotoTicks';

/** Photographs are offered for so many containers: more make a file that nobody can send. */
const MOST_PHOTOS = 40;

/** All that stands as one page for somebody else: for whoever looks after it, or wants to see it. */
export default function YardPageSheet({
  stood,
  planted,
  onClose,
}: {
  readonly stood: readonly PlantingInSpot[];
  readonly planted: Planted;
  readonly onClose: () => void;
}) {
  const settings = useSettings();
  const { kindOf } = useLibrary();
  const clock = useClock();
  const cared = useCare(planted);
  const work = useLongWork();
  const standing = useMemo(
    () => stood.filter(({ planting }) => planted.lifeOf(planting.id).overOn === null),
    [stood, planted],
  );
  const held = useMemo(() => byPlanting(planted.log), [planted.log]);
  // The latest of each container: how it stands.
  const latest = useMemo(
    () =>
      new Map(
        standing
          .flatMap(({ planting }) => {
            const taken = (held.get(planting.id) ?? []).filter((one) => isOf(one, 'photographed'));
            const last = taken.at(-1);
            return last ? [[last.what.photoId, planting] as const] : [];
          })
          .slice(0, MOST_PHOTOS),
      ),
    [standing, held],
  );
  const photos =
    useLive(
      async (store) =>
        (await Promise.all([...latest.keys()].map((id) => store.photos.get(id)))).filter(
          (photo) => photo !== null,
        ),
      [latest],
    ) ?? [];
  const [left, setLeft] = useState<ReadonlySet<string>>(new Set());
  const save = async () => {
    try {
      const html = await work.run('Drawing all that stands', (ask) =>
        makePage(
          standing.map((it) => ({
            it,
            held: held.get(it.planting.id) ?? [],
            photos: photos.filter(
              ({ id }) => latest.get(id)?.id === it.planting.id && !left.has(id),
            ),
            tasks: cared?.byId.get(it.planting.id)?.tasks ?? [],
            today: dayIn(it.spot.site.timeZone, clock.now()),
            units: settings,
            kindOf,
          })),
          { title: 'All that stands here', ...ask },
        ),
      );
      if (html === null) return;
      saveBlob('yard.html', new Blob([html], { type: 'text/html;charset=utf-8' }));
      onClose();
      say('The page is saved: it opens in any browser, without a network.');
    } catch (error) {
      say(`The page could not be made: ${error instanceof Error ? error.message : String(error)}`);
    }
  };
  return (
    <Modal title="A page of the whole yard" onClose={onClose}>
      <p className="text-ink2">
        {countText(standing.length, 'container')} in one file: drawing, plan, plants, what each
        wants now, what happened, and the latest photograph of each that is ticked.
      </p>
      <PhotoTicks
        photos={photos}
        nameOf={({ id }) => {
          const planting = latest.get(id);
          return planting ? `${planting.name}, ${photoDay(held.get(planting.id) ?? [], id)}` : '';
        }}
        left={left}
        onLeft={setLeft}
      />
      <OnItsWay work={work} />
      <p className="flex gap-2 pt-3">
        <Button
          look="act"
          disabled={work.at !== null || !cared?.isWhole || standing.length === 0}
          onClick={() => void save()}
        >
          Save the page
        </Button>
        <ModalClose className={buttonLook({})}>Not now</ModalClose>
      </p>
    </Modal>
  );
}
