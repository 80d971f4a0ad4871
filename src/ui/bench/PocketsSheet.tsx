'use client';

import { useRouter } from 'next/navigation';
import { useEffect, useMemo, useState } from 'react';
import { dayIn, weekOfDay } from '@/core/calendar/day';
import { stays, type PlaceId, type PlantingInSpot } from '@/core/plantings/planting';
import type { KindId } from '@/core/plants/kind';
import {
  POCKET_SEASONS,
  type PocketChange,
  type PocketSeason,
  type PocketYear,
} from '@/core/search/pockets';
import { Button } from '@/ui/controls/Button';
import { buttonLook } from '@/ui/controls/looks';
import { Modal, ModalClose } from '@/ui/controls/Modal';
import { Tick } from '@/ui/controls/Tick';
import { useWidth } from '@/ui/controls/useWidth';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { say } from '@/ui/session/say';
import { shelfHref } from '@/ui/session/links';
import { useSettings, useStore } from '@/ui/session/StoreProvider';
import { useClock } from '@/ui/session/useClock';
import { ProposalPicture } from '@/ui/start/ProposalPicture';
import { dateText, moneyText } from '@/words/format';
import { inSentence } from '@/words/names';
import { list } from '@/words/remarks/teller';
import { runJob } from '@/workers/runJob';

/** How each planting of the year is called. */
const namesOf = (name: string) =>
  Object.fromEntries(
    POCKET_SEASONS.map((season) => [
      season,
      {
        id: `planting-${crypto.randomUUID().slice(0, 8)}`,
        name: `${name.slice(0, 70)}, ${season}`,
      },
    ]),
  ) as Record<PocketSeason, { readonly id: string; readonly name: string }>;

/** A frame that stays, and what its pockets are filled with from season to season: four changes planned ahead, and bought for at once. */
export default function PocketsSheet({
  it,
  onClose,
}: {
  readonly it: PlantingInSpot;
  readonly onClose: () => void;
}) {
  const store = useStore();
  const clock = useClock();
  const router = useRouter();
  const settings = useSettings();
  const [named] = useState(() => namesOf(it.planting.name));
  const [frame, setFrame] = useState<readonly PlaceId[] | null>(null);
  const [picks, setPicks] = useState<readonly number[]>([]);
  const [year, setYear] = useState<PocketYear | null>(null);
  const [isBusy, setBusy] = useState(true);
  const from = weekOfDay(dayIn(it.spot.site.timeZone, clock.now()));
  useEffect(() => {
    const giveUp = new AbortController();
    runJob('pockets', { it, from, frame, picks, named }, { signal: giveUp.signal })
      .then((found) => {
        setYear(found);
        setBusy(false);
      })
      .catch(() => undefined);
    return () => giveUp.abort();
  }, [it, from, frame, picks, named]);
  const again = (change: () => void) => {
    setBusy(true);
    change();
  };
  const keep = async () => {
    if (!store || !year) return;
    const plantings = year.changes.map((change) => change.it.planting);
    const { shelfId } = it.planting;
    await store.whole.addAll({ spots: [], plantings, shelf: [] });
    onClose();
    router.push(shelfId ? shelfHref(shelfId) : '/');
    say('Four changes of pockets are planned. Each can be opened on the Bench and bought for.', {
      label: 'Undo',
      go: () => void store.plantings.removeAll(plantings.map(({ id }) => id)),
    });
  };
  const cost = year?.changes.reduce((sum, change) => sum + change.cost, 0) ?? 0;
  return (
    <Modal title="A year of pockets" onClose={onClose} className="top-[4vh] max-h-[92vh] max-w-4xl">
      <FrameTicks
        it={it}
        frame={frame ?? year?.frame ?? []}
        onPick={(ids) =>
          again(() => {
            setFrame(ids);
            setPicks([]);
          })
        }
      />
      <p role="status" className="min-h-6 pt-1 text-ink2">
        {isBusy ? 'Filling the pockets, season by season…' : whyNone(year)}
      </p>
      {year && year.changes.length > 0 && (
        <>
          <ol
            className={`grid gap-4 pt-1 sm:grid-cols-2 md:grid-cols-4 ${isBusy ? 'opacity-50' : ''}`}
          >
            {year.changes.map((change, i) => (
              <Season
                key={change.season}
                change={change}
                isBusy={isBusy}
                onOther={() =>
                  again(() =>
                    setPicks(year.changes.map((_, n) => (picks[n] ?? 0) + (n === i ? 1 : 0))),
                  )
                }
              />
            ))}
          </ol>
          <p className="mt-3 border-t border-rule pt-2 text-lead">
            About <b>{moneyText(cost, settings)}</b> for four changes. The frame is not bought
            again, and keeps its age.
          </p>
        </>
      )}
      <p className="flex flex-wrap gap-2 pt-3">
        <Button
          look="act"
          disabled={isBusy || !year || year.changes.length === 0}
          onClick={() => void keep()}
        >
          Plan these four
        </Button>
        <ModalClose className={buttonLook({})}>Close</ModalClose>
      </p>
    </Modal>
  );
}

