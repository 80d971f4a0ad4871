'use client';

import type { ReactNode } from 'react';
import { RadioGroup, Slider } from 'radix-ui';
import type { UseFormReturn } from 'react-hook-form';
import { shelfHref, spotHref } from '@/ui/session/links';
import { STOPS } from '@/core/shopping/stops';
import type { Settings } from '@/core/files/plantingFile';
import type { Spot } from '@/core/spots/spot';
import type { ShelfItem } from '@/core/shelf/shelf';
import { mixL } from '@/core/containers/container';
import { COLOUR_SCHEMES, PLAIN_SCHEMES } from '@/core/colour/schemes';
import { toHex } from '@/core/colour/oklch';
import { SCHOOL_IDS } from '@/core/plantings/schoolId';
import { Thumb } from '@/ui/bench/TurnSlider';
import { Choices } from '@/ui/controls/Choices';
import { MATERIAL_NAMES, sizeText } from '@/words/containers';
import { dateText, hoursText, volumeText } from '@/words/format';
import { capital } from '@/words/format';
import { SCHEME_NAMES } from '@/words/names';
import { SCHOOL_NAMES, SCHOOL_WORDS } from '@/words/schools';
import { Named } from './Named';
import { PaletteEntry } from './PaletteEntry';
import {
  LOVED_COLOURS,
  MATERIALS_OF,
  needsColour,
  START_SHAPE_NAMES,
  withShape,
  type StartForm,
  type StartReading,
} from './startForm';
import { Button, ButtonLink } from '@/ui/controls/Button';
import { Select } from '@/ui/controls/Select';
import { buttonLook, entryLook } from '@/ui/controls/looks';

interface SheetProps {
  readonly form: UseFormReturn<StartForm>;
  readonly values: StartForm;
  readonly reading: StartReading;
  readonly settings: Settings;
  /** The spot it will stand at, when that is one described already. */
  readonly given: Spot | null;
  readonly spots: readonly Spot[];
  readonly onSpot: (id: string | null) => void;
  /** Empty containers on the shelf, and the one taken from it. */
  readonly free: readonly ShelfItem[];
  readonly chosen: ShelfItem | null;
  readonly onContainer: (id: string | null) => void;
  /** Where plants must be on the benches today; empty: anywhere. */
  readonly stop: string;
  readonly onStop: (id: string) => void;
}

