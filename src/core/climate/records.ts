import { monthOfDay } from '../sky/days';
import { dayOfYear } from '../sky/clock';
import type { Climate, Months } from './climates';
import type { DayWeather } from './weather';

/** What daily records say of a place: figures that replace a climate's typical ones. `null` where there is too little to say. */
export interface RecordedNormals {
  readonly minC: Months | null;
  readonly maxC: Months | null;
  readonly rainMm: Months | null;
  readonly frost: Climate['frost'];
  readonly coldestC: number | null;
  readonly years: number;
}

/** Days of one month, over all years, from which its mean is told; and whole years from which frost dates and coldest nights are. Ours. */
const LEAST_DAYS = 20;
const LEAST_YEARS = 3;
/** A year is whole when it has at least this many days. */
const WHOLE_YEAR_DAYS = 350;

/** Normals of daily records. Frost is a day whose lowest is below 0 °C; spring and autumn are parted at midsummer of the hemisphere. */
export function normalsFrom(records: readonly DayWeather[], latitudeDeg: number): RecordedNormals {
  const byMonth = Array.from({ length: 12 }, () => ({
    min: 0,
    max: 0,
    rain: 0,
    days: 0,
    months: new Set<string>(),
  }));
  const years = new Map<string, DayWeather[]>();
  for (const record of records) {
    const month = byMonth[monthOfDay(dayOfYear(record.date))]!;
    month.min += record.minC;
    month.max += record.maxC;
    month.rain += record.rainMm;
    month.days += 1;
    month.months.add(record.date.slice(0, 7));
    // In the south a year of frosts runs from July to June, so that its winter is whole.
    const year = frostYear(record.date, latitudeDeg);
    years.set(year, [...(years.get(year) ?? []), record]);
  }
  const enough = byMonth.every(({ days }) => days >= LEAST_DAYS);
  const months = (of: (month: (typeof byMonth)[number]) => number) =>
    enough ? (byMonth.map((month) => Math.round(of(month) * 10) / 10) as unknown as Months) : null;
  const whole = [...years.values()].filter((days) => days.length >= WHOLE_YEAR_DAYS);
  const frosts = whole.map((days) => frostsOf(days, latitudeDeg));
  const last = frosts.flatMap(({ lastDay }) => (lastDay === null ? [] : [lastDay]));
  const first = frosts.flatMap(({ firstDay }) => (firstDay === null ? [] : [firstDay]));
  const frosty =
    whole.length >= LEAST_YEARS &&
    last.length >= whole.length / 2 &&
    first.length >= whole.length / 2;
  return {
    minC: months(({ min, days }) => min / days),
    maxC: months(({ max, days }) => max / days),
    // Rain of a month is its daily mean times its days: months begun or with gaps do not count as dry.
    rainMm: months(({ rain, days }) => (rain / days) * 30.4),
    frost: frosty
      ? {
          lastDay: fromMidsummer(mean(last), latitudeDeg),
          firstDay: fromMidsummer(mean(first), latitudeDeg),
          spreadDays: Math.max(3, Math.round((deviation(last) + deviation(first)) / 2)),
        }
      : null,
    coldestC:
      whole.length >= LEAST_YEARS
        ? Math.round(mean(whole.map((days) => Math.min(...days.map(({ minC }) => minC)))) * 10) / 10
        : null,
    years: whole.length,
  };
}

const mean = (values: readonly number[]) =>
  values.reduce((sum, v) => sum + v, 0) / Math.max(1, values.length);
const deviation = (values: readonly number[]) =>
  Math.sqrt(mean(values.map((v) => (v - mean(values)) ** 2)));

/** Day of the year near midsummer from which frosts are counted, so that none falls astride the count. */
function midsummer(latitudeDeg: number): number {
  return latitudeDeg >= 0 ? 196 : 14;
}

function frostYear(date: string, latitudeDeg: number): string {
  if (latitudeDeg >= 0) return date.slice(0, 4);
  return Number(date.slice(5, 7)) >= 7 ? `${Number(date.slice(0, 4)) + 1}` : date.slice(0, 4);
}

/** Last frost before and first frost after midsummer, as days from midsummer. */
function frostsOf(
  days: readonly DayWeather[],
  latitudeDeg: number,
): { readonly lastDay: number | null; readonly firstDay: number | null } {
  let [lastDay, firstDay]: [number | null, number | null] = [null, null];
  for (const { date, minC } of days) {
    if (minC >= 0) continue;
    const off = ((dayOfYear(date) - midsummer(latitudeDeg) + 365 + 182) % 365) - 182;
    if (off < 0) lastDay = lastDay === null ? off : Math.max(lastDay, off);
    else firstDay = firstDay === null ? off : Math.min(firstDay, off);
  }
  return { lastDay, firstDay };
}

function fromMidsummer(off: number, latitudeDeg: number): number {
  return (((Math.round(off) + midsummer(latitudeDeg)) % 365) + 365) % 365;
}
