'use client';

import { useEffect, useMemo, useState } from 'react';
import { addDays, dayIn, weeksSince } from '@/core/calendar/day';
import { liftingOf, type Lifting } from '@/core/diary/lifting';
import { applyEdit } from '@/core/plantings/edits';
import { inSpot, seasonWeeks, type PlantingInSpot } from '@/core/plantings/planting';
import type { RemakeAnswer } from '@/core/search/remaking';
import { ButtonLink } from '@/ui/controls/Button';
import { buttonLook, entryLook } from '@/ui/controls/looks';
import { Modal, ModalClose } from '@/ui/controls/Modal';
import { useWidth } from '@/ui/controls/useWidth';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { benchHref } from '@/ui/session/links';
import { useSettings } from '@/ui/session/StoreProvider';
import { useClock } from '@/ui/session/useClock';
import { ProposalPicture } from '@/ui/start/ProposalPicture';
import { moneyText } from '@/words/format';
import { changeText } from '@/words/remade';
import { liftLines, trayText } from '@/words/lifting';
import { runJob } from '@/workers/runJob';

/** How many ways to fill it again are drawn. */
const DRAWN = 3;

/** A leggy pot made new on a chosen day: in which order plants are lifted, what is kept, which cuttings stand together, and how it is filled again. */
export default function RefreshSheet({
  it,
  plantedOn,
  onClose,
}: {
  readonly it: PlantingInSpot;
  readonly plantedOn: string;
  readonly onClose: () => void;
}) {
  const clock = useClock();
  const today = dayIn(it.spot.site.timeZone, clock.now());
  const [day, setDay] = useState(today);
  const last = addDays(plantedOn, seasonWeeks(it.planting) * 7);
  const weeks = weeksSince(plantedOn, day);
  const isInSeason = weeks >= 1 && day <= last;
  const [found, setFound] = useState<{
    readonly weeks: number;
    readonly answer: RemakeAnswer;
  } | null>(null);
  // What was found for another day is not shown for this one.
  const answer = found?.weeks === weeks ? found.answer : null;
  useEffect(() => {
    if (!isInSeason) return;
    const giveUp = new AbortController();
    runJob('remake', { it, how: { kind: 'refresh', weeks } }, { signal: giveUp.signal })
      .then((one) => setFound({ weeks, answer: one }))
      .catch(() => undefined);
    return () => giveUp.abort();
  }, [it, weeks, isInSeason]);
  const lifting = useMemo(() => answer && liftingOf(it, answer.decisions), [it, answer]);
  return (
    <Modal
      title={`${it.planting.name}, refreshed`}
      onClose={onClose}
      className="top-[4vh] max-h-[92vh] max-w-3xl"
    >
      <label className="grid w-48">
        <span className="text-note text-ink2">On</span>
        <input
          type="date"
          className={entryLook()}
          value={day}
          min={addDays(plantedOn, 7)}
          max={last}
          onChange={({ target: { value } }) => value && setDay(value)}
        />
      </label>
      {!isInSeason ? (
        <p role="alert" className="pt-3">
          ▲ Choose a day between its first week and the end of its season.
        </p>
      ) : lifting && answer ? (
        <Plan it={it} lifting={lifting} answer={answer} weeks={weeks} />
      ) : (
        <p role="status" className="pt-3 text-ink2">
          Looking it over, plant by plant…
        </p>
      )}
      <p className="flex flex-wrap gap-2 pt-4">
        <ButtonLink look="act" href={benchHref(it.planting.id)}>
          Do it on the bench
        </ButtonLink>
        <ModalClose className={buttonLook({})}>Close</ModalClose>
      </p>
      {lifting && lifting.lifts.some(({ what }) => what !== 'keep') && (
        <p className="pt-2 text-small text-ink2">
          There “Refresh” makes the change you choose in that week. The sap of some plants
          irritates: wear gloves, and the label’s own warning wins.
        </p>
      )}
    </Modal>
  );
}

function Plan({
  it,
  lifting: { lifts, trays },
  answer,
  weeks,
}: {
  readonly it: PlantingInSpot;
  readonly lifting: Lifting;
  readonly answer: RemakeAnswer;
  readonly weeks: number;
}) {
  const settings = useSettings();
  const { kindOf } = useLibrary();
  if (lifts.every(({ what }) => what === 'keep'))
    return <p className="pt-3">Nothing wants refreshing then: all of it is fresh.</p>;
  const ways = answer.ways.slice(0, DRAWN).map(({ remade, scheme }) => ({
    ...changeText(remade, scheme, kindOf),
    cost: remade.cost - remade.costBefore,
    it: inSpot(
      applyEdit(it.planting, { kind: 'remake', why: remade.why, change: remade.change }),
      it.spot,
      kindOf,
      it.house,
    ),
  }));
  return (
    <>
      <h3 className="pt-3 text-lead font-semibold">Out in this order</h3>
      <ol className="list-decimal pl-6" aria-label="Out in this order">
        {liftLines(lifts, kindOf).map(({ key, what, text }) => (
          <li key={key} data-lift={what} className="border-t border-rule py-1">
            {text}
          </li>
        ))}
      </ol>
      {trays.length > 0 && (
        <>
          <h3 className="pt-3 text-lead font-semibold">Cuttings, by colour</h3>
          <ul aria-label="Cuttings, by colour">
            {trays.map((tray) => (
              <li key={tray.colour} data-tray={tray.colour} className="border-t border-rule py-1">
                {trayText(tray, kindOf)}
              </li>
            ))}
          </ul>
        </>
      )}
      {ways.length > 0 && (
        <>
          <h3 className="pt-3 text-lead font-semibold">Filled again</h3>
          <ol className="grid gap-3 pt-1 sm:grid-cols-3">
            {ways.map((way) => (
              <li key={way.title + way.about}>
                <WayPicture it={way.it} weeks={Math.min(weeks + 3, seasonWeeks(it.planting))} />
                <b className="font-semibold">{way.title}</b>
                <span className="block text-small text-ink2">
                  {way.about}
                  {way.cost > 0 ? ` About ${moneyText(way.cost, settings)} more.` : ''}
                </span>
              </li>
            ))}
          </ol>
        </>
      )}
    </>
  );
}

function WayPicture({ it, weeks }: { readonly it: PlantingInSpot; readonly weeks: number }) {
  const [ref, width] = useWidth<HTMLDivElement>();
  return (
    <div ref={ref} className="h-40 bg-field">
      {width > 0 && <ProposalPicture it={it} widthPx={width} heightPx={160} weeks={weeks} />}
    </div>
  );
}
