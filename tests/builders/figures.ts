/** Figures as goldens keep them: short, by name, and compared by as much as no eye sees. */
export type Figures = Readonly<Record<string, readonly number[]>>;

const shortened = (value: number): number => Number(value.toPrecision(4));

/** How many there are, their mean, and how far they lie apart. */
export function spreadOf(
  values: readonly number[],
): readonly [many: number, mean: number, apart: number] {
  const many = values.length;
  const mean = values.reduce((sum, one) => sum + one, 0) / Math.max(1, many);
  const apart = Math.sqrt(
    values.reduce((sum, one) => sum + (one - mean) ** 2, 0) / Math.max(1, many),
  );
  return [many, shortened(mean), shortened(apart)];
}

/** Another engine may round a sine otherwise, and tip a colour by a step. */
const MAY_MOVE = 0.002;
const isSame = (a: number, b: number): boolean =>
  Math.abs(a - b) <= MAY_MOVE * Math.max(0.05, Math.abs(a), Math.abs(b));

/** Figures that are not what they were, in words. */
export function movedFigures(was: Figures, is: Figures): readonly string[] {
  return [...new Set([...Object.keys(was), ...Object.keys(is)])].flatMap((name) => {
    const [before, now] = [was[name] ?? [], is[name] ?? []];
    return before.length === now.length && before.every((value, i) => isSame(value, now[i]!))
      ? []
      : [`${name}: ${before.join(' ')} → ${now.join(' ')}`];
  });
}
