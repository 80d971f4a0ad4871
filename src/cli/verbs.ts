import { allPlants } from '@/core/plantings/planting';
import { USUAL_HOUSE } from '@/core/plantings/house';
import * as z from 'zod';
import { opinionOf } from '@/core/checks/opinion';
import { brimL, mixAreaCm2, mixL, type Container } from '@/core/containers/container';
import { MATERIAL_IDS } from '@/core/containers/materials';
import { containerSchema, shapeSchema } from '@/core/containers/schema';
import { insideVolumeL, isHung, rimLengthCm } from '@/core/containers/shape';
import { weightOf } from '@/core/containers/weight';
import { parseWith, type Parsed } from '@/core/files/parse';
import { jsonSchemaOf } from '@/core/files/plantingFile';
import { BOOK, kindOf } from '@/core/plants/book/index';
import { findKinds } from '@/core/plants/find';

import { noHarmKnown, ROLES } from '@/core/plants/kind';
import { MOST_PACKED } from '@/core/placing/pack';
import { PACKED_SIZE_IDS } from '@/core/plants/nursery';
import { fitsIn } from '@/core/placing/fits';
import { fillingOf } from '@/core/potting/filling';
import { frostRisk } from '@/core/potting/rootZone';
import { tippingOf } from '@/core/potting/tipping';
import { wishesSchema } from '@/core/plantings/schema';
import { usualContainer } from '@/core/containers/usual';
import { foreseenSeason } from '@/core/checks/foreseen';
import { read as readingOf } from '@/core/checks/reading';
import { scale as scaledTo } from '@/core/search/scale';
import { remaking, type RemakeAsk } from '@/core/search/remaking';
import { changeText } from '@/words/remade';
import type { Ask } from '@/core/search/ask';
import { readGroup } from '@/core/checks/asOne';
import { composeGroup } from '@/core/search/group';
import { obstaclesTo } from '@/core/search/obstacles';
import { proposeNow } from '@/core/search/propose';
import { shoppingListOf } from '@/core/shopping/shoppingList';
import { withLightInUse } from '@/core/spots/light';
import { spotFields, spotSchema } from '@/core/spots/schema';
import { isLengthUnit, toCm, type LengthUnit } from '@/core/units/units';
import { aboutText } from '@/words/about';
import { leadWord, sentenceOf } from '@/words/remarks';
import { readQuestion, bad, faultLine, json, round, type Answer } from './answer';
import { calendar, round as roundVerb, tasks, water } from './careVerbs';
import { batch, buy, steps, template } from './makingVerbs';
import { plantingIn } from './plantingIn';
import { climate, sun } from './spotVerbs';

const UNITS = { length: 'cm', currency: '' } as const;
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

/** A container from its shape and material, the rest as usual; lengths in `unit` when given. */
function containerIn(data: unknown, unit: unknown): Parsed<Container> {
  const lengthUnit = unit ?? 'cm';
  if (typeof lengthUnit !== 'string' || !isLengthUnit(lengthUnit))
    return {
      ok: false,
      faults: [
        {
          field: 'unit',
          message: `unit must be one of cm, in, mm, m; got ${JSON.stringify(unit)}.`,
        },
      ],
    };
  const given = (typeof data === 'object' && data !== null ? data : {}) as Record<string, unknown>;
  const rawShape = (
    typeof given.shape === 'object' && given.shape !== null ? given.shape : {}
  ) as Record<string, unknown>;
  const scaled = inCm(rawShape, lengthUnit);
  const shape = readQuestion(shapeSchema, scaled);
  if (!shape.ok)
    return {
      ok: false,
      faults: shape.faults.map((fault) => ({
        ...fault,
        field: `container.shape${fault.field ? `.${fault.field}` : ''}`,
      })),
    };
  const material = parseWith(
    z.enum(MATERIAL_IDS, {
      error: (issue) =>
        `material must be one of ${MATERIAL_IDS.join(', ')}; got ${JSON.stringify(issue.input) ?? 'nothing'}.`,
    }),
    given.material,
  );
  if (!material.ok)
    return {
      ok: false,
      faults: material.faults.map((fault) => ({ ...fault, field: 'container.material' })),
    };
  const { shape: _shape, material: _material, ...rest } = given;
  return readQuestion(containerSchema, {
    ...usualContainer('Container', shape.value, material.value),
    ...rest,
  });
}

