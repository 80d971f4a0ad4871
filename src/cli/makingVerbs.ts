import { allPlants } from '../core/plantings/planting';
import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import * as z from 'zod';
import { read as readingOf } from '@/core/checks/reading';
import {
  MOST_ALIKE,
  minutesFor,
  plantsPer,
  salePriceMinor,
  shortfallOf,
} from '@/core/making/batch';
import { lineMinor, otherLines, plantLines, secondChoicesFor } from '@/core/making/list';
import { needsOf } from '@/core/making/needs';
import { anywhere, stopFrom } from '@/core/making/offers';
import { PAPER_IDS } from '@/core/making/sheet';
import { stepsOf } from '@/core/making/steps';
import { cheapestTrip, tripTo } from '@/core/making/trip';
import { BOOK, kindOf } from '@/core/plants/book/index';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { benchesOf, STOPS } from '@/core/shopping/stops';
import { sheetPdf } from '@/drawing/sheetPdf';
import { sheetSvg } from '@/drawing/sheetSvg';
import { amountText, lineName } from '@/words/making';
import { cautionText, stepLines, stepTitle } from '@/words/potting';
import { PARTS, templatePages } from '@/words/templatePages';
import { bad, faultLine, json, readQuestion, round, type Answer, UNITS } from './answer';
import { plantingIn } from './plantingIn';

const count = z
  .number()
  .int('count must be a whole number.')
  .min(1, `count must be 1–${MOST_ALIKE}.`)
  .max(MOST_ALIKE, `count must be 1–${MOST_ALIKE}.`);

/** A planting file with a question beside it, under the name of its verb. */
export function asked<T>(
  text: string,
  name: string,
  schema: z.ZodType<T>,
):
  | { readonly ok: true; readonly it: PlantingInSpot; readonly question: T }
  | { readonly ok: false; readonly answer: Answer } {
  const told = json(text);
  if (!told.ok) return told;
  const { [name]: question = {}, ...file } = told.value;
  const parsed = readQuestion(schema, question);
  if (!parsed.ok) return { ok: false, answer: faultLine(parsed) };
  const known = plantingIn(JSON.stringify(file));
  return known.ok ? { ok: true, it: known.it, question: parsed.value } : known;
}

const around = (it: PlantingInSpot) => ({
  house: it.house,
  owned: () => 0,
  isReused: () => false,
});

const buySchema = z.object({
  /** On which day the simulated stops are asked; left out: typical prices, nothing is out. */
  day: z.iso.date('buy.day must be a date like 2026-05-18.').optional(),
  count: count.default(1),
  /** What going to a stop costs, pence or cents. */
  tripMinor: z.number().int().min(0).max(1_000_000).default(300),
});

/** What to buy for so many of a planting: the cheapest packs, and where. */
export function buy(text: string): Answer {
  const read = asked(text, 'buy', buySchema);
  if (!read.ok) return read.answer;
  const { it, question } = read;
  const needs = needsOf(
    Array.from({ length: question.count }, () => it),
    around(it),
  );
  const { day } = question;
  const plan = day
    ? cheapestTrip(
        needs.plants,
        STOPS.map((stop) =>
          stopFrom(stop.id, question.tripMinor, benchesOf(BOOK, stop, 1, day), kindOf),
        ),
      )
    : tripTo(needs.plants, [anywhere(kindOf)]);
  const lines = [
    ...plantLines(plan, (kindId) => secondChoicesFor(kindId, [it.planting])),
    ...otherLines(needs),
  ];
  return {
    kind: 'done',
    output: {
      stops: plan.stops,
      tripsMinor: plan.tripsMinor,
      short: plan.kinds
        .filter(({ short }) => short > 0)
        .map(({ kindId, short }) => ({ kindId, plants: short })),
      lines: lines.map((line) => ({
        what: line.what.kind === 'plants' ? line.what.kindId : lineName(line, kindOf),
        amount: amountText(line, UNITS),
        stop: line.stop,
        packs: line.packs,
        priceMinor: lineMinor(line),
        ...(line.what.kind === 'plants'
          ? { spare: line.what.spare, orElse: line.what.orElse }
          : {}),
      })),
      totalMinor: plan.tripsMinor + lines.reduce((sum, line) => sum + lineMinor(line), 0),
    },
  };
}

