'use client';

import { useState } from 'react';
import { dayIn, localTime, type Day } from '@/core/calendar/day';
import { faultOf, isEmpty, isOfAPlant, whatTold, type ToldSort } from '@/core/diary/telling';
import { allPlants, type PlantingInSpot } from '@/core/plantings/planting';
import { clockMs } from '@/core/sky/clock';
import { CM_PER_INCH } from '@/core/units/units';
import { NoPhoto, smallPhoto } from '@/ui/session/photo';
import { say } from '@/ui/session/say';
import { useSettings, useStore } from '@/ui/session/StoreProvider';
import { useClock } from '@/ui/session/useClock';
import type { Planted } from '@/ui/session/usePlanted';

const NOTHING = { high: '', wide: '', detail: '', words: '' } as const;

/** Something that is being told of a planting: its fields as they are typed, what is wrong with them, and how it is kept. */
export function useTelling(it: PlantingInSpot, planted: Planted) {
  const store = useStore();
  const clock = useClock();
  const { length } = useSettings();
  const [sort, setSort] = useState<ToldSort>('measured');
  const [toldOn, setToldOn] = useState<Day | null>(null);
  const [pickedKind, setPickedKind] = useState('');
  const [typed, setTyped] = useState<Readonly<Record<keyof typeof NOTHING, string>>>(NOTHING);
  const zone = it.spot.site.timeZone;
  const today = dayIn(zone, clock.now());
  const on = toldOn ?? today;
  const kinds = [...new Map(allPlants(it).map(({ kind }) => [kind.id, kind])).values()];
  const first = isOfAPlant(sort) ? (kinds[0]?.id ?? '') : '';
  const kindId = kinds.some(({ id }) => id === pickedKind) ? pickedKind : first;
  const { plantedOn, gone } = planted.lifeOf(it.planting.id);
  const cm = (text: string): number | null => {
    const value = Number(text.replace(',', '.'));
    return text.trim() === '' ? null : length === 'in' ? value * CM_PER_INCH : value;
  };
  const telling = {
    sort,
    on,
    highCm: cm(typed.high),
    wideCm: cm(typed.wide),
    detail: typed.detail,
    words: typed.words,
  };
  // Told of another day it was at noon; of today, now.
  const atOf = (day: Day) => localTime(zone, day === today ? clock.now() : clockMs(day, 12, zone));
  const of = { plantingId: it.planting.id, ...(kindId ? { kindId } : {}) };
  const keep = async () => {
    const what = whatTold(telling);
    if (!what) return;
    // A plant that died stands there no more: the first of its kind that still does.
    const place = it.planting.places.find((one) => one.kindId === kindId && !gone.has(one.id));
    const placed = sort === 'died' && place ? { ...of, placeIds: [place.id] } : of;
    await store?.log.write([{ at: atOf(on), zone, of: placed, what }]);
    setTyped(NOTHING);
    say('In the diary.');
  };
  const photograph = async (file: File) => {
    try {
      const small = await smallPhoto(file);
      const taken = dayIn(zone, file.lastModified);
      // The file's own day, where nobody told another and it can be.
      const isLikely =
        toldOn === null && taken <= today && (plantedOn === null || taken >= plantedOn);
      await store?.photos.keep(
        { plantingId: it.planting.id, ...small },
        { at: atOf(isLikely ? taken : on), zone, of, angle: 'front' },
      );
      say('Kept on this device, without the place it was taken.');
    } catch (error) {
      // What the store could not keep it has told itself.
      if (error instanceof NoPhoto) say(error.message);
    }
  };
  return {
    ...{ sort, setSort, on, setToldOn, today, kinds, kindId, setPickedKind, length },
    typed,
    type: (change: Partial<typeof typed>) => setTyped({ ...typed, ...change }),
    fault: faultOf(telling, { today, plantedOn }),
    isEmpty: isEmpty(telling),
    keep,
    photograph,
  };
}
export type TellingHere = ReturnType<typeof useTelling>;
