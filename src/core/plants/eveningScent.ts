import { once } from '../work/once';
import type { PlantKind } from './kind';

/** Genera and species whose scented flowers fill the air from dusk on. From general knowledge of the flower garden; ours. */
const AT_DUSK: ReadonlySet<string> = new Set([
  ...`Brugmansia Gardenia Hedychium Heliotropium Hesperis Hoya Jasminum Lilium Lonicera Matthiola Mirabilis Nicotiana
  Petunia Trachelospermum Zaluzianskya`.split(/\s+/),
  'Dianthus hybrids',
  'Gladiolus murielae',
  'Phlox paniculata',
  'Pittosporum tobira',
]);

/** Do its flowers scent the air of an evening? */
export const scentsEvening = once(
  ({ botanical, scent }: Pick<PlantKind, 'botanical' | 'scent'>): boolean =>
    (scent === 'flower' || scent === 'both') &&
    (AT_DUSK.has(botanical.split(' ')[0]!) || AT_DUSK.has(botanical)),
);
