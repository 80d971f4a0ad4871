import { addDays, daysBetween } from '../../calendar/day';
import { WILTS } from '../outlook';
import type { Rule } from '../task';

/** Minutes: for a walk to one container with a can, and for each litre poured. Ours, from doing it. */
const MINUTES = { walk: 0.7, litre: 0.15 } as const;
/** So far from what it holds a plant is about to wilt. */
const NEARLY_WILTED = 0.2;

/** Water before it is felt: on the last round from which it would not last until the next. */
export const water: Rule = {
  id: 'water',
  // Watered, it wants none: the balance tells, not an entry.
  answeredBy: [],
  tasks: ({ reading, outlook, pot, lately, water: now, today, hour }) => {
    const { wants } = outlook;
    if (!wants || wants.day > addDays(today, 1) || reading.spot.waters.by === 'drip') return [];
    const isNow = wants.day === today && (wants.part === 'morning' || hour >= 12);
    return [
      {
        window: `${wants.day} ${wants.part}`,
        earliest: isNow ? today : wants.day,
        best: wants.day,
        latest: wants.day,
        minutes: MINUTES.walk + outlook.litres * MINUTES.litre,
        litres: outlook.litres,
        tools: ['can'],
        isUrgent: outlook.share < NEARLY_WILTED,
        facts: {
          rule: 'water',
          share: outlook.share,
          litres: outlook.litres,
          part: wants.part,
          sure: outlook.sure,
          timesADay: outlook.timesADay,
          factor: now.thirst.factor,
          wiltedOn:
            lately.findLast(
              ({ day, waterL, reserveL }) =>
                day < today && waterL + reserveL < WILTS * pot.capL && daysBetween(day, today) <= 7,
            )?.day ?? null,
        },
      },
    ];
  },
};
