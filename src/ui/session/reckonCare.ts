import { walkingOrder } from '@/core/care/round';
import type { Care } from '@/core/care/careOf';
import { toldOf, toldSince } from '@/core/log/since';
import type { PlantingInSpot } from '@/core/plantings/planting';
import type { Day } from '@/core/calendar/day';
import type { Jobs, Stand } from '@/workers/messages';
import { runJob } from '@/workers/runJob';
import type { AwayPot } from '@/core/care/away';
import type { DripZone } from '@/core/care/drip';
import type { SeasonWater } from '@/core/care/season';
import type { Warning } from '@/core/care/warnings';
import type { DayWeather } from '@/core/climate/weather';
import type { Planted } from './planted';

/** What is asked of every planting, as far as it is reckoned. */
export interface Cared {
  readonly today: Day;
  readonly hour: number;
  readonly byId: ReadonlyMap<string, Care>;
  readonly away: readonly AwayPot[];
  readonly season: readonly SeasonWater[];
  readonly warnings: readonly Warning[];
  /** The day's weather by spot. */
  readonly skies: ReadonlyMap<string, DayWeather>;
  readonly drips: readonly DripZone[];
  /** Has everything been looked at, or only the first of it? */
  readonly isWhole: boolean;
  /** What had been told when it was reckoned. */
  readonly log: Planted['log'];
}

/** What care is reckoned from, as the page has it. */
export interface CareQuestion
  extends
    Pick<Planted, 'its' | 'log'>,
    Pick<Jobs['care']['request'], 'records' | 'today' | 'hour' | 'away'> {
  readonly isSeasonAsked: boolean;
  /** Are these only the first of all plantings? */
  readonly isPart: boolean;
}

/** What was asked last, and what came of it. */
export interface Answered {
  readonly question: CareQuestion;
  readonly cared: Cared;
}

/** So many plantings are looked at by themselves after an answer. */
const FEW = 20;

/**
 * Plantings of which something was told since all was reckoned, when nothing else has changed.
 * @returns `null` when all is to be reckoned
 */
export function onlyTold(
  before: Answered | null,
  { log, ...now }: CareQuestion,
): ReadonlySet<string> | null {
  if (!before?.cared.isWhole) return null;
  const then = before.question;
  const isSame =
    then.its === now.its &&
    then.records === now.records &&
    then.today === now.today &&
    then.hour === now.hour &&
    then.away === now.away &&
    then.isSeasonAsked === now.isSeasonAsked;
  const ids = isSame ? toldSince(then.log, log) : null;
  return ids && ids.size > 0 && ids.size <= FEW ? ids : null;
}

/** Some plantings reckoned anew, all else as it was. */
export async function partly(
  { its, log, records, today, hour }: CareQuestion,
  ids: ReadonlySet<string>,
  before: Cared,
  signal: AbortSignal,
): Promise<Cared> {
  const stands = its.filter(({ planting }) => ids.has(planting.id)).map(standOf);
  const told = log.filter((entry) => toldOf(entry).some((id) => ids.has(id)));
  const { care } = await runJob('care', { stands, log: told, records, today, hour }, { signal });
  return { ...before, log, byId: laidOver(before, care, (id) => !ids.has(id)) };
}

/**
 * Everything reckoned anew.
 * @param show is told what is found meanwhile, and how to lay it over what was known
 */
export async function wholly(
  { its, isPart, ...question }: CareQuestion,
  signal: AbortSignal,
  show: (lay: (before: Cared | undefined) => Cared) => void,
): Promise<Cared> {
  const { log, today, hour } = question;
  const { stands, place } = inWalkingOrder(its, log, today);
  const here = new Set(stands.map(({ planting }) => planting.id));
  const inOrder = <T extends { readonly plantingId: string }>(list: readonly T[]): readonly T[] =>
    [...list].sort((a, b) => place.get(a.plantingId)! - place.get(b.plantingId)!);
  const { care, away, season, ...rest } = await runJob(
    'care',
    { ...question, stands },
    {
      signal,
      // What was known of the others is shown until they are looked at anew.
      onProgress: ({ care: found, skies }) =>
        show((before) => ({
          ...(before ?? NOTHING_YET),
          today,
          hour,
          log,
          skies,
          isWhole: false,
          byId: laidOver(before, found, (id) => here.has(id)),
        })),
    },
  );
  return {
    today,
    hour,
    log,
    isWhole: !isPart,
    byId: laidOver(undefined, care, () => true),
    away: inOrder(away),
    season: inOrder(season),
    ...rest,
  };
}

const NOTHING_YET = { away: [], season: [], warnings: [], drips: [] } as const;

/** What was found laid over what was known of those that are kept. */
function laidOver(
  before: Cared | undefined,
  found: readonly Care[],
  isKept: (plantingId: string) => boolean,
): Cared['byId'] {
  return new Map([
    ...[...(before?.byId ?? [])].filter(([id]) => isKept(id)),
    ...found.map((one) => [one.plantingId, one] as const),
  ]);
}

const standOf = ({ planting, spot, house, weeksBefore }: PlantingInSpot): Stand => ({
  planting,
  spot,
  house,
  weeksBefore,
});

/** What stands, as it is to be looked at: what something was just told of first, then in walking order; and its place in that order. */
function inWalkingOrder(
  its: readonly PlantingInSpot[],
  log: Planted['log'],
  today: Day,
): { readonly stands: readonly Stand[]; readonly place: ReadonlyMap<string, number> } {
  const ids = its.map(({ planting }) => planting.id);
  const latest = log[log.length - 1]?.of.plantingId;
  const place = new Map(walkingOrder(ids, log, today).map((id, i) => [id, i]));
  const rank = ({ planting: { id } }: PlantingInSpot) => (id === latest ? -1 : place.get(id)!);
  const stands = [...its].sort((a, b) => rank(a) - rank(b)).map(standOf);
  return { stands, place };
}
