'use client';

import { isOwnWords } from '@/words/diary';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { Undo2 } from 'lucide-react';
import dynamic from 'next/dynamic';
import { memo, useLayoutEffect, useRef, useState } from 'react';
import { localTime } from '@/core/calendar/day';
import { dayOf, isOf, type Entry } from '@/core/log/entry';
import { photoUrl } from '@/core/log/photo';
import type { Photo } from '@/core/log/photoSchema';
import { Button } from '@/ui/controls/Button';
import { IconButton } from '@/ui/controls/IconButton';
import { MoreOf } from '@/ui/controls/MoreOf';
import { say } from '@/ui/session/say';
import { useClock } from '@/ui/session/useClock';
import { useLive, useStore } from '@/ui/session/StoreProvider';
import type { Planted } from '@/ui/session/usePlanted';
import { longDayText } from '@/words/life';
import type { Row } from './found';

const PhotoDesk = dynamic(() => import('./PhotoDesk'), { ssr: false });

/** A photograph that is looked at closely. */
interface Open {
  readonly entry: Entry;
  readonly photo: Photo;
}

/** Height of a row before it is measured, px. */
const ROW_PX = 46;
/** Heights of so many are kept at first, and at each press of more: those of a whole record take longer than a frame. */
const MORE = 1500;

/** Entries under their days. Only those in sight are made. */
export function EntryList({
  rows,
  planted,
  isOfOne,
}: {
  readonly rows: readonly Row[];
  readonly planted: Planted;
  /** All are of one container, which need not be named at each. */
  readonly isOfOne: boolean;
}) {
  const list = useRef<HTMLOListElement>(null);
  const [topPx, setTopPx] = useState(0);
  useLayoutEffect(() => setTopPx(list.current?.offsetTop ?? 0), [rows.length]);
  const [shown, setShown] = useState(MORE);
  const virtual = useWindowVirtualizer({
    count: Math.min(shown, rows.length),
    estimateSize: () => ROW_PX,
    overscan: 12,
    scrollMargin: topPx,
    getItemKey: (i) => rows[i]!.entry.id,
  });
  const [open, setOpen] = useState<Open | null>(null);
  const it = planted.its.find(({ planting }) => planting.id === open?.entry.of.plantingId);
  return (
    <>
      <ol ref={list} className="relative bg-paper" style={{ height: virtual.getTotalSize() }}>
        {virtual.getVirtualItems().map(({ index, start, key }) => {
          const row = rows[index]!;
          const day = dayOf(row.entry);
          const isNewDay = index === 0 || dayOf(rows[index - 1]!.entry) !== day;
          return (
            <li
              key={key}
              ref={virtual.measureElement}
              data-index={index}
              data-entry={row.entry.what.did}
              className="absolute inset-x-0 top-0 px-3"
              style={{ transform: `translateY(${start - topPx}px)` }}
            >
              {isNewDay && (
                <h3 className="border-t-2 border-rule2 pt-2 text-small font-semibold">
                  {longDayText(day)}
                </h3>
              )}
              <EntryRow row={row} isOfOne={isOfOne} onOpen={setOpen} />
            </li>
          );
        })}
      </ol>
      <MoreOf shown={shown} all={rows.length} step={MORE} onShow={setShown} />
      {open && it && (
        <PhotoDesk it={it} {...open} planted={planted} onClose={() => setOpen(null)} />
      )}
    </>
  );
}

const EntryRow = memo(function EntryRow({
  row: { entry, text, where },
  isOfOne,
  onOpen,
}: {
  readonly row: Row;
  readonly isOfOne: boolean;
  readonly onOpen: (of: Open) => void;
}) {
  const store = useStore();
  const clock = useClock();
  const takeBack = async () => {
    await store?.log.takeBack(entry, localTime(entry.zone, clock.now()));
    say('Taken back: it does not count any more.');
  };
  return (
    <div className="flex items-start gap-2 py-1.5">
      <div className="min-w-0 flex-1">
        {/* What was noted is somebody’s own words. */}
        <p className="leading-5 wrap-anywhere" translate={isOwnWords(entry) ? 'no' : undefined}>
          {text}
        </p>
        {(!isOfOne || entry.who) && (
          <p className="text-note text-ink2">
            {[isOfOne ? '' : where, entry.who ?? ''].filter(Boolean).join(', ')}
          </p>
        )}
        {isOf(entry, 'photographed') && (
          <PhotoThumb id={entry.what.photoId} onOpen={(photo) => onOpen({ entry, photo })} />
        )}
      </div>
      <IconButton
        name={`Take back: ${text}`}
        tip="Take back"
        icon={<Undo2 size={16} aria-hidden />}
        onClick={() => void takeBack()}
      />
    </div>
  );
});

function PhotoThumb({
  id,
  onOpen,
}: {
  readonly id: string;
  readonly onOpen: (photo: Photo) => void;
}) {
  const photo = useLive((store) => store.photos.get(id), [id]);
  if (!photo) return null;
  return (
    <Button
      look="bare"
      aria-label="Look at the photograph closely"
      className="mt-1 block"
      onClick={() => onOpen(photo)}
    >
      {/* A picture of the gardener's own, from this device: there is nothing to optimise on a server. */}
      {/* eslint-disable-next-line @next/next/no-img-element */}
      <img
        src={photoUrl(photo)}
        alt=""
        decoding="async"
        width={photo.widthPx}
        height={photo.heightPx}
        className="h-40 w-auto max-w-full object-contain object-left"
      />
    </Button>
  );
}
