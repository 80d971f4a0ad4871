import { addDays } from '../../calendar/day';
import { isOf } from '../../log/entry';
import { ASKING_DAYS, askingKey, askingOn } from '../../plantings/trial';
import type { Rule } from '../task';

/** Minutes to look, measure and write one answer down. Ours, from doing it. */
const MINUTES_EACH = 0.7;

/** The questions of a trial: the same ones, on the same days, of every pot. */
export const ask: Rule = {
  id: 'ask',
  answeredBy: [],
  tasks: ({ reading, life, held, today }) => {
    const { trial } = reading.planting;
    if (!trial) return [];
    const asking = askingOn(today, trial.everyDays);
    const latest = addDays(asking, ASKING_DAYS - 1);
    if (today > latest || asking < life.plantedOn) return [];
    const answered = new Set(
      held.flatMap((entry) =>
        isOf(entry, 'asked') && entry.what.trialId === trial.id ? [entry.what.question] : [],
      ),
    );
    const questions = trial.questions.filter((one) => !answered.has(askingKey(one, asking)));
    if (questions.length === 0) return [];
    return [
      {
        window: asking,
        earliest: asking,
        best: asking,
        latest,
        minutes: questions.length * MINUTES_EACH,
        tools: [],
        facts: { rule: 'ask', trialId: trial.id, trial: trial.name, asking, questions },
      },
    ];
  },
};
