import type { CuttingTray, Lift } from '@/core/diary/lifting';
import type { KindId, PlantKind } from '@/core/plants/kind';
import { capital, countText } from './format';
import { inSentence } from './names';
import { DECISION_WHY } from './remade';

type KindOf = (id: KindId) => PlantKind | null;
const nameOf = (id: KindId, kindOf: KindOf) => inSentence(kindOf(id)?.common ?? id);

const WHAT: Readonly<Record<Lift['what'], string>> = {
  keep: 'set aside whole, and back in',
  'cut back': 'cut back by half, and back in',
  replace: 'it goes',
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
    text: `${capital(nameOf(kindId, kindOf))}${count > 1 ? `, ${count}` : ''}: ${WHAT[what]}; ${DECISION_WHY[why]}${cuttings ? '. Cuttings first' : ''}.`,
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
