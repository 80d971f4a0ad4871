import type { LightSpell } from '@/core/spots/lightLabel';
import type { LightHabit } from '@/core/spots/terms';
import type { ObstacleKind } from '@/core/spots/obstacle';
import { capital } from './format';
import { MONTH_STARTS, monthOfDay } from '@/core/sky/days';
import { MONTHS } from './months';

export const HABIT_NAMES: Readonly<Record<LightHabit, string>> = {
  plain: 'Plain hours',
  british: 'British, at midsummer',
  american: 'American tags',
  kitchen: 'Vegetable growers',
};
export const OBSTACLE_NAMES: Readonly<Record<ObstacleKind, string>> = {
  building: 'House wall behind',
  wall: 'Wall or fence',
  hedge: 'Hedge',
  eave: 'Eave or canopy',
  tree: 'Tree',
  skyline: 'Skyline',
};

/** "mid May" */
export function aboutDayText(day: number): string {
  const month = monthOfDay(((day % 365) + 365) % 365);
  const into = (((day % 365) + 365) % 365) - MONTH_STARTS[month]!;
  return `${into < 10 ? 'early' : into < 20 ? 'mid' : 'late'} ${MONTHS[month]}`;
}

/** "14 May" */
export function dayText(day: number): string {
  const d = ((Math.round(day) % 365) + 365) % 365;
  const month = monthOfDay(d);
  return `${d - MONTH_STARTS[month]! + 1} ${MONTHS[month]}`;
}

/** How the light changes through a stretch of days: "Shade until mid May, then part sun until late August, then shade." */
export function spellsText(spells: readonly LightSpell[]): string {
  const [first, ...rest] = spells;
  if (!first) return '';
  if (rest.length === 0) return `${capital(first.label)} all through.`;
  const parts = spells.map(({ label, toDay }, i) =>
    i === spells.length - 1
      ? `then ${label}`
      : `${i === 0 ? capital(label) : `then ${label}`} until ${aboutDayText(toDay)}`,
  );
  return `${parts.join(', ')}.`;
}

const POINTS = ['N', 'NE', 'E', 'SE', 'S', 'SW', 'W', 'NW'] as const;

/** "SW" for a bearing. */
export function pointOf(bearingDeg: number): string {
  return POINTS[Math.round((((bearingDeg % 360) + 360) % 360) / 45) % 8]!;
}

/** "1–3, 15" for a list of hours, as they are spoken: 15 to 17 for 15 and 16. */
export function hoursListText(hours: readonly number[]): string {
  const runs: [number, number][] = [];
  for (const hour of hours) {
    const last = runs[runs.length - 1];
    if (last && last[1] === hour) last[1] = hour + 1;
    else runs.push([hour, hour + 1]);
  }
  return runs.map(([from, to]) => `${from}–${to}`).join(', ');
}
