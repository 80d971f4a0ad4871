import * as z from 'zod';
import { CLIMATES, CLIMATE_IDS, climateAt } from '@/core/climate/climates';
import { frostDates, growingWeeks, hardinessOf } from '@/core/climate/season';
import { extraterrestrialMJ, referenceEtMm } from '@/core/sky/radiation';
import { MONTH_STARTS } from '@/core/sky/days';
import { lightLabel, lightSpells, sunWhenOf } from '@/core/spots/lightLabel';
import { LIGHT_HABITS } from '@/core/spots/terms';
import { bounded, obstacleSchema } from '@/core/spots/lightSchema';
import {
  daysFrom,
  heatHours,
  midsummerDays,
  meanSun,
  monthlySun,
  reckonYear,
  seasonDays,
} from '@/core/spots/reckoning';
import { REFLECTED_SHARE, REFLECTS } from '@/core/spots/spot';
import { dayText } from '@/words/light';
import { readQuestion, bad, faultLine, json, round, type Answer } from './answer';

const sunSchema = z.object({
  latitudeDeg: bounded('Latitude', '°', -90, 90),
  longitudeDeg: bounded('Longitude', '°', -180, 180).default(0),
  leafHeightCm: bounded('Height of the leaves', 'cm', 0, 2000).default(60),
  obstacles: z.array(obstacleSchema).max(24, 'At most 24 things stand around a spot.').default([]),
  habit: z.enum(LIGHT_HABITS).default('plain'),
  reflects: z.enum(REFLECTS).default('nothing'),
  plantedWeek: z
    .number()
    .int()
    .min(1, 'Planting week must be 1–52.')
    .max(52, 'Planting week must be 1–52.')
    .default(20),
  weeks: z.number().int().min(1, 'Weeks must be 1–52.').max(52, 'Weeks must be 1–52.').default(22),
});

/** Hours of sun from what stands around: at midsummer, by month, through the season. */
export function sun(text: string): Answer {
  const read = json(text);
  if (!read.ok) return read.answer;
  const question = readQuestion(sunSchema, read.value);
  if (!question.ok) return faultLine(question);
  const {
    latitudeDeg,
    longitudeDeg,
    leafHeightCm,
    obstacles,
    habit,
    reflects,
    plantedWeek,
    weeks,
  } = question.value;
  const ids = obstacles.map(({ id }) => id);
  const twice = ids.find((id, i) => ids.indexOf(id) !== i);
  if (twice) return bad(`obstacles: Obstacle id must be used once; got "${twice}" again.`);
  const year = reckonYear({ latitudeDeg, longitudeDeg, obstacles, leafHeightCm });
  const midsummer = meanSun(year, midsummerDays(latitudeDeg));
  const days = seasonDays(plantedWeek, weeks);
  const told = (mean: ReturnType<typeof meanSun>) => ({
    directH: round(mean.directH),
    beforeNoonH: round(mean.directAmH),
    afterNoonH: round(mean.directPmH),
    dappledH: round(mean.dappledH),
    heatH: round(heatHours(mean, REFLECTED_SHARE[reflects])),
    label: lightLabel(mean, habit),
  });
  return {
    kind: 'done',
    output: {
      midsummer: told(midsummer),
      sunWhen: sunWhenOf(midsummer),
      season: told(meanSun(year, days)),
      months: monthlySun(year).map(told),
      spells: lightSpells(year, daysFrom(days[0]!, days.length), habit).map(
        ({ label, fromDay, toDay }) => ({ label, from: dayText(fromDay), to: dayText(toDay) }),
      ),
    },
  };
}

const climateSchema = z.object({
  climate: z
    .enum(CLIMATE_IDS, {
      error: (issue) =>
        `climate must be one of ${CLIMATE_IDS.join(', ')}; got ${JSON.stringify(issue.input)}.`,
    })
    .optional(),
  latitudeDeg: bounded('Latitude', '°', -90, 90).default(51.5),
});

/** Typical normals of a climate at a latitude; without one, the list of climates. */
export function climate(text: string): Answer {
  const read = json(text);
  if (!read.ok) return read.answer;
  const question = readQuestion(climateSchema, read.value);
  if (!question.ok) return faultLine(question);
  if (question.value.climate === undefined)
    return {
      kind: 'done',
      output: { climates: CLIMATES.map(({ id, name, words }) => ({ id, name, words })) },
    };
  const { latitudeDeg } = question.value;
  const here = climateAt(question.value.climate, latitudeDeg);
  const frost = frostDates(here);
  const dates = (of: Readonly<Record<string, number>>) =>
    Object.fromEntries(
      Object.entries(of).map(([chance, day]) => [
        `${Math.round(Number(chance) * 100)} %`,
        dayText(day),
      ]),
    );
  return {
    kind: 'done',
    output: {
      id: here.id,
      name: here.name,
      words: here.words,
      typical: true,
      months: here.minC.map((minC, month) => {
        const raMJ = extraterrestrialMJ(
          latitudeDeg,
          (MONTH_STARTS[month]! + MONTH_STARTS[month + 1]!) / 2,
        );
        return {
          minC,
          maxC: here.maxC[month],
          rainMm: here.rainMm[month],
          sunShare: here.sunShare[month],
          raMJ: round(raMJ),
          et0Mm: round(referenceEtMm({ minC, maxC: here.maxC[month]!, raMJ })),
        };
      }),
      lastFrostLater: frost ? dates(frost.last) : null,
      firstFrostSooner: frost ? dates(frost.first) : null,
      growingWeeks: growingWeeks(here),
      hardiness: hardinessOf(here.coldestC),
    },
  };
}
