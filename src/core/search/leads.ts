import type { PlantKind } from '../plants/kind';
import { pickedAs } from '../plants/picked';
import type { School } from '../schools/school';
import { isForShrubs, isYearRound } from '../suitability/season';
import { standingOf } from '../suitability/standing';
import { reachesWish, type Ask } from './ask';
import { isPick, restsCount } from './liking';

/** Schools of what stands for years. */
const FOR_YEARS: ReadonlySet<School['id']> = new Set(['evergreen-frame', 'specimen', 'screen']);

/** May a kind lead what is asked for, by a school: is it as high as was wished, does it suit so short a stay, and is it of what is to be picked? */
export function mayLead(kind: PlantKind, ask: Ask, { id }: Pick<School, 'id'>): boolean {
  if (!reachesWish(kind, ask)) return false;
  if (ask.wishes.must.includes(kind.id)) return true;
  return !(isOutOfSeason(kind, ask) && !FOR_YEARS.has(id)) && suitsThePicked(kind, ask);
}

/** Is it a clipped or natural cone, which a few weeks of flowers are not built round? */
const isOutOfSeason = ({ habit }: PlantKind, ask: Ask): boolean =>
  habit === 'cone' && !isForShrubs(ask) && ask.wishes.company !== 'evergreen structure';

/** Where something is wanted to pick, what leads is at home in the kitchen: no myrtle over herbs, no rose over salad, and over herbs no pepper. */
function suitsThePicked(kind: PlantKind, ask: Ask): boolean {
  const picks = (ask.wishes.likes ?? []).filter(isPick);
  if (picks.length === 0) return true;
  if (!kind.company.includes('kitchen')) return false;
  return !picks.includes('herbs') || ['herbs', 'flowers'].includes(pickedAs(kind) ?? '');
}

/** The lead says what a planting is: what it costs to be led by something of another company than was asked for. Ours. */
const OUTSIDE_COST = 0.8;
/** Evergreens for structure are wanted neat: of what splays or arches no form is clipped. What it costs to lead them. Ours. */
const SPLAYS: ReadonlySet<PlantKind['habit']> = new Set(['sword', 'paddle', 'grass', 'strap']);
const SPLAYS_COST = 0.3;
/** What it costs a lead of a planting for the whole year to rest in all of it. Ours. */
const RESTS_COST = 1;

/** What it costs a kind to lead what is asked for: to be of another company, to splay where neatness is wanted, to rest while it is looked at. */
export function leadCost(kind: PlantKind, ask: Ask): number {
  const rests = isYearRound(ask)
    ? RESTS_COST * restsCount(ask) * (1 - standingOf(kind, ask).present)
    : 0;
  if (ask.wishes.company === 'evergreen structure' && SPLAYS.has(kind.habit))
    return SPLAYS_COST + rests;
  return (isOutside(kind, ask) ? OUTSIDE_COST : 0) + rests;
}

/** Is it of another company than the one that was asked for? */
export function isOutside(
  { company }: Pick<PlantKind, 'company'>,
  { wishes }: Pick<Ask, 'wishes'>,
): boolean {
  return wishes.company !== undefined && !company.includes(wishes.company);
}
