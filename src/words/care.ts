import type { Facts, Task } from '@/core/care/task';
import type { KindId, PlantKind } from '@/core/plants/kind';
import type { DripZone } from '@/core/care/drip';
import type { Warning } from '@/core/care/warnings';
import {
  capital,
  countText,
  minutesText,
  temperatureText,
  volumeText,
  windText,
  type Units,
} from './format';
import { dayText } from './life';
import { inSentence } from './names';
import { list } from './remarks/teller';

type KindOf = (id: KindId) => PlantKind | null;

function namesOf(kinds: readonly KindId[], kindOf: KindOf): string {
  const names = [...new Set(kinds.map((id) => inSentence(kindOf(id)?.common ?? id)))];
  if (names.length <= 2) return names.join(' and ');
  return `${names.slice(0, 2).join(', ')} and ${names.length - 2} more`;
}

/** What to do, in two or three words. */
export function taskTitle({ facts }: Pick<Task, 'facts'>, units: Units): string {
  switch (facts.rule) {
    case 'water':
      return `Water, ${volumeText(facts.litres, units)}`;
    case 'feed':
      return facts.what === 'liquid' ? 'Liquid feed' : 'Feed';
    case 'pinch':
      return 'Pinch the tips';
    case 'deadhead':
      return 'Deadhead';
    case 'trim':
      return 'Trim';
    case 'tie':
      return 'Tie in';
    case 'tidy':
      return 'Yellow leaves off';
    case 'turn':
      return 'Turn it';
    case 'look':
      return 'Look under the leaves';
    case 'cover':
      return 'Cover tonight';
    case 'uncover':
      return 'Take the fleece off';
    case 'after frost':
      return 'Look what the frost took';
    case 'bring in':
      return 'Bring in';
    case 'harden off':
      return 'Harden off';
    case 'wrap':
      return 'Wrap the pot';
    case 'move':
      return 'Move it';
    case 'line':
      return facts.suspect === 'stopped' ? 'Look for a stopped emitter' : 'Look for a leak';
    case 'ask':
      return 'Answer for the trial';
    case 'swap':
      return 'Swap a pocket';
  }
}

/** Why, with its figures. */
export function taskWhy({ facts }: Pick<Task, 'facts'>, kindOf: KindOf, units: Units): string {
  switch (facts.rule) {
    case 'water':
      return waterWhy(facts);
    case 'feed':
      return feedWhy(facts);
    case 'pinch':
      return `${capital(namesOf(facts.kinds, kindOf))}: two stems come for each tip.`;
    case 'deadhead':
      return `${capital(namesOf(facts.kinds, kindOf))}: new flowers come where old ones go.`;
    case 'trim':
      return facts.victim
        ? `${capital(inSentence(kindOf(facts.bully)?.common ?? facts.bully))} swallows ${inSentence(kindOf(facts.victim)?.common ?? facts.victim)} within ${facts.inDays} days.`
        : `${capital(inSentence(kindOf(facts.bully)?.common ?? facts.bully))}, as planned.`;
    case 'tie':
      return facts.kinds.length === 1
        ? `${capital(namesOf(facts.kinds, kindOf))} has grown past its last tie.`
        : `${capital(namesOf(facts.kinds, kindOf))} have grown past their last ties.`;
    case 'tidy':
      return 'What rots inside takes the rest with it.';
    case 'turn':
      return `Every ${facts.everyDays} days, so that it grows even.`;
    case 'look':
      return `${capital(list(facts.pests))} are usual now on ${namesOf(facts.kinds, kindOf)}.`;
    case 'cover':
      return `The night to ${dayText(facts.on)} may go down to ${nightText(facts, units)}: too cold for ${namesOf(facts.kinds, kindOf)}.`;
    case 'bring in':
      return `The night to ${dayText(facts.on)} may go down to ${nightText(facts, units)}. ${capital(namesOf(facts.kinds, kindOf))} would not live.`;
    case 'uncover':
      return 'No frost is told for the next nights. Under fleece leaves grow soft.';
    case 'after frost':
      return `The night to ${dayText(facts.on)} went down to ${nightText(facts, units)}${facts.wasCovered ? ', too cold under fleece too' : ' and it stood uncovered'}: ${namesOf(facts.kinds, kindOf)}.`;
    case 'harden off':
      return `Day ${facts.day} of ${facts.of}: about ${facts.hours} hours out, in again at night.`;
    case 'wrap':
      return `The night to ${dayText(facts.on)} may go down to ${temperatureText(facts.coldC, units)}: roots in a pot freeze from the side.`;
    case 'move':
      return moveWhy(facts, kindOf);
    case 'line':
      return facts.suspect === 'stopped'
        ? 'More than once it felt much drier than the line should have left it.'
        : 'More than once it felt much wetter than the line should have left it.';
    case 'ask':
      return `${facts.trial}: every pot of it is asked the same on the same days, these from ${dayText(facts.asking)}.`;
    case 'swap':
      return `${capital(namesOf(facts.kinds, kindOf))} ${facts.kinds.length === 1 ? 'has' : 'have'} gone over, with season left.`;
  }
}

