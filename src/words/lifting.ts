import type { CuttingTray, Lift } from '@/core/diary/lifting';
import type { KindId, PlantKind } from '@/core/plants/kind';
import { capital, countText } from './format';
import { inSentence } from './names';
import { whyText } from './remade';

type KindOf = (id: KindId) => PlantKind | null;
const nameOf = (id: KindId, kindOf: KindOf) => inSentence(kindOf(id)?.common ?? id);

const whatText = (what: Lift['what'], count: number): string => {
  if (what === 'keep') return 'set aside whole, and back in';
  if (what === 'cut back') return 'cut back by half, and back in';
  return count > 1 ? 'they go' : 'it goes';
};

/** Plants that are lifted one after the other, and what becomes of them; like ones that follow each other in one line. */
export function liftLines(
  lifts: readonly Lift[],
  kindOf: KindOf,
): readonly { readonly key: string; readonly what: Lift['what']; readonly text: string }[] {
  const runs: { readonly first: Lift; count: number }[] = [];
  for (const lift of lifts) {
    const run = runs[runs.length - 1];
    if (run && run.first.kindId === lift.kindId && run.first.why === lift.why) run.count += 1;
    else runs.push({ first: lift, count: 1 });
  }
  return runs.map(({ first: { place, kindId, what, why, cuttings }, count }) => ({
    key: place,
    what,
    text: `${capital(nameOf(kindId, kindOf))}${count > 1 ? `, ${count}` : ''}: ${whatText(what, count)}; ${whyText(why, count)}${cuttings ? '. Cuttings first' : ''}.`,
  }));
}

/** Cuttings of one colour that stand together. */
export function trayText({ colour, kinds }: CuttingTray, kindOf: KindOf): string {
  const parts = kinds.map(
    ({ kindId, how, plants }) =>
      `${nameOf(kindId, kindOf)} (of ${countText(plants, 'plant')}; ${how})`,
  );
  return `${capital(colour)}: ${parts.join(', ')}.`;
}