/** The sheet of questions: a paper with ruled rows. Every answer has a default, so none must be given. */
export function StartSheet({
  form,
  values,
  reading,
  settings,
  given,
  spots,
  onSpot,
  free,
  chosen,
  onContainer,
  stop,
  onStop,
}: SheetProps) {
  const fault = (field: keyof StartForm) => (reading.ok ? undefined : reading.faults[field]);
  const set = <K extends keyof StartForm>(field: K, value: StartForm[K]) =>
    form.setValue(field, value as never);
  const length = (field: 'top' | 'base' | 'depth' | 'length' | 'width' | 'drop', name: string) => (
    <Entry key={field} name={name} suffix={values.unit} error={fault(field)}>
      <input
        type="number"
        inputMode="decimal"
        step="any"
        className={entryLook({ className: 'w-full pr-8' })}
        aria-invalid={!!fault(field)}
        {...form.register(field, { valueAsNumber: true })}
      />
    </Entry>
  );
  const sources = colourSources(reading, given);
  return (
    <form
      className="mt-1 bg-paper"
      onSubmit={(event) => event.preventDefault()}
      aria-label="Start sheet"
    >
      <Row
        title="Container"
        note={
          reading.ok ? `holds ${volumeText(mixL(reading.container), settings)} of mix` : undefined
        }
      >
        {free.length > 0 && (
          <Entry name="Which one">
            <Select
              className="mb-2 w-full"
              value={chosen?.id ?? ''}
              onChange={(event) => onContainer(event.target.value || null)}
            >
              <option value="">one described here</option>
              {free.map(({ id, container }) => (
                <option key={id} value={id}>
                  {container.name}, {sizeText(container.shape, values.unit)} {values.unit}
                </option>
              ))}
            </Select>
          </Entry>
        )}
        {chosen ? (
          <p>
            {capital(MATERIAL_NAMES[chosen.container.material])},{' '}
            {sizeText(chosen.container.shape, values.unit)} {values.unit}
            {chosen.kept ? `, kept ${chosen.kept}` : ''}.{' '}
            <ButtonLink look="link" href={shelfHref(chosen.id)}>
              Look at its measures
            </ButtonLink>
          </p>
        ) : (
          <>
            <Choices
              name="Container shape"
              value={values.shape}
              options={Object.entries(START_SHAPE_NAMES)}
              onPick={(shape) => form.reset(withShape(values, shape as StartForm['shape']))}
            />
            <div className="mt-2.5 grid grid-cols-3 gap-3">
              {values.shape === 'box'
                ? [length('length', 'Length inside'), length('width', 'Width inside')]
                : length('top', 'Width at top')}
              {values.shape === 'round' && length('base', 'Width at base')}
              {length('depth', 'Depth inside')}
            </div>
            <div className="mt-2.5 grid grid-cols-2 gap-3">
              {MATERIALS_OF[values.shape].length > 1 && (
                <Entry name="Made of">
                  <Select className="w-full" {...form.register('material')}>
                    {MATERIALS_OF[values.shape].map((material) => (
                      <option key={material} value={material}>
                        {material}
                      </option>
                    ))}
                  </Select>
                </Entry>
              )}
              {values.shape !== 'round' &&
                length('drop', values.shape === 'box' ? 'Sill above ground' : 'Free drop below')}
            </div>
          </>
        )}
      </Row>
      <Row title="Light" note={`${hoursText(values.sunHours)} of direct sun in June`}>
        {spots.length > 0 && (
          <Entry name="Stands at">
            <Select
              className="mb-2 w-full"
              value={given?.id ?? ''}
              onChange={(event) => onSpot(event.target.value || null)}
            >
              <option value="">a new place</option>
              {spots.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}
                </option>
              ))}
            </Select>
          </Entry>
        )}
        {given ? (
          <p>
            {hoursText(given.sunHours)}{' '}
            {given.lightFrom === 'told'
              ? 'as told'
              : given.lightFrom === 'log'
                ? 'as logged'
                : 'as reckoned'}
            {given.sunWhen === 'spread'
              ? ''
              : given.sunWhen === 'morning'
                ? ', mostly before noon'
                : ', mostly after noon'}
            .{' '}
            <ButtonLink look="link" href={spotHref(given.id)}>
              Look at its sky
            </ButtonLink>
          </p>
        ) : (
          <>
            <Slider.Root
              min={0}
              max={12}
              step={0.5}
              value={[values.sunHours]}
              onValueChange={([hours]) => set('sunHours', hours!)}
              className="relative flex h-6 touch-none items-center select-none"
            >
              <Slider.Track className="relative h-[11px] flex-1 border-y-[1.5px] border-tick bg-strip">
                <Slider.Range className="absolute h-full bg-ink2" />
              </Slider.Track>
              <Thumb label="Hours of direct sun" text={`${values.sunHours} hours`} />
            </Slider.Root>
            <p className="flex justify-between text-note text-ink2" aria-hidden>
              <span>shade</span>
              <span>half the day</span>
              <span>all day</span>
            </p>
            <div className="mt-1.5">
              <Choices
                name="When the sun comes"
                value={values.sunWhen}
                options={[
                  ['morning', 'Morning'],
                  ['afternoon', 'Afternoon'],
                  ['spread', 'All through'],
                ]}
                onPick={(when) => set('sunWhen', when as StartForm['sunWhen'])}
              />
            </div>
          </>
        )}
      </Row>
      <Row title="Seen from">
        <Choices
          name="Seen from"
          value={values.view}
          options={[
            ['one side', 'One side'],
            ['all round', 'All round'],
            ['from below', 'From below'],
          ]}
          onPick={(view) => set('view', view as StartForm['view'])}
        />
      </Row>
      <Row title="Colours">
        <RadioGroup.Root
          aria-label="Colour scheme"
          value={values.scheme}
          onValueChange={(scheme) => set('scheme', scheme as StartForm['scheme'])}
        >
          <span className="block pb-1 text-note text-ink2">By feel</span>
          <span className="flex flex-wrap gap-1.5">
            {PLAIN_SCHEMES.map((kind) => (
              <RadioGroup.Item key={kind} value={kind} className={buttonLook({ look: 'choice' })}>
                {SCHEME_NAMES[kind]}
              </RadioGroup.Item>
            ))}
          </span>
          <span className="block pt-2 pb-1 text-note text-ink2">From a colour</span>
          <span className="flex flex-wrap gap-1.5">
            {[...COLOUR_SCHEMES, 'palette' as const].map((kind) => (
              <RadioGroup.Item key={kind} value={kind} className={buttonLook({ look: 'choice' })}>
                {SCHEME_NAMES[kind]}
              </RadioGroup.Item>
            ))}
          </span>
        </RadioGroup.Root>
        {values.scheme === 'palette' && (
          <PaletteEntry colours={values.palette} onColours={(palette) => set('palette', palette)} />
        )}
        {needsColour(values.scheme) && sources.length > 0 && (
          <p className="flex flex-wrap items-center gap-x-3 gap-y-1 pt-2 text-note">
            {sources.map(({ name, hex }) => (
              <Button
                look="bare"
                key={name}
                aria-pressed={values.colour === hex}
                onClick={() => set('colour', hex)}
                className="flex items-center gap-1.5 font-semibold underline decoration-rule2 underline-offset-3 aria-pressed:decoration-ink"
              >
                <i
                  aria-hidden
                  className="inline-block size-4 border border-rule2"
                  style={{ background: hex }}
                />
                {name}
              </Button>
            ))}
          </p>
        )}
        {needsColour(values.scheme) && (
          <RadioGroup.Root
            aria-label="Colour to start from"
            value={values.colour}
            onValueChange={(hex) => set('colour', hex)}
            className="mt-2 flex flex-wrap gap-1.5"
          >
            {LOVED_COLOURS.map(({ name, hex }) => (
              <RadioGroup.Item
                key={hex}
                value={hex}
                aria-label={name}
                title={name}
                className="size-7 border-[1.5px] border-rule2 data-[state=checked]:border-[3px] data-[state=checked]:border-ink"
                style={{ background: hex }}
              />
            ))}
          </RadioGroup.Root>
        )}
      </Row>
      <Row title="Composed as" note={values.school === 'any' ? 'the schools that suit' : undefined}>
        <Select
          aria-label="Composed as"
          className="w-full"
          value={values.school}
          onChange={(event) => set('school', event.target.value as StartForm['school'])}
        >
          <option value="any">whatever suits the container and view</option>
          {SCHOOL_IDS.map((id) => (
            <option key={id} value={id}>
              {SCHOOL_NAMES[id]}
            </option>
          ))}
        </Select>
        {values.school !== 'any' && (
          <p className="pt-1.5 text-note leading-4 text-ink2">
            {SCHOOL_WORDS[values.school].does} {SCHOOL_WORDS[values.school].why}
          </p>
        )}
      </Row>
      <Row title="Plants by name">
        <Named
          title="Must be there"
          ids={values.must}
          onIds={(must) => set('must', must)}
          reading={reading}
          plantedWeek={values.plantedWeek}
          settings={settings}
        />
        <Named
          title="Never"
          ids={values.never}
          onIds={(never) => set('never', never)}
          reading={reading}
          plantedWeek={values.plantedWeek}
          settings={settings}
        />
      </Row>
      <Row title="Full in" note={`${values.fullInWeeks} weeks`}>
        <Slider.Root
          min={3}
          max={16}
          step={1}
          value={[values.fullInWeeks]}
          onValueChange={([weeks]) => set('fullInWeeks', weeks!)}
          className="relative flex h-6 touch-none items-center select-none"
        >
          <Slider.Track className="relative h-[11px] flex-1 border-y-[1.5px] border-tick bg-strip">
            <Slider.Range className="absolute h-full bg-ink2" />
          </Slider.Track>
          <Thumb label="Full in how many weeks" text={`${values.fullInWeeks} weeks`} />
        </Slider.Root>
        <p className="flex justify-between text-note text-ink2" aria-hidden>
          <span>packed for show</span>
          <span>room to grow</span>
        </p>
      </Row>
      <Row title="Who can reach it">
        <div className="flex flex-wrap gap-x-5 gap-y-1.5">
          <Tick text="Pets" {...form.register('pets')} />
          <Tick text="Small children" {...form.register('children')} />
          <Tick text="Plants to eat" {...form.register('kitchen')} />
          <Tick text="Roof keeps rain off" {...form.register('underCover')} />
        </div>
      </Row>
      <Row title="Money, time and place" last>
        <div className="grid grid-cols-2 gap-3">
          <Entry name="Budget for plants" suffix={settings.currency} error={fault('budget')}>
            <input
              inputMode="decimal"
              placeholder="no limit"
              className={entryLook({ className: 'w-full pr-8' })}
              {...form.register('budget')}
            />
          </Entry>
          <Entry name="Planting about">
            <Select className="w-full" {...form.register('plantedWeek', { valueAsNumber: true })}>
              {[10, 12, 14, 16, 18, 19, 20, 21, 22, 23, 24, 26, 28, 30, 34, 38, 40, 42, 44].map(
                (week) => (
                  <option key={week} value={week}>
                    {dateText(week)}
                  </option>
                ),
              )}
            </Select>
          </Entry>
          <Entry name="Plants from">
            <Select
              className="w-full"
              value={stop}
              onChange={(event) => onStop(event.target.value)}
            >
              <option value="">anywhere</option>
              {STOPS.map(({ id, name }) => (
                <option key={id} value={id}>
                  {name}, today
                </option>
              ))}
            </Select>
          </Entry>
          <Entry name="Call the place" error={fault('spotName')}>
            <input
              placeholder="e.g. back door"
              className={entryLook({ className: 'w-full' })}
              maxLength={80}
              {...form.register('spotName')}
            />
          </Entry>
        </div>
      </Row>
    </form>
  );
}

