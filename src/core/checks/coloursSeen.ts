import { nearestScheme, type Scheme, type WeighedColour } from '../colour/schemes';
import { once } from '../work/once';
import { coloursShown } from '../plants/colours';
import { sampledWeeks, type Reading } from './reading';

/** What of the spread of a plant in the side is seen from where one stands: about half of them are on the far side. Ours. */
const SIDE_SHOWN = 0.4;

/** All that is seen of a planting's colours, young, midway and grown, week by week by what is out. */
export const coloursSeen = once((reading: Reading): readonly WeighedColour[] => {
  const colours: WeighedColour[] = [];
  for (const week of sampledWeeks(reading)) {
    const { areaCm2 } = reading.seenAt(week);
    reading.sizesAt(week).forEach((size, i) => {
      for (const part of coloursShown(reading.plants[i]!.kind, size))
        colours.push({ colour: part.colour, weight: part.weight * areaCm2[i]! });
    });
    reading.sidesAt(week).forEach((size, i) => {
      const shownCm2 = SIDE_SHOWN * Math.PI * (size.spreadCm / 2) ** 2;
      for (const part of coloursShown(reading.sides[i]!.kind, size))
        colours.push({ colour: part.colour, weight: part.weight * shownCm2 });
    });
  }
  return colours;
});

/** The scheme a planting is judged by: the one that was wished for; where colours are left open, the one it comes nearest to. */
export function schemeOf(reading: Reading): Scheme {
  const { anyColours, scheme } = reading.planting.wishes;
  return anyColours ? nearestScheme(coloursSeen(reading)) : scheme;
}
