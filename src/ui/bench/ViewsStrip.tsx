'use client';

import type { Lens } from '@/core/seeing/lens';
import type { Scenery } from '@/core/seeing/scenery';
import type { Subject } from '@/core/seeing/subject';
import { PlantingPicture } from '@/ui/controls/PlantingPicture';
import { Ruler } from '@/ui/controls/Ruler';
import { useWidth } from '@/ui/controls/useWidth';
import type { Units } from '@/words/format';

export interface StripView {
  readonly key: string;
  readonly title: string;
  readonly about: string;
  readonly weeks: number;
  readonly azimuthRad: number;
}

interface ViewsStripProps {
  readonly label: string;
  readonly views: readonly StripView[];
  readonly subject: Subject;
  readonly pitchRad: number;
  readonly scenery: Scenery | null;
  /** Room a picture needs, cm: across, above its foot, below it. */
  readonly room: { readonly acrossCm: number; readonly aboveCm: number; readonly belowCm: number };
  readonly unit: Units['length'];
}

const HIGHEST_PX = 240;

/** One planting several times over on one ruled line, at one scale: weeks, or what is seen in walking past. */
export default function ViewsStrip({
  label,
  views,
  subject,
  pitchRad,
  scenery,
  room,
  unit,
}: ViewsStripProps) {
  const [ref, width] = useWidth<HTMLDivElement>();
  const each = width / views.length;
  const pxPerCm = Math.max(
    0.1,
    Math.min(each / room.acrossCm, HIGHEST_PX / (room.aboveCm + room.belowCm)),
  );
  const height = Math.round((room.aboveCm + room.belowCm) * pxPerCm);
  return (
    <section aria-label={label} className="mt-2">
      <div ref={ref} className="relative bg-field">
        {width > 0 && (
          <ul className="flex">
            {views.map(({ key, title, about, weeks, azimuthRad }) => {
              const lens: Lens = {
                azimuthRad,
                pitchRad,
                pxPerCm,
                originX: each / 2,
                originY: height - room.belowCm * pxPerCm,
              };
              return (
                <li key={key} style={{ width: each }} className="min-w-0">
                  <div className="relative overflow-hidden" style={{ height }}>
                    <PlantingPicture
                      still
                      subject={subject}
                      weeks={weeks}
                      lens={lens}
                      widthPx={Math.floor(each)}
                      heightPx={height}
                      scenery={scenery}
                      label={`${title}, ${about}`}
                    />
                  </div>
                </li>
              );
            })}
          </ul>
        )}
        <Ruler lengthPx={width} zeroPx={each / 2} pxPerCm={pxPerCm} unit={unit} />
      </div>
      <ul className="flex pt-1">
        {views.map(({ key, title, about }) => (
          <li key={key} className="min-w-0 flex-1 px-1 text-center text-note leading-4">
            <b className="font-semibold">{title}</b> <span className="text-ink2">{about}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
