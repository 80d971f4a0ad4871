import type { Day } from '@/core/calendar/day';
import type { Life } from '@/core/log/life';

const DATE = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long', timeZone: 'UTC' });
const LONG = new Intl.DateTimeFormat('en-GB', {
  weekday: 'long',
  day: 'numeric',
  month: 'long',
  year: 'numeric',
  timeZone: 'UTC',
});

/** A local date: "14 May". */
export function dayText(day: Day): string {
  return DATE.format(Date.parse(`${day}T00:00:00Z`));
}

/** A local date in full: "Thursday, 16 July 2026". */
export function longDayText(day: Day): string {
  return LONG.format(Date.parse(`${day}T00:00:00Z`));
}

/** How far a planting has come: "planted 14 May". */
export function lifeText({ stage, plantedOn, overOn }: Life): string {
  switch (stage) {
    case 'idea':
      return 'an idea';
    case 'chosen':
      return 'to be made';
    case 'bought':
      return 'being bought';
    case 'planted':
    case 'standing':
      return `planted ${dayText(plantedOn!)}`;
    case 'over':
      return `over since ${dayText(overOn!)}`;
  }
}
