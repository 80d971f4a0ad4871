'use client';

import { useEffect, useState } from 'react';
import { bareMix } from '@/core/diary/bareMix';
import type { PhotoPoint } from '@/core/diary/measurePhoto';
import { bytesOf } from '@/core/files/archive';
import type { Rgb } from '@/core/colour/oklch';
import type { Entry } from '@/core/log/entry';
import type { Photo } from '@/core/log/photoSchema';
import { untold } from '@/core/plants/own';
import type { PlantingInSpot } from '@/core/plantings/planting';
import { Button } from '@/ui/controls/Button';
import { Choices } from '@/ui/controls/Choices';
import { PhotoCanvas } from '@/ui/controls/PhotoCanvas';
import { PhotoPick } from '@/ui/plant-book/PhotoPick';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { say } from '@/ui/session/say';
import { useStore } from '@/ui/session/StoreProvider';
import { inSentence } from '@/words/names';
import { KindSelect, kindsIn } from './KindSelect';
import { PhotoMarks } from './PhotoMarks';

/** Widest that it is looked at, px: leaves are still told from mix. */
const WIDEST_PX = 640;

/** What else a photograph tells, each offered and kept only when it is pressed: a plant's own colours, and how much of the mix is still bare. */
export function PhotoMore({
  it,
  entry,
  photo,
}: {
  readonly it: PlantingInSpot;
  readonly entry: Entry;
  readonly photo: Photo;
}) {
  const [asks, setAsks] = useState<'colours' | 'full'>('colours');
  const bitmap = useBitmap(photo);
  return (
    <div className="grid gap-2 pt-1">
      <Choices
        name="What the photograph tells"
        value={asks}
        options={[
          ['colours', 'Colours of a plant'],
          ['full', 'How full it is'],
        ]}
        onPick={setAsks}
      />
      {bitmap && asks === 'colours' && <Colours it={it} bitmap={bitmap} />}
      {bitmap && asks === 'full' && <HowFull it={it} entry={entry} bitmap={bitmap} />}
    </div>
  );
}

/** The photograph as a picture to draw; `null` while it is read. */
function useBitmap(photo: Photo): ImageBitmap | null {
  const [bitmap, setBitmap] = useState<ImageBitmap | null>(null);
  useEffect(() => {
    let isOn = true;
    let own: ImageBitmap | null = null;
    const bytes = new Blob([bytesOf(photo).slice()], { type: 'image/jpeg' });
    void createImageBitmap(bytes).then((made) => {
      own = made;
      if (isOn) setBitmap(made);
      else made.close();
    });
    return () => {
      isOn = false;
      own?.close();
    };
  }, [photo]);
  return bitmap;
}

/** A plant's own colours, as this garden's light and soil make them. */
function Colours({ it, bitmap }: { readonly it: PlantingInSpot; readonly bitmap: ImageBitmap }) {
  const store = useStore();
  const { ownOf } = useLibrary();
  const kinds = kindsIn(it);
  const [kindId, setKindId] = useState(kinds[0]?.id ?? '');
  const name = kinds.find(({ id }) => id === kindId)?.common ?? kindId;
  return (
    <>
      <KindSelect kinds={kinds} value={kindId} onPick={setKindId} />
      <PhotoPick
        photo={bitmap}
        onColour={(part, colour) => {
          const before = ownOf(kindId) ?? untold(kindId);
          const told = part === 'leaf' ? { leafColour: colour } : { flowerColour: colour };
          void store?.kinds.put([{ ...before, told: { ...before.told, ...told } }]).then(() =>
            say(`From now on ${inSentence(name)} has that ${part} colour here.`, {
              label: 'Undo',
              go: () => void store.kinds.put([before]),
            }),
          );
        }}
      />
    </>
  );
}

/** Corners of the outline before they are dragged, shares of the picture. */
const CORNERS: readonly PhotoPoint[] = [
  { x: 0.32, y: 0.4 },
  { x: 0.5, y: 0.33 },
  { x: 0.68, y: 0.4 },
  { x: 0.68, y: 0.58 },
  { x: 0.5, y: 0.66 },
  { x: 0.32, y: 0.58 },
];
const WHERE = ['upper left', 'top', 'upper right', 'lower right', 'bottom', 'lower left'] as const;

/** How much of the mix is still bare inside an outline that the gardener draws. */
function HowFull({
  it,
  entry,
  bitmap,
}: {
  readonly it: PlantingInSpot;
  readonly entry: Entry;
  readonly bitmap: ImageBitmap;
}) {
  const store = useStore();
  const [corners, setCorners] = useState(CORNERS);
  const [mix, setMix] = useState<Rgb | null>(null);
  const [pixels, setPixels] = useState<ImageData | null>(null);
  const bare =
    mix && pixels
      ? bareMix({ widthPx: pixels.width, heightPx: pixels.height, data: pixels.data }, corners, mix)
      : null;
  const percent = (share: number) => Math.round(share * 100);
  const keep = async () => {
    if (!bare) return;
    const words = `About ${percent(bare.share)}% of the mix is still bare, by the photograph.`;
    await store?.log.write([
      {
        at: entry.at,
        zone: entry.zone,
        of: { plantingId: it.planting.id },
        what: { did: 'noted', words },
      },
    ]);
    say('Written down, in the diary of that day.');
  };
  return (
    <>
      <p className="text-note text-ink2">
        Drag the outline round the mix and what grows on it, seen from above. Then press a bit of
        bare mix.
      </p>
      <PhotoCanvas
        photo={bitmap}
        widestPx={WIDEST_PX}
        label="The photograph: press where the mix is bare"
        onPick={setMix}
        onPixels={setPixels}
      >
        <PhotoMarks
          isClosed
          marks={corners.map((at, i) => ({ key: String(i), name: `Outline, ${WHERE[i]}`, at }))}
          line={corners.map((_, i) => String(i))}
          onMove={(key, to) => setCorners(corners.map((at, i) => (String(i) === key ? to : at)))}
        />
      </PhotoCanvas>
      {bare && (
        <p className="flex flex-wrap items-center gap-3" data-bare={percent(bare.share)}>
          <b className="text-name">
            {percent(bare.share)}% bare, give or take {percent(bare.off)}
          </b>
          <Button look="act" onClick={() => void keep()}>
            Write it down
          </Button>
        </p>
      )}
    </>
  );
}
