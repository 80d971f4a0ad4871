import { isLong } from '@/core/containers/container';
import type { PlacedPlant, PlantingInSpot } from '@/core/plantings/planting';
import type { RemakeAsk } from '@/core/search/remaking';
import { dateText } from '@/words/format';
import { inSentence } from '@/words/names';
import { usualEndWeek } from '@/core/suitability/usualStay';
import { unitAbout } from './ways';

/** A kind of way to plant it otherwise: its name, how it is found, and what is said when there is none. */
export interface WayKind {
  readonly name: string;
  /** How the planting is made anew; `null`: plantings are proposed afresh. */
  readonly how: RemakeAsk | null;
  readonly otherwise: string;
}

/**
 * The kinds of way there are to plant it otherwise.
 * @param chosen the plant that is picked, if one is: it stays, or it is what is repeated
 */
export function wayKinds(
  it: PlantingInSpot,
  weeks: number,
  chosen: PlacedPlant | null,
): readonly WayKind[] {
  const { planting } = it;
  // Pockets are filled once this season is over.
  const plantedWeek = planting.endWeek;
  const nextSeason = { plantedWeek, endWeek: usualEndWeek(plantedWeek, it.spot) };
  const kept = chosen && it.plants.filter(({ kindId }) => kindId === chosen.kindId);
  return [
    {
      name: 'Other plants',
      how: null,
      otherwise: 'No other planting suits this container, light and scheme.',
    },
    {
      name: 'Other colours',
      how: { kind: 'vary' },
      otherwise: 'No other colours can be had with these bones.',
    },
    chosen && kept
      ? {
          name: `Keep ${inSentence(chosen.kind.common)}, change the rest`,
          how: { kind: 'finish', keep: kept.map(({ id }) => id) },
          otherwise: 'Nothing else goes with it here.',
        }
      : {
          name: 'Fill the gaps',
          how: { kind: 'finish', keep: null },
          otherwise: 'It has every part of its school already.',
        },
    {
      name: `Freshened up in week ${weeks}`,
      how: { kind: 'refresh', weeks },
      otherwise: 'Nothing wants refreshing.',
    },
    {
      name: `From ${dateText(nextSeason.plantedWeek)} on`,
      how: { kind: 'season', ...nextSeason },
      otherwise: 'Nothing suits the pockets in that season.',
    },
    ...(isLong(planting.container)
      ? (
          [
            ['matched', ''],
            ['party', ', ends different'],
          ] as const
        ).map(([ends, apart]): WayKind => ({
          name: chosen
            ? `What stands about ${inSentence(chosen.kind.common)} repeated${apart}`
            : `A part repeated${apart}`,
          how: { kind: 'repeat', unit: chosen ? unitAbout(it, chosen.xCm) : null, ends },
          otherwise: 'So many units do not go in.',
        }))
      : []),
  ];
}
