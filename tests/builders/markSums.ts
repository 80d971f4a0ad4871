import { growPlant } from '@/core/marks/grow';
import { lightMarks } from '@/core/marks/light';
import type { Mark } from '@/core/marks/mark';
import { vesselOf } from '@/core/marks/vessel';
import { BOOK } from '@/core/plants/book/index';
import type { PlantKind } from '@/core/plants/kind';
import { spreadOf, type Figures } from './figures';
import { TUB } from './plantings';

const vessel = vesselOf(TUB, false);

/** Kinds of the book that between them have every habit, leaf, surface and flower. */
export const DRAWN_KINDS: readonly PlantKind[] = everyWay();

function everyWay(): readonly PlantKind[] {
  const seen = new Set<string>();
  return BOOK.filter(({ habit, foliage, bloom }) => {
    const ways = [
      `habit ${habit}`,
      `leaf ${foliage.shape}`,
      `texture ${foliage.texture} of ${habit}`,
      `flower ${bloom?.form ?? 'none'}`,
      `pattern ${foliage.pattern}`,
      `surface ${foliage.surface}`,
    ].filter((way) => !seen.has(way));
    ways.forEach((way) => seen.add(way));
    return ways.length > 0;
  });
}

/** Full grown in flower and fruit, and young with its first flowers. */
const STATES = [
  { share: 1, bloom: 1, fruit: 1, part: 1 },
  { share: 0.45, bloom: 0.06, fruit: 0.3, part: 0.55 },
] as const;

/** Of one plant: for each figure of its marks how many there are, the mean, and how far they lie apart. */
export function markSums(kind: PlantKind): Figures {
  const sums: Record<string, readonly number[]> = {};
  STATES.forEach(({ share, bloom, fruit, part }, s) => {
    const marks = growPlant(
      // Not in the middle: there every way out is as good.
      { kind, xCm: 7, zCm: 4, seed: 7 },
      {
        share,
        heightCm: kind.heightCm[1] * part,
        spreadCm: kind.spreadCm[1] * part,
        trailCm: (kind.trailCm?.[1] ?? 0) * part,
        bloom,
        fruit,
        shaded: 0,
      },
      vessel,
      0,
    );
    lightMarks(marks);
    for (const [name, values] of figuresOf(marks))
      sums[`${s === 0 ? 'grown' : 'young'} ${name}`] = spreadOf(values);
  });
  return sums;
}

/** Every figure of every mark, by the sort of mark and where it stands in it. */
function figuresOf(marks: readonly Mark[]): ReadonlyMap<string, readonly number[]> {
  const figures = new Map<string, number[]>();
  const take = (name: string, value: unknown): void => {
    if (typeof value === 'number') {
      const list = figures.get(name);
      if (list) list.push(value);
      else figures.set(name, [value]);
    } else if (Array.isArray(value))
      // Points of a spine together, parts of a point apart.
      value.forEach((one, i) => take(Array.isArray(one) ? name : `${name}.${i}`, one));
    else if (typeof value === 'object' && value !== null)
      for (const [key, one] of Object.entries(value)) take(`${name}.${key}`, one);
  };
  for (const mark of marks) take(mark.kind, { ...mark, seed: 0, style: null });
  return figures;
}
