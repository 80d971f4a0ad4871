'use client';

import Link from 'next/link';
import { useRouter, useSearchParams } from 'next/navigation';
import { Suspense, useState } from 'react';
import { format } from 'date-fns';
import { lightLabel } from '@/core/spots/lightLabel';
import { midsummerSun } from '@/core/spots/light';
import { hangsFree, usualSpot, type Spot } from '@/core/spots/spot';
import { climateOf } from '@/core/climate/climates';
import { benchHref, spotHref } from '@/ui/session/links';
import { UnreadableSheet } from '@/ui/session/UnreadableSheet';
import { useLive, useSettings, useStore } from '@/ui/session/StoreProvider';
import { say } from '@/ui/session/say';
import { countText, hoursText, lengthText } from '@/words/format';
import { OBSTACLE_NAMES } from '@/words/light';
import { capital } from '@/words/format';
import { SpotDesk } from './SpotDesk';
import { useSpotEditing } from './useSpotEditing';
import { Button, ButtonLink } from '@/ui/controls/Button';

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
  const [today] = useState(() => format(new Date(), 'yyyy-MM-dd'));
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
  const loaded = useLive(async (s) => ({ spots: await s.spots(), plantings: await s.plantings() }));
  if (!loaded || !store) return <Waiting />;
  const make = async (from: Spot | null) => {
    const id = `spot-${crypto.randomUUID().slice(0, 8)}`;
    await store.putSpot(
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
        <div className="overflow-x-auto bg-paper">
          <table className="w-full border-collapse text-left [&_tr]:border-b [&_tr]:border-rule">
            <thead>
              <tr>
                <td className="sticky left-0 bg-paper" />
                {loaded.spots.map((spot) => (
                  <th
                    key={spot.id}
                    scope="col"
                    className="min-w-[150px] border-l border-rule px-3 py-2.5 align-top"
                  >
                    <Link
                      href={spotHref(spot.id)}
                      className="display text-name underline decoration-rule2 underline-offset-4"
                    >
                      {spot.name}
                    </Link>
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {row('Light in use', (spot) => (
                <>
                  <b>{hoursText(spot.sunHours)}</b>{' '}
                  {spot.sunWhen === 'spread'
                    ? ''
                    : spot.sunWhen === 'morning'
                      ? 'before noon'
                      : 'after noon'}
                  <br />
                  <span className="text-ink2">
                    {spot.lightFrom === 'told'
                      ? 'as told'
                      : spot.lightFrom === 'log'
                        ? 'as logged'
                        : 'as reckoned'}
                  </span>
                </>
              ))}
              {row('Reckoned', (spot) => {
                const sun = midsummerSun(spot);
                return (
                  <>
                    {capital(lightLabel(sun, spot.lightHabit))}
                    <br />
                    <span className="text-ink2">
                      {hoursText(Math.round(sun.directH * 10) / 10)}
                      {sun.dappledH >= 0.2
                        ? `, ${hoursText(Math.round(sun.dappledH * 10) / 10)} dappled`
                        : ''}
                    </span>
                  </>
                );
              })}
              {row('Around it', (spot) =>
                spot.obstacles.length === 0 ? (
                  <span className="text-ink2">nothing described</span>
                ) : (
                  spot.obstacles.map(({ id, kind }) => (
                    <span key={id} className="block">
                      {OBSTACLE_NAMES[kind]}
                    </span>
                  ))
                ),
              )}
              {row('Climate like', (spot) => climateOf(spot.site.climate).name)}
              {row('Seen', (spot) => (spot.view === 'one side' ? 'from one side' : spot.view))}
              {row(
                'Reached by',
                (spot) =>
                  [spot.pets && 'pets', spot.children && 'children'].filter(Boolean).join(', ') ||
                  'nobody told',
              )}
              {row('Stands', (spot) => (
                <>
                  {hangsFree(spot) ? `${lengthText(spot.dropCm, settings)} up` : 'on the ground'}
                  {spot.underCover ? ', no rain' : ''}
                </>
              ))}
              {row('Containers', (spot) =>
                loaded.plantings
                  .filter(({ spotId }) => spotId === spot.id)
                  .map(({ id, name }) => (
                    <Link
                      key={id}
                      href={benchHref(id)}
                      className="block min-h-6 leading-6 underline decoration-rule2 underline-offset-3"
                    >
                      {name}
                    </Link>
                  )),
              )}
              {row('', (spot) => (
                <span className="flex flex-col items-start gap-1">
                  <Button look="plain" onClick={() => void make(spot)}>
                    Copy
                  </Button>
                  {!loaded.plantings.some(({ spotId }) => spotId === spot.id) && (
                    <Button
                      look="plain"

                      onClick={() =>
                        void store.removeSpot(spot.id).then(
                          (gone) =>
                            gone &&
                            say(`${spot.name} was taken away.`, {
                              label: 'Bring it back',
                              go: () => void store.putSpot(spot),
                            }),
                        )
                      }
                    >
                      Take away
                    </Button>
                  )}
                </span>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </div>
  );
}
