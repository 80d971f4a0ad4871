import type { PlantKind } from '@/core/plants/kind';

/** Names besides its own: common ones, then old botanical ones, then wrong ones. */
export function otherNames(kind: PlantKind): string {
  const { alsoCalled, british, american, synonyms, misapplied } = kind;
  const own = kind.common.toLowerCase();
  // A blue pansy need not be told that it is a pansy.
  const common = [...new Set([...alsoCalled, ...british, ...american])].filter(
    (name) => !own.endsWith(name.toLowerCase()),
  );
  return [
    ...(common.length > 0 ? [`also ${common.join(', ')}`] : []),
    ...(synonyms.length > 0 ? [`once ${synonyms.join(', ')}`] : []),
    ...(misapplied.length > 0 ? [`sold by mistake as ${misapplied.join(', ')}`] : []),
  ].join('; ');
}
