'use client';

import type { Clock } from '@/core/calendar/clock';
import { localTime } from '@/core/calendar/day';
import type { BuyLine, Unit } from '@/core/making/list';
import { swapEdit } from '@/core/plantings/edits';
import { allPlants, type PlantingInSpot } from '@/core/plantings/planting';
import type { KindId } from '@/core/plants/kind';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { say } from '@/ui/session/say';
import { useStore } from '@/ui/session/StoreProvider';
import { countText } from '@/words/format';
import { inSentence } from '@/words/names';
import type { Told } from './BuyRow';
import type { Shopping } from './useShopping';

/** Plantings a line is bought for. */
export function neededFor(
  { what }: BuyLine,
  chosen: readonly PlantingInSpot[],
): readonly PlantingInSpot[] {
  return what.kind === 'plants'
    ? chosen.filter((it) => allPlants(it).some(({ kindId }) => kindId === what.kindId))
    : chosen;
}

/** What is done with a line: told what was got and paid, or something else taken in its place. */
export function useBuying({
  chosen,
  shopping,
  zone,
  clock,
}: {
  readonly chosen: readonly PlantingInSpot[];
  readonly shopping: Shopping | undefined;
  readonly zone: string;
  readonly clock: Clock;
}) {
  const store = useStore();
  const { kindOf } = useLibrary();
  const nameOf = (id: KindId) => kindOf(id)?.common ?? id;
  const tell = async (line: BuyLine, told: Told | null) => {
    const was = shopping?.answers.get(line.key);
    const at = localTime(zone, clock.now());
    const of = { plantingIds: neededFor(line, chosen).map(({ planting }) => planting.id) };
    const takesBack = was ? { takesBack: was.id } : {};
    await store?.log.write([
      told === null
        ? { at, zone, of, what: { did: 'taken back' }, ...takesBack }
        : {
            at,
            zone,
            of,
            what: { did: 'bought', key: line.key, wanted: line.packs, stop: line.stop, ...told },
            ...takesBack,
          },
    ]);
  };
  const take = async (line: BuyLine, { kindId: to, size }: Unit) => {
    if (line.what.kind !== 'plants' || !store) return;
    const from = line.what.kindId;
    const changed = neededFor(line, chosen);
    for (const { planting } of changed)
      await store.plantings.edit(planting.id, swapEdit(from, to, size, null));
    const undo = () =>
      changed.forEach(
        ({ planting }) => void store.history.undo({ table: 'plantings', id: planting.id }),
      );
    say(
      `${nameOf(to)} instead of ${inSentence(nameOf(from))} in ${countText(changed.length, 'container')}.`,
      { label: 'Undo', go: undo },
    );
  };
  const choose = async (line: BuyLine, to: Unit | null) => {
    if (line.what.kind !== 'plants' || !store) return;
    const insteadOf = line.what.kindId;
    for (const { planting } of neededFor(line, chosen))
      await store.plantings.edit(planting.id, { kind: 'second choice', insteadOf, to });
    const gone = inSentence(nameOf(insteadOf));
    say(
      to
        ? `${nameOf(to.kindId)} it is, where ${gone} is not to be had.`
        : `No second choice for ${gone} any more.`,
    );
  };
  return { tell, take, choose };
}
