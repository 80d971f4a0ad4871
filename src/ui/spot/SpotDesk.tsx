'use client';

import dynamic from 'next/dynamic';
import Link from 'next/link';
import { useCallback, useDeferredValue, useMemo, useState } from 'react';
import { lightFit } from '@/core/suitability/light';
import { dayOfYear } from '@/core/sky/clock';
import { lightLabel, lightSpells, THRESHOLDS } from '@/core/spots/lightLabel';
import { LIGHT_HABITS } from '@/core/spots/terms';
import { climateHere } from '@/core/spots/frost';
import { loggedSun, surroundingsOf } from '@/core/spots/light';
import {
  daysFrom,
  heatHours,
  meanSun,
  midsummerDays,
  monthlySun,
  reckonYear,
  seasonDays,
} from '@/core/spots/reckoning';
import { LIGHT_FROM, REFLECTED_SHARE } from '@/core/spots/spot';
import { benchHref, startHref } from '@/ui/session/links';
import { UndoBar } from '@/ui/session/UndoBar';
import type { Obstacle } from '@/core/spots/obstacle';
import { useWidth } from '@/ui/controls/useWidth';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { useSettings } from '@/ui/session/StoreProvider';
import { Choices } from '@/ui/controls/Choices';
import { countText, hoursText } from '@/words/format';
import { HABIT_NAMES, OBSTACLE_NAMES, spellsText } from '@/words/light';
import { capital } from '@/words/format';
import { Around } from './Around';
import { BackgroundSheet, EyesSheet } from './Looks';
import { PickField, Sheet } from '@/ui/controls/fields';
import { ShelterSheet, SiteSheet } from './Place';
import { SkyStrip } from './SkyStrip';
import { SunLog } from './SunLog';
import type { SpotEditing } from './useSpotEditing';
import { Button, ButtonLink } from '@/ui/controls/Button';
import { entryLook } from '@/ui/controls/looks';

const WeatherSheet = dynamic(
  () => import('./WeatherSheet').then(({ WeatherSheet: sheet }) => sheet),
  { ssr: false },
);
const SunHours = dynamic(() => import('./SunHours'), {
  ssr: false,
  loading: () => <div className="h-[190px]" />,
});

const FROM_NAMES = {
  told: 'As I told it',
  reckoned: 'As reckoned',
  log: 'As I logged it',
} as const;
const WHEN_TEXT = {
  morning: 'mostly before noon',
  afternoon: 'mostly after noon',
  spread: 'before and after noon',
} as const;

