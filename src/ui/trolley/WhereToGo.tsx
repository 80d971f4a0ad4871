'use client';

import type { TripPlan } from '@/core/making/trip';
import { STOPS } from '@/core/shopping/stops';
import { Choices } from '@/ui/controls/Choices';
import { NumberField } from '@/ui/controls/fields';
import { useSettings, useStore } from '@/ui/session/StoreProvider';
import { countText, sinceText } from '@/words/format';
import { minorText } from '@/words/making';
import { CHEAPEST, USUAL_TRIP_MINOR } from './useShopping';

interface WhereToGoProps {
  readonly goTo: string;
  readonly onGoTo: (stop: string) => void;
  readonly plan: TripPlan | undefined;
  /** Stops that answer today; `undefined` while they are asked. */
  readonly open: ReadonlySet<string> | undefined;
  /** When they were asked last, where they cannot be reached now. */
  readonly knownSince: Date | null;
}

/** Which stops to go to: the set that is cheapest with the trips, or one that is told. */
export function WhereToGo({ goTo, onGoTo, plan, open, knownSince }: WhereToGoProps) {
  const settings = useSettings();
  const store = useStore();
  return (
    <section aria-label="Where to go" className="bg-paper px-3 py-3">
      <Choices
        name="Where to go"
        value={goTo}
        options={[
          [CHEAPEST, 'Cheapest round'],
          ...STOPS.filter(({ id }) => open?.has(id)).map(({ id, name }) => [id, name] as const),
        ]}
        onPick={onGoTo}
      />
      <div className="mt-2 flex flex-wrap items-end justify-between gap-x-6 gap-y-2">
        <p className="max-w-[60ch] flex-1 basis-56">
          {open?.size === 0
            ? 'No stop answers just now: buy by the list.'
            : plan
              ? said(plan, settings)
              : 'Reckoning…'}
          {knownSince && ` Benches as last known on ${sinceText(knownSince)}.`}
        </p>
        <span className="w-32">
          <NumberField
            name="A trip costs"
            value={(settings.tripMinor ?? USUAL_TRIP_MINOR) / 100}
            places={2}
            onValue={(cost) =>
              cost >= 0 &&
              cost <= 10_000 &&
              void store?.settings.set({ tripMinor: Math.round(cost * 100) })
            }
          />
        </span>
      </div>
    </section>
  );
}

function said(
  { stops, plantsMinor, tripsMinor, short }: TripPlan,
  settings: Parameters<typeof minorText>[1],
): string {
  if (stops.length === 0)
    return short > 0 ? 'None of what is still wanted is there today.' : 'No plants are wanted.';
  const names = stops.map((id) => STOPS.find((stop) => stop.id === id)?.name ?? 'any shop');
  const places =
    names.length === 1
      ? names[0]
      : `${names.slice(0, -1).join(', ')} and ${names[names.length - 1]}`;
  const trips =
    tripsMinor > 0
      ? `, and ${minorText(tripsMinor, settings)} for ${countText(stops.length, 'trip')}`
      : '';
  const missing = short > 0 ? ` ${countText(short, 'plant')} cannot be had today.` : '';
  return `${places}: ${minorText(plantsMinor, settings)} for plants${trips}.${missing}`;
}
