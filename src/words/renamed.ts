import type { KindId, PlantKind } from '@/core/plants/kind';

/** Kinds that have another name now than the file calls them by; empty when there are none. */
export function renamedText(
  renamed: readonly (readonly [was: KindId, is: KindId])[],
  kindOf: (id: KindId) => PlantKind | null,
): string {
  if (renamed.length === 0) return '';
  const told = renamed.map(
    ([was, is]) => `${was.replaceAll('-', ' ')} is now ${kindOf(is)?.common.toLowerCase() ?? is}`,
  );
  return `Some plants have another name in the book now: ${told.join('; ')}.`;
}
