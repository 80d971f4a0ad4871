'use client';

import { useState } from 'react';
import { FileButton } from '@/ui/controls/FileButton';
import { say } from '@/ui/session/say';
import { NoPhoto, smallPhoto } from '@/ui/session/photo';
import type { Photo } from '@/core/log/photoSchema';

/** Asks the camera, or the device for a file, and keeps the picture small and without where it was taken. */
export function PhotoField({
  onPhoto,
}: {
  readonly onPhoto: (photo: Pick<Photo, 'widthPx' | 'heightPx' | 'jpeg'>) => Promise<unknown>;
}) {
  const [isBusy, setBusy] = useState(false);
  const take = async (file: File) => {
    setBusy(true);
    try {
      await onPhoto(await smallPhoto(file));
      say('Kept on this device, without the place it was taken.');
    } catch (error) {
      // What the store could not keep it has told itself.
      if (error instanceof NoPhoto) say(error.message);
    } finally {
      setBusy(false);
    }
  };
  return (
    <FileButton
      label="A photograph of it"
      accept="image/*"
      onFiles={([file]) => file && !isBusy && void take(file)}
    >
      {isBusy ? 'Keeping it…' : 'Photograph it'}
    </FileButton>
  );
}
