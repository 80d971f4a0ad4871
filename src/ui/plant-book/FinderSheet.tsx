'use client';

import dynamic from 'next/dynamic';
import { COLOUR_NAMES, NAMED_COLOURS } from '@/core/colour/names';
import { ROLES, type Role } from '@/core/plants/kind';
import { NO_QUERY, SAFE_FOR, type Query } from '@/core/search/query';
import { STOPS } from '@/core/shopping/stops';
import type { Spot } from '@/core/spots/spot';

import { weekOfDay } from '@/core/spots/reckoning';
import { Choices } from '@/ui/controls/Choices';
import { NumberField, PickField } from '@/ui/controls/fields';
import type { Units } from '@/words/format';
import { ROLE_NAMES } from '@/words/names';
import { Button } from '@/ui/controls/Button';
import { FinderColour } from './FinderColour';
import { MONTHS } from '@/words/months';
import { Tick } from '@/ui/controls/Tick';

// Folded away at first.
const FinderMore = dynamic(() => import('./FinderMore').then((m) => m.FinderMore), { ssr: false });

interface FinderProps {
  readonly query: Query;
  readonly onQuery: (query: Query) => void;
  readonly spots: readonly Spot[];
  readonly spotId: string;
  readonly onSpot: (id: string) => void;
  readonly stop: string;
  readonly onStop: (id: string) => void;
  readonly units: Units;
  readonly className?: string;
}

/** Middle week of a month. */
const weekOfMonth = (month: number) => weekOfDay(Math.round((month + 0.5) * 30.4));

/** What is looked for: light and role first, colour by eye, then everything a tag may say. */
export function FinderSheet({
  query,
  onQuery,
  spots,
  spotId,
  onSpot,
  stop,
  onStop,
  units,
  className = '',
}: FinderProps) {
  const put = (change: Partial<Query>) => onQuery({ ...query, ...change });
  const named =
    query.colour && COLOUR_NAMES.find((name) => NAMED_COLOURS[name] === query.colour!.at);
  const month =
    query.week === null ? '' : String(MONTHS.findIndex((_, i) => weekOfMonth(i) === query.week));
  const number = (value: number) => (Number.isNaN(value) ? null : value);
  return (
    <section
      aria-label="What you look for"
      className={`grid content-start gap-3 bg-paper px-3 py-3 ${className}`}
    >
      <Choices
        name="Role"
        value={query.role ?? 'any'}
        options={[['any', 'Any'], ...ROLES.map((role) => [role, ROLE_NAMES[role]] as const)]}
        onPick={(role) => put({ role: role === 'any' ? null : (role as Role) })}
      />
      <div className="grid grid-cols-2 gap-3">
        <div className="col-span-2">
          <PickField
            name="For the spot"
            value={spotId}
            options={[['', 'none chosen'], ...spots.map(({ id, name }) => [id, name] as const)]}
            onPick={onSpot}
          />
        </div>
        <NumberField
          name="Hours of sun"
          suffix="h"
          places={1}
          value={query.sunHours ?? Number.NaN}
          onValue={(value) => put({ sunHours: number(value) })}
        />
        <PickField
          name="Worth seeing in"
          value={month}
          options={[['', 'any month'], ...MONTHS.map((name, i) => [String(i), name] as const)]}
          onPick={(value) => put({ week: value === '' ? null : weekOfMonth(Number(value)) })}
        />
        <div className="col-span-2">
          <PickField
            name="On the benches today at"
            value={stop}
            options={[['', 'anywhere'], ...STOPS.map(({ id, name }) => [id, name] as const)]}
            onPick={onStop}
          />
        </div>
      </div>
      <FinderColour named={named} put={put} query={query} />
      <div className="grid gap-1.5">
        <p className="text-note text-ink2">No harm known to</p>
        <p className="flex flex-wrap gap-x-4 gap-y-1">
          {SAFE_FOR.map((who) => (
            <Asked
              key={who}
              name={who}
              on={query.safeFor.includes(who)}
              onTick={(on) =>
                put({
                  safeFor: SAFE_FOR.filter((other) =>
                    other === who ? on : query.safeFor.includes(other),
                  ),
                })
              }
            />
          ))}
        </p>
      </div>
      <p className="flex flex-wrap gap-x-4 gap-y-1">
        <Asked name="Trails" on={query.trails} onTick={(trails) => put({ trails })} />
        <Asked name="Can be eaten" on={query.edible} onTick={(edible) => put({ edible })} />
        <Asked name="Scented" on={query.scented} onTick={(scented) => put({ scented })} />
        <Asked name="For wildlife" on={query.wildlife} onTick={(wildlife) => put({ wildlife })} />
      </p>
      <FinderMore units={units} query={query} put={put} number={number} />
      <Button
        look="plain"
        className="justify-self-start"
        onClick={() => {
          onSpot('');
          onStop('');
          onQuery({ ...NO_QUERY, words: query.words });
        }}
      >
        Ask for nothing
      </Button>
    </section>
  );
}

/** One thing that is asked for or not. */
function Asked({
  name,
  on,
  onTick,
}: {
  readonly name: string;
  readonly on: boolean;
  readonly onTick: (on: boolean) => void;
}) {
  return (
    <Tick checked={on} onChange={(event) => onTick(event.target.checked)}>
      {name}
    </Tick>
  );
}
