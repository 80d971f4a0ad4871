'use client';

import { spelled } from '@/ui/spelling/spelling';
import dynamic from 'next/dynamic';
import { useRouter, useSearchParams } from 'next/navigation';
import { useMemo, useReducer, useState } from 'react';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { holding } from '@/core/log/entry';
import { Button, ButtonLink } from '@/ui/controls/Button';
import { entryLook } from '@/ui/controls/looks';
import { Select } from '@/ui/controls/Select';
import { diaryHref } from '@/ui/session/links';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { saveFile } from '@/ui/session/saveFile';
import { useSettings } from '@/ui/session/StoreProvider';
import { usePlanted, type Planted } from '@/ui/session/usePlanted';
import { countText } from '@/words/format';
import { ContainerPages } from './ContainerPages';
import { ContainerSelect } from './ContainerSelect';
import { EntryList } from './EntryList';
import { found } from './found';
import { Tell } from './Tell';
import { ToldLast } from './ToldLast';

// What looks over everything comes after what was told last.
const AllAgain = dynamic(() => import('./AllAgain').then((m) => m.AllAgain), { ssr: false });
const DidWell = dynamic(() => import('./DidWell').then((m) => m.DidWell), { ssr: false });
const SeenKinds = dynamic(() => import('./SeenKinds').then((m) => m.SeenKinds), { ssr: false });
const Trials = dynamic(() => import('./Trials').then((m) => m.Trials), { ssr: false });
const Wall = dynamic(() => import('./Wall').then((m) => m.Wall), { ssr: false });

const YardPageSheet = dynamic(() => import('./YardPageSheet'), { ssr: false });

/** What happened, day by day, and in a few taps what happens now; of one container, against what was expected of it. */
export function Diary() {
  const [isBegun, begin] = useReducer(() => true, false);
  const planted = usePlanted(isBegun);
  if (!planted) return <ToldLast onShown={begin} />;
  return <Opened planted={planted} />;
}

function Opened({ planted }: { readonly planted: Planted }) {
  const settings = useSettings();
  const { kindOf } = useLibrary();
  const asked = useSearchParams().get('planting');
  const [words, setWords] = useState('');
  const [year, setYear] = useState('');
  const [isOnYardPage, setOnYardPage] = useState(false);
  const { its, spots, log } = planted;
  const it = its.find(({ planting }) => planting.id === asked);
  const names = useMemo(
    () =>
      new Map([
        ...its.map(({ planting }) => [planting.id, planting.name] as const),
        ...spots.map(({ id, name }) => [id, name] as const),
      ]),
    [its, spots],
  );
  const spotOf = useMemo(() => {
    const spotNames = new Map(its.map(({ planting, spot }) => [planting.id, spot.name]));
    return (plantingId: string) => spotNames.get(plantingId) ?? '';
  }, [its]);
  const told = useMemo(
    () => ({ kindOf, nameOf: (id: string) => names.get(id) ?? '', units: settings }),
    [kindOf, names, settings],
  );
  const held = useMemo(() => holding(log), [log]);
  const years = useMemo(() => [...new Set(held.map(({ at }) => at.slice(0, 4)))].sort(), [held]);
  const rows = useMemo(
    () => found(held, { plantingId: it?.planting.id ?? null, year, words, spotOf }, told),
    [held, it?.planting.id, year, words, spotOf, told],
  );
  const stood = its.filter(({ planting }) => planted.lifeOf(planting.id).plantedOn !== null);
  if (stood.length === 0)
    return (
      <>
        <NothingYet />
        <Trials planted={planted} />
      </>
    );
  const save = async () => {
    const { diaryCsv } = await import('@/words/diaryCsv');
    const entries = rows.map(({ entry }) => entry);
    saveFile('diary.csv', 'text/csv', diaryCsv(entries, told, spelled));
  };
  return (
    <div className="pt-3.5 pb-10">
      <header className="flex flex-wrap items-end gap-x-4 gap-y-2">
        <h1 className="display text-room leading-10">Diary</h1>
        <DiaryQuestion {...{ stood, years, year, setYear, words, setWords }} asked={it} />
      </header>
      <div className="gap-6 wide:grid wide:grid-cols-[minmax(0,1fr)_400px]">
        <div className="min-w-0">
          <Tell planted={planted} stood={stood} plantingId={it?.planting.id ?? null} />
          {!it && (
            <>
              <Wall stood={stood} rows={rows} planted={planted} />
              <Trials planted={planted} />
              <AllAgain stood={stood} planted={planted} />
              <DidWell stood={stood} planted={planted} />
              <SeenKinds />
            </>
          )}
          {it && <ContainerPages key={it.planting.id} it={it} planted={planted} />}
        </div>
        <section aria-label="What happened" className="min-w-0 max-wide:pt-4">
          <div className="flex items-baseline justify-between gap-3 pt-3 pb-1">
            <h2 className="text-name font-semibold" aria-live="polite">
              {countText(rows.length, 'entry', 'entries')}
            </h2>
            <span className="flex gap-3">
              {!it && (
                <Button look="link" onClick={() => setOnYardPage(true)}>
                  A page of all
                </Button>
              )}
              <Button look="link" disabled={rows.length === 0} onClick={() => void save()}>
                Save as CSV
              </Button>
            </span>
          </div>
          {isOnYardPage && (
            <YardPageSheet stood={stood} planted={planted} onClose={() => setOnYardPage(false)} />
          )}
          <EntryList rows={rows} planted={planted} isOfOne={it !== undefined} />
        </section>
      </div>
    </div>
  );
}

/** Of which container, which year, and with which words in it. */
function DiaryQuestion({
  stood,
  asked,
  years,
  year,
  setYear,
  words,
  setWords,
}: {
  readonly stood: readonly PlantingInSpot[];
  readonly asked: PlantingInSpot | undefined;
  readonly years: readonly string[];
  readonly year: string;
  readonly setYear: (year: string) => void;
  readonly words: string;
  readonly setWords: (words: string) => void;
}) {
  const router = useRouter();
  return (
    <>
      <ContainerSelect
        name="Of"
        all="all containers"
        stood={stood}
        value={asked?.planting.id ?? ''}
        onPick={(id) => router.replace(id ? diaryHref(id) : '/diary', { scroll: false })}
      />
      {years.length > 1 && (
        <label className="grid">
          <span className="text-note text-ink2">Year</span>
          <Select value={year} onChange={({ target: { value } }) => setYear(value)}>
            <option value="">all</option>
            {years.map((one) => (
              <option key={one}>{one}</option>
            ))}
          </Select>
        </label>
      )}
      <label className="grid min-w-48 flex-1 sm:max-w-80">
        <span className="text-note text-ink2">Find a word, a plant, a day</span>
        <input
          type="search"
          className={entryLook()}
          maxLength={80}
          placeholder="canopy, or week 28"
          value={words}
          onChange={({ target: { value } }) => setWords(value)}
        />
      </label>
    </>
  );
}

function NothingYet() {
  return (
    <div className="py-16">
      <h1 className="display text-room leading-10">Nothing is planted yet</h1>
      <p className="mt-2 text-lead">
        From the day a planting is in its mix, what happens to it is kept here.
      </p>
      <ButtonLink look="act" href="/potting" className="mt-5">
        Potting day
      </ButtonLink>
    </div>
  );
}
