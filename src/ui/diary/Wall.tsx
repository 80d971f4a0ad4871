import { RoomLink } from '@/ui/controls/RoomLink';
import { useMemo, useState } from 'react';
import { addDays, dayIn, weekOfDay, weeksSince, type Day } from '@/core/calendar/day';
import { read } from '@/core/checks/reading';
import { dayInWeek, shotNear, shotsOf, type Shot } from '@/core/diary/pictures';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { Button } from '@/ui/controls/Button';
import { MoreOf } from '@/ui/controls/MoreOf';
import { Range } from '@/ui/controls/Range';
import { diaryHref } from '@/ui/session/links';
import { zoneOf } from '@/ui/session/useCare';
import { useClock } from '@/ui/session/useClock';
import type { Planted } from '@/ui/session/usePlanted';
import { ProposalPicture } from '@/ui/start/ProposalPicture';
import { dayText } from '@/words/life';
import type { Row } from './found';
import { PhotoImage } from './PhotoImage';

const WIDE_PX = 168;
const TALL_PX = 150;
const WEEKS = 52;
/** So many are drawn at first, and at each press more. */
const MORE = 24;
/** Days from the first of a week to its middle: what was photographed in it is nearest to that. */
const MIDWEEK = 3;
/** What is done every few days says little of how a container does. */
const DAILY: ReadonlySet<string> = new Set([
  'watered',
  'fed',
  'deadheaded',
  'step',
  'bought',
  'asked',
]);

/**
 * Every container as it should look today, with the last that was seen of it; or in another week, each in its own year, photographed where
 * it was. Pressed, its own pages open.
 */
export function Wall({
  stood,
  rows,
  planted,
}: {
  readonly stood: readonly PlantingInSpot[];
  readonly rows: readonly Row[];
  readonly planted: Planted;
}) {
  const clock = useClock();
  const today = dayIn(zoneOf(stood), clock.now());
  const [week, setWeek] = useState<number | null>(null);
  const shots = useMemo(() => shotsOf(planted.log), [planted.log]);
  const last = useMemo(() => lastTold(rows), [rows]);
  const shown = week ?? weekOfDay(today);
  const [count, setCount] = useState(MORE);
  return (
    <section aria-label="All containers" className="pt-4">
      <div className="flex flex-wrap items-center gap-x-3 pb-2">
        <label className="flex min-w-60 flex-1 items-center gap-3 sm:max-w-[520px]">
          <span className="shrink-0 text-small font-semibold">The same week of all</span>
          <Range
            min={1}
            max={WEEKS}
            value={shown}
            aria-valuetext={`week ${shown}`}
            onValue={setWeek}
          />
        </label>
        <span className="text-small text-ink2">
          {week === null ? 'today' : `week ${week} of the year`}
        </span>
        {week !== null && (
          <Button look="link" onClick={() => setWeek(null)}>
            Today
          </Button>
        )}
      </div>
      <ul className="flex flex-wrap gap-3 max-sm:flex-nowrap max-sm:overflow-x-auto">
        {stood.slice(0, count).map((it) => {
          const { id } = it.planting;
          const { plantedOn, overOn } = planted.lifeOf(id);
          if (plantedOn === null) return null;
          const { weeks } = read(it);
          const until = overOn ?? addDays(plantedOn, 7 * weeks);
          const day = week === null ? today : dayInWeek(week, { plantedOn, until });
          return (
            <Tile
              key={id}
              it={it}
              day={day}
              weeks={day ? Math.min(weeks, Math.max(0, weeksSince(plantedOn, day))) : 0}
              shot={
                day
                  ? shotNear(shots.get(id) ?? [], week === null ? day : addDays(day, MIDWEEK))
                  : null
              }
              told={week === null ? (last.get(id) ?? '') : null}
            />
          );
        })}
      </ul>
      <MoreOf shown={count} all={stood.length} step={MORE} onShow={setCount} />
    </section>
  );
}

/** What was last told of each container, in words; what is done every few days is left out. */
function lastTold(rows: readonly Row[]): ReadonlyMap<string, string> {
  const last = new Map<string, string>();
  for (const { entry, text } of rows) {
    const { plantingId } = entry.of;
    if (plantingId === undefined || last.has(plantingId) || DAILY.has(entry.what.did)) continue;
    last.set(plantingId, `${dayText(entry.at.slice(0, 10))}: ${text}`);
  }
  return last;
}

function Tile({
  it,
  day,
  weeks,
  shot,
  told,
}: {
  readonly it: PlantingInSpot;
  /** `null`: it did not stand then. */
  readonly day: Day | null;
  readonly weeks: number;
  readonly shot: Shot | null;
  /** What was last told of it; `null`: another week is looked at. */
  readonly told: string | null;
}) {
  const { id, name } = it.planting;
  const dated = (one: Day) => `${dayText(one)} ${one.slice(0, 4)}`;
  const said =
    told ??
    (shot
      ? `Photographed on ${dated(shot.day)}`
      : day
        ? `As expected on ${dated(day)}`
        : 'Did not stand then');
  return (
    <li style={{ width: WIDE_PX }} className="shrink-0" data-shot={shot ? true : undefined}>
      <RoomLink href={diaryHref(id)} className="block bg-paper hover:bg-wash">
        <span className="block bg-field" style={{ height: TALL_PX }}>
          {shot ? (
            <PhotoImage
              id={shot.photoId}
              label={`${name}, photographed`}
              widthPx={WIDE_PX}
              heightPx={TALL_PX}
            />
          ) : (
            day && <ProposalPicture it={it} widthPx={WIDE_PX} heightPx={TALL_PX} weeks={weeks} />
          )}
        </span>
        <span className="block px-2.5 py-1.5">
          <b className="block truncate font-semibold">{name}</b>
          <span className="line-clamp-2 min-h-9 text-note leading-4.5 text-ink2">{said}</span>
        </span>
      </RoomLink>
    </li>
  );
}
