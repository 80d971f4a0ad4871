'use client';

import { useEffect, useRef, useState, type MouseEvent } from 'react';
import { fromRgb, toHex, type Oklch } from '@/core/colour/oklch';
import { FileButton } from '@/ui/controls/FileButton';
import { colourName } from '@/core/colour/names';
import { Button } from '@/ui/controls/Button';

/** Widest a photograph is shown, px. */
const WIDEST_PX = 360;
/** Half the side of the square whose middle colour is taken, px: a single pixel is noise. */
const REACH_PX = 2;

/** Takes the colour of leaf or flower from a photograph. The photograph stays in this page and is not kept. */
export function PhotoColour({
  onColour,
}: {
  readonly onColour: (part: 'leaf' | 'flower', colour: Oklch) => void;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  const [photo, setPhoto] = useState<ImageBitmap | null>(null);
  const [picked, setPicked] = useState<Oklch | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  useEffect(() => {
    const context = canvas.current?.getContext('2d', { willReadFrequently: true });
    if (!photo || !context) return;
    const scale = Math.min(1, WIDEST_PX / photo.width);
    context.canvas.width = Math.round(photo.width * scale);
    context.canvas.height = Math.round(photo.height * scale);
    context.drawImage(photo, 0, 0, context.canvas.width, context.canvas.height);
    return () => photo.close();
  }, [photo]);
  const open = async (file: File) => {
    setFault(null);
    setPicked(null);
    try {
      setPhoto(await createImageBitmap(file));
    } catch {
      setFault(`"${file.name}" is not a picture that this browser can read.`);
    }
  };
  const pick = (event: MouseEvent<HTMLCanvasElement>) => {
    const box = event.currentTarget.getBoundingClientRect();
    const [x, y] = [
      ((event.clientX - box.left) / box.width) * event.currentTarget.width,
      ((event.clientY - box.top) / box.height) * event.currentTarget.height,
    ];
    const { data } = event.currentTarget
      .getContext('2d')!
      .getImageData(
        Math.max(0, Math.round(x) - REACH_PX),
        Math.max(0, Math.round(y) - REACH_PX),
        REACH_PX * 2 + 1,
        REACH_PX * 2 + 1,
      );
    const sum = [0, 0, 0];
    for (let i = 0; i < data.length; i += 4) for (let k = 0; k < 3; k += 1) sum[k]! += data[i + k]!;
    setPicked(
      fromRgb(sum.map((v) => v / (data.length / 4) / 255) as unknown as [number, number, number]),
    );
  };
  return (
    <div className="grid gap-2">
      <p>
        <FileButton
          label="Colour from a photograph"
          accept="image/*"
          onFiles={([file]) => void open(file!)}
        >
          Colour from a photograph
        </FileButton>
      </p>
      {fault && (
        <p role="alert" className="text-note font-semibold">
          ▲ {fault}
        </p>
      )}
      {photo && (
        <>
          <canvas
            ref={canvas}
            data-photo
            aria-label="The photograph: press where the colour is"
            role="img"
            className="w-full cursor-crosshair"
            onClick={pick}
          />
          <p className="text-note text-ink2">
            Press where the colour is. The photograph is not kept.
          </p>
        </>
      )}
      {picked && (
        <p className="flex flex-wrap items-center gap-3">
          <span className="size-7 border border-rule2" style={{ background: toHex(picked) }} />
          <span data-picked>{colourName(picked)}</span>
          <Button look="link" onClick={() => onColour('leaf', picked)}>
            Its leaf
          </Button>
          <Button look="link" onClick={() => onColour('flower', picked)}>
            Its flower
          </Button>
        </p>
      )}
    </div>
  );
}
