import { photoUrl } from '@/core/log/photo';
import type { Photo } from '@/core/log/photoSchema';
import { Tick } from '@/ui/controls/Tick';

/** Photographs to go on a page: all of them, but for those left out. */
export function PhotoTicks({
  photos,
  nameOf,
  left,
  onLeft,
}: {
  readonly photos: readonly Photo[];
  readonly nameOf: (photo: Photo) => string;
  readonly left: ReadonlySet<string>;
  readonly onLeft: (left: ReadonlySet<string>) => void;
}) {
  if (photos.length === 0) return null;
  return (
    <ul aria-label="Photographs on the page" className="flex flex-wrap gap-3 pt-2">
      {photos.map((photo) => (
        <li key={photo.id}>
          {/* eslint-disable-next-line @next/next/no-img-element */}
          <img src={photoUrl(photo)} alt="" className="h-24" />
          <Tick
            checked={!left.has(photo.id)}
            onChange={({ target: { checked } }) => {
              const now = new Set(left);
              if (checked) now.delete(photo.id);
              else now.add(photo.id);
              onLeft(now);
            }}
          >
            {nameOf(photo)}
          </Tick>
        </li>
      ))}
    </ul>
  );
}