/** Why there are no changes to show; nothing when there are. */
function whyNone(year: PocketYear | null): string {
  if (!year || year.changes.length > 0) return '';
  return year.frame.length === 0
    ? 'Nothing in it can stay out all year. Tick what you would keep, or add something evergreen first.'
    : 'Where there is no winter pockets keep no seasons: change what tires when it does.';
}

/** Which kinds stay. */
function FrameTicks({
  it,
  frame,
  onPick,
}: {
  readonly it: PlantingInSpot;
  readonly frame: readonly PlaceId[];
  readonly onPick: (places: readonly PlaceId[]) => void;
}) {
  const kinds = useMemo(() => {
    const byKind = new Map<KindId, { readonly name: string; readonly places: PlaceId[] }>();
    for (const { id, kindId, kind } of it.plants) {
      const known = byKind.get(kindId);
      if (known) known.places.push(id);
      else byKind.set(kindId, { name: kind.common, places: [id] });
    }
    return [...byKind];
  }, [it]);
  return (
    <fieldset>
      <legend className="float-left w-full pb-1 text-note text-ink2">
        The frame, which stays all year
      </legend>
      <div className="clear-both flex flex-wrap gap-x-5">
        {kinds.map(([kindId, { name, places }]) => (
          <Tick
            key={kindId}
            checked={places.every((id) => frame.includes(id))}
            onChange={({ target: { checked } }) =>
              onPick([...frame.filter((id) => !places.includes(id)), ...(checked ? places : [])])
            }
          >
            {name}
            {places.length > 1 ? `, ${places.length}` : ''}
          </Tick>
        ))}
      </div>
    </fieldset>
  );
}

/** What stands from one change to the next. */
function Season({
  change: { season, plantedWeek, it, comes, cost, ways },
  isBusy,
  onOther,
}: {
  readonly change: PocketChange;
  readonly isBusy: boolean;
  readonly onOther: () => void;
}) {
  const settings = useSettings();
  const { kindOf } = useLibrary();
  const [ref, width] = useWidth<HTMLDivElement>();
  const count = it.plants.filter((plant) => !stays(it, plant)).length;
  return (
    <li data-season={season} className="min-w-0">
      <div ref={ref} className="h-40 bg-field">
        {width > 0 && <ProposalPicture it={it} widthPx={width} heightPx={160} weeks={6} />}
      </div>
      <h3 className="pt-1 text-lead">
        <b className="font-semibold">From {dateText(plantedWeek)}</b>{' '}
        <span className="text-ink2">{season}</span>
      </h3>
      <p>
        {comes.length === 0
          ? 'Nothing suits the pockets then: the frame stands alone.'
          : `${count} plants: ${list(comes.map((id) => inSentence(kindOf(id)?.common ?? id)))}.`}
      </p>
      {comes.length > 0 && (
        <p className="flex items-baseline gap-3 text-ink2">
          {moneyText(cost, settings)}
          {ways > 1 && (
            <Button look="link" disabled={isBusy} onClick={onOther}>
              Something else
            </Button>
          )}
        </p>
      )}
    </li>
  );
}
