import { CM_PER_INCH, L_PER_US_GALLON } from '@/core/units/units';
import type { Settings } from '@/core/files/plantingFile';
import { marketOf, type Market } from '@/core/plants/market';
import type { NurserySizeId } from '@/core/plants/nursery';
import { priceRange } from '@/core/plants/prices';
import { MONTHS, SHORT_MONTHS } from './months';

/** How numbers are told to this reader. */
export type Units = Pick<Settings, 'length' | 'currency' | 'market'>;

/** A length: whole centimetres, or inches to a half below 20 and whole above. */
export function lengthText(cm: number, { length }: Pick<Units, 'length'>): string {
  return `${lengthFigure(cm, length)} ${length}`;
}

/** The figure alone, for rulers and pairs. */
export function lengthFigure(cm: number, unit: Units['length']): string {
  if (unit === 'cm') return String(Math.round(cm));
  const inches = cm / CM_PER_INCH;
  return inches < 20 ? String(Math.round(inches * 2) / 2) : String(Math.round(inches));
}

/** A length that is paced rather than measured: metres to a decimal, or feet; short ones as {@link lengthText} says them. */
export function farText(cm: number, units: Pick<Units, 'length'>): string {
  if (cm < 100) return lengthText(cm, units);
  return units.length === 'in'
    ? `${Math.round(cm / CM_PER_INCH / 12)} ft`
    : `${Math.round(cm / 10) / 10} m`;
}

/** Litres, or US gallons and quarts for readers in inches. */
export function volumeText(litres: number, { length }: Units): string {
  if (length === 'cm') return `${litres < 10 ? litres.toFixed(1) : Math.round(litres)} L`;
  const gallons = litres / L_PER_US_GALLON;
  return gallons < 1 ? `${(gallons * 4).toFixed(1)} qt` : `${gallons.toFixed(1)} gal`;
}

export function weightText(kg: number, { length }: Units): string {
  return length === 'cm'
    ? `${kg < 10 ? kg.toFixed(1) : Math.round(kg)} kg`
    : `${Math.round(kg * 2.20462)} lb`;
}

/** Bytes as people say them: "12 MB". */
export function bytesText(bytes: number): string {
  if (bytes < 1e6) return `${Math.max(1, Math.round(bytes / 1e3))} kB`;
  return bytes < 1e9 ? `${Math.round(bytes / 1e6)} MB` : `${(bytes / 1e9).toFixed(1)} GB`;
}

const AMOUNT = new Intl.NumberFormat('en-GB', {
  minimumFractionDigits: 2,
  maximumFractionDigits: 2,
});

export function moneyText(amount: number, { currency }: Units): string {
  return `${currency}${AMOUNT.format(amount)}`;
}

/** A temperature in the reader's scale. */
export function temperatureText(celsius: number, { length }: Units): string {
  return length === 'cm'
    ? `${Math.round(celsius)} °C`.replace('-', '−')
    : `${Math.round(celsius * 1.8 + 32)} °F`.replace('-', '−');
}

/** A difference of temperatures in the reader's scale: "4 °C", "7 °F". */
export function degreesText(kelvin: number, { length }: Pick<Units, 'length'>): string {
  return length === 'cm' ? `${Math.round(kelvin)} °C` : `${Math.round(kelvin * 1.8)} °F`;
}

const SIZE_NAMES: Readonly<Record<NurserySizeId, string>> = {
  'six-pack': 'six-pack',
  'four-pack': 'four-pack',
  '9cm': '9 cm pot',
  '10cm': '10 cm pot',
  '11cm': '11 cm pot',
  '1L': '1 L pot',
  '2L': '2 L pot',
  '3L': '3 L pot',
  '5L': '5 L pot',
  bulb: 'bag of bulbs',
  plug: '12 plugs',
  'bare-root': 'bare root',
  seed: 'packet of seed',
  cutting: 'unrooted cuttings',
};
/** Where shops of a market call them otherwise. */
const NAMES_THERE: Readonly<Partial<Record<Market, Partial<typeof SIZE_NAMES>>>> = {
  american: {
    '9cm': '3½ in pot',
    '10cm': '4 in pot',
    '11cm': '4½ in pot',
    '1L': 'quart pot',
    '2L': '½ gal pot',
    '3L': '#1 gal pot',
    '5L': '#2 gal pot',
  },
  australian: {
    'six-pack': 'punnet of 6',
    'four-pack': 'punnet of 4',
    '9cm': '90 mm pot',
    '10cm': '100 mm pot',
    '11cm': '115 mm pot',
    '1L': '140 mm pot',
    '2L': '170 mm pot',
    '3L': '200 mm pot',
    '5L': '250 mm pot',
  },
};

