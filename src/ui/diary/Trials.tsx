import { useMemo } from 'react';
import { localTime } from '@/core/calendar/day';
import { wentInOf } from '@/core/log/entry';
import { toldBy, trialsOf, type Told, type Trial } from '@/core/learning/trialResult';
import { HalvesRow } from '@/ui/bench/HalvesRow';
import { Button } from '@/ui/controls/Button';
import { say } from '@/ui/session/say';
import { useSettings, useStore } from '@/ui/session/StoreProvider';
import { zoneOf } from '@/ui/session/useCare';
import { useClock } from '@/ui/session/useClock';
import { useLibrary } from '@/ui/session/LibraryProvider';
import type { Planted } from '@/ui/session/usePlanted';
import { countText } from '@/words/format';
import { dayText } from '@/words/life';
import { answerFigure, chanceText, halvesText, questionText, toldText } from '@/words/trial';

/** Every trial with what it has told so far, and the doubt that so few pots leave. */
export function Trials({ planted }: { readonly planted: Planted }) {
  const trials = useMemo(
    () => trialsOf(planted.its.map(({ planting }) => planting)),
    [planted.its],
  );
  if (trials.length === 0) return null;
  return (
    <section aria-label="Trials" className="mt-4 bg-paper px-4 py-3">
      <h2 className="text-lead font-semibold">Trials</h2>
      {trials.map((trial) => (
        <TrialTold key={trial.id} trial={trial} planted={planted} />
      ))}
    </section>
  );
}

function TrialTold({ trial, planted }: { readonly trial: Trial; readonly planted: Planted }) {
  const settings = useSettings();
  const { kindOf } = useLibrary();
  const told = useMemo(() => toldBy(trial, planted.log), [trial, planted.log]);
  const plain = trial.pots.find(({ half }) => half === 0);
  const spot = planted.its.find(({ planting }) => planting.id === plain?.plantingId)?.spot;
  const halves = halvesText(trial.difference, {
    kindOf,
    isDripped: spot?.waters.by === 'drip',
  });
  const chance = chanceText(trial.questions.length);
  const stands = trial.pots.filter(
    ({ plantingId }) => planted.lifeOf(plantingId).plantedOn !== null,
  ).length;
  return (
    <article data-trial={trial.id} className="border-t border-rule py-2 first-of-type:border-t-0">
      <h3 className="font-semibold">{trial.name}</h3>
      <p className="text-small text-ink2">
        {countText(trial.pots.length, 'pot')}, {stands} of them planted; asked every{' '}
        {trial.everyDays} days.
      </p>
      <HalvesRow halves={halves} pots={trial.pots} />
      {stands === 0 && <PlantedToday trial={trial} planted={planted} />}
      {told.map((one) => (
        <div key={one.question} data-verdict={one.verdict} className="pt-3">
          <h4 className="text-small font-semibold">{questionText(one.question, settings)}</h4>
          {one.days.length > 0 && <Dots told={one} halves={halves} />}
          <p>{toldText(one, halves[1], settings)}</p>
        </div>
      ))}
      {chance && <p className="pt-2 text-small text-ink2">{chance}</p>}
    </article>
  );
}

/** Pots of a trial go into their mix on one day: told at once, as they were planned. */
function PlantedToday({ trial, planted }: { readonly trial: Trial; readonly planted: Planted }) {
  const store = useStore();
  const clock = useClock();
  const its = trial.pots.flatMap(
    ({ plantingId }) => planted.its.find(({ planting }) => planting.id === plantingId) ?? [],
  );
  const tell = async () => {
    if (!store) return;
    const entries = await store.log.write(
      its.flatMap((it) => {
        const zone = it.spot.site.timeZone;
        const of = { plantingId: it.planting.id, spotId: it.spot.id };
        const at = localTime(zone, clock.now());
        return [
          { at, zone, of, what: { did: 'planted' as const, plants: wentInOf(it.plants) } },
          { at, zone, of, what: { did: 'put out' as const } },
        ];
      }),
    );
    const zone = zoneOf(its);
    say(`${countText(its.length, 'pot')} planted and put out, all on one day.`, {
      label: 'Undo',
      go: () => void store.log.takeBackAll(entries, localTime(zone, clock.now())),
    });
  };
  return (
    <p className="pt-2">
      <Button onClick={() => void tell()}>All were planted and put out today</Button>
    </p>
  );
}

const WIDE = 520;
const TALL = 130;
const LEFT = 34;
const FOOT = 20;
/** Halves stand this far left and right of their day, so that none hides another. */
const ASIDE = 7;

/** Every answer as a dot by its day: open ones as planned, filled ones with the difference; a bar at the mean of each half. */
function Dots({
  told,
  halves,
}: {
  readonly told: Told;
  readonly halves: readonly [string, string];
}) {
  const settings = useSettings();
  const values = told.days.flatMap((asked) => asked.halves.flat());
  const least = Math.min(...values);
  const most = Math.max(...values);
  const room = Math.max(1, (most - least) * 0.1);
  const [low, high] = [least - room, most + room];
  const y = (value: number) => 6 + ((high - value) / (high - low)) * (TALL - FOOT - 12);
  const step = (WIDE - LEFT) / told.days.length;
  const x = (i: number) => LEFT + step * (i + 0.5);
  return (
    <svg
      viewBox={`0 0 ${WIDE} ${TALL}`}
      role="img"
      aria-label={`${halves[0]} and ${halves[1]}, by day`}
      className="w-full max-w-[620px]"
    >
      {[least, most].map((value) => (
        <g key={value}>
          <line x1={LEFT} x2={WIDE} y1={y(value)} y2={y(value)} stroke="var(--rule)" />
          <text x={LEFT - 6} y={y(value) + 4} textAnchor="end" fontSize="11" fill="var(--ink2)">
            {Math.round(answerFigure(told.question, value, settings))}
          </text>
        </g>
      ))}
      {told.days.map(({ day, halves: both }, i) => (
        <g key={day}>
          <text x={x(i)} y={TALL - 4} textAnchor="middle" fontSize="11" fill="var(--ink2)">
            {dayText(day)}
          </text>
          {both.map((answers, half) => {
            const at = x(i) + (half === 0 ? -ASIDE : ASIDE);
            const mean = answers.reduce((sum, value) => sum + value, 0) / answers.length;
            return (
              <g key={half}>
                {answers.map((value, n) => (
                  <circle
                    key={n}
                    cx={at}
                    cy={y(value)}
                    r="3.5"
                    fill={half === 1 ? 'var(--ink)' : 'var(--paper)'}
                    stroke="var(--ink)"
                    fillOpacity="0.85"
                  />
                ))}
                {answers.length > 0 && (
                  <line
                    x1={at - 9}
                    x2={at + 9}
                    y1={y(mean)}
                    y2={y(mean)}
                    stroke="var(--ink)"
                    strokeWidth="2"
                  />
                )}
              </g>
            );
          })}
        </g>
      ))}
    </svg>
  );
}
