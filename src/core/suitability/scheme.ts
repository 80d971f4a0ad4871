import { fitOfColour, type Scheme } from '../colour/schemes';
import { coloursOf } from '../plants/colours';
import type { PlantKind } from '../plants/kind';

/** Share of a kind's colours that must carry a scheme before the kind can be outside it. Ours. */
const LEAST_CARRIED = 0.12;

/** How well one kind belongs to a scheme, 0–1; plain green and white belong to all. */
export function kindFitsScheme(kind: PlantKind, scheme: Scheme): number {
  let fit = 0;
  let weight = 0;
  for (const part of coloursOf(kind)) {
    const one = fitOfColour(part.colour, scheme);
    if (one === null) continue;
    fit += one * part.weight;
    weight += part.weight;
  }
  // A yellow eye in a white flower takes it out of no scheme.
  return weight > LEAST_CARRIED ? fit / weight : 1;
}
