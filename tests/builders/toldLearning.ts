import { addDays } from '@/core/calendar/day';
import { learntHere } from '@/core/learning/here';
import { setUpTrial, type TrialAsk } from '@/core/learning/trialSetUp';
import { toldBy, trialsOf } from '@/core/learning/trialResult';
import { wentInOf, type Entry, type What } from '@/core/log/entry';
import { askingKey, askingOn, QUESTIONS, type Difference } from '@/core/plantings/trial';
import { hash01 } from '@/core/random/hash';
import { HALT } from './halt';
import { toldOf, type Told } from './told';

type Row = readonly [of: string, told: Told];

/** Writes a log by days. */
function logBook() {
  const log: Entry[] = [];
  return {
    log,
    write: (day: string, of: Entry['of'], what: What): void => {
      log.push({
        id: String(log.length + 1).padStart(6, '0'),
        at: `${day}T09:00:00+01:00`,
        zone: 'Europe/London',
        of,
        what,
      });
    },
  };
}

const PLANTED = '2025-05-12';
const BAD = ['scorched', 'leggy', 'eaten', 'rotting'] as const;

/** A season of the Halt of which much is told: sizes, flowers, what went wrong, what was drunk, and what was put right again. */
function season(): readonly Entry[] {
  const { log, write } = logBook();
  HALT.forEach(({ planting, plants }, p) => {
    const of = { plantingId: planting.id };
    write(PLANTED, of, { did: 'planted', plants: wentInOf(plants) });
    write(PLANTED, of, { did: 'put out' });
    const kinds = [...new Set(plants.map(({ kindId }) => kindId))];
    for (let week = 2; week < 22; week += 1) {
      const day = addDays(PLANTED, 7 * week + (p % 3));
      write(day, of, { did: 'watered', litres: 1 + 3 * hash01(p, week) });
      if (week % 3 === 0) write(day, of, { did: 'felt', how: week % 2 === 0 ? 'dry' : 'right' });
      const kindId = kinds[week % kinds.length]!;
      const lot = hash01(p, week, 2);
      if (lot < 0.35)
        write(
          day,
          { ...of, kindId },
          {
            did: 'measured',
            heightCm: 8 + 50 * hash01(p, week, 3),
            spreadCm: week % 2 === 0 ? 10 + 40 * hash01(p, week, 4) : null,
            trailCm: null,
          },
        );
      else if (lot < 0.55) write(day, { ...of, kindId }, { did: 'in flower' });
      else if (lot < 0.7) write(day, { ...of, kindId }, { did: 'gone over' });
      else if (lot < 0.85)
        write(day, { ...of, kindId }, { did: 'looks bad', how: BAD[week % 4]!, words: '' });
      else if (lot < 0.9) write(day, of, { did: 'trimmed', share: 0.3 });
      else if (lot < 0.95) write(day, { ...of, kindId }, { did: 'died', why: 'too dry' });
    }
    if (p % 2 === 0) write(addDays(PLANTED, 160), of, { did: 'ended', why: 'frost' });
  });
  return log;
}

const DIFFERENCES: readonly Difference[] = [
  { what: 'feed' },
  { what: 'pinch' },
  { what: 'drip' },
  { what: 'mix', mix: 'gritty' },
  { what: 'spacing', factor: 0.8 },
  { what: 'spacing', factor: 1.2 },
];

/** A trial as it is set up after a planting of the Halt, and what its answers tell. */
function trialTold(difference: Difference, n: number): Row {
  const ask: TrialAsk = {
    id: `trial-${n}`,
    name: 'A trial',
    difference,
    pots: 8,
    questions: QUESTIONS,
    everyDays: 7 + n,
  };
  let count = 0;
  const it = HALT[n % HALT.length]!;
  const made = setUpTrial(it, ask, () => `fresh-${(count += 1)}`);
  const name = `trial: ${JSON.stringify(difference)}`;
  if ('fault' in made) return [name, made.fault];
  const { log, write } = logBook();
  made.plantings.forEach(({ id, trial }, pot) => {
    for (let week = 3; week < 12; week += 2) {
      const day = addDays(PLANTED, week * 7 + (pot % 3));
      const asking = askingOn(day, ask.everyDays);
      for (const question of QUESTIONS)
        if (hash01(n, pot, week) > 0.15)
          write(
            day,
            { plantingId: id },
            {
              did: 'asked',
              trialId: ask.id,
              question: askingKey(question, asking),
              answer: String(Math.round(2 + trial!.half * n + 3 * hash01(n, pot, week, 5))),
            },
          );
    }
  });
  return [
    name,
    toldOf([
      made.spots.length,
      made.plantings.map(({ id, spotId, trial, care, places, container }) => [
        id,
        spotId,
        trial?.half,
        trial?.place,
        care.feeding,
        container.mix,
        places.map(({ xCm, zCm }) => [xCm, zCm]),
      ]),
      trialsOf(made.plantings).map((trial) => toldBy(trial, log)),
    ]),
  ];
}

/** What a season teaches of its kinds, and trials their gardeners. */
export function learningTold(): readonly Row[] {
  const log = season();
  return [
    ...[...learntHere(HALT, log)].map(([kindId, here]): Row => [kindId, toldOf(here)]),
    ...DIFFERENCES.map(trialTold),
  ];
}
