import { useMemo } from 'react';

interface FactRow {
  readonly name: string;
  readonly values: readonly string[];
}

/** Facts of several things in rows: those in which they differ, and those that are the same for all. */
export function useShared<T>(
  things: readonly T[],
  factsOf: (thing: T) => Readonly<Record<string, string>>,
): { readonly rows: readonly FactRow[]; readonly same: readonly FactRow[] } {
  return useMemo(() => {
    const facts = things.map(factsOf);
    const all = Object.keys(facts[0] ?? {}).map((name): FactRow => ({
      name,
      values: facts.map((of) => of[name]!),
    }));
    const alike = ({ values }: FactRow) => values.every((value) => value === values[0]);
    return { rows: all.filter((row) => !alike(row)), same: all.filter(alike) };
    // Facts follow from the things alone.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [things]);
}
