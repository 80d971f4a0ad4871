import { useEffect, useMemo, useState } from 'react';
import { dayOf } from '@/core/log/entry';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { useLive, useSettings } from '@/ui/session/StoreProvider';
import { entryText } from '@/words/diary';
import { longDayText } from '@/words/life';
import type { ToldEntry } from './diarySight';

/** Entries that are shown while the whole diary is read. */
const MANY = 30;

/** What was told last, to be read while the rest of a long diary is: as it was seen at the last visit, then as it is. */
export function ToldLast({ onShown }: { readonly onShown: () => void }) {
  const kept = useKeptSight();
  const told = useToldNow();
  useEffect(() => {
    if (!told) return;
    void sight().then(({ keepDiarySight }) => keepDiarySight(told));
    // Painted first: reading the rest keeps the page busy.
    const timer = setTimeout(onShown, 30);
    return () => clearTimeout(timer);
  }, [told, onShown]);
  const shown = told ?? kept;
  return (
    <div className="pt-3.5 pb-10">
      <h1 className="display text-room leading-10">Diary</h1>
      <p className="text-ink2" role="status">
        Opening the diary…
      </p>
      {shown.length > 0 && (
        <ol aria-label="Told last" className="mt-3 max-w-[760px] bg-paper px-3 py-1" data-told-last>
          {shown.map(({ id, day, text, where }, i) => (
            <li key={id} className="py-1 wrap-anywhere">
              {shown[i - 1]?.day !== day && (
                <h2 className="border-t-2 border-tick pt-2 text-small font-semibold">
                  {longDayText(day)}
                </h2>
              )}
              {text}
              <span className="block text-note text-ink2">{where}</span>
            </li>
          ))}
        </ol>
      )}
    </div>
  );
}

const sight = () => import('./diarySight');
// Asked for as soon as this script runs: half of the wait is over when the page answers.
if (typeof window !== 'undefined' && window.location.pathname === '/diary') void sight();
const NONE: readonly ToldEntry[] = [];

/** What was kept at the last visit. */
function useKeptSight(): readonly ToldEntry[] {
  const [kept, setKept] = useState(NONE);
  useEffect(() => {
    let isHere = true;
    void sight().then(({ diarySight }) => isHere && setKept(diarySight()));
    return () => {
      isHere = false;
    };
  }, []);
  return kept;
}

/** @returns `undefined` until database and book are there */
function useToldNow(): readonly ToldEntry[] | undefined {
  const settings = useSettings();
  const { early } = useLibrary();
  const told = useLive((store) => store.toldLast(MANY));
  return useMemo(() => {
    if (!told || !early) return undefined;
    const nameOf = (id: string) => told.names.get(id) ?? '';
    const words = { kindOf: early.kindOf, nameOf, units: settings };
    return told.entries.map((entry) => ({
      id: entry.id,
      day: dayOf(entry),
      text: entryText(entry, words),
      where: nameOf(entry.of.plantingId ?? ''),
    }));
  }, [told, early, settings]);
}
