import type { PlantKind } from '@/core/plants/kind';
import type { Spot } from '@/core/spots/spot';
import { lightLabel, lightSpells, THRESHOLDS } from '@/core/spots/lightLabel';
import { LIGHT_HABITS } from '@/core/spots/terms';
import { daysFrom, DaySun, heatHours, MeanSun } from '@/core/spots/reckoning';
import { LIGHT_FROM, REFLECTED_SHARE } from '@/core/spots/spot';
import { startHref } from '@/ui/session/links';
import { Choices } from '@/ui/controls/Choices';
import { countText, hoursText } from '@/words/format';
import { HABIT_NAMES, spellsText } from '@/words/light';
import { capital } from '@/words/format';
import { PickField, Sheet } from '@/ui/controls/fields';
import { ButtonLink } from '@/ui/controls/Button';
import { Climate } from '@/core/climate/climates';

const WHEN_TEXT = {
  morning: 'mostly before noon',
  afternoon: 'mostly after noon',
  spread: 'before and after noon',
} as const;

/** "Full sun from 6 h, part sun 4, part shade 2" */
function thresholdText(habit: keyof typeof THRESHOLDS): string {
  const { full, part, shade } = THRESHOLDS[habit];
  return `Full sun from ${full} h, part sun from ${part}${shade < part ? `, part shade from ${shade}` : ''}.`;
}

const FROM_NAMES = {
  told: 'As I told it',
  reckoned: 'As reckoned',
  log: 'As I logged it',
} as const;

/** The light here: its word, its hours, how it changes, and where it is taken from. */
export function LightHere({
  spot,
  inUse,
  reckoned,
  year,
  days,
  season,
  inSeason,
  climate,
  apply,
  suits,
  kinds,
}: {
  readonly spot: Spot;
  readonly inUse: MeanSun;
  readonly reckoned: MeanSun;
  readonly year: readonly DaySun[];
  readonly days: readonly number[];
  readonly season: { from: number; weeks: number };
  readonly inSeason: MeanSun;
  readonly climate: Climate;
  readonly apply: (change: Partial<Spot>, name: string) => void;
  readonly suits: number;
  readonly kinds: readonly PlantKind[];
}) {
  return (
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
          {hoursText(Math.round(heatHours(reckoned, REFLECTED_SHARE[spot.reflects]) * 10) / 10)} at
          midsummer: afternoons count 1.15, mornings 0.85
          {climate.maxC.some((c) => c >= 27)
            ? '; here it matters.'
            : '; here summers are seldom hot enough to matter.'}
        </p>
        <div className="pt-3">
          <Choices
            name="Light comes from"
            value={spot.lightFrom}
            options={LIGHT_FROM.filter((from) => from !== 'log' || spot.sunLog.length > 0).map(
              (from) => [from, FROM_NAMES[from]] as const,
            )}
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
  );
}