/** A shape's lengths turned into centimetres, at any depth; shares and names stay. */
function inCm(value: unknown, unit: LengthUnit, name = ''): unknown {
  if (typeof value === 'number')
    return name.endsWith('Cm') || name === 'points' ? toCm(value, unit) : value;
  if (Array.isArray(value)) return value.map((one) => inCm(one, unit, name));
  if (typeof value === 'object' && value !== null)
    return Object.fromEntries(
      Object.entries(value).map(([key, one]) => [key, inCm(one, unit, key)]),
    );
  return value;
}

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

const askSchema = z.object({
  spot: spotFields.partial().optional(),
  wishes: wishesSchema.partial().optional(),
  plantedWeek: z.number().int().min(1).max(52).default(20),
  endWeek: z.number().int().min(1).max(52).default(42),
  seed: z.number().int().min(0).default(1),
  wanted: z.number().int().min(1).max(24).default(6),
});

/** An ask for a container: spot, wishes and weeks as given, the rest as usual. */
function askIn(
  value: Record<string, unknown>,
  container: Container,
):
  | { readonly ok: true; readonly value: Ask & { readonly wanted: number } }
  | { readonly ok: false; readonly answer: Answer } {
  const told = readQuestion(askSchema, value, ['container', 'containers', 'unit']);
  if (!told.ok) return { ok: false, answer: faultLine(told) };
  const { spot: spotGiven, wishes: wishesGiven, plantedWeek, endWeek, seed, wanted } = told.value;
  const spot = parseWith(spotSchema, {
    id: 'spot',
    name: 'Spot',
    sunHours: 6,
    sunWhen: 'spread',
    view: isHung(container.shape) ? 'from below' : 'one side',
    pets: false,
    children: false,
    underCover: false,
    dropCm: 0,
    ...spotGiven,
  });
  if (!spot.ok) return { ok: false, answer: faultLine(spot) };
  const wishes = parseWith(wishesSchema, {
    scheme: { kind: 'warm' },
    fullInWeeks: 8,
    budget: null,
    kitchen: false,
    ...wishesGiven,
  });
  if (!wishes.ok) return { ok: false, answer: faultLine(wishes) };
  return {
    ok: true,
    value: {
      container,
      spot: withLightInUse(spot.value),
      wishes: wishes.value,
      plantedWeek,
      endWeek,
      house: USUAL_HOUSE,
      seed,
      kinds: BOOK,
      wanted,
    },
  };
}

