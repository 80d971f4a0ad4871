'use client';

import { useEffect, useState } from 'react';
import type { Oklch } from '@/core/colour/oklch';
import { FileButton } from '@/ui/controls/FileButton';
import { PhotoPick } from './PhotoPick';

/** Takes the colour of leaf or flower from a photograph. The photograph stays in this page and is not kept. */
export function PhotoColour({
  onColour,
}: {
  readonly onColour: (part: 'leaf' | 'flower', colour: Oklch) => void;
}) {
  const [photo, setPhoto] = useState<ImageBitmap | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  useEffect(() => () => photo?.close(), [photo]);
  const open = async (file: File) => {
    setFault(null);
    try {
      setPhoto(await createImageBitmap(file));
    } catch {
      setFault(`"${file.name}" is not a picture that this browser can read.`);
    }
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
          <PhotoPick photo={photo} onColour={onColour} />
          <p className="text-note text-ink2">The photograph is not kept.</p>
        </>
      )}
    </div>
  );
}
