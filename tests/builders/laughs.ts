import { isLiked } from '@/core/search/liking';
import { CHECKS } from '@/core/checks/rules/index';
import { opinionOf } from '@/core/checks/opinion';
import { climateAt } from '@/core/climate/climates';
import { normalOn } from '@/core/climate/season';
import { familiarity } from '@/core/plants/familiar';
import { hasColouredLeaves, hasFormedLeaves } from '@/core/plants/leaves';
import { kindOf } from '@/core/plants/book/index';
import type { PlantKind } from '@/core/plants/kind';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { plantCost } from '@/core/shopping/plantCost';
import type { Ask } from '@/core/search/ask';
import { proposedIn, type Proposal } from '@/core/search/proposal';
import { dayOfWeek } from '@/core/sky/days';
import { frostFreeWeeks } from '@/core/spots/frost';
import { kindThere } from '@/core/plantings/kindThere';
import { besides } from '@/core/suitability/company';
import { weekAfter, weeksBetween } from '@/core/units/units';

/** What a practitioner would laugh at: said anew here from the book's fields, not by the functions that the search asks. */
export type Laugh = readonly [rule: string, about: string];

const within = ([from, to]: readonly [number, number], week: number, slack = 0) =>
  weeksBetween(weekAfter(from, -slack), week) <= Math.min(51, weeksBetween(from, to) + 2 * slack);

/** Its week in the book's year; `null` where there are no seasons. */
function bookWeekAt(ask: Ask, week: number): number | null {
  const { climate, latitudeDeg } = ask.spot.site;
  if (climate.startsWith('tropical')) return null;
  return latitudeDeg >= 0 ? week : weekAfter(week, 26);
}

const kindsOf = ({ places }: Pick<Proposal, 'places'>): PlantKind[] =>
  [...new Set(places.map(({ kindId }) => kindId))].map((id) => kindOf(id)!);

/** All that is to be laughed at in the plants of one planting, whoever composed it. */
export function laughsAtKinds(kinds: readonly PlantKind[], ask: Ask): Laugh[] {
  const { spot, plantedWeek, endWeek } = ask;
  const climate = climateAt(spot.site.climate, spot.site.latitudeDeg);
  const weeks = weeksBetween(plantedWeek, endWeek);
  const counted = Array.from({ length: Math.floor(weeks * 0.8) + 1 }, (_, i) =>
    weekAfter(plantedWeek, i),
  );
  const nights = counted.map((week) => normalOn(climate.minC, (dayOfWeek(week) + 3) % 365));
  const days = counted.map((week) => normalOn(climate.maxC, (dayOfWeek(week) + 3) % 365));
  const wintersOut = Math.min(...nights) <= Math.min(...climate.minC) + 1;
  const free = frostFreeWeeks(spot);
  const laughs: Laugh[] = [];
  for (const kind of kinds) {
    const laugh = (rule: string) => laughs.push([rule, kind.id]);
    const isMust = ask.wishes.must.includes(kind.id);
    // Alive.
    if (wintersOut && climate.coldestC < kind.lowestC - 2 && isSeen(kind, ask, counted))
      laugh('dies of winter');
    if (wintersOut && climate.coldestC + 12 < kind.rootsC) laugh('roots freeze');
    if (
      kind.lowestC >= 0 &&
      climate.coldestC < Math.min(0, kind.lowestC) &&
      free &&
      counted.some((week) => !within([free.from, free.to], week, 3))
    )
      laugh('meets frost');
    if (kind.bringInC !== null && Math.min(...nights) < kind.bringInC - 5)
      laugh('should be indoors');
    if (kind.sulksC !== null && Math.max(...nights) < kind.sulksC - 2) laugh('sulks all season');
    if (Math.max(...climate.maxC) < kind.summer.leastC - 3) laugh('summer too cool');
    const heat = kind.summer.humidC ?? kind.summer.dryC;
    const bears = Math.max(heat ?? 99, kind.summer.dryC ?? 99);
    if (Math.max(...days) > bears + 3) laugh('summer too hot');
    if (!isMust && kind.lowestC >= 0 && isTheColdComing(days)) laugh('tender, as the cold comes');
    // Sold then, and there to be seen.
    const book = bookWeekAt(ask, plantedWeek);
    const isDry = isDryBulb(kind, ask);
    if (!isMust && !isDry && book !== null && !kind.inShops.some((span) => within(span, book, 10)))
      laugh('not sold then');
    if (!isMust && !isDry && share(counted, (week) => isThere(kind, ask, week)) < 0.6)
      laugh('hardly there');
    if (!isMust && spot.exposure === 'balcony' && kind.bears.wind === 'shelter')
      laugh('torn by the wind');
    // Light and thirst.
    const [least, most] = kind.light.hours;
    if (!isMust && spot.sunHours < least - 1.3) laugh('too dark');
    if (!isMust && most < 12 && spot.sunHours > most + 2) laugh('too bright');
    for (const other of kinds) {
      if (other.thirst === 'high' && kind.dryBetween && kind.cycle.includes('succulent'))
        laugh('a desert plant in a wet pot');
    }
    if (kind.support === 'climb' && !ask.support) laugh('climbs nothing');
    if (ask.wishes.kitchen && (kind.edible === null || kind.toxicity.people === 'poisonous'))
      laugh('not to be eaten');
    if (spot.children && kind.toxicity.people === 'poisonous') laugh('poison within reach');
    if (spot.pets && [kind.toxicity.cats, kind.toxicity.dogs].includes('poisonous'))
      laugh('poison for pets');
  }
  // Company: one place where every one of them is met with; in winters of flowers, bedding of both seasons is.
  const there = kinds.map((kind) => kindThere(kind, spot));
  const grounds = new Set(there.flatMap(({ company }) => company));
  const together = [...grounds].some((ground) =>
    there.every(({ company }) => company.some((own) => besides(own, ground) >= 0.5)),
  );
  if (!ask.wishes.kitchen && kinds.length > 1 && !together)
    laughs.push(['strangers', kinds.map(({ id }) => id).join(' ')]);
  if (kinds.filter((kind) => familiarity(kind) === 'seldom').length > 1)
    laughs.push(['two rarities', kinds.map(({ id }) => id).join(' ')]);
  return laughs;
}

