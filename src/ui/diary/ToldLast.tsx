import { useEffect, useMemo } from 'react';
import { dayOf } from '@/core/log/entry';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { useLive, useSettings } from '@/ui/session/StoreProvider';
import { entryText } from '@/words/diary';
import { longDayText } from '@/words/life';
import { keepTold, TOLD_LOOK } from './toldAtOnce';

/** Entries that are shown while the whole diary is read. */
const MANY = 30;
/** The page's own text has written there what was told at the last visit: it is not React's to change. */
const AS_WRITTEN = { __html: '' };

/** What was told last, to be read while the rest of a long diary is: as it was seen at the last visit, then as it is. */
export function ToldLast({ onShown }: { readonly onShown: () => void }) {
  const told = useToldNow();
  useEffect(() => {
    if (!told) return;
    keepTold(told);
    // Painted first: reading the rest keeps the page busy.
    const timer = setTimeout(onShown, 30);
    return () => clearTimeout(timer);
  }, [told, onShown]);
  return (
    <div className="pt-3.5 pb-10">
      <h1 className="display text-room leading-10">Diary</h1>
      <p className="text-ink2" role="status">
        Opening the diary…
      </p>
      {!told && (
        <div data-told-at-once suppressHydrationWarning dangerouslySetInnerHTML={AS_WRITTEN} />
      )}
      {told && told.length > 0 && (
        <ol aria-label="Told last" className={TOLD_LOOK.list} data-told-last>
          {told.map(({ id, day, text, where }, i) => (
            <li key={id} className={TOLD_LOOK.entry}>
              {told[i - 1]?.day !== day && <h2 className={TOLD_LOOK.day}>{day}</h2>}
              {text}
              <span className={TOLD_LOOK.where}>{where}</span>
            </li>
          ))}
        </ol>
      )}
    </div>
  );
}

/** @returns `undefined` until database and book are there */
function useToldNow() {
  const settings = useSettings();
  const { early } = useLibrary();
  const told = useLive((store) => store.log.toldLast(MANY));
  return useMemo(() => {
    if (!told || !early) return undefined;
    const nameOf = (id: string) => told.names.get(id) ?? '';
    const words = { kindOf: early.kindOf, nameOf, units: settings };
    return told.entries.map((entry) => ({
      id: entry.id,
      day: longDayText(dayOf(entry)),
      text: entryText(entry, words),
      where: nameOf(entry.of.plantingId ?? ''),
    }));
  }, [told, early, settings]);
}
