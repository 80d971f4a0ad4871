import * as z from 'zod';
import { inParts, PHOTO_MOST_BYTES } from '../log/photo';
import { photoSchema, type Photo } from '../log/photoSchema';

/** Name of the file in an archive that tells what else lies in it. */
export const MANIFEST = 'manifest.json';
export const ARCHIVE_VERSION = 1;
/** Most photographs of one archive, and most parts of its backup. */
export const MOST_PHOTOS = 50_000;
const MOST_PARTS = 999;

const fileName = z
  .string()
  .min(1)
  .max(200)
  // Nothing leads out of the archive.
  .regex(/^[A-Za-z0-9][A-Za-z0-9._/-]*$/, 'A file name in the archive must be plain.');

/** What an archive holds: a backup in one or more parts, and photographs as JPEG files. */
export const manifestSchema = z.object({
  format: z.literal('rillbank-archive', { error: 'This archive is not one of ours.' }),
  version: z.literal(ARCHIVE_VERSION, {
    error: 'This archive was written by a newer version of Rillbank.',
  }),
  /** When it was written, ISO 8601. */
  written: z.string().max(40),
  backups: z.array(fileName).min(1, 'The archive has no backup in it.').max(MOST_PARTS),
  photographs: z
    .array(
      photoSchema.omit({ jpeg: true }).extend({
        file: fileName,
        bytes: z.number().int().min(1).max(PHOTO_MOST_BYTES),
      }),
    )
    .max(MOST_PHOTOS, `An archive has at most ${MOST_PHOTOS} photographs.`),
});

export type Manifest = z.infer<typeof manifestSchema>;
export type FiledPhoto = Manifest['photographs'][number];

/** The name under which a photograph lies in an archive. */
export function photoFile(id: string, nth: number): string {
  const plain = id.replace(/[^A-Za-z0-9-]+/g, '-').slice(0, 60);
  return `photographs/${String(nth + 1).padStart(5, '0')}-${plain}.jpg`;
}

/** The bytes of a photograph's JPEG. */
export function bytesOf({ jpeg }: Pick<Photo, 'jpeg'>): Uint8Array {
  const binary = atob(jpeg.join(''));
  return Uint8Array.from(binary, (letter) => letter.charCodeAt(0));
}

/** Letters that are turned into base64 at a time: a multiple of three, so that parts join. */
const AT_ONCE = 24_000;

/** A photograph from the bytes of its file. @returns `null` when they are no JPEG */
export function photoFrom(
  { id, plantingId, widthPx, heightPx }: FiledPhoto,
  bytes: Uint8Array,
): Photo | null {
  if (bytes[0] !== 0xff || bytes[1] !== 0xd8 || bytes[2] !== 0xff) return null;
  let base64 = '';
  for (let i = 0; i < bytes.length; i += AT_ONCE)
    base64 += btoa(String.fromCharCode(...bytes.subarray(i, i + AT_ONCE)));
  return { id, plantingId, widthPx, heightPx, jpeg: inParts(base64) };
}
