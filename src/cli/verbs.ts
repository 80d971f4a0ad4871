import { group, propose, remake, scale } from './composeVerbs';
import { containerIn } from './containerIn';
import { allPlants } from '@/core/plantings/planting';
import * as z from 'zod';
import { opinionOf } from '@/core/checks/opinion';
import { brimL, mixAreaCm2, mixL } from '@/core/containers/container';
import { insideVolumeL, rimLengthCm } from '@/core/containers/shape';
import { weightOf } from '@/core/containers/weight';
import { jsonSchemaOf } from '@/core/files/plantingFile';
import { BOOK } from '@/core/plants/book/index';
import { findKinds } from '@/core/plants/find';
import { noHarmKnown, ROLES } from '@/core/plants/kind';
import { MOST_PACKED } from '@/core/placing/pack';
import { PACKED_SIZE_IDS } from '@/core/plants/nursery';
import { fitsIn } from '@/core/placing/fits';
import { fillingOf } from '@/core/potting/filling';
import { frostRisk } from '@/core/potting/rootZone';
import { tippingOf } from '@/core/potting/tipping';
import { foreseenSeason } from '@/core/checks/foreseen';
import { read as readingOf } from '@/core/checks/reading';
import { shoppingListOf } from '@/core/shopping/shoppingList';
import { leadWord, sentenceOf } from '@/words/remarks';
import { readQuestion, bad, faultLine, json, round, type Answer, UNITS } from './answer';
import { calendar, round as roundVerb, tasks, water } from './careVerbs';
import { batch, buy, steps, template } from './makingVerbs';
import { plantingIn } from './plantingIn';
import { climate, sun } from './spotVerbs';

/** Every verb, from input text to answer. */
export const VERBS: Readonly<Record<string, (text: string) => Answer>> = {
  propose,
  check,
  foresee,
  remake,
  scale,
  group,
  measure,
  sun,
  climate,
  plants,
  shop,
  buy,
  template,
  steps,
  batch,
  water,
  tasks,
  round: roundVerb,
  calendar,
  schema,
};

const measureSchema = z.object({ container: z.unknown(), unit: z.unknown().optional() });

function measure(text: string): Answer {
  const read = json(text);
  if (!read.ok) return read.answer;
  const known = readQuestion(measureSchema, read.value);
  if (!known.ok) return faultLine(known);
  const container = containerIn(read.value.container, read.value.unit);
  if (!container.ok) return faultLine(container);
  const weight = weightOf(container.value, 0);
  const { top, sides } = fitsIn(container.value);
  const tip = tippingOf(container.value, [], []);
  const filling = fillingOf(container.value, [], true);
  return {
    kind: 'done',
    output: {
      brimL: round(brimL(container.value)),
      byShapeL: round(insideVolumeL(container.value)),
      mixL: round(mixL(container.value)),
      surfaceCm2: round(mixAreaCm2(container.value)),
      rimCm: round(rimLengthCm(container.value.shape)),
      depthCm: round(filling.depthCm),
      topThirdL: round(filling.topThirdL),
      lostL: round(filling.lostL),
      emptyKg: round(weight.emptyKg),
      dryKg: round(weight.dryKg),
      wateredKg: round(weight.wateredKg),
      soakedKg: round(weight.soakedKg),
      tipsAtMs: tip && [round(tip.leastMs), round(tip.mostMs)],
      frost: frostRisk(container.value),
      fits: Object.fromEntries(PACKED_SIZE_IDS.map((size) => [size, top[size].length])),
      fitsCountedTo: MOST_PACKED,
      sides,
    },
  };
}

function check(text: string): Answer {
  const read = plantingIn(text);
  if (!read.ok) return read.answer;
  const opinion = opinionOf(read.it);
  return {
    kind: 'done',
    output: {
      score: round(opinion.score),
      remarks: opinion.remarks.map((remark) => ({
        check: remark.check,
        word: leadWord(remark),
        certainty: remark.certainty,
        score: round(remark.score),
        ...sentenceOf(remark, read.it, UNITS),
        facts: remark.facts,
        places: remark.culprits,
      })),
    },
  };
}

function foresee(text: string): Answer {
  const known = plantingIn(text);
  if (!known.ok) return known.answer;
  const reading = readingOf(known.it);
  const { fullWeek, bareMix, interest, overtakings } = foreseenSeason(reading);
  return {
    kind: 'done',
    output: {
      fullWeek,
      bareMix: bareMix.map(round),
      interest: interest.map(round),
      overtakings,
      plants: known.it.plants.map(({ id, kindId }, i) => ({
        place: id,
        kindId,
        weeks: bareMix.map((_, week) => {
          const { heightCm, spreadCm, trailCm, bloom, shaded } = reading.sizesAt(week)[i]!;
          return {
            heightCm: round(heightCm),
            spreadCm: round(spreadCm),
            trailCm: round(trailCm),
            bloom: round(bloom),
            shaded: round(shaded),
          };
        }),
      })),
    },
  };
}

function shop(text: string): Answer {
  const read = plantingIn(text);
  if (!read.ok) return read.answer;
  return { kind: 'done', output: shoppingListOf(read.it.planting.container, allPlants(read.it)) };
}

const querySchema = z.object({
  find: z.string().default(''),
  role: z.enum(ROLES).optional(),
  sunHours: z.number().min(0).max(16).optional(),
  safe: z.boolean().default(false),
});

function plants(text: string): Answer {
  const read = json(text);
  if (!read.ok) return read.answer;
  const query = readQuestion(querySchema, read.value);
  if (!query.ok) return faultLine(query);
  const { find, role, sunHours, safe } = query.value;
  const found = findKinds(BOOK, find).filter(
    (kind) =>
      (!role || kind.roles.includes(role)) &&
      (sunHours === undefined ||
        (kind.light.hours[0] <= sunHours && kind.light.hours[1] >= sunHours)) &&
      (!safe || noHarmKnown(kind)),
  );
  return { kind: 'done', output: { plants: found } };
}

function schema(text: string): Answer {
  const read = json(text);
  if (!read.ok) return read.answer;
  const known = readQuestion(z.object({ format: z.unknown().optional() }), read.value);
  if (!known.ok) return faultLine(known);
  const format = read.value.format ?? 'planting';
  if (format !== 'planting' && format !== 'backup')
    return bad(`format: must be planting or backup; got ${JSON.stringify(format)}.`);
  return { kind: 'done', output: jsonSchemaOf(format) };
}
