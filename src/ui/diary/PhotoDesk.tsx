'use client';

import { useMemo, useState } from 'react';
import { visibleHeightCm } from '@/core/containers/container';
import { halfFrontCm } from '@/core/containers/shape';
import { heightOnPhoto, type PhotoPoint, type Taps } from '@/core/diary/measurePhoto';
import { weeksSince } from '@/core/calendar/day';
import { dayOf, type Entry } from '@/core/log/entry';
import { photoUrl } from '@/core/log/photo';
import type { Photo } from '@/core/log/photoSchema';
import type { PlantingInSpot } from '@/core/plantings/planting';
import type { Lens } from '@/core/seeing/lens';
import { USUAL_PITCH_RAD } from '@/core/seeing/framing';
import { subjectOf } from '@/core/seeing/subject';
import { Button } from '@/ui/controls/Button';
import { buttonLook } from '@/ui/controls/looks';
import { Modal, ModalClose } from '@/ui/controls/Modal';
import { More } from '@/ui/controls/More';
import { PlantingPicture } from '@/ui/controls/PlantingPicture';
import { useWidth } from '@/ui/controls/useWidth';
import { say } from '@/ui/session/say';
import { useSettings, useStore } from '@/ui/session/StoreProvider';
import type { Planted } from '@/ui/session/usePlanted';
import { lengthText } from '@/words/format';
import { longDayText } from '@/words/life';
import { KindSelect, kindsIn } from './KindSelect';
import { PhotoMarks } from './PhotoMarks';
import { PhotoMore } from './PhotoMore';

/** Where the marks lie before they are dragged, shares of the picture. */
const AT_FIRST: Taps = {
  rimLeft: { x: 0.3, y: 0.68 },
  rimRight: { x: 0.7, y: 0.68 },
  top: { x: 0.5, y: 0.25 },
};
/** The marks and what they are called. */
const TAPS: readonly (readonly [keyof Taps, string])[] = [
  ['rimLeft', 'Rim, left'],
  ['rimRight', 'Rim, right'],
  ['top', 'Top of the plant'],
];
/** Tallest that it is shown, px. */
const MOST_PX = 520;

/** A photograph looked at closely: the drawing of that day laid over it at its scale, with a seam to drag; and a plant measured against the pot's known width. */
export default function PhotoDesk({
  it,
  entry,
  photo,
  planted,
  onClose,
}: {
  readonly it: PlantingInSpot;
  readonly entry: Entry;
  readonly photo: Photo;
  readonly planted: Planted;
  readonly onClose: () => void;
}) {
  const settings = useSettings();
  const store = useStore();
  const [ref, room] = useWidth<HTMLDivElement>();
  const width = Math.min(room, (MOST_PX * photo.widthPx) / photo.heightPx);
  const height = (width * photo.heightPx) / photo.widthPx;
  const [taps, setTaps] = useState<Taps>(AT_FIRST);
  const [seam, setSeam] = useState(0);
  const day = dayOf(entry);
  const { plantedOn } = planted.lifeOf(it.planting.id);
  const weeks = plantedOn ? Math.max(0, weeksSince(plantedOn, day)) : 0;
  const rimCm = 2 * halfFrontCm(it.planting.container.shape);
  const px = (point: PhotoPoint): PhotoPoint => ({ x: point.x * width, y: point.y * height });
  const shown = { rimLeft: px(taps.rimLeft), rimRight: px(taps.rimRight), top: px(taps.top) };
  const measured = width > 0 ? heightOnPhoto(shown, rimCm) : null;
  const kinds = kindsIn(it);
  const [kindId, setKindId] = useState(kinds[0]?.id ?? '');
  const subject = useMemo(() => subjectOf(it), [it]);
  const pxPerCm = (shown.rimRight.x - shown.rimLeft.x) / rimCm;
  const lens: Lens = {
    azimuthRad: 0,
    pitchRad: it.spot.view === 'from below' ? USUAL_PITCH_RAD.fromBelow : USUAL_PITCH_RAD.standing,
    pxPerCm,
    originX: (shown.rimLeft.x + shown.rimRight.x) / 2,
    originY:
      (shown.rimLeft.y + shown.rimRight.y) / 2 + visibleHeightCm(it.planting.container) * pxPerCm,
  };
  const keep = async () => {
    if (!measured || !kindId) return;
    await store?.log.write([
      {
        at: entry.at,
        zone: entry.zone,
        of: { plantingId: it.planting.id, kindId },
        what: {
          did: 'measured',
          heightCm: Math.round(measured.cm * 10) / 10,
          spreadCm: null,
          trailCm: null,
        },
      },
    ]);
    say('Measured, and in the diary of that day.');
  };
  return (
    <Modal
      title={`${it.planting.name}, ${longDayText(day)}`}
      onClose={onClose}
      className="top-[2vh] max-h-[96vh] max-w-3xl"
    >
      <div ref={ref} className="pt-2">
        {width > 0 && (
          <div className="relative touch-none select-none" style={{ width, height }}>
            {/* eslint-disable-next-line @next/next/no-img-element */}
            <img
              src={photoUrl(photo)}
              alt={`${it.planting.name} as photographed`}
              draggable={false}
              className="absolute inset-0 size-full"
            />
            {seam > 0 && pxPerCm > 0.05 && (
              <div
                className="absolute inset-0 border-r-2 border-act bg-field"
                style={{ clipPath: `inset(0 ${100 - seam}% 0 0)` }}
              >
                <PlantingPicture
                  subject={subject}
                  weeks={weeks}
                  lens={lens}
                  widthPx={width}
                  heightPx={height}
                  label="As it was expected to look that day"
                />
              </div>
            )}
            <PhotoMarks
              marks={TAPS.map(([key, name]) => ({ key, name, at: taps[key] }))}
              line={['rimLeft', 'rimRight']}
              onMove={(key, to) => setTaps({ ...taps, [key]: to })}
            />
          </div>
        )}
      </div>
      <label className="flex items-center gap-3 pt-2">
        <span className="text-small font-semibold">Drawing over photograph</span>
        <input
          type="range"
          min={0}
          max={100}
          value={seam}
          className="flex-1 accent-act"
          onChange={({ target }) => setSeam(Number(target.value))}
        />
      </label>
      <p className="pt-2">
        Drag the two marks to the ends of the rim, which is {lengthText(rimCm, settings)} wide, and
        the third to the top of a plant.
      </p>
      {measured && (
        <p className="flex flex-wrap items-end gap-3 pt-1" data-measured={measured.cm.toFixed(1)}>
          <b className="text-name">
            {lengthText(Math.abs(measured.cm), settings)}, give or take{' '}
            {lengthText(measured.offCm, settings)}
          </b>
          <KindSelect kinds={kinds} value={kindId} onPick={setKindId} />
          <Button look="act" disabled={measured.cm <= 0} onClick={() => void keep()}>
            Keep as measured
          </Button>
          <ModalClose className={buttonLook({})}>Close</ModalClose>
        </p>
      )}
      <More name="Its colours, and how full it is" className="pt-2">
        <PhotoMore it={it} entry={entry} photo={photo} />
      </More>
    </Modal>
  );
}