/** Colours that are there already: the pot's and what stands behind. */
function colourSources(
  reading: StartReading,
  given: Spot | null,
): readonly { readonly name: string; readonly hex: string }[] {
  const pot = reading.ok ? [{ name: 'the pot’s', hex: toHex(reading.container.colour) }] : [];
  return [
    ...pot,
    ...(given?.background ?? []).map(({ name, colour }) => ({
      name: `${name.charAt(0).toLowerCase()}${name.slice(1)} behind`,
      hex: toHex(colour),
    })),
  ];
}

function Row({
  title,
  note,
  last = false,
  children,
}: {
  readonly title: string;
  readonly note?: string | undefined;
  readonly last?: boolean;
  readonly children: ReactNode;
}) {
  return (
    <fieldset className={`px-4 py-3 ${last ? '' : 'border-b border-rule'}`}>
      <legend className="float-left mb-1.5 flex w-full items-baseline gap-2 font-semibold">
        {title}
        {note && <span className="ml-auto text-note font-normal text-ink2">{note}</span>}
      </legend>
      <div className="clear-both">{children}</div>
    </fieldset>
  );
}

function Entry({
  name,
  suffix,
  error,
  children,
}: {
  readonly name: string;
  readonly suffix?: string;
  readonly error?: string | undefined;
  readonly children: ReactNode;
}) {
  return (
    <label className="block">
      <span className="block text-note text-ink2">{name}</span>
      <span className="relative block">
        {children}
        {suffix && (
          <span className="pointer-events-none absolute top-2 right-2 text-note text-ink2">
            {suffix}
          </span>
        )}
      </span>
      {error && (
        <span role="alert" className="mt-0.5 block text-note leading-4 font-semibold">
          ▲ {error}
        </span>
      )}
    </label>
  );
}

function Tick({
  text,
  ...field
}: { readonly text: string } & React.InputHTMLAttributes<HTMLInputElement>) {
  return (
    <label className="flex min-h-6 items-center gap-2">
      <input type="checkbox" className="size-4 accent-[var(--ink)]" {...field} />
      {text}
    </label>
  );
}
