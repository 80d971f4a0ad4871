import type { FileFault } from '@/core/files/parse';

/** Why something was not kept, as the store tells it. */
interface Told {
  readonly kind: string;
  readonly what?: string;
  readonly told?: string;
  readonly faults?: readonly FileFault[];
}

/** What trouble with storage means for the gardener, and what to do. */
export function troubleText(trouble: Told): string {
  switch (trouble.kind) {
    case 'full':
      return 'The browser has no room left, so the last change was not kept. Save everything as a file, then make room.';
    case 'missing':
      return 'This browser keeps nothing here: a private window or its settings forbid it. You can go on, but what you do is lost when this window closes. Save everything as a file before.';
    case 'closed':
      return 'The browser closed its storage, so the last change was not kept. Load this page again; what was kept before is safe.';
    case 'overtaken':
      return 'A newer Rillbank was opened in another window. This one has stopped writing. Load this page again to go on.';
    case 'newer':
      return 'What is stored here was written by a newer Rillbank than this one. It was left untouched. Load this page again to get the newer one.';
    case 'blocked':
      return 'Another window still holds an older Rillbank open. Close it, and this one goes on by itself.';
    case 'refused':
      return `${trouble.what ?? 'It'} was not changed: ${faultsText(trouble.faults ?? [])}`;
    case 'gone':
      return 'That is no longer here: it was taken away, perhaps in another window. Nothing was changed.';
    default:
      return `The browser would not keep the last change (${trouble.told ?? 'it does not say why'}). Save everything as a file.`;
  }
}

/** The first few faults of something that was refused, as one sentence. */
export function faultsText(faults: readonly FileFault[]): string {
  const first = faults.slice(0, 2).map(({ message }) => message);
  return first.join(' ') || 'it could not be read again.';
}
