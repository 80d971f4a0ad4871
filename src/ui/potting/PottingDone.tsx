'use client';

import type { PlantingInSpot } from '@/core/plantings/planting';
import { ButtonLink } from '@/ui/controls/Button';
import { useWidth } from '@/ui/controls/useWidth';
import { benchHref } from '@/ui/session/links';
import { photoUrl } from '@/core/log/photo';
import { useLive } from '@/ui/session/StoreProvider';
import { countText, minutesText } from '@/words/format';
import { dayText } from '@/words/life';
import { SoFar } from './SoFar';
import type { Potting } from './usePotting';

/** The end: what stands there, since when, what was missing, and how long it took. */
export function PottingDone({
  it,
  potting: { progress, steps },
}: {
  readonly it: PlantingInSpot;
  readonly potting: Potting;
}) {
  const [ref, width] = useWidth<HTMLDivElement>();
  const skipped = steps.filter(
    ({ key, what }) => what.do !== 'plant' && progress.answers.get(key)?.what.how === 'skipped',
  ).length;
  const { planted, minutes } = progress;
  const { id } = it.planting;
  const photos = useLive((s) => s.photos.of(id), [id]);
  return (
    <div ref={ref} className="max-w-[720px] pt-4">
      {width > 0 && <SoFar it={it} progress={progress} widthPx={width} heightPx={320} />}
      <h2 className="display pt-3 text-room leading-9" data-step="end">
        {planted ? `Planted ${dayText(planted.at.slice(0, 10))}` : 'Nothing was planted'}
      </h2>
      <p className="text-name leading-6">
        {planted
          ? `${countText(planted.what.plants.length, 'plant')} went in. From today it grows by this day.`
          : 'Every plant was left out. Go back to set one in.'}
        {minutes > 1 && ` It took about ${minutesText(minutes)}.`}
        {skipped > 0 && ` ${countText(skipped, 'step')} skipped.`}
      </p>
      {photos && photos.length > 0 && (
        <ul aria-label="Photographs" className="flex gap-2 overflow-x-auto pt-3">
          {photos.map((photo) => (
            <li key={photo.id}>
              {/* eslint-disable-next-line @next/next/no-img-element -- kept on this device, there is nothing to fetch or make smaller */}
              <img
                src={photoUrl(photo)}
                width={(photo.widthPx / photo.heightPx) * 160}
                height={160}
                alt={`${it.planting.name} on planting day`}
              />
            </li>
          ))}
        </ul>
      )}
      <p className="pt-3">
        <ButtonLink href={benchHref(it.planting.id)}>Look at it on the bench</ButtonLink>
      </p>
    </div>
  );
}