function moveWhy(
  { leaves, fromH, toH, kinds }: Extract<Facts, { readonly rule: 'move' }>,
  kindOf: KindOf,
): string {
  const turn = leaves === 'falling' ? 'The leaves above it fall' : 'The leaves above it come out';
  const lack = toH < fromH ? 'too dark' : 'too bright';
  return `${turn}: from ${fromH.toFixed(1)} to ${toH.toFixed(1)} h of light a day, ${lack} for ${namesOf(kinds, kindOf)}.`;
}

const nightText = ({ nightC }: { readonly nightC: number }, units: Units): string =>
  temperatureText(nightC, units);

function waterWhy({
  share,
  sure,
  timesADay,
  factor,
  wiltedOn,
}: Extract<Facts, { readonly rule: 'water' }>): string {
  const left = `About ${Math.round(share * 100)}% of its water is left`;
  const often =
    timesADay > 1.2
      ? `; on days like the hottest ahead it wants water ${Math.ceil(timesADay)} times`
      : '';
  const told =
    factor > 1.15
      ? ' It drinks more than reckoned, as you felt.'
      : factor < 0.87
        ? ' It drinks less than reckoned, as you felt.'
        : '';
  // Said where it is not plain: a pot that is surely dry needs no odds.
  const odds =
    sure < 0.8
      ? ` It may hold out: about ${Math.max(1, Math.round(sure * 10))} in 10 that it is too dry before the next round.`
      : '';
  const wilted = wiltedOn ? ` It may have wilted on ${dayText(wiltedOn)}: soak it twice.` : '';
  return `${left}${often}.${odds}${told}${wilted}`;
}

function feedWhy(facts: Extract<Facts, { readonly rule: 'feed' }>): string {
  const since = facts.since ? `Last on ${dayText(facts.since)}` : 'Not yet fed';
  return `${since}; every ${facts.everyDays} days by your school. The label’s dose wins.`;
}

/** How, in a sentence or two. */
export function taskHow({ facts }: Pick<Task, 'facts'>, units: Units): string {
  switch (facts.rule) {
    case 'water':
      return 'On the mix, not the leaves, until it runs out below. Dried-out mix sheds water: pour, wait, pour again.';
    case 'feed':
      return facts.perCanMl === null
        ? `${Math.round(facts.amount)} g over the mix, scratched in, then water.`
        : `${Math.round(facts.perCanMl)} ml to a 10 L can; about ${volumeText(facts.amount, units)} of that, on damp mix. Gloves.`;
    case 'pinch':
      return 'Between finger and thumb, just above a pair of leaves.';
    case 'deadhead':
      return 'Flower and stalk, down to the next leaf.';
    case 'trim':
      return 'By a third to a half, each cut above a leaf, from inside out so that it does not show.';
    case 'tie':
      return 'Loosely, in a figure of eight; look whether old ties cut in.';
    case 'tidy':
      return 'Yellow, brown and broken leaves, from inside too. Into the bag, not onto the mix.';
    case 'turn':
      return 'A quarter of the way round, always the same way.';
    case 'look':
      return 'Tips and undersides first. Few: rub or pick them off. Many: tell it as “looks bad”.';
    case 'cover':
      return 'Fleece over sticks, down to the ground, before dusk. Water at noon if the mix is dry.';
    case 'uncover':
      return 'In the morning, once it is above freezing.';
    case 'after frost':
      return 'What is black and soft comes off once no frost is told. What is firm near the mix shoots again. Tell what died.';
    case 'bring in':
      return 'Bright and frost-free. Look for pests first; water less. Two people for anything heavy.';
    case 'harden off':
      return 'In shade first, out of wind.';
    case 'wrap':
      return 'Bubble wrap or sacking round the side, not over the top, and feet under it.';
    case 'move':
      return 'On a trolley, or two people: the Bench tells its weight. Fallen leaves come off the mix.';
    case 'line':
      return facts.suspect === 'stopped'
        ? 'Run the line and look at each emitter here: rinse it or change it. Water by hand meanwhile.'
        : 'Run the line and look along it: a split joint, an emitter that has come off, or a run too long for this pot.';
    case 'ask':
      return 'Look before you read which half it is. Measure from the mix, the same way each time.';
    case 'swap':
      return 'Cut its roots out with a knife, put the new one in, and water it in.';
  }
}

