import { useMemo } from 'react';
import { read } from '@/core/checks/reading';
import type { MakingProgress } from '@/core/making/progress';
import { allPlants, type PlantingInSpot } from '@/core/plantings/planting';
import { extentOf } from '@/core/seeing/framing';
import { subjectOf } from '@/core/seeing/subject';
import { PlantingPicture } from '@/ui/controls/PlantingPicture';
import { smallLens } from '@/ui/start/ProposalPicture';

/** The stand-back view of what is in by now, as it looks today. */
export function SoFar({
  it,
  progress,
  widthPx,
  heightPx,
}: {
  readonly it: PlantingInSpot;
  readonly progress: MakingProgress;
  readonly widthPx: number;
  readonly heightPx: number;
}) {
  const went = new Set(progress.planted?.what.plants.map(({ placeId }) => placeId));
  const isIn = allPlants(it)
    .filter(({ id }) => went.has(id) || progress.answers.get(`plant ${id}`)?.what.how === 'done')
    .map(({ id }) => id)
    .join();
  const now = useMemo(() => {
    const there = isIn.split(',');
    const isThere = ({ id }: { readonly id: string }) => there.includes(id);
    return { ...it, plants: it.plants.filter(isThere), sides: it.sides.filter(isThere) };
  }, [it, isIn]);
  const extent = useMemo(() => extentOf(read(it)), [it]);
  const subject = useMemo(() => subjectOf(now), [now]);
  const scale = Math.min(
    widthPx / (extent.leftCm + extent.rightCm),
    heightPx / (extent.aboveCm + extent.belowCm),
  );
  return (
    <div className="bg-field">
      <PlantingPicture
        still
        subject={subject}
        weeks={0}
        lens={smallLens(it, extent, scale, widthPx, heightPx)}
        widthPx={widthPx}
        heightPx={heightPx}
        label={`${it.planting.name} as far as it is planted`}
      />
    </div>
  );
}
