import type { LightHabit, SUN_WHEN } from './terms';
import type { DaySun, MeanSun } from './reckoning';

export const LIGHT_LABELS = ['full sun', 'part sun', 'part shade', 'dappled', 'shade'] as const;
export type LightLabel = (typeof LIGHT_LABELS)[number];

interface Thresholds {
  /** Hours a day of direct sun from which the word holds. */
  readonly full: number;
  readonly part: number;
  readonly shade: number;
}

/**
 * Plain: full 6, part sun 4, part shade 2. British practice judges at midsummer: full 6, partial 3. American tags call 4–6 h
 * both part sun and part shade, and less than 4 h shade. Growers of vegetables want 8.
 */
export const THRESHOLDS: Readonly<Record<LightHabit, Thresholds>> = {
  plain: { full: 6, part: 4, shade: 2 },
  british: { full: 6, part: 3, shade: 3 },
  american: { full: 6, part: 4, shade: 4 },
  kitchen: { full: 8, part: 5, shade: 3 },
};

/** The word for a mean of sun. Dappled, when what comes through leaves is more than what comes past them. */
export function lightLabel(
  { directH, dappledH, effectiveH }: MeanSun,
  habit: LightHabit,
): LightLabel {
  const { full, part, shade } = THRESHOLDS[habit];
  if (directH >= full) return 'full sun';
  if (dappledH > directH && effectiveH >= 1 && directH < part) return 'dappled';
  if (directH >= part) return 'part sun';
  return directH >= shade ? 'part shade' : 'shade';
}

/** Share of a day's sun on one side of noon from which it is called morning or afternoon sun. */
const ONE_SIDED = 0.64;

/** When in the day the sun comes. */
export function sunWhenOf({
  directAmH,
  directPmH,
}: Pick<MeanSun, 'directAmH' | 'directPmH'>): (typeof SUN_WHEN)[number] {
  const all = directAmH + directPmH;
  if (all === 0) return 'spread';
  if (directAmH / all >= ONE_SIDED) return 'morning';
  return directPmH / all >= ONE_SIDED ? 'afternoon' : 'spread';
}

/** A stretch of days with one word for its light. */
export interface LightSpell {
  readonly label: LightLabel;
  /** First and last day, counted from 0; they may go round the year's end. */
  readonly fromDay: number;
  readonly toDay: number;
}

/** Days over which light is averaged before it is named, so that one day does not make a spell; and the shortest spell told. */
const SMOOTH_DAYS = 11;
const SHORTEST_SPELL = 12;

/** How the light of a stretch of days changes: "shade until mid May, then part sun". */
export function lightSpells(
  year: readonly DaySun[],
  days: readonly number[],
  habit: LightHabit,
): readonly LightSpell[] {
  const spells: { label: LightLabel; fromDay: number; toDay: number; length: number }[] = [];
  for (const day of days) {
    const label = lightLabel(smoothed(year, day), habit);
    const last = spells[spells.length - 1];
    if (last?.label === label) {
      last.toDay = day % 365;
      last.length += 1;
    } else spells.push({ label, fromDay: day % 365, toDay: day % 365, length: 1 });
  }
  // Short spells between two words are the passing of a threshold: they go to the spell before them.
  return spells
    .reduce<typeof spells>((kept, spell) => {
      const last = kept[kept.length - 1];
      if (last && (spell.length < SHORTEST_SPELL || spell.label === last.label)) {
        last.toDay = spell.toDay;
        last.length += spell.length;
      } else kept.push({ ...spell });
      return kept;
    }, [])
    .map(({ label, fromDay, toDay }) => ({ label, fromDay, toDay }));
}

function smoothed(year: readonly DaySun[], day: number): MeanSun {
  let [am, pm, dappled, effective] = [0, 0, 0, 0];
  for (let i = -(SMOOTH_DAYS - 1) / 2; i <= (SMOOTH_DAYS - 1) / 2; i += 1) {
    const d = year[(((day + i) % 365) + 365) % 365]!;
    am += d.directAmMin;
    pm += d.directPmMin;
    dappled += d.dappledAmMin + d.dappledPmMin;
    effective += d.dappledEffectiveMin;
  }
  const hours = (min: number) => min / SMOOTH_DAYS / 60;
  return {
    directAmH: hours(am),
    directPmH: hours(pm),
    directH: hours(am + pm),
    dappledH: hours(dappled),
    effectiveH: hours(am + pm + effective),
  };
}
