import type { PlantKind } from '../kind';

/** What may differ within a species on purpose, by kind: what its record says otherwise. */
export type Excused = (id: string) => readonly string[];

/** What a rule finds wrong: a kind's id, and what is wrong with it. */
export type Found = readonly [id: string, says: string];

/** Looks through the whole book for one sort of fault. */
export type Rule = (kinds: readonly PlantKind[], excused: Excused) => readonly Found[];

/** The genus of a botanical name; hybrids' signs left out. */
export const genusOf = (botanical: string): string =>
  botanical.split(' ').find((word) => word !== '×') ?? botanical;

/** A rule that looks at one kind at a time. */
export function each(look: (kind: PlantKind) => readonly (string | false | null)[]): Rule {
  return (kinds) =>
    kinds.flatMap((kind) => look(kind).flatMap((says): Found[] => (says ? [[kind.id, says]] : [])));
}

/** Kinds by species. */
export function bySpecies(kinds: readonly PlantKind[]): readonly (readonly PlantKind[])[] {
  const groups = new Map<string, PlantKind[]>();
  for (const kind of kinds)
    groups.set(kind.botanical, [...(groups.get(kind.botanical) ?? []), kind]);
  return [...groups.values()];
}