/** Are days cool, and cooler than at planting, within six weeks of it? */
const isTheColdComing = (days: readonly number[]): boolean => {
  const soon = days[Math.min(6, days.length - 1)]!;
  return soon < 14 && soon < days[0]! - 3;
};

/** A bulb bought dry in autumn, in flower before the planting ends. */
function isDryBulb(kind: PlantKind, ask: Ask): boolean {
  const book = bookWeekAt(ask, ask.plantedWeek);
  return (
    kind.cycle === 'bulb' &&
    kind.bloom !== null &&
    book !== null &&
    within([35, 50], book) &&
    within([1, 23], kind.bloom.weeks[0]) &&
    weeksBetween(book, kind.bloom.weeks[0]) < weeksBetween(ask.plantedWeek, ask.endWeek)
  );
}

const share = <T>(list: readonly T[], is: (one: T) => boolean) =>
  list.filter(is).length / Math.max(1, list.length);

function isThere(kind: PlantKind, ask: Ask, week: number): boolean {
  const book = bookWeekAt(ask, week);
  const bought = bookWeekAt(ask, ask.plantedWeek);
  if (book === null || bought === null || kind.lowestC > -4) return true;
  // What shops have growing stands in leaf, a few weeks before it would out of doors.
  const isGrown = kind.inShops.some((span) => within(span, bought));
  const [from] = kind.inLeaf;
  return within(kind.inLeaf, book, 1) || (isGrown && within([weekAfter(from, -5), from], book));
}

const isSeen = (kind: PlantKind, ask: Ask, weeks: readonly number[]) =>
  kind.foliage.evergreen || share(weeks, (week) => isThere(kind, ask, week)) > 0.9;

/** Is something worth looking at within three weeks of planting? */
function startsWell(kinds: readonly PlantKind[], ask: Ask): boolean {
  return [0, 1, 2, 3].some((after) => {
    const book = bookWeekAt(ask, weekAfter(ask.plantedWeek, after));
    return kinds.some(
      (kind) =>
        hasColouredLeaves(kind) ||
        hasFormedLeaves(kind) ||
        [kind.bloom, kind.fruit].some(
          (show) => show && (book === null || within(show.weeks, book)),
        ),
    );
  });
}

/** All that is to be laughed at in a planting as it stands. */
export function laughsAtPlanting(it: PlantingInSpot, ask: Ask): Laugh[] {
  const kinds = [...new Set(it.plants.map(({ kind }) => kind))];
  const laughs = laughsAtKinds(kinds, ask);
  if (!ask.wishes.kitchen && kinds.length > 0 && !startsWell(kinds, ask))
    laughs.push(['nothing to see at first', kinds.map(({ id }) => id).join(' ')]);
  for (const { check, severity, certainty } of opinionOf(it).remarks)
    if (
      severity === 'trouble' &&
      (certainty !== 'a caution' || check === 'weight') &&
      check !== 'mix'
    )
      laughs.push(['trouble', check]);
  const { budget } = ask.wishes;
  if (budget !== null && plantCost(it.plants) > budget + 1e-9) laughs.push(['over budget', '']);
  return laughs;
}

