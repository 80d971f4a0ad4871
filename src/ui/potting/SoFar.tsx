import { useMemo } from 'react';
import type { MakingProgress } from '@/core/making/progress';
import { insideBaseCm, soilHeightCm } from '@/core/containers/container';
import { aim, screenX, screenY, type Lens } from '@/core/seeing/lens';
import {
  allPlants,
  type PlacedPlant,
  type PlaceId,
  type PlantingInSpot,
} from '@/core/plantings/planting';
import { extentOfPlanting } from '@/core/seeing/framing';
import { subjectOf } from '@/core/seeing/subject';
import { PlantingPicture } from '@/ui/controls/PlantingPicture';
import { smallLens } from '@/ui/start/ProposalPicture';

/** The stand-back view of what is in by now, as it looks today. */
export function SoFar({
  it,
  progress,
  widthPx,
  heightPx,
  inHand = null,
}: {
  readonly it: PlantingInSpot;
  readonly progress: MakingProgress;
  readonly widthPx: number;
  readonly heightPx: number;
  /** The plant in hand: shown where it goes, and pointed at. */
  readonly inHand?: PlaceId | null;
}) {
  const went = new Set(progress.planted?.what.plants.map(({ placeId }) => placeId));
  const isIn = allPlants(it)
    .filter(
      ({ id }) =>
        id === inHand || went.has(id) || progress.answers.get(`plant ${id}`)?.what.how === 'done',
    )
    .map(({ id }) => id)
    .join();
  const now = useMemo(() => {
    const there = isIn.split(',');
    const isThere = ({ id }: { readonly id: string }) => there.includes(id);
    return { ...it, plants: it.plants.filter(isThere), sides: it.sides.filter(isThere) };
  }, [it, isIn]);
  const extent = extentOfPlanting(it);
  const subject = useMemo(() => subjectOf(now), [now]);
  const scale = Math.min(
    widthPx / (extent.leftCm + extent.rightCm),
    heightPx / (extent.aboveCm + extent.belowCm),
  );
  const lens = smallLens(it, extent, scale, widthPx, heightPx);
  const pointed = allPlants(it).find(({ id }) => id === inHand);
  const point = pointed && pointOf(it, pointed, lens);
  return (
    <div className="relative bg-field">
      <PlantingPicture
        still
        subject={subject}
        weeks={0}
        lens={lens}
        widthPx={widthPx}
        heightPx={heightPx}
        label={`${it.planting.name} as far as it is planted`}
      />
      {point && (
        <svg
          width={widthPx}
          height={heightPx}
          className="pointer-events-none absolute inset-0"
          aria-hidden
        >
          <path
            d={`M${point[0]} ${point[1] - ARROW_PX}V${point[1] - 6}m-7 -9l7 9l7 -9`}
            fill="none"
            stroke="var(--act)"
            strokeWidth={4}
          />
        </svg>
      )}
    </div>
  );
}

/** Length of the arrow on the plant in hand, px. */
const ARROW_PX = 46;

/** Where a plant comes out of the mix, or out of its side hole, on the picture. */
function pointOf(
  { planting: { container } }: PlantingInSpot,
  plant: PlacedPlant & { readonly heightCm?: number },
  lens: Lens,
): readonly [x: number, y: number] {
  const up =
    insideBaseCm(container) + (plant.heightCm ?? soilHeightCm(container, plant.xCm, plant.zCm));
  const a = aim(lens);
  const at = [plant.xCm, up, plant.zCm] as const;
  return [screenX(a, at), screenY(a, at)];
}
