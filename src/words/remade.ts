import type { Scheme } from '@/core/colour/schemes';
import type { KindId, PlantKind } from '@/core/plants/kind';
import type { Decision } from '@/core/search/refresh';
import type { Remade } from '@/core/search/remade';
import { capital, countText } from './format';
import { inSentence, SCHEME_NAMES } from './names';
import { list } from './remarks/teller';

type KindOf = (id: KindId) => PlantKind | null;

/** What a planting made anew is about: a few words for its head, a sentence for its tip. */
export function changeText(
  { why, come, gone, change, score, scoreBefore }: Remade,
  scheme: Scheme | null,
  kindOf: KindOf,
): { readonly title: string; readonly about: string } {
  const name = (id: KindId) => inSentence(kindOf(id)?.common ?? id);
  const named = (ids: readonly KindId[]) => list(ids.map(name));
  const judged =
    score > scoreBefore + 0.004
      ? ' Better by the checks.'
      : score < scoreBefore - 0.01
        ? ' Less good by the checks.'
        : '';
  const swap =
    come.length > 0
      ? `${named(come)} ${gone.length > 0 ? `for ${named(gone)}` : 'added'}`
      : 'the same kinds';
  const title = (): string => {
    if (scheme) return SCHEME_NAMES[scheme.kind];
    if (why === 'repeat' || why === 'scale') return countText(change.places.length, 'plant');
    if (come[0]) return kindOf(come[0])?.common ?? come[0];
    return countText(change.care?.trims.length ?? 0, 'trim');
  };
  return {
    title: title(),
    about: `${capital(swap)}; ${countText(change.places.length, 'plant')}.${judged}`,
  };
}

const WHY: Readonly<Record<Decision['why'], readonly [one: string, several: string]>> = {
  fresh: ['it is fresh', 'they are fresh'],
  overgrown: ['it has overgrown its place', 'they have overgrown their places'],
  'flowers again after a cut': ['it flowers again after a cut', 'they flower again after a cut'],
  over: ['its flowers are over', 'their flowers are over'],
  smothered: ['its neighbours have smothered it', 'their neighbours have smothered them'],
};

/** Why one plant, or several of a kind, are kept, cut back or replaced. */
export const whyText = (why: Decision['why'], count: number): string => WHY[why][count > 1 ? 1 : 0];

/** What to do with each kind of a leggy pot, one line a decision. */
export function decisionText(decisions: readonly Decision[], kindOf: KindOf): readonly string[] {
  const groups = new Map<string, Decision[]>();
  for (const one of decisions)
    groups.set(`${one.kindId} ${one.what} ${one.why}`, [
      ...(groups.get(`${one.kindId} ${one.what} ${one.why}`) ?? []),
      one,
    ]);
  return [...groups.values()].map((group) => {
    const { kindId, what, why } = group[0]!;
    return `${what === 'keep' ? 'Keep' : what === 'replace' ? 'Replace' : 'Cut back'} ${inSentence(kindOf(kindId)?.common ?? kindId)}${group.length > 1 ? ` (${group.length})` : ''}: ${whyText(why, group.length)}.`;
  });
}
