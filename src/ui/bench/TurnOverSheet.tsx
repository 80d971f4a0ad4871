'use client';

import { useMemo, useState } from 'react';
import { dayIn, localTime } from '@/core/calendar/day';
import { FATES, savesMinor, toShed, turnedOver, turnOver, type Fate } from '@/core/diary/turnOver';
import { untold } from '@/core/plants/own';
import type { PlaceId, PlantingInSpot } from '@/core/plantings/planting';
import { Button } from '@/ui/controls/Button';
import { buttonLook } from '@/ui/controls/looks';
import { Modal, ModalClose } from '@/ui/controls/Modal';
import { Select } from '@/ui/controls/Select';
import { Swatches } from '@/ui/controls/Swatches';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { say } from '@/ui/session/say';
import { useSettings, useStore } from '@/ui/session/StoreProvider';
import { useClock } from '@/ui/session/useClock';
import { countText } from '@/words/format';
import { minorText } from '@/words/making';
import { adviceCount, adviceText, FATE_NAMES } from '@/words/turnOver';

/** A planting that is over, turned over: what of it stays, is parted, taken as cuttings, brought in, planted out, given away or composted, with what that saves next year. */
export default function TurnOverSheet({
  it,
  gone,
  onClose,
}: {
  readonly it: PlantingInSpot;
  /** Plants that died or were taken out before. */
  readonly gone: ReadonlyMap<PlaceId, unknown>;
  readonly onClose: () => void;
}) {
  const store = useStore();
  const clock = useClock();
  const settings = useSettings();
  const { ownOf } = useLibrary();
  const zone = it.spot.site.timeZone;
  const today = dayIn(zone, clock.now());
  const advice = useMemo(() => turnOver(it, { today, gone }), [it, today, gone]);
  const [told, setTold] = useState<ReadonlyMap<string, Fate>>(new Map());
  const rows = advice.map((one) => ({ ...one, fate: told.get(one.kind.id) ?? one.fate }));
  const saved = rows.reduce((sum, row) => sum + savesMinor(row), 0);
  const shed = rows.reduce((sum, { fate, places }) => sum + toShed(fate) * places.length, 0);
  const keep = async () => {
    if (!store) return;
    const at = localTime(zone, clock.now());
    const of = { plantingId: it.planting.id, spotId: it.spot.id };
    const came = rows.flatMap(({ kind, fate, places }) => {
      const count = toShed(fate) * places.length;
      return count > 0 ? [{ kindId: kind.id, count }] : [];
    });
    const entries = await store.log.turnOver(
      turnedOver(rows, of).map((draft) => ({ at, zone, ...draft })),
      came.map(({ kindId, count }) => {
        const own = ownOf(kindId) ?? untold(kindId);
        return { ...own, owned: own.owned + count };
      }),
    );
    onClose();
    say(
      `${it.planting.name} is over. Its container is free, and keeps its story.${shed > 0 ? ` ${countText(shed, 'plant')} in the shed.` : ''}`,
      {
        label: 'Not yet',
        go: () => void store.log.turnBack(entries, came, localTime(zone, clock.now())),
      },
    );
  };
  return (
    <Modal
      title={`${it.planting.name} is over`}
      onClose={onClose}
      className="top-[4vh] max-h-[92vh] max-w-2xl"
    >
      <ul className="pt-1">
        {rows.map((row) => {
          const { kind, fate } = row;
          const advised = advice.find((one) => one.kind.id === kind.id)!;
          return (
            <li key={kind.id} data-fate={fate} className="border-t border-rule py-2">
              <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
                <Swatches kind={kind} height={18} />
                <b className="text-lead">{kind.common}</b>
                <span className="text-ink2">{adviceCount(row)}</span>
                <Select
                  small
                  className="ml-auto"
                  aria-label={`What becomes of ${kind.common}`}
                  value={fate}
                  onChange={({ target: { value } }) =>
                    setTold(new Map(told).set(kind.id, FATES.find((one) => one === value) ?? fate))
                  }
                >
                  {FATES.map((one) => (
                    <option key={one} value={one}>
                      {FATE_NAMES[one]}
                    </option>
                  ))}
                </Select>
              </div>
              {fate === advised.fate && (
                <p className="pt-0.5 text-small text-ink2">{adviceText(row)}</p>
              )}
            </li>
          );
        })}
      </ul>
      <p className="border-t border-rule pt-2">
        {saved > 0
          ? `That saves about ${minorText(saved, settings)} next year.`
          : 'Nothing of it is kept for next year.'}
        {shed > 0 && ` ${countText(shed, 'plant')} go to the shed, and off next year’s list.`}
      </p>
      <p className="flex flex-wrap gap-2 pt-3">
        <Button look="act" onClick={() => void keep()}>
          Turn it over
        </Button>
        <ModalClose className={buttonLook({})}>Not yet</ModalClose>
      </p>
    </Modal>
  );
}
