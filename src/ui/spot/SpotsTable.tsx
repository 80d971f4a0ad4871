import type { Planting } from '@/core/plantings/planting';
import type { Settings } from '@/core/files/plantingFile';
import { RoomLink } from '@/ui/controls/RoomLink';
import type { JSX } from 'react';
import { lightLabel } from '@/core/spots/lightLabel';
import { midsummerSun } from '@/core/spots/light';
import { hangsFree, type Spot } from '@/core/spots/spot';
import { climateOf } from '@/core/climate/climates';
import { benchHref, spotHref } from '@/ui/session/links';
import { say } from '@/ui/session/say';
import { hoursText, lengthText } from '@/words/format';
import { OBSTACLE_NAMES } from '@/words/light';
import { capital } from '@/words/format';
import { Button } from '@/ui/controls/Button';
import { Store } from '@/data/store';

/** All spots, side by side. */
export function SpotsTable({
  loaded,
  row,
  settings,
  make,
  store,
}: {
  readonly loaded: {
    spots: readonly Spot[];
    plantings: readonly Planting[];
  };
  readonly row: (name: string, of: (spot: Spot) => React.ReactNode) => JSX.Element;
  readonly settings: Settings;
  readonly make: (from: Spot | null) => Promise<void>;
  readonly store: Store;
}) {
  return (
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
                <RoomLink
                  href={spotHref(spot.id)}
                  className="display text-name underline decoration-rule2 underline-offset-4"
                >
                  {spot.name}
                </RoomLink>
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
                <RoomLink
                  key={id}
                  href={benchHref(id)}
                  className="block min-h-6 leading-6 underline decoration-rule2 underline-offset-3"
                >
                  {name}
                </RoomLink>
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
                    void store.spots.remove(spot.id).then(
                      (gone) =>
                        gone &&
                        say(`${spot.name} was taken away.`, {
                          label: 'Bring it back',
                          go: () => void store.spots.put(spot),
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
  );
}
