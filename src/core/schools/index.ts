import { isLong } from '../containers/container';
import type { Planting } from '../plantings/planting';
import type { SchoolId } from '../plantings/schoolId';
import { asksLow, asksTall } from '../suitability/proportion';
import { clusteredOdds } from './clusteredOdds';
import { dome } from './dome';
import { evergreenFrame } from './evergreenFrame';
import { group } from './group';
import { kitchenPot } from './kitchenPot';
import { leafLed } from './leafLed';
import { oppositePairs } from './oppositePairs';
import { repeatRun } from './repeatRun';
import type { School, Setting } from './school';
import { screen } from './screen';
import { shares } from './shares';
import { specimen } from './specimen';
import { thriller } from './thriller';

/** Every school there is: the only list. */
export const SCHOOLS: Readonly<Record<SchoolId, School>> = {
  thriller,
  dome,
  screen,
  'repeat-run': repeatRun,
  shares,
  'leaf-led': leafLed,
  'clustered-odds': clusteredOdds,
  'opposite-pairs': oppositePairs,
  specimen,
  'evergreen-frame': evergreenFrame,
  kitchen: kitchenPot,
  group,
};

/** The school a planting is judged by; where none was chosen, the default. */
export function schoolOf({ wishes }: Pick<Planting, 'wishes'>): School {
  return SCHOOLS[
    wishes.school === 'any' ? (wishes.kitchen ? 'kitchen' : 'thriller') : wishes.school
  ];
}

/** How many schools are tried when the gardener leaves it to the search. */
const TRIED = 4;
/** A school that suits less than this is not tried unasked. */
const LEAST_SUITED = 0.4;

/** Ways of casting a school that keep to the height that was wished for: who asks for height wants a lead, who asks for a low one none. */
export function castsWished(
  school: School,
  site: Setting,
  wishes: Pick<Planting['wishes'], 'tallestCm'>,
): ReturnType<School['casts']> {
  const isLow = asksLow(site.container, wishes);
  return school.casts(site).filter((cast) => (cast.includes('lead') ? !isLow : !asksTall(wishes)));
}

/** How well a school goes with container, view and wishes, 0–1: something tall and long is to hide what is behind it; neat evergreens frame one of them. */
function suitsWished(
  school: School,
  site: Setting,
  wishes: Pick<Planting['wishes'], 'tallestCm' | 'company'>,
): number {
  const stretches = isLong(site.container);
  if (school.id === 'screen' && stretches && asksTall(wishes)) return 1;
  if (school.id === 'specimen' && !stretches && wishes.company === 'evergreen structure') return 1;
  return school.suits(site);
}

/** Schools to try: the one asked for, or those that suit best, best first. */
export function schoolsFor(
  site: Setting,
  wishes: Pick<Planting['wishes'], 'school' | 'kitchen' | 'tallestCm' | 'company'>,
): readonly School[] {
  if (wishes.kitchen) return [wishes.school === 'any' ? SCHOOLS.kitchen : SCHOOLS[wishes.school]];
  if (wishes.school !== 'any') return [SCHOOLS[wishes.school]];
  // Sorting keeps the list's order among equals, so the default stays first.
  const ranked = Object.values(SCHOOLS)
    .filter((school) => castsWished(school, site, wishes).length > 0)
    .map((school) => ({ school, suits: suitsWished(school, site, wishes) }))
    .sort((a, b) => b.suits - a.suits);
  return ranked
    .filter(({ suits }, i) => i === 0 || suits >= LEAST_SUITED)
    .slice(0, TRIED)
    .map(({ school }) => school);
}