function propose(text: string): Answer {
  const read = json(text);
  if (!read.ok) return read.answer;
  const container = containerIn(read.value.container, read.value.unit);
  if (!container.ok) return faultLine(container);
  const question = askIn(read.value, container.value);
  if (!question.ok) return question.answer;
  const { wanted, ...ask } = question.value;
  const found = proposeNow(ask, { wanted, effort: Math.max(48, wanted * 8), improve: 0 });
  if (found.length === 0) {
    const { obstacles, ruledOut } = obstaclesTo(ask);
    return {
      kind: 'not possible',
      message: `No planting suits these wishes. Ruled out: ${JSON.stringify(ruledOut)}. Would help: ${obstacles.map(({ relaxed, proposals }) => `${relaxed.join(' and ')} (${proposals})`).join(', ') || 'nothing that was tried'}.`,
    };
  }
  return {
    kind: 'done',
    output: {
      proposals: found.map((proposal) => ({
        school: proposal.school,
        about: aboutText(proposal, kindOf),
        score: round(proposal.score),
        cost: round(proposal.cost),
        places: proposal.places,
      })),
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

const remakeSchema = z.discriminatedUnion(
  'how',
  [
    z.object({ how: z.literal('vary') }),
    z.object({ how: z.literal('finish'), keep: z.array(z.string()).optional() }),
    z.object({ how: z.literal('refresh'), weeks: z.number().int().min(1).max(52) }),
    z.object({
      how: z.literal('season'),
      plantedWeek: z.number().int().min(1).max(52),
      endWeek: z.number().int().min(1).max(52),
    }),
    z.object({
      how: z.literal('repeat'),
      ends: z.enum(['matched', 'party']).default('matched'),
      unit: z.array(z.string()).optional(),
    }),
  ],
  { error: 'how must be vary, finish, refresh, season or repeat.' },
);

function remake(text: string): Answer {
  const told = json(text);
  if (!told.ok) return told.answer;
  const {
    how: _how,
    keep: _keep,
    weeks: _weeks,
    plantedWeek: _from,
    endWeek: _to,
    ends: _ends,
    unit: _unit,
    ...file
  } = told.value;
  const way = parseWith(remakeSchema, told.value);
  if (!way.ok) return faultLine(way);
  const known = plantingIn(JSON.stringify(file));
  if (!known.ok) return known.answer;
  const { how, ...rest } = way.value;
  const ask = {
    kind: how,
    ...rest,
    ...(how === 'finish'
      ? { keep: way.value.keep ?? null }
      : how === 'repeat'
        ? { unit: way.value.unit ?? null }
        : {}),
  } as RemakeAsk;
  const { ways, decisions } = remaking(known.it, ask, BOOK);
  if (ways.length === 0)
    return {
      kind: 'not possible',
      message: `Nothing came of it (${how}): what is there has every part, or nothing else suits.`,
    };
  return {
    kind: 'done',
    output: {
      decisions,
      ways: ways.map(({ remade, scheme }) => ({
        scheme,
        about: changeText(remade, scheme, kindOf).about,
        scoreBefore: round(remade.scoreBefore),
        score: round(remade.score),
        cost: round(remade.cost),
        change: remade.change,
      })),
    },
  };
}

/** A planting file with another container beside it: the same planting in that. */
function scale(text: string): Answer {
  const told = json(text);
  if (!told.ok) return told.answer;
  const { to, unit, ...file } = told.value;
  const container = containerIn(to, unit);
  if (!container.ok)
    return faultLine({
      ...container,
      faults: container.faults.map((fault) => ({ ...fault, field: `to.${fault.field}` })),
    });
  const known = plantingIn(JSON.stringify(file));
  if (!known.ok) return known.answer;
  const remade = scaledTo(known.it, container.value, BOOK);
  if (!remade)
    return {
      kind: 'not possible',
      message: 'None of its plants go into that container, in whatever size they are sold.',
    };
  return {
    kind: 'done',
    output: {
      about: changeText(remade, null, kindOf).about,
      plants: remade.change.places.length,
      plantsBefore: known.it.plants.length,
      gone: remade.gone,
      come: remade.come,
      scoreBefore: round(remade.scoreBefore),
      score: round(remade.score),
      cost: round(remade.cost),
      change: remade.change,
    },
  };
}

function group(text: string): Answer {
  const told = json(text);
  if (!told.ok) return told.answer;
  const given = told.value.containers;
  if (!Array.isArray(given) || given.length < 2 || given.length > 9)
    return bad('containers: must be two to nine containers.');
  const containers: Container[] = [];
  for (const [i, one] of given.entries()) {
    const container = containerIn(one, told.value.unit);
    if (!container.ok)
      return faultLine({
        ok: false,
        faults: container.faults.map((fault) => ({
          ...fault,
          field: `containers.${i}${fault.field.replace(/^container/, '')}`,
        })),
      });
    containers.push(container.value);
  }
  const question = askIn(told.value, containers[0]!);
  if (!question.ok) return question.answer;
  const { container: _container, ...ask } = question.value;
  const members = composeGroup(containers, ask);
  if (!members)
    return {
      kind: 'not possible',
      message: 'One of the containers cannot be planted within these wishes.',
    };
  return {
    kind: 'done',
    output: {
      reading: readGroup(members, kindOf),
      members: members.map(({ container, atCm, school, score, places }) => ({
        shape: container.shape,
        atCm,
        school,
        score: round(score),
        places,
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
