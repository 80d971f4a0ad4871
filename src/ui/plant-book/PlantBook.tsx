'use client';

import dynamic from 'next/dynamic';
import { useRouter, useSearchParams } from 'next/navigation';
import { useDeferredValue, useMemo, useRef, useState } from 'react';
import { bookWeek } from '@/core/spots/spot';
import type { OwnKind } from '@/core/plants/own';
import { asked as askedOf, findBy, NO_QUERY, type Query } from '@/core/search/query';
import { say } from '@/ui/session/say';
import { useBenches } from '@/ui/session/useBenches';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { useLive, useSettings, useStore } from '@/ui/session/StoreProvider';
import { useWidth } from '@/ui/controls/useWidth';
import { countText, sinceText } from '@/words/format';
import { FinderSheet } from './FinderSheet';
import { FoundList } from './FoundList';
import { Button } from '@/ui/controls/Button';
import { BookHead } from './BookHead';

const KindPage = dynamic(() => import('./KindPage').then((m) => m.KindPage), { ssr: false });

const CompareTable = dynamic(() => import('./CompareTable').then((m) => m.CompareTable), {
  ssr: false,
});
const TagForm = dynamic(() => import('./TagForm').then((m) => m.TagForm), { ssr: false });
const BringInPlants = dynamic(() => import('./BringInPlants').then((m) => m.BringInPlants), {
  ssr: false,
});

/** Most kinds compared at once. */
const MOST_COMPARED = 4;

/** The book: find by what matters, look closely, compare, and keep what you know better. */
export function PlantBook() {
  const settings = useSettings();
  const store = useStore();
  const library = useLibrary();
  const router = useRouter();
  const search = useSearchParams();
  const loaded = useLive(async (s) => ({
    spots: await s.spots.all(),
    shelf: (await s.shelf.all()).map(({ container }) => container),
    own: await s.kinds.all(),
  }));
  const [query, setQuery] = useState<Query>(NO_QUERY);
  const [spotId, setSpotId] = useState('');
  const [stop, setStop] = useState(search.get('stop') ?? '');
  const [side, setSide] = useState<'kind' | 'tag'>('kind');
  const [wide, setWide] = useState<'found' | 'compare' | 'files'>('found');
  const [narrowing, setNarrowing] = useState(false);
  const [compared, setCompared] = useState<readonly string[]>([]);
  const page = useRef<HTMLDivElement>(null);
  const [ref, width] = useWidth<HTMLDivElement>();
  const benches = useBenches(stop || null);
  const asked = useDeferredValue(query);
  const spot = loaded?.spots.find(({ id }) => id === spotId);
  const full = useMemo(
    (): Query => ({
      ...asked,
      week: asked.week === null || !spot ? asked.week : bookWeek(asked.week, spot),
      among: stop && benches.lines ? benches.there : null,
    }),
    [asked, stop, benches, spot],
  );
  const { suited, nearly } = useMemo(() => findBy(library.kinds, full), [library, full]);
  const asks = askedOf(full).length;
  const openId = search.get('kind') ?? suited[0]?.kind.id ?? null;
  const open = (openId && library.kindOf(openId)) || suited[0]?.kind || library.kinds[0];

  const openKind = (id: string) => {
    setSide('kind');
    const next = new URLSearchParams(search);
    next.set('kind', id);
    router.replace(`/plants?${next}`, { scroll: false });
    // On narrow screens the page of a kind lies under the list.
    if (!window.matchMedia('(min-width: 1100px)').matches)
      page.current?.scrollIntoView({
        behavior: window.matchMedia('(prefers-reduced-motion: reduce)').matches ? 'auto' : 'smooth',
      });
  };
  const chooseSpot = (id: string) => {
    setSpotId(id);
    const chosen = loaded?.spots.find((one) => one.id === id);
    setQuery({
      ...query,
      sunHours: chosen ? chosen.sunHours : null,
      safeFor: chosen
        ? [
            ...(chosen.children ? (['people'] as const) : []),
            ...(chosen.pets ? (['cats', 'dogs'] as const) : []),
          ]
        : query.safeFor,
    });
  };
  const compare = (id: string) =>
    setCompared(
      compared.includes(id)
        ? compared.filter((other) => other !== id)
        : [...compared, id].slice(-MOST_COMPARED),
    );
  const keep = async (record: OwnKind) => {
    await store?.kinds.put([record]);
  };
  const comparedKinds = useMemo(
    () => compared.flatMap((id) => library.kindOf(id) ?? []),
    [compared, library],
  );
  if (!library.ready || !loaded || !open)
    return (
      <p className="py-10 text-ink2" role="status">
        Opening the book…
      </p>
    );
  return (
    <div className="pt-3.5">
      <BookHead
        query={query}
        setQuery={setQuery}
        compared={compared}
        setWide={setWide}
        setSide={setSide}
      />
      <div className="grid items-start gap-6 wide:grid-cols-[264px_minmax(0,1fr)_416px] sm:max-wide:grid-cols-[264px_minmax(0,1fr)]">
        <Button
          aria-expanded={narrowing}
          className="-mb-3 sm:hidden"
          onClick={() => setNarrowing(!narrowing)}
        >
          {narrowing ? 'Hide what you look for' : 'Say what you look for'}
          {asks > 0 ? ` (${asks})` : ''}
        </Button>
        <FinderSheet
          className={narrowing ? '' : 'max-sm:hidden'}
          query={query}
          onQuery={setQuery}
          spots={loaded.spots}
          spotId={spotId}
          onSpot={chooseSpot}
          stop={stop}
          onStop={setStop}
          units={settings}
        />
        <div ref={ref} className="min-w-0">
          {wide === 'compare' && comparedKinds.length > 1 ? (
            <CompareTable
              kinds={comparedKinds}
              units={settings}
              onDrop={compare}
              onOpen={openKind}
              onClose={() => setWide('found')}
            />
          ) : wide === 'files' ? (
            <BringInPlants library={library} own={loaded.own} onClose={() => setWide('found')} />
          ) : (
            <>
              <p role="status" className="pb-1.5 text-ink2">
                {suited.length === 0
                  ? 'No plant matches all of that'
                  : `${countText(suited.length, 'kind')} of ${library.kinds.length}`}
                {nearly.length > 0 ? `, ${nearly.length} with one thing against` : ''}
                {benches.lines === null ? '. The shop does not answer just now' : ''}
                {benches.knownSince
                  ? `. The shop as last known on ${sinceText(benches.knownSince)}`
                  : ''}
                .{suited.length + nearly.length > 0 && ' All drawn to one scale.'}
              </p>
              <FoundList
                suited={suited}
                nearly={nearly}
                query={full}
                library={library}
                benches={benches}
                units={settings}
                columns={width > 520 ? 2 : 1}
                openId={open.id}
                onOpen={openKind}
                compared={compared}
                onCompare={compare}
              />
            </>
          )}
        </div>
        <div ref={page} className="min-w-0 sm:max-wide:col-span-2">
          {side === 'tag' ? (
            <TagForm
              library={library}
              units={settings}
              onClose={() => setSide('kind')}
              onKeep={(record) =>
                void keep(record).then(() => {
                  say(`${record.told.common} is in the book.`);
                  openKind(record.id);
                })
              }
            />
          ) : (
            <KindPage
              key={open.id}
              kind={open}
              library={library}
              benches={benches}
              shelf={loaded.shelf}
              units={settings}
              onOpen={openKind}
              onOwn={(record) => void keep(record)}
            />
          )}
        </div>
      </div>
    </div>
  );
}
