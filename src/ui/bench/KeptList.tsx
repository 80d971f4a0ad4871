import type { Spot } from '@/core/spots/spot';
import type { Settings } from '@/core/files/plantingFile';
import { type Kept } from '@/core/plantings/kept';
import { allPlants, inSpot, PlantingInSpot } from '@/core/plantings/planting';
import { ProposalPicture } from '@/ui/start/ProposalPicture';
import { plantCost } from '@/core/shopping/plantCost';
import { moneyText } from '@/words/format';
import { Button } from '@/ui/controls/Button';
import type { KindId, PlantKind } from '@/core/plants/kind';
import { Tick } from '@/ui/controls/Tick';

/** Most that are held side by side. */
const MOST = 4;

/** What was kept, each to be opened, compared or let go. */
export function KeptList({
  shown,
  spot,
  kindOf,
  it,
  weeks,
  settings,
  use,
  letGo,
  chosen,
  setChosen,
}: {
  readonly shown: Kept[];
  readonly spot: Spot;
  readonly kindOf: (id: KindId) => PlantKind | null;
  readonly it: PlantingInSpot;
  readonly weeks: number;
  readonly settings: Settings;
  readonly use: (one: Kept) => Promise<undefined>;
  readonly letGo: (one: Kept) => Promise<void>;
  readonly chosen: readonly string[];
  readonly setChosen: (next: readonly string[]) => void;
}) {
  return (
    <ul className="mt-2 grid gap-1">
      {shown.map((one) => {
        const that = inSpot(one.planting, spot, kindOf, it.house);
        return (
          <li
            key={one.id}
            data-kept={one.kind}
            className="grid grid-cols-[58px_1fr_auto] items-center gap-2 border-b border-rule bg-paper pr-2"
          >
            <ProposalPicture it={that} widthPx={58} heightPx={58} weeks={Math.max(6, weeks)} />
            <span className="min-w-0 text-note leading-4">
              <b className="line-clamp-2 font-semibold">{one.name}</b>
              <span className="text-ink2">
                {one.kind}, {moneyText(plantCost(allPlants(that)), settings)}
              </span>
              <span className="flex gap-3">
                <Button
                  look="link"

                  aria-label={`${one.kind === 'what if' ? 'Go to' : 'Use'} ${one.name}`}
                  onClick={() => void use(one)}
                >
                  {one.kind === 'what if' ? 'Go to it' : 'Use it'}
                </Button>
                <Button
                  look="plain"

                  aria-label={`Let ${one.name} go`}
                  onClick={() => void letGo(one)}
                >
                  let go
                </Button>
              </span>
            </span>
            <Tick
              className="min-w-7 justify-center"
              aria-label={`Compare ${one.name}`}
              disabled={!chosen.includes(one.id) && chosen.length >= MOST - 1}
              checked={chosen.includes(one.id)}
              onChange={(event) =>
                setChosen(
                  event.target.checked ? [...chosen, one.id] : chosen.filter((id) => id !== one.id),
                )
              }
            />
          </li>
        );
      })}
    </ul>
  );
}