/** Every step of making a planting, with its words. */
export function steps(text: string): Answer {
  const read = plantingIn(text);
  if (!read.ok) return read.answer;
  const { it } = read;
  return {
    kind: 'done',
    output: {
      steps: stepsOf(readingOf(it), it.house).map((step) => ({
        key: step.key,
        title: stepTitle(step, kindOf),
        does: stepLines(step, allPlants(it), UNITS, kindOf),
        cautions: step.cautions.map((caution) => cautionText(caution, kindOf, UNITS)),
        minutes: round(step.minutes),
        facts: step.what,
      })),
    },
  };
}

const batchSchema = z.object({
  count,
  /** Plants of a kind that are at hand; kinds that are left out are taken to be enough. */
  there: z.record(z.string(), z.number().int().min(0).max(1_000_000)).default({}),
  /** Minutes that earlier ones took. */
  earlier: z.array(z.number().min(0).max(1440)).max(1000).default([]),
  margin: z.number().min(0, 'margin must be 0–.9.').max(0.9, 'margin must be 0–.9.').default(0.4),
});

/** Many of one planting: plants for all, how far a stock goes, time, cost and price. */
export function batch(text: string): Answer {
  const read = asked(text, 'batch', batchSchema);
  if (!read.ok) return read.answer;
  const { it, question } = read;
  const unknown = Object.keys(question.there).find(
    (id) => !it.planting.places.some(({ kindId }) => kindId === id),
  );
  if (unknown) return bad(`batch.there: the planting has no "${unknown}".`);
  const per = plantsPer(it.planting);
  const needs = needsOf(
    Array.from({ length: question.count }, () => it),
    around(it),
  );
  const lines = [...plantLines(tripTo(needs.plants, [anywhere(kindOf)])), ...otherLines(needs)];
  const costMinor = Math.round(
    lines.reduce((sum, line) => sum + lineMinor(line), 0) / question.count,
  );
  const { whole, short, shares } = shortfallOf(
    per,
    question.count,
    new Map(Object.entries(question.there)),
  );
  const oneMinutes = stepsOf(readingOf(it), it.house).reduce(
    (sum, { minutes }) => sum + minutes,
    0,
  );
  return {
    kind: 'done',
    output: {
      each: Object.fromEntries(per),
      all: Object.fromEntries([...per].map(([kindId, n]) => [kindId, n * question.count])),
      whole,
      short,
      shares: shares.map((share) => Object.fromEntries(share)),
      minutes: round(minutesFor(question.count, { oneMinutes, earlier: question.earlier })),
      costMinor,
      priceMinor: salePriceMinor(costMinor, question.margin),
    },
  };
}

const templateSchema = z.object({
  part: z
    .enum(PARTS, { error: `template.part must be one of ${PARTS.join(', ')}.` })
    .default('template'),
  paper: z
    .enum(PAPER_IDS as unknown as readonly [(typeof PAPER_IDS)[number]], {
      error: `template.paper must be one of ${PAPER_IDS.join(', ')}.`,
    })
    .default('A4'),
  marginMm: z.number({ error: 'template.marginMm must be a number.' }).default(8),
  drip: z.boolean().default(false),
  as: z.enum(['pdf', 'svg'], { error: 'template.as must be pdf or svg.' }).default('pdf'),
  /** Where the codes on labels lead. */
  address: z.string().max(200).default('http://localhost:3000'),
});

/** The plan of a planting on paper, as a PDF or SVG file. */
export function template(text: string): Answer {
  const read = asked(text, 'template', templateSchema);
  if (!read.ok) return read.answer;
  const { it, question } = read;
  const found = templatePages(it, question, UNITS, question.address);
  if (!found.ok) return { kind: 'not possible', message: found.message };
  if (question.as === 'svg') {
    if (!found.sheet) return bad(`template.as: ${question.part} is written as pdf only.`);
    const svg = sheetSvg(found.sheet, it.planting.name);
    return { kind: 'file', write: () => Promise.resolve(new TextEncoder().encode(svg)) };
  }
  return {
    kind: 'file',
    write: () =>
      sheetPdf(found.pages, {
        title: it.planting.name,
        fonts: { plain: font(500), strong: font(700) },
      }),
  };
}

const { resolve } = createRequire(`${process.cwd()}/package.json`);
const font = (weight: number) =>
  readFileSync(resolve(`@fontsource/archivo/files/archivo-latin-${weight}-normal.woff`));
