import type { Here, PlantKind } from './kind';

/** A kind as it is expected here: the book's, with what was seen laid over it. */
export function withSeen(kind: PlantKind, here: Here): PlantKind {
  const by = (
    [low, high]: readonly [number, number],
    factor: number | undefined,
  ): [number, number] => [low * (factor ?? 1), high * (factor ?? 1)];
  return {
    ...kind,
    heightCm: by(kind.heightCm, here.height?.factor),
    spreadCm: by(kind.spreadCm, here.spread?.factor),
    here,
  };
}