/** What a size is called in shops where plants are bought. */
export function sizeName(size: NurserySizeId, units: Units): string {
  return NAMES_THERE[marketOf(units)]?.[size] ?? SIZE_NAMES[size];
}

/** "about £2.50–4", as shops there ask for one sale. */
export function priceText(typical: number, units: Units): string {
  const [low, high] = priceRange(typical);
  return `about ${moneyText(low, units)}–${AMOUNT.format(high)}`;
}

/** Monday of a week of the year, as day and month; week 1 starts on 1 January, 52 weeks fill the year. */
function dayOf(week: number): { readonly day: number; readonly month: number } {
  const date = new Date(Date.UTC(2025, 0, 1 + Math.round((week - 1) * (365 / 52))));
  return { day: date.getUTCDate(), month: date.getUTCMonth() };
}

/** A week as the days it covers: "8–14 July". */
export function weekText(week: number): string {
  const from = dayOf(week);
  const date = new Date(Date.UTC(2025, from.month, from.day + 6));
  const to = { day: date.getUTCDate(), month: date.getUTCMonth() };
  return from.month === to.month
    ? `${from.day}–${to.day} ${MONTHS[from.month]}`
    : `${from.day} ${SHORT_MONTHS[from.month]} – ${to.day} ${SHORT_MONTHS[to.month]}`;
}

/** A date in a week, for sentences: "about 14 July". */
export function dateText(week: number): string {
  const { day, month } = dayOf(week);
  return `${day} ${MONTHS[month]}`;
}

/** The day of a moment by this device's clock: "29 November". */
export function sinceText(moment: Date): string {
  return `${moment.getDate()} ${MONTHS[moment.getMonth()]}`;
}

export function monthOf(week: number): string {
  return MONTHS[dayOf(week).month]!;
}

export function hoursText(hours: number): string {
  return `${Number.isInteger(hours) ? hours : hours.toFixed(1)} h`;
}

export function countText(count: number, one: string, many = `${one}s`): string {
  return `${count} ${count === 1 ? one : many}`;
}

/** "25 minutes", "2 h 05 min" */
export function minutesText(minutes: number): string {
  const whole = Math.max(1, Math.round(minutes));
  if (whole < 60) return countText(whole, 'minute');
  return `${Math.floor(whole / 60)} h ${String(whole % 60).padStart(2, '0')} min`;
}

/** A text in which no number is parted from what it counts at a line's end: "0 °C", "2 April". */
export function unbroken(text: string): string {
  return text.replace(/(\d) (?=[\p{L}°])/gu, '$1\u00a0');
}

/** A range of small lengths: "0.8–2 cm", "0.3–0.8 in". */
export function rangeText([least, most]: readonly [number, number], unit: Units['length']): string {
  const figure = (cm: number) =>
    String(Math.round((unit === 'cm' ? cm : cm / CM_PER_INCH) * 10) / 10);
  return `${figure(least)}–${figure(most)} ${unit}`;
}

/** A range of wind speeds as forecasts tell them, to five: "60–85 km/h", "40–55 mph". */
export function windText(
  [leastMs, mostMs]: readonly [number, number],
  { length }: Pick<Units, 'length'>,
): string {
  const [per, unit] = length === 'cm' ? [3.6, 'km/h'] : [2.23694, 'mph'];
  const figure = (ms: number) => Math.round((ms * per) / 5) * 5;
  return `${figure(leastMs)}–${figure(mostMs)}\u00a0${unit}`;
}

/** With a capital, to begin a sentence. */
export function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** "12 cm right, 4 cm to the front" */
export function whereText(xCm: number, zCm: number, length: Units['length']): string {
  const across =
    Math.abs(xCm) < 1
      ? 'in the middle'
      : `${lengthText(Math.abs(xCm), { length })} ${xCm < 0 ? 'left' : 'right'}`;
  const deep =
    Math.abs(zCm) < 1
      ? ''
      : `, ${lengthText(Math.abs(zCm), { length })} to the ${zCm < 0 ? 'back' : 'front'}`;
  return across + deep;
}
