'use client';

import { toHex } from '@/core/colour/oklch';
import { COLOUR_NAMES, NAMED_COLOURS, type ColourName } from '@/core/colour/names';
import {
  FLOWER_FORMS,
  HABITS,
  LEAF_SHAPES,
  ROLES,
  SURFACES,
  TEXTURES,
  type Role,
} from '@/core/plants/kind';
import { COLOUR_PARTS, NO_QUERY, SAFE_FOR, type Query } from '@/core/search/query';
import { STOPS } from '@/core/shopping/stops';
import type { Spot } from '@/core/spots/spot';

import { weekOfDay } from '@/core/spots/reckoning';
import { Choices } from '@/ui/controls/Choices';
import { LengthField, NumberField, PickField, TemperatureField } from '@/ui/controls/fields';
import type { Units } from '@/words/format';
import { ROLE_NAMES } from '@/words/names';
import { Button } from '@/ui/controls/Button';
import { More } from '@/ui/controls/More';

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

const MONTHS = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
];
/** Middle week of a month. */
const weekOfMonth = (month: number) => weekOfDay(Math.round((month + 0.5) * 30.4));

const any = <T extends string>(
  options: readonly T[],
  none: string,
): readonly (readonly [string, string])[] => [
  ['', none],
  ...options.map((option) => [option, option] as const),
];

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
      <fieldset>
        <legend className="text-note text-ink2">Colour, nearest by eye</legend>
        <div role="radiogroup" aria-label="Colour" className="mt-1 grid grid-cols-9 gap-1">
          {COLOUR_NAMES.map((name) => (
            <Button
              look="bare"
              key={name}
              role="radio"
              aria-checked={named === name}
              aria-label={name}
              title={name}
              onClick={() =>
                put({
                  colour:
                    named === name
                      ? null
                      : { at: NAMED_COLOURS[name], part: query.colour?.part ?? 'any part' },
                })
              }
              className={`h-6 border ${named === name ? 'border-ink outline-2 outline-ink' : 'border-rule2'}`}
              style={{ background: toHex(NAMED_COLOURS[name as ColourName]) }}
            />
          ))}
        </div>
        {query.colour && (
          <div className="pt-2">
            <Choices
              name="Where"
              value={query.colour.part}
              options={COLOUR_PARTS.map((part) => [part, part] as const)}
              onPick={(part) =>
                put({
                  colour: { at: query.colour!.at, part: part as (typeof COLOUR_PARTS)[number] },
                })
              }
            />
          </div>
        )}
      </fieldset>
      <div className="grid gap-1.5">
        <p className="text-note text-ink2">No harm known to</p>
        <p className="flex flex-wrap gap-x-4 gap-y-1">
          {SAFE_FOR.map((who) => (
            <Tick
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
        <Tick name="Trails" on={query.trails} onTick={(trails) => put({ trails })} />
        <Tick name="Can be eaten" on={query.edible} onTick={(edible) => put({ edible })} />
        <Tick name="Scented" on={query.scented} onTick={(scented) => put({ scented })} />
        <Tick name="For wildlife" on={query.wildlife} onTick={(wildlife) => put({ wildlife })} />
      </p>
      <More name="Size, leaf, flower, cold, price">
        <div className="grid grid-cols-2 gap-3 pt-2">
          <LengthField
            name="No taller than"
            unit={units.length}
            valueCm={query.tallestCm ?? Number.NaN}
            onCm={(cm) => put({ tallestCm: number(cm) })}
          />
          <LengthField
            name="No wider than"
            unit={units.length}
            valueCm={query.widestCm ?? Number.NaN}
            onCm={(cm) => put({ widestCm: number(cm) })}
          />
          <PickField
            name="Habit"
            value={query.habit ?? ''}
            options={any(HABITS, 'any')}
            onPick={(habit) => put({ habit: habit === '' ? null : (habit as Query['habit']) })}
          />
          <PickField
            name="Thirst"
            value={query.thirst ?? ''}
            options={any(['low', 'medium', 'high'], 'any')}
            onPick={(thirst) => put({ thirst: thirst === '' ? null : (thirst as Query['thirst']) })}
          />
          <PickField
            name="Leaf size"
            value={query.texture ?? ''}
            options={any(TEXTURES, 'any')}
            onPick={(texture) =>
              put({ texture: texture === '' ? null : (texture as Query['texture']) })
            }
          />
          <PickField
            name="Leaf shape"
            value={query.leafShape ?? ''}
            options={any(LEAF_SHAPES, 'any')}
            onPick={(shape) =>
              put({ leafShape: shape === '' ? null : (shape as Query['leafShape']) })
            }
          />
          <PickField
            name="Leaf surface"
            value={query.surface ?? ''}
            options={any(SURFACES, 'any')}
            onPick={(surface) =>
              put({ surface: surface === '' ? null : (surface as Query['surface']) })
            }
          />
          <PickField
            name="Flower form"
            value={query.form ?? ''}
            options={any(FLOWER_FORMS, 'any')}
            onPick={(form) => put({ form: form === '' ? null : (form as Query['form']) })}
          />
          <TemperatureField
            name="Lives through"
            unit={units.length}
            valueC={query.coldestC ?? Number.NaN}
            onC={(value) => put({ coldestC: number(value) })}
          />
          <NumberField
            name="Price at most"
            suffix={units.currency}
            places={2}
            value={query.priceMost ?? Number.NaN}
            onValue={(value) => put({ priceMost: number(value) })}
          />
        </div>
      </More>
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

function Tick({
  name,
  on,
  onTick,
}: {
  readonly name: string;
  readonly on: boolean;
  readonly onTick: (on: boolean) => void;
}) {
  return (
    <label className="flex min-h-7 items-center gap-1.5">
      <input
        type="checkbox"
        className="size-4 accent-[var(--ink)]"
        checked={on}
        onChange={(event) => onTick(event.target.checked)}
      />
      {name}
    </label>
  );
}
