import { askIn } from './askIn';
import { containerIn } from './containerIn';
import * as z from 'zod';
import { type Container } from '@/core/containers/container';
import { parseWith } from '@/core/files/parse';
import { BOOK, kindOf } from '@/core/plants/book/index';
import { scale as scaledTo } from '@/core/search/scale';
import { remaking, type RemakeAsk } from '@/core/search/remaking';
import { changeText } from '@/words/remade';
import { readGroup } from '@/core/checks/asOne';
import { composeGroup } from '@/core/search/group';
import { obstaclesTo } from '@/core/search/obstacles';
import { proposeNow } from '@/core/search/propose';
import { aboutText } from '@/words/about';
import { bad, faultLine, json, round, type Answer } from './answer';
import { plantingIn } from './plantingIn';

export function propose(text: string): Answer {
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
        scheme: proposal.scheme.kind,
        about: aboutText(proposal, kindOf),
        score: round(proposal.score),
        cost: round(proposal.cost),
        places: proposal.places,
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

export function remake(text: string): Answer {
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
export function scale(text: string): Answer {
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

export function group(text: string): Answer {
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
