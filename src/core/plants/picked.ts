import { once } from '../work/once';
import type { PlantKind } from './kind';

/** What a kitchen takes of a plant: leaves for flavour, leaves by the bowl, fruit and pods, flowers, or the root with the plant. */
export type Picked = 'herbs' | 'salad' | 'fruit' | 'flowers' | 'roots';

/** Genera of which leaves are picked for their flavour. From general knowledge of the kitchen garden; ours. */
const HERBS: ReadonlySet<string> = new Set(
  `Agastache Aloysia Anethum Anthriscus Artemisia Chamaemelum Coriandrum Cymbopogon Foeniculum Hyssopus Laurus Levisticum
  Matricaria Melissa Mentha Myrtus Ocimum Origanum Perilla Petroselinum Salvia Satureja Thymus Tulbaghia`.split(
    /\s+/,
  ),
);
/** Of a genus of roots, species of which leaves are cut. */
const HERB_SPECIES: ReadonlySet<string> = new Set(['Allium schoenoprasum', 'Allium tuberosum']);

/** As what a kind is picked; `null` for what is not eaten. */
export const pickedAs = once(
  ({ botanical, edible }: Pick<PlantKind, 'botanical' | 'edible'>): Picked | null => {
    if (edible === null) return null;
    if (HERBS.has(botanical.split(' ')[0]!) || HERB_SPECIES.has(botanical)) return 'herbs';
    if (/root|tuber|bulb|all of it|^stems/.test(edible)) return 'roots';
    if (/fruit|pods|peas|berries/.test(edible)) return 'fruit';
    if (/^(flowers|petals)/.test(edible)) return 'flowers';
    return 'salad';
  },
);

/** How well what is picked so goes into one pot with what is picked otherwise, 0–1. Ours, from what is planted together. */
const TABLE: Readonly<Record<Picked, Readonly<Record<Picked, number>>>> = {
  herbs: { herbs: 1, salad: 0.7, fruit: 0.8, flowers: 0.8, roots: 0.5 },
  salad: { herbs: 0.7, salad: 1, fruit: 0.5, flowers: 0.85, roots: 0.75 },
  fruit: { herbs: 0.8, salad: 0.5, fruit: 1, flowers: 0.85, roots: 0.4 },
  flowers: { herbs: 0.8, salad: 0.85, fruit: 0.85, flowers: 0.6, roots: 0.5 },
  roots: { herbs: 0.5, salad: 0.75, fruit: 0.4, flowers: 0.5, roots: 0.7 },
};

/** How well two kinds go together for the kitchen, 0–1; 0 where one is not eaten. */
export function goesToTable(
  a: Pick<PlantKind, 'botanical' | 'edible'>,
  b: Pick<PlantKind, 'botanical' | 'edible'>,
): number {
  const [one, other] = [pickedAs(a), pickedAs(b)];
  return one && other ? TABLE[one][other] : 0;
}