/** What happens if it is left. */
export function taskLeft({ facts }: Pick<Task, 'facts'>): string {
  switch (facts.rule) {
    case 'water':
      return 'Left, it wilts; twice wilted, it flowers less.';
    case 'feed':
      return 'Left, leaves pale and flowers stop in a few weeks.';
    case 'trim':
      return 'Left, the weaker one goes bare beneath.';
    case 'cover':
    case 'bring in':
      return 'Left, its leaves may be black in the morning.';
    case 'after frost':
      return 'Nothing is lost by waiting a few days; left for weeks, what is soft rots into the rest.';
    case 'wrap':
      return 'Left, roots may die back.';
    case 'line':
      return facts.suspect === 'stopped'
        ? 'Left, it wilts on the next hot day.'
        : 'Left, roots stand in water.';
    case 'pinch':
      return 'Left, it grows thin and tall.';
    case 'deadhead':
      return 'Left, it sets seed and flowers less.';
    case 'tie':
      return 'Left, wind breaks it.';
    case 'ask':
      return 'Left, this day is missing in the trial.';
    default:
      return 'Left, little happens for some days.';
  }
}

/** "6 containers, 14 L in 1 trip, about 18 minutes" */
export function roundText(
  {
    stops,
    litres,
    trips,
    minutes,
  }: {
    readonly stops: readonly unknown[];
    readonly litres: number;
    readonly trips: number;
    readonly minutes: number;
  },
  units: Units,
): string {
  if (stops.length === 0) return 'Nothing is asked for today.';
  const water = litres > 0 ? `, ${volumeText(litres, units)} in ${countText(trips, 'trip')}` : '';
  return `${countText(stops.length, 'container')}${water}, about ${minutesText(minutes)}.`;
}

/** What the next days bring, and what to do before it. */
export function warningText(
  warning: Warning,
  nameOf: (plantingId: string) => string,
  units: Units,
): string {
  const names = warning.plantingIds.map(nameOf);
  const who =
    names.length <= 3
      ? names.join(', ')
      : `${names.slice(0, 2).join(', ')} and ${names.length - 2} more`;
  switch (warning.what) {
    case 'heat':
      return `${capital(dayText(warning.on))} may reach ${temperatureText(warning.maxC, units)}: water in the morning, feel again in the evening, and give midday shade where you can. ${who}.`;
    case 'wind':
      return `${capital(dayText(warning.on))} may bring gusts of ${windText([warning.windMs * 0.85, warning.windMs * 1.15], units)}, which could tip ${who}. Stand them down or together, dry pots first.`;
    case 'rain':
      return `About ${Math.round(warning.rainMm)} mm of rain from ${dayText(warning.on)}: put ${who} under a roof, or clear the holes.`;
  }
}

/** A drip line's programme for today, and what the worst-off gets. */
export function dripText(
  { runs, minutes, litres, pots }: DripZone,
  nameOf: (plantingId: string) => string,
  units: Units,
): string {
  const most = [...pots].sort((a, b) => b.getsL / b.wantsL - a.getsL / a.wantsL)[0];
  const over =
    most && most.getsL > most.wantsL * 1.5
      ? ` ${nameOf(most.plantingId)} then gets ${(most.getsL / most.wantsL).toFixed(1)} times what it wants: an emitter less would do.`
      : '';
  return `${runs === 1 ? 'One run' : `${runs} runs`} of ${Math.max(1, Math.round(minutes))} minutes today, ${volumeText(litres, units)} in all, so that the thirstiest has enough.${over}`;
}
