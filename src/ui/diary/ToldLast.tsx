import { useEffect } from 'react';
import { dayOf } from '@/core/log/entry';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { useLive, useSettings } from '@/ui/session/StoreProvider';
import { entryText } from '@/words/diary';
import { longDayText } from '@/words/life';

/** Entries that are shown while the whole diary is read. */
const MANY = 30;

/** What was told last, to be read while the rest of a long diary is. */
export function ToldLast({ onShown }: { readonly onShown: () => void }) {
  const settings = useSettings();
  const { early } = useLibrary();
  const told = useLive((store) => store.toldLast(MANY));
  const isShown = told !== undefined && early !== null;
  useEffect(() => {
    if (!isShown) return;
    // Painted first: reading the rest keeps the page busy.
    const timer = setTimeout(onShown, 30);
    return () => clearTimeout(timer);
  }, [isShown, onShown]);
  const words = early && {
    kindOf: early.kindOf,
    nameOf: (id: string) => told?.names.get(id) ?? '',
    units: settings,
  };
  return (
    <div className="pt-3.5 pb-10">
      <h1 className="display text-room leading-10">Diary</h1>
      <p className="text-ink2" role="status">
        Opening the diary…
      </p>
      {told && words && (
        <ol aria-label="Told last" className="mt-3 max-w-[760px] bg-paper px-3 py-1" data-told-last>
          {told.entries.map((entry, i) => {
            const day = dayOf(entry);
            const before = told.entries[i - 1];
            return (
              <li key={entry.id} className="py-1">
                {(!before || dayOf(before) !== day) && (
                  <h2 className="border-t-2 border-tick pt-2 text-small font-semibold">
                    {longDayText(day)}
                  </h2>
                )}
                {entryText(entry, words)}
                <span className="block text-note text-ink2">
                  {words.nameOf(entry.of.plantingId ?? '')}
                </span>
              </li>
            );
          })}
        </ol>
      )}
    </div>
  );
}