/** All that is to be laughed at in one proposal. */
export function laughsAtProposal(proposal: Proposal, ask: Ask): Laugh[] {
  const it = proposedIn(proposal, ask, kindOf);
  const laughs = laughsAtPlanting(it, ask);
  const scheme = opinionOf(it).remarks.find(({ check }) => check === 'scheme');
  if (scheme && !ask.wishes.kitchen) {
    const facts = scheme.facts as { fit: number; missing: readonly string[] };
    if (facts.missing.join() !== proposal.missing.join())
      laughs.push(['colour missing, and not said', facts.missing.join(' ')]);
    if (facts.fit < CHECKS.scheme.limits.trouble) laughs.push(['not the scheme', '']);
  }
  for (const kind of kindsOf(proposal)) {
    const count = proposal.places.filter(({ kindId }) => kindId === kind.id).length;
    const isSlender = kind.cycle === 'bulb' && kind.spreadCm[0] + kind.spreadCm[1] <= 40;
    if (
      isSlender &&
      count === 1 &&
      proposal.places.length > 1 &&
      !ask.wishes.must.includes(kind.id)
    )
      laughs.push(['one bulb by itself', kind.id]);
  }
  if (ask.wishes.school === 'opposite-pairs') {
    const odd = kindsOf(proposal).filter(
      ({ id }) => proposal.places.filter(({ kindId }) => kindId === id).length % 2 === 1,
    );
    if (odd.length > 1) laughs.push(['no pairs', odd.map(({ id }) => id).join(' ')]);
  }
  for (const like of ask.wishes.likes ?? []) {
    const kinds = kindsOf(proposal);
    const having = kinds.filter((kind) => isLiked(kind, like, ask)).length;
    if (having * 3 < kinds.length && !ask.wishes.kitchen)
      laughs.push([`hardly any of it for ${like}`, kinds.map(({ id }) => id).join(' ')]);
    const idle = kinds.filter(
      ({ id, bloom, habit, wildlife }) =>
        habit !== 'grass' &&
        (bloom?.cover ?? 0) > 0.1 &&
        !wildlife.some((one) => one === 'bees' || one === 'butterflies' || one === 'hoverflies') &&
        !ask.wishes.must.includes(id),
    );
    if (like === 'wildlife' && idle.length > 0)
      laughs.push(['flowers that feed none', idle.map(({ id }) => id).join(' ')]);
    const harmful = kinds.filter(
      ({ id, edible, toxicity }) =>
        edible === null && toxicity.people === 'poisonous' && !ask.wishes.must.includes(id),
    );
    if (['herbs', 'salad', 'fruit'].includes(like) && harmful.length > 0)
      laughs.push(['poison among what is picked', harmful.map(({ id }) => id).join(' ')]);
    const stabs = kinds.filter(({ irritant }) => irritant.skin === 'yes');
    if (like === 'touch' && stabs.length > 0)
      laughs.push(['stabs the hand', stabs.map(({ id }) => id).join(' ')]);
  }
  laughs.push(...laughsAtHeight(kindsOf(proposal), ask));
  if (ask.wishes.school !== 'any' && proposal.school !== ask.wishes.school)
    laughs.push(['another school', proposal.school]);
  return laughs;
}

/** A height was wished for, and what was proposed does not keep to it. */
function laughsAtHeight(kinds: readonly PlantKind[], { wishes }: Ask): Laugh[] {
  if (!wishes.tallestCm) return [];
  const [least, most] = wishes.tallestCm;
  const heights = kinds.map(({ heightCm: [from, to] }) => (from + to) / 2);
  const tallest = Math.max(...heights);
  return [
    ...(tallest > most * 1.15 ? ([['taller than was wished', `${tallest} cm`]] as const) : []),
    ...(tallest < least * 0.9 ? ([['lower than was wished', `${tallest} cm`]] as const) : []),
  ];
}

/** All that is to be laughed at in the proposals together: near repeats, and one kind everywhere. */
export function laughsAtSix(six: readonly Proposal[]): Laugh[] {
  const laughs: Laugh[] = [];
  six.forEach((a, i) => {
    const mine = kindsOf(a);
    for (const b of six.slice(i + 1)) {
      const theirs = kindsOf(b);
      const shared = mine.filter((kind) => theirs.includes(kind)).length;
      if (shared > Math.min(mine.length, theirs.length) / 2)
        laughs.push(['near repeat', mine.map(({ id }) => id).join(' ')]);
    }
  });
  const often = (ids: readonly (string | null)[]) =>
    ids.filter((id) => id !== null && ids.filter((other) => other === id).length > 2);
  for (const id of new Set(often(six.map(({ lead }) => lead)))) laughs.push(['same lead', id!]);
  for (const id of new Set(often(six.flatMap(({ edges }) => [...new Set(edges)]))))
    laughs.push(['same edge', id!]);
  return laughs;
}
