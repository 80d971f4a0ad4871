import { textOf, type Encoding } from '@/core/files/text';

/** A picked file as text, or why it cannot be. */
export type FileText =
  | {
      readonly ok: true;
      readonly name: string;
      readonly text: string;
      readonly encoding: Encoding;
    }
  | { readonly ok: false; readonly name: string; readonly message: string };

/** Reads a picked file as text. What goes wrong is told in words, never thrown. */
export async function readText(file: File, mostBytes: number): Promise<FileText> {
  const { name, size } = file;
  if (size > mostBytes)
    return {
      ok: false,
      name,
      message: `The file must be at most ${mostBytes / 1e6} MB; got ${(size / 1e6).toFixed(1)} MB. Nothing was taken in.`,
    };
  try {
    return { ok: true, name, ...textOf(await file.arrayBuffer()) };
  } catch {
    return {
      ok: false,
      name,
      message: 'The device would not hand the file over. Nothing was taken in.',
    };
  }
}

/** Why a job over a file did not end well, as a sentence. */
export function unreadText(error: unknown): string {
  const told = error instanceof Error ? error.message : String(error);
  return `The file could not be read: ${told.replace(/\.$/, '')}. Nothing was taken in.`;
}
