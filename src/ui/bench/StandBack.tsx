'use client';

import type { Reading } from '@/core/checks/reading';
import { mixHeightCm } from '@/core/containers/container';
import { MATERIALS } from '@/core/containers/materials';
import type { Subject } from '@/core/seeing/subject';
import { PlantingPicture } from '@/ui/controls/PlantingPicture';
import { Ruler } from '@/ui/controls/Ruler';
import { type Units } from '@/words/format';
import { lightText, viewText } from '@/words/looking';
import type { Keyed } from '@/words/names';
import type { Closer } from './closer';
import type { LookingHere } from './useLooking';
import { StandBackMarks } from './StandBackMarks';

interface StandBackProps {
  readonly reading: Reading;
  readonly keys: readonly Keyed[];
  readonly subject: Subject;
  readonly weeks: number;
  readonly looking: Pick<
    LookingHere,
    'azimuthRad' | 'pitchRad' | 'span' | 'scenery' | 'hour' | 'light' | 'view'
  >;
  readonly closer: Pick<Closer, 'times' | 'xCm' | 'upCm'>;
  /** Where all of it fits. */
  readonly pxPerCm: number;
  readonly widthPx: number;
  readonly heightPx: number;
  /** Plants to mark with their letter. */
  readonly culprits: readonly string[];
  readonly unit: Units['length'];
  readonly title: string;
  readonly dates: string;
  /** The planting in words, read out in the place of the picture. */
  readonly inWords: string;
  /** Is another way held against it for a moment? Then nothing is marked that belongs to what is on the bench. */
  readonly isOther?: boolean;
}

const RULER_PX = 24;
export const SIDE_RULER_PX = 32;
/** The elevation: the planting as it stands, ruled below and beside. */
export function StandBack({
  reading,
  keys,
  subject,
  weeks,
  looking,
  closer,
  pxPerCm: fitPxPerCm,
  widthPx,
  heightPx,
  culprits,
  unit,
  title,
  dates,
  inWords,
  isOther = false,
}: StandBackProps) {
  const pxPerCm = fitPxPerCm * closer.times;
  const ready = widthPx > 0 && pxPerCm > 0;
  const { azimuthRad, pitchRad, span, scenery } = looking;
  // Heights are shortened by the cosine of the pitch; the ruler is drawn at the same shortened scale, so it stays true.
  const upright = pxPerCm * Math.cos(pitchRad);
  const originX = (widthPx - SIDE_RULER_PX) / 2 - closer.xCm * pxPerCm;
  // From nearer it grows about the middle of the field.
  const middleY = (heightPx - RULER_PX) / 2;
  const fitOriginY = heightPx - RULER_PX - span.belowCm * fitPxPerCm;
  const originY = middleY + (fitOriginY - middleY) * closer.times + closer.upCm * upright;
  const belowPx = heightPx - RULER_PX - originY;
  const sizes = reading.sizesAt(weeks);
  const soil =
    MATERIALS[reading.planting.container.material].wallCm + mixHeightCm(reading.planting.container);
  const letterOf = new Map(keys.map(({ kind, letter }) => [kind.id, letter]));
  const leaders = keys
    .filter(({ role }) => role === 'lead')
    .slice(0, 1)
    .map(({ kind }) => {
      const i = reading.plants.findIndex((plant) => plant.kindId === kind.id);
      return { cm: soil + (sizes[i]?.heightCm ?? 0), text: shortName(kind.common) };
    });
  leaders.push({ cm: reading.potHeightCm, text: 'rim' });
  return (
    <div style={{ height: heightPx }}>
      {ready && (
        <>
          <div
            className="absolute inset-0 overflow-hidden"
            style={{ right: SIDE_RULER_PX, bottom: RULER_PX }}
          >
            <PlantingPicture
              subject={subject}
              weeks={weeks}
              lens={{ azimuthRad, pitchRad, pxPerCm, originX, originY }}
              widthPx={widthPx}
              heightPx={heightPx}
              scenery={scenery}
              label={inWords}
            />
          </div>
          <div
            className={`pointer-events-none absolute top-3 ${scenery && scenery.sillCm !== null ? 'left-8' : 'left-4'} ${scenery?.behind ? '-mt-1 -ml-2 bg-field px-2 py-1' : ''}`}
          >
            <h2 className="display text-drawing leading-6">{title}</h2>
            <p className="text-note text-ink2">{dates}</p>
            {looking.view && (
              <p className="text-note text-ink2">{viewText(looking.view, { length: unit })}</p>
            )}
            {looking.hour !== null && (
              <p className="text-note text-ink2">
                {lightText(looking.hour, looking.light ?? null)}
              </p>
            )}
          </div>
          {!isOther && (
            <StandBackMarks
              widthPx={widthPx}
              heightPx={heightPx}
              leaders={leaders}
              originY={originY}
              upright={upright}
              scenery={scenery}
              unit={unit}
              reading={reading}
              culprits={culprits}
              originX={originX}
              pxPerCm={pxPerCm}
              azimuthRad={azimuthRad}
              soil={soil}
              sizes={sizes}
              pitchRad={pitchRad}
              letterOf={letterOf}
            />
          )}
          <div className="absolute top-0 right-0">
            <Ruler
              upright
              lengthPx={heightPx - RULER_PX}
              zeroPx={belowPx}
              pxPerCm={upright}
              unit={unit}
            />
          </div>
          <div className="absolute bottom-0 left-0 w-full overflow-hidden">
            <Ruler lengthPx={widthPx} zeroPx={originX} pxPerCm={pxPerCm} unit={unit} />
          </div>
        </>
      )}
    </div>
  );
}

/** Last word of a name, for a leader at the ruler: "flax". */
function shortName(common: string): string {
  const words = common.split(' ');
  return words[words.length - 1]!.toLowerCase();
}
