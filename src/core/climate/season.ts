import { MONTH_STARTS } from '../sky/days';
import type { Climate, Months } from './climates';

/** A value of monthly normals on a day of the year, counted from 0: straight between the middles of months. */
export function normalOn(months: Months, day: number): number {
  const middle = (month: number) => (MONTH_STARTS[month]! + MONTH_STARTS[month + 1]!) / 2;
  const after = Array.from({ length: 12 }, (_, m) => m).find((m) => middle(m) > day) ?? 0;
  const before = (after + 11) % 12;
  const start = middle(before) - (before > after && day < middle(after) ? 365 : 0);
  const end = middle(after) + (before > after && day >= middle(before) ? 365 : 0);
  return months[before]! + (months[after]! - months[before]!) * ((day - start) / (end - start));
}

/** Chances that frost comes later (in spring) or earlier (in autumn) than a date, as told to gardeners. */
export const FROST_CHANCES = [0.1, 0.5, 0.9] as const;

/** Standard normal quantiles of those chances. */
const Z: Readonly<Record<(typeof FROST_CHANCES)[number], number>> = {
  0.1: -1.2816,
  0.5: 0,
  0.9: 1.2816,
};

export interface FrostDates {
  /** Day by which, in 9 years, 5 years and 1 year of 10, another frost still comes. */
  readonly last: Readonly<Record<(typeof FROST_CHANCES)[number], number>>;
  /** Day by which, in 1 year, 5 years and 9 years of 10, the first frost has come. */
  readonly first: Readonly<Record<(typeof FROST_CHANCES)[number], number>>;
  /** Days between the middling last and first frost. */
  readonly freeDays: number;
}

/**
 * Frost dates with their chance. Dates of frosts scatter about normally.
 * `last[0.1]` is the careful date: only one year in ten has a frost after it; `first[0.1]` likewise in autumn.
 * @returns `null` where frost is not usual
 */
export function frostDates({ frost }: Pick<Climate, 'frost'>): FrostDates | null {
  if (!frost) return null;
  const day = (value: number) => ((Math.round(value) % 365) + 365) % 365;
  const last = (chance: (typeof FROST_CHANCES)[number]) =>
    day(frost.lastDay - Z[chance] * frost.spreadDays);
  const first = (chance: (typeof FROST_CHANCES)[number]) =>
    day(frost.firstDay + Z[chance] * frost.spreadDays);
  return {
    last: { 0.1: last(0.1), 0.5: last(0.5), 0.9: last(0.9) },
    first: { 0.1: first(0.1), 0.5: first(0.5), 0.9: first(0.9) },
    freeDays: (((frost.firstDay - frost.lastDay) % 365) + 365) % 365,
  };
}

/** Mean temperature from which most plants grow, °C. */
const GROWING_C = 6;

/** Weeks of the year warm enough for growth. */
export function growingWeeks({ minC, maxC }: Pick<Climate, 'minC' | 'maxC'>): number {
  let days = 0;
  for (let day = 0; day < 365; day += 1)
    if ((normalOn(minC, day) + normalOn(maxC, day)) / 2 >= GROWING_C) days += 1;
  return Math.round(days / 7);
}

/** The same coldest night in three words: plain, and as two common labels. Labels speak of winter cold only. */
export interface Hardiness {
  readonly coldestC: number;
  /** "9a": steps of 10 °F from −60 °F, halves of 5 °F. */
  readonly usda: string;
  readonly rhs: string;
}

/** Upper ends of RHS ratings, °C, coldest first. */
const RHS: readonly (readonly [name: string, above: number])[] = [
  ['H1a', 15],
  ['H1b', 10],
  ['H1c', 5],
  ['H2', 1],
  ['H3', -5],
  ['H4', -10],
  ['H5', -15],
  ['H6', -20],
];

export function hardinessOf(coldestC: number): Hardiness {
  const fahrenheit = coldestC * 1.8 + 32;
  const half = Math.max(0, Math.min(25, Math.floor((fahrenheit + 60.1) / 5)));
  return {
    coldestC,
    usda: `${Math.floor(half / 2) + 1}${half % 2 ? 'b' : 'a'}`,
    rhs: RHS.find(([, above]) => coldestC > above)?.[0] ?? 'H7',
  };
}
