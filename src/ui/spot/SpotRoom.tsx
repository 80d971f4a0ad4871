'use client';

import { useRouter, useSearchParams } from 'next/navigation';
import { Suspense } from 'react';
import { usualSpot, type Spot } from '@/core/spots/spot';
import { spotHref } from '@/ui/session/links';
import { UnreadableSheet } from '@/ui/session/UnreadableSheet';
import { useLive, useSettings, useStore } from '@/ui/session/StoreProvider';
import { useToday } from '@/ui/session/useClock';
import { countText } from '@/words/format';
import { SpotDesk } from './SpotDesk';
import { useSpotEditing } from './useSpotEditing';
import { Button, ButtonLink } from '@/ui/controls/Button';
import { SpotsTable } from './SpotsTable';

/** The Spot room: one spot when the address names it, all of them side by side when it does not. */
export function SpotRoom() {
  return (
    <Suspense fallback={<Waiting />}>
      <Room />
    </Suspense>
  );
}

function Room() {
  const asked = useSearchParams().get('spot');
  return asked ? <OneSpot key={asked} id={asked} /> : <AllSpots />;
}

function Waiting() {
  return (
    <p className="py-10 text-ink2" role="status">
      Looking at the sky…
    </p>
  );
}

function OneSpot({ id }: { readonly id: string }) {
  const editing = useSpotEditing(id);
  const today = useToday();
  if (editing === undefined) return <Waiting />;
  if (editing === null)
    return (
      <div className="py-16">
        <h1 className="display text-room leading-10">That spot is not here</h1>
        <p className="mt-2 text-lead">It may have been taken away, or made in another browser.</p>
        <UnreadableSheet tables={['spots']} />
        <ButtonLink look="act" href="/spot" className="mt-5">
          All spots
        </ButtonLink>
      </div>
    );
  return <SpotDesk editing={editing} today={today} />;
}

function AllSpots() {
  const store = useStore();
  const router = useRouter();
  const settings = useSettings();
  const loaded = useLive(async (s) => ({
    spots: await s.spots.all(),
    plantings: await s.plantings.all(),
  }));
  if (!loaded || !store) return <Waiting />;
  const make = async (from: Spot | null) => {
    const id = `spot-${crypto.randomUUID().slice(0, 8)}`;
    await store.spots.put(
      from
        ? { ...from, id, name: `${from.name}, copy`.slice(0, 80) }
        : usualSpot({ id, name: 'New spot', lightFrom: 'reckoned' }),
    );
    router.push(spotHref(id));
  };
  const row = (name: string, of: (spot: Spot) => React.ReactNode) => (
    <tr>
      <th scope="row" className="sticky left-0 bg-paper px-3 py-2 text-left font-normal text-ink2">
        {name}
      </th>
      {loaded.spots.map((spot) => (
        <td key={spot.id} className="border-l border-rule px-3 py-2 align-top">
          {of(spot)}
        </td>
      ))}
    </tr>
  );
  return (
    <div className="pt-3.5">
      <header className="flex items-end gap-4 pb-3">
        <h1 className="display text-room leading-10">Spots</h1>
        <p className="pb-1.5 text-ink2">{countText(loaded.spots.length, 'spot')}, side by side</p>
        <Button className="mb-1 ml-auto" onClick={() => void make(null)}>
          Describe a spot
        </Button>
      </header>
      <UnreadableSheet tables={['spots', 'weather']} />
      {loaded.spots.length === 0 ? (
        <p className="max-w-[52ch] text-lead leading-6">
          A spot is where containers stand. Describe one, and its sun is worked out from what stands
          around it; or start a planting, and its spot comes with it.
        </p>
      ) : (
        <SpotsTable loaded={loaded} row={row} settings={settings} make={make} store={store} />
      )}
    </div>
  );
}
