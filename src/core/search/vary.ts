import { leadingColour } from '../plants/colours';
import type { Scheme } from '../colour/schemes';
import type { PlantingInSpot } from '../plantings/planting';
import type { PlantKind } from '../plants/kind';
import { nearestSize } from '../plants/nursery';
import { schoolOf } from '../schools/index';
import { schemeOf } from '../checks/coloursSeen';
import { opinionOf } from '../checks/opinion';
import { read } from '../checks/reading';
import { familiarity } from '../plants/familiar';
import { commonGround, TOGETHER } from '../suitability/company';
import { mayShareWatering } from '../suitability/watering';
import { kindFitsScheme } from '../suitability/scheme';
import { inColours } from '../plantings/brief';
import { applyEdit, swapEdit } from '../plantings/edits';
import { inSpot } from '../plantings/planting';
import { finished, type Work } from '../work/steps';
import { goTogether, keepsWishes } from './oneIdea';
import { mayReplace } from './ask';
import { unlike } from './partners';
import { coloursIn, isOffered } from './proposal';
import { askFor, judged, kindsIn, membersOf, type Remade } from './remade';

/** A mood: the scheme, and what it comes to. */
export interface MoodWay {
  readonly scheme: Scheme;
  readonly remade: Remade;
}

/** How many kinds, likest first, are tried in the place of one. */
const TRIED = 12;
/** A kind fits a mood from here: it may stay. */
const FITS = 0.75;
const MOODS = 3;

/**
 * The same bones in three moods: places, sizes and roles stay; kinds that carry colour give way to like ones of another scheme. Moods
 * start from the schemes given, or from three unlike the one there is.
 */
export function vary(...asked: Parameters<typeof varying>): readonly MoodWay[] {
  return finished(varying(...asked));
}

/** The same, kind by kind. */
export function* varying(
  it: PlantingInSpot,
  kinds: readonly PlantKind[],
  schemes: readonly Scheme[] = moodsFor(it),
): Work<readonly MoodWay[]> {
  const found: MoodWay[] = [];
  for (const scheme of schemes) {
    const remade = yield* inMood(it, kinds, scheme);
    if (remade && remade.come.length > 0) found.push({ scheme, remade });
    if (found.length === MOODS) break;
  }
  return found;
}

function* inMood(
  it: PlantingInSpot,
  kinds: readonly PlantKind[],
  scheme: Scheme,
): Work<Remade | null> {
  const kindOf = kindsIn(it, kinds);
  const wishes = inColours(it.planting.wishes, scheme);
  let now = inSpot({ ...it.planting, wishes }, it.spot, kindOf, it.house);
  const ask = { ...askFor(now, kinds), wishes };
  const school = schoolOf(it.planting);
  for (const { kind, role } of membersOf(it)) {
    if (kindFitsScheme(kind, scheme) >= FITS) continue;
    yield;
    const there = new Set(now.plants.map(({ kindId }) => kindId));
    const others = now.plants.filter(({ kindId }) => kindId !== kind.id).map((p) => p.kind);
    // What was composed by hand against the wishes may stay so.
    const asWished = keepsWishes([...others, kind], ask);
    const worth = commonGround(now.plants.map((plant) => plant.kind)).worth;
    const tried = kinds
      .filter(
        (other) =>
          !there.has(other.id) &&
          other.roles.includes(role) &&
          school.allows(other, role) &&
          mayReplace(other, kind, ask) &&
          (!asWished || keepsWishes([...others, other], ask)) &&
          others.every((beside) => mayShareWatering(other, beside)) &&
          joins(other, others, worth),
      )
      .map((other) => ({ other, by: unlike(kind, other) - 4 * kindFitsScheme(other, scheme) }))
      .sort((a, b) => a.by - b.by)
      .slice(0, TRIED)
      .map(({ other }) => {
        const size = nearestSize(other, now.plants.find(({ kindId }) => kindId === kind.id)!.size);
        const after = inSpot(
          applyEdit(now.planting, swapEdit(kind.id, other.id, size)),
          it.spot,
          kindOf,
          it.house,
        );
        return { after, score: opinionOf(after).score };
      })
      .sort((a, b) => b.score - a.score)[0];
    if (tried) now = tried.after;
  }
  // A mood that is not seen in the whole is not told as one.
  const come = kindsOf(now).filter((kind) => !kindsOf(it).includes(kind));
  return goTogether(come, wishes) && honours(now)
    ? judged(it, 'vary', { places: now.planting.places, wishes }, kindOf)
    : null;
}

const kindsOf = ({ plants }: PlantingInSpot) => [...new Set(plants.map(({ kind }) => kind))];

/** Is it one that people grow with the others, as readily as what is there now, and no second rarity? */
function joins(kind: PlantKind, others: readonly PlantKind[], worth: number): boolean {
  return (
    commonGround([...others, kind]).worth >= Math.min(TOGETHER, worth) &&
    (familiarity(kind) !== 'seldom' || others.every((other) => familiarity(other) !== 'seldom'))
  );
}

/** Is the wished scheme there, with every colour it cannot do without, and nothing else in trouble? */
function honours(it: PlantingInSpot): boolean {
  const opinion = opinionOf(it);
  return (
    isOffered(opinion) &&
    coloursIn(opinion).missing.length === 0 &&
    opinion.remarks.every(({ check, severity }) => check !== 'scheme' || severity === 'right')
  );
}

/** Schemes unlike the one there is, and unlike each other, the plainest first. */
export function moodsFor(it: PlantingInSpot): readonly Scheme[] {
  const lead = it.plants[0] ? leadingColour(it.plants[0].kind) : ([0.6, 0.15, 20] as const);
  const all: readonly Scheme[] = [
    { kind: 'warm' },
    { kind: 'cool' },
    { kind: 'pastel' },
    { kind: 'jewel' },
    { kind: 'one-and-white', colour: lead },
  ];
  return all.filter(({ kind }) => kind !== schemeOf(read(it)).kind);
}
