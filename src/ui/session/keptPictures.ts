import type { KeptPictures } from '@/data/keptPictures';

const BUILT = process.env.BUILT;

let opening: Promise<KeptPictures | null> | null = null;

/** @returns `null` in development, where drawings change under the hand */
function keptHere(): Promise<KeptPictures | null> {
  opening ??= BUILT
    ? import('@/data/keptPictures').then(
        (module) => new module.KeptPictures(BUILT),
        // Without it every picture is painted.
        () => null,
      )
    : Promise.resolve(null);
  return opening;
}

/** Pictures from an earlier visit, by what they show; those that are not there, or cannot be read, are left out. */
export async function keptPictures(
  keys: readonly string[],
): Promise<ReadonlyMap<string, ImageBitmap>> {
  const found = (await (await keptHere())?.of(keys)) ?? new Map<string, Blob>();
  const read = await Promise.all(
    [...found].map(async ([key, png]) => {
      const bitmap = await createImageBitmap(png).catch(() => null);
      return bitmap ? ([[key, bitmap]] as const) : [];
    }),
  );
  return new Map(read.flat());
}

/** @returns `null` when there is none */
export async function keptPicture(key: string): Promise<ImageBitmap | null> {
  return (await keptPictures([key])).get(key) ?? null;
}

/** Keeps what a canvas shows for the next visit. */
export async function keepPicture(key: string, canvas: HTMLCanvasElement): Promise<void> {
  const kept = await keptHere();
  // Another picture may be shown on it by the time it is written: what is kept is read at once.
  if (kept) canvas.toBlob((png) => png && void kept.keep(key, png));
}
