import * as z from 'zod';
import { HOUSE_QUESTIONS, type HouseAnswer, type HouseQuestion } from './houseQuestions';

const answer = <Q extends HouseQuestion>(question: Q) =>
  z
    .enum(HOUSE_QUESTIONS[question] as unknown as readonly [HouseAnswer<Q>, ...HouseAnswer<Q>[]])
    .default(HOUSE_QUESTIONS[question][0] as never);

/** House preferences, and how loud each check may be. */
export const houseSchema = z.object({
  counts: answer('counts'),
  neighbours: answer('neighbours'),
  roots: answer('roots'),
  drainage: answer('drainage'),
  mix: answer('mix'),
  feed: answer('feed'),
  headspace: answer('headspace'),
  fullness: answer('fullness'),
  sun: answer('sun'),
  lead: answer('lead'),
  pinch: answer('pinch'),
  /** Checks turned down: their share of the usual say, 0 (silent) to 1. Cautions cannot be turned down. */
  turnedDown: z
    .record(
      z.string().max(40),
      z.number().min(0, 'A check is turned down to 0–1.').max(1, 'A check is turned down to 0–1.'),
    )
    .default({}),
});
