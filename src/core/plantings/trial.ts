import { addDays, daysBetween, type Day } from '../calendar/day';
import type { z } from 'zod';
import type { trialSchema } from './trialSchema';

/** What may differ between the two halves of a trial. */
export const DIFFERENCES = ['spacing', 'kind', 'mix', 'feed', 'pinch', 'drip'] as const;

/** What is asked of every pot on the same days. */
export const QUESTIONS = ['height', 'spread', 'looks', 'flowers', 'bare'] as const;
export type Question = (typeof QUESTIONS)[number];

/** An answer is a number from–to, told to this grain: cm, marks out of five, flowers open, percent of mix seen. */
export const ANSWERS: Readonly<
  Record<Question, { readonly least: number; readonly most: number; readonly grain: number }>
> = {
  height: { least: 0, most: 400, grain: 1 },
  spread: { least: 0, most: 400, grain: 1 },
  looks: { least: 1, most: 5, grain: 1 },
  flowers: { least: 0, most: 500, grain: 1 },
  bare: { least: 0, most: 100, grain: 5 },
};

/** The part of a planting that says which trial it stands in. */
export type TrialPart = Readonly<z.infer<typeof trialSchema>>;
export type Difference = TrialPart['difference'];

/** Days for which an asking stays open: all pots within them count as asked together. */
export const ASKING_DAYS = 3;

/**
 * The days of asking fall on the same days of the calendar for every pot, whenever it was planted: whole intervals since 1970.
 * @returns the one on or before a day
 */
export function askingOn(day: Day, everyDays: number): Day {
  return addDays(day, -(daysBetween('1970-01-01', day) % everyDays));
}

/** What an answer is kept under: the question and the day of asking it belongs to. */
export const askingKey = (question: Question, asking: Day): string => `${question} ${asking}`;
