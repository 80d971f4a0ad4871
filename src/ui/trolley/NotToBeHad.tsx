import { secondChoicesFor, type BuyLine } from '@/core/making/list';
import type { TripPlan } from '@/core/making/trip';
import { allPlants, type PlantingInSpot } from '@/core/plantings/planting';
import { Button } from '@/ui/controls/Button';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { TakeSecond, type TakeInstead } from './TakeSecond';
import { countText } from '@/words/format';

/** Kinds of which no stop has enough today, each with a way on. */
export function NotToBeHad({
  plan,
  chosen,
  onSwap,
  onTake,
}: {
  readonly plan: TripPlan;
  readonly chosen: readonly PlantingInSpot[];
  readonly onSwap: (line: BuyLine) => void;
  readonly onTake: TakeInstead;
}) {
  const { kindOf } = useLibrary();
  const short = plan.kinds.filter((kind) => kind.short > 0);
  if (short.length === 0) return null;
  return (
    <section aria-label="Not to be had today" className="mt-4">
      <h2 className="mb-1 text-name font-semibold">▲ Not to be had today</h2>
      <ul className="bg-paper">
        {short.map(({ kindId, short: missing }) => {
          const line = asLine(kindId, missing, chosen);
          return (
            <li
              key={kindId}
              data-short={kindId}
              className="flex min-h-12 flex-wrap items-center justify-end gap-3 border-t border-rule px-3 py-1.5 first:border-t-0"
            >
              <span className="min-w-0 flex-1">
                <b className="block text-lead font-semibold">{kindOf(kindId)?.common ?? kindId}</b>
                <span className="text-ink2">{countText(missing, 'plant')} missing</span>
              </span>
              <TakeSecond line={line} onTake={onTake} />
              <Button onClick={() => onSwap(line)}>Take something else</Button>
            </li>
          );
        })}
      </ul>
    </section>
  );
}

function asLine(kindId: string, packs: number, chosen: readonly PlantingInSpot[]): BuyLine {
  const plant = chosen.flatMap(allPlants).find((one) => one.kindId === kindId);
  return {
    key: `plants ${kindId}`,
    stop: null,
    packs,
    packMinor: 0,
    what: {
      kind: 'plants',
      kindId,
      size: plant?.size ?? '9cm',
      perSale: 1,
      spare: 0,
      stock: 0,
      orElse: secondChoicesFor(
        kindId,
        chosen.map(({ planting }) => planting),
      ),
    },
  };
}
