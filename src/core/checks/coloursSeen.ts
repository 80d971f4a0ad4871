import type { WeighedColour } from '../colour/schemes';
import { coloursShown } from '../plants/colours';
import { sampledWeeks, type Reading } from './reading';

/** All that is seen of a planting's colours, young, midway and grown, week by week by what is out. */
export function coloursSeen(reading: Reading): readonly WeighedColour[] {
  const colours: WeighedColour[] = [];
  for (const week of sampledWeeks(reading)) {
    const { areaCm2 } = reading.seenAt(week);
    reading.sizesAt(week).forEach((size, i) => {
      for (const part of coloursShown(reading.plants[i]!.kind, size))
        colours.push({ colour: part.colour, weight: part.weight * areaCm2[i]! });
    });
  }
  return colours;
}