/** One spot: the sky strip over its hours, what stands around, the log, place, shelter. */
export function SpotDesk({
  editing,
  today,
}: {
  readonly editing: SpotEditing;
  readonly today: string;
}) {
  const { spot, plantings, apply, preview } = editing;
  const settings = useSettings();
  const [selected, setSelected] = useState<string | null>(null);
  const [ref, width] = useWidth<HTMLDivElement>();
  // The strip follows the hand at once; what is worked out from it follows a moment later, so that no drag waits for a chart.
  const calmEditing = useDeferredValue(editing);
  const calm = calmEditing.spot;
  const letGo = useCallback(() => setSelected(null), []);
  const around = useMemo(() => surroundingsOf(calm), [calm]);
  const year = useMemo(() => reckonYear(around), [around]);
  const months = useMemo(() => monthlySun(year), [year]);
  const climate = climateHere(spot);
  const heat = useMemo(
    () => months.map((month) => heatHours(month, REFLECTED_SHARE[calm.reflects])),
    [months, calm.reflects],
  );
  const season = {
    from: plantings[0]?.plantedWeek ?? (spot.site.latitudeDeg >= 0 ? 20 : 46),
    weeks: plantings[0]?.weeks ?? 22,
  };
  const days = seasonDays(season.from, season.weeks);
  const inSeason = meanSun(year, days);
  const reckoned = meanSun(year, midsummerDays(spot.site.latitudeDeg));
  const inUse =
    spot.lightFrom === 'told'
      ? {
          directH: spot.sunHours,
          directAmH: 0,
          directPmH: 0,
          dappledH: 0,
          effectiveH: spot.sunHours,
        }
      : spot.lightFrom === 'log'
        ? (loggedSun(calm) ?? reckoned)
        : reckoned;
  const { kinds } = useLibrary();
  const suits = useMemo(
    () => kinds.filter((kind) => lightFit(kind, calm).score >= 0.999).length,
    [calm, kinds],
  );
  const put = (obstacle: Obstacle, done: boolean) => {
    const change = { obstacles: spot.obstacles.map((o) => (o.id === obstacle.id ? obstacle : o)) };
    if (done) apply(change, `Moved ${OBSTACLE_NAMES[obstacle.kind].toLowerCase()}`);
    else preview(change);
  };
  return (
    <div className="pt-3.5">
      <header className="flex flex-wrap items-end gap-x-5 gap-y-1 pb-2">
        <SpotName key={spot.id} editing={editing} />
        <p className="pb-1.5 text-small text-ink2">
          {plantings.length === 0 ? (
            'Nothing stands here yet'
          ) : (
            <>
              {countText(plantings.length, 'container')} here:{' '}
              {plantings.map(({ id, name }, i) => (
                <span key={id}>
                  {i > 0 && ', '}
                  <Link
                    className="underline decoration-rule2 underline-offset-3"
                    href={benchHref(id)}
                  >
                    {name}
                  </Link>
                </span>
              ))}
            </>
          )}
        </p>
        <p className="ml-auto flex items-center gap-3 pb-1">
          <UndoBar editing={editing} />
          <ButtonLink href="/spot">All spots</ButtonLink>
        </p>
      </header>
      <div className="wide:grid wide:grid-cols-[minmax(0,1fr)_344px] wide:gap-6">
        <div className="min-w-0">
          <section aria-label="Sky strip" ref={ref}>
            {width > 0 && (
              <SkyStrip
                spot={spot}
                widthPx={width}
                heightPx={width < 500 ? 240 : 316}
                selected={selected}
                onSelect={setSelected}
                onChange={put}
                onLetGo={() => preview(null)}
                onRemove={(id) => {
                  apply({ obstacles: spot.obstacles.filter((o) => o.id !== id) }, 'Took it away');
                  setSelected(null);
                }}
                season={season}
                today={dayOfYear(today)}
              />
            )}
          </section>
          <p className="pt-1.5 text-note text-ink2">
            Heavy lines: sun on the leaves. Dashed: through leaves. Dotted: hidden. Pale band: the
            weeks planted here. Figures: hours by the sun. Drag a shape sideways to turn it, up to
            raise it.
          </p>
          <div className="mt-3 grid gap-4 sm:grid-cols-2">
            <Sheet title="Hours of sun a day" note="as reckoned, under a clear sky">
              <div className="px-2 py-2">
                <SunHours months={months} heat={heat} theme={settings.theme} />
              </div>
            </Sheet>
            <SunLog key={spot.id} editing={calmEditing} today={today} onRule={letGo} />
          </div>
          <div className="mt-4 grid gap-4 sm:grid-cols-2">
            <SiteSheet editing={calmEditing} settings={settings} />
            <ShelterSheet editing={calmEditing} settings={settings} />
            <WeatherSheet editing={calmEditing} settings={settings} today={today} />
            <BackgroundSheet editing={calmEditing} />
          </div>
        </div>
        <aside className="mt-6 grid content-start gap-4 wide:mt-0">
          <Sheet
            title="Light here"
            note={`near midsummer, ${HABIT_NAMES[spot.lightHabit].toLowerCase()}`}
          >
            <div className="px-3.5 py-3">
              <p className="display text-room leading-9" data-light-label>
                {capital(lightLabel(inUse, spot.lightHabit))}
              </p>
              <p className="text-lead leading-6">
                <b data-light-hours>{hoursText(spot.sunHours)}</b> of direct sun a day,{' '}
                {WHEN_TEXT[spot.sunWhen]}
              </p>
              {inUse.dappledH >= 0.2 && spot.lightFrom !== 'told' && (
                <p className="text-ink2">
                  and <b className="text-ink">{hoursText(Math.round(inUse.dappledH * 10) / 10)}</b>{' '}
                  dappled
                </p>
              )}
              <p className="pt-1 text-ink2">{thresholdText(spot.lightHabit)}</p>
              {spot.lightFrom === 'told' && spot.obstacles.length === 0 ? (
                <p className="pt-2 text-ink2">
                  Nothing is said yet of what stands around. Under an open sky there would be{' '}
                  {hoursText(Math.round(reckoned.directH * 10) / 10)}.
                </p>
              ) : (
                <p className="pt-2">
                  {spellsText(lightSpells(year, daysFrom(days[0]!, days.length), spot.lightHabit))}{' '}
                  <span className="text-ink2">
                    Reckoned for the {countText(season.weeks, 'week')} from planting:{' '}
                    {hoursText(Math.round(inSeason.directH * 10) / 10)} a day.
                  </span>
                </p>
              )}
              <p className="pt-1 text-ink2">
                As heat{' '}
                {hoursText(
                  Math.round(heatHours(reckoned, REFLECTED_SHARE[spot.reflects]) * 10) / 10,
                )}{' '}
                at midsummer: afternoons count 1.15, mornings 0.85
                {climate.maxC.some((c) => c >= 27)
                  ? '; here it matters.'
                  : '; here summers are seldom hot enough to matter.'}
              </p>
              <div className="pt-3">
                <Choices
                  name="Light comes from"
                  value={spot.lightFrom}
                  options={LIGHT_FROM.filter(
                    (from) => from !== 'log' || spot.sunLog.length > 0,
                  ).map((from) => [from, FROM_NAMES[from]] as const)}
                  onPick={(from) =>
                    apply(
                      { lightFrom: from as typeof spot.lightFrom },
                      `Light ${FROM_NAMES[from as typeof spot.lightFrom].toLowerCase()}`,
                    )
                  }
                />
              </div>
              <div className="pt-2.5">
                <PickField
                  name="Words as used by"
                  value={spot.lightHabit}
                  options={LIGHT_HABITS.map((habit) => [habit, HABIT_NAMES[habit]] as const)}
                  onPick={(lightHabit) => apply({ lightHabit }, 'Changed the words for light')}
                />
              </div>
              <p className="mt-3 flex items-center justify-between gap-3 border-t border-rule pt-3">
                <span>
                  <b data-suits>{suits}</b> of {kinds.length} kinds like this light
                </span>
                <ButtonLink look="act" href={startHref('spot', spot.id)}>
                  Plant here
                </ButtonLink>
              </p>
            </div>
          </Sheet>
          <Around
            editing={editing}
            selected={selected}
            onSelect={setSelected}
            unit={settings.length}
          />
          <EyesSheet editing={calmEditing} settings={settings} />
        </aside>
      </div>
    </div>
  );
}

/** "Full sun from 6 h, part sun 4, part shade 2" */
function thresholdText(habit: keyof typeof THRESHOLDS): string {
  const { full, part, shade } = THRESHOLDS[habit];
  return `Full sun from ${full} h, part sun from ${part}${shade < part ? `, part shade from ${shade}` : ''}.`;
}

function SpotName({ editing: { spot, apply, faults } }: { readonly editing: SpotEditing }) {
  const [typed, setTyped] = useState<string | null>(null);
  if (typed === null)
    return (
      <>
        <h1 className="display text-room leading-10">{spot.name}</h1>
        <Button look="plain" className="pb-1.5" onClick={() => setTyped(spot.name)}>
          Rename
        </Button>
        {faults.name && (
          <span role="alert" className="font-semibold">
            ▲ {faults.name}
          </span>
        )}
      </>
    );
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault();
        apply({ name: typed }, 'Renamed the spot');
        setTyped(null);
      }}
      className="flex items-center gap-2"
    >
      <label>
        <span className="sr-only">Name of the spot</span>
        <input
          autoFocus
          className={entryLook({ size: 'title' })}
          maxLength={80}
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
        />
      </label>
      <Button look="act" type="submit">
        Keep
      </Button>
    </form>
  );
}
