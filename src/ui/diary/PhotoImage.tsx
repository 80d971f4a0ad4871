import { photoUrl } from '@/core/log/photo';
import { useLive } from '@/ui/session/StoreProvider';

/** A photograph out of the device's own store, whole within its room; nothing until it is read. */
export function PhotoImage({
  id,
  label,
  widthPx,
  heightPx,
}: {
  readonly id: string;
  readonly label: string;
  readonly widthPx: number;
  readonly heightPx: number;
}) {
  const photo = useLive((s) => s.photos.get(id), [id]);
  if (!photo) return <span className="block" style={{ width: widthPx, height: heightPx }} />;
  return (
    // Out of the browser's own store: no server could make it smaller.
    // eslint-disable-next-line @next/next/no-img-element
    <img
      src={photoUrl(photo)}
      alt={label}
      width={widthPx}
      height={heightPx}
      className="block object-contain"
      style={{ width: widthPx, height: heightPx }}
    />
  );
}
