'use client';

import dynamic from 'next/dynamic';
import { RoomLink } from '@/ui/controls/RoomLink';
import { useCallback, useDeferredValue, useMemo, useState } from 'react';
import { lightFit } from '@/core/suitability/light';
import { dayOfYear } from '@/core/sky/clock';
import { climateHere } from '@/core/spots/frost';
import { loggedSun, surroundingsOf } from '@/core/spots/light';
import {
  heatHours,
  meanSun,
  midsummerDays,
  monthlySun,
  reckonYear,
  seasonDays,
} from '@/core/spots/reckoning';
import { REFLECTED_SHARE } from '@/core/spots/spot';
import { benchHref } from '@/ui/session/links';
import { UndoBar } from '@/ui/session/UndoBar';
import type { Obstacle } from '@/core/spots/obstacle';
import { useWidth } from '@/ui/controls/useWidth';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { NameTitle } from '@/ui/controls/NameTitle';
import { useSettings } from '@/ui/session/StoreProvider';
import { countText } from '@/words/format';
import { OBSTACLE_NAMES } from '@/words/light';
import { Around } from './Around';
import { Sheet } from '@/ui/controls/fields';
import { SkyStrip } from './SkyStrip';
import { SpotPlan } from './SpotPlan';
import type { SpotEditing } from './useSpotEditing';
import { ButtonLink } from '@/ui/controls/Button';
import { LightHere } from './LightHere';

// What is read after the first look comes after it.
const BackgroundSheet = dynamic(() => import('./Looks').then((m) => m.BackgroundSheet), {
  ssr: false,
});
const EyesSheet = dynamic(() => import('./Looks').then((m) => m.EyesSheet), { ssr: false });
const ShelterSheet = dynamic(() => import('./Place').then((m) => m.ShelterSheet), { ssr: false });
const SiteSheet = dynamic(() => import('./Place').then((m) => m.SiteSheet), { ssr: false });
const SunLog = dynamic(() => import('./SunLog').then((m) => m.SunLog), { ssr: false });

const WeatherSheet = dynamic(
  () => import('./WeatherSheet').then(({ WeatherSheet: sheet }) => sheet),
  { ssr: false },
);
const SunHours = dynamic(() => import('./SunHours'), {
  ssr: false,
  loading: () => <div className="h-[190px]" />,
});

/** Height of the sky strip, and the plan's size at most, px: both are seen together on a small laptop. */
const STRIP_PX = 316;
const MOST_PLAN_PX = 330;

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
  const [planRef, planWidth] = useWidth<HTMLElement>();
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
  const handed = {
    spot,
    selected,
    onSelect: setSelected,
    onChange: put,
    onLetGo: () => preview(null),
    onRemove: (id: string) => {
      apply({ obstacles: spot.obstacles.filter((o) => o.id !== id) }, 'Took it away');
      setSelected(null);
    },
    today: dayOfYear(today),
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
                  <RoomLink
                    className="underline decoration-rule2 underline-offset-3"
                    href={benchHref(id)}
                  >
                    {name}
                  </RoomLink>
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
                {...handed}
                widthPx={width}
                heightPx={width < 500 ? 240 : STRIP_PX}
                season={season}
              />
            )}
          </section>
          <p className="pt-1.5 text-note text-ink2">
            Heavy lines: sun on the leaves. Dashed: through leaves. Dotted: hidden. Pale band: the
            weeks planted here. Figures: hours by the sun. Drag a shape sideways to turn it, up to
            raise it.
          </p>
          <div className="mt-3 grid grid-cols-[minmax(0,1fr)] gap-4 sm:grid-cols-2">
            <section
              aria-label="Plan"
              ref={planRef}
              className="flex min-w-0 justify-center overflow-hidden bg-field"
            >
              {planWidth > 0 && (
                <SpotPlan
                  {...handed}
                  sizePx={Math.min(planWidth, MOST_PLAN_PX)}
                  unit={settings.length}
                />
              )}
            </section>
            <Sheet title="Hours of sun a day" note="as reckoned, under a clear sky">
              <div className="px-2 py-2">
                <SunHours months={months} heat={heat} theme={settings.theme} />
              </div>
            </Sheet>
            <SunLog key={spot.id} editing={calmEditing} today={today} onRule={letGo} />
            <SiteSheet editing={calmEditing} settings={settings} />
            <ShelterSheet editing={calmEditing} settings={settings} />
            <WeatherSheet editing={calmEditing} settings={settings} today={today} />
            <BackgroundSheet editing={calmEditing} />
          </div>
        </div>
        <aside className="mt-6 grid grid-cols-[minmax(0,1fr)] content-start gap-4 wide:mt-0">
          <LightHere
            spot={spot}
            inUse={inUse}
            reckoned={reckoned}
            year={year}
            days={days}
            season={season}
            inSeason={inSeason}
            climate={climate}
            apply={apply}
            suits={suits}
            kinds={kinds}
          />
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

function SpotName({ editing: { spot, apply, faults } }: { readonly editing: SpotEditing }) {
  return (
    <>
      <NameTitle
        name={spot.name}
        what="the spot"
        className="text-room leading-10"
        onName={(name) => apply({ name }, 'Renamed the spot')}
      />
      {faults.name && (
        <span role="alert" className="font-semibold">
          ▲ {faults.name}
        </span>
      )}
    </>
  );
}
