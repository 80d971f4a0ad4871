import type { Planting } from '@/core/plantings/planting';
import type { JSX } from 'react';
import type { RemakeAsk } from '@/core/search/remaking';
import { isLong } from '@/core/containers/container';
import { dateText } from '@/words/format';
import { inSentence } from '@/words/names';
import { unitAbout, type Way } from './ways';
import { Button } from '@/ui/controls/Button';
import type { PlacedPlant, PlantingInSpot } from '@/core/plantings/planting';

/** What the tray can be asked for. */
export function TrayWays({
  press,
  propose,
  remake,
  chosen,
  it,
  weeks,
  nextSeason,
  twin,
  planting,
  party,
}: {
  readonly press: (
    name: string,
    find: () => Promise<readonly Way[]>,
    otherwise: string,
  ) => JSX.Element;
  readonly propose: () => Promise<readonly Way[]>;
  readonly remake: (how: RemakeAsk) => () => Promise<readonly Way[]>;
  readonly chosen: PlacedPlant | undefined;
  readonly it: PlantingInSpot;
  readonly weeks: number;
  readonly nextSeason: { readonly plantedWeek: number; readonly endWeek: number };
  readonly twin: () => Promise<void>;
  readonly planting: Planting;
  readonly party: boolean;
}) {
  return (
    <div className="mt-1.5 flex flex-wrap gap-1.5">
      {press(
        'Other plantings',
        propose,
        'No other planting suits this container, light and scheme.',
      )}
      {press('Other moods', remake({ kind: 'vary' }), 'No other mood can be had with these bones.')}
      {chosen
        ? press(
            `Keep ${inSentence(chosen.kind.common)}, change the rest`,
            remake({
              kind: 'finish',
              keep: it.plants.filter(({ kindId }) => kindId === chosen.kindId).map(({ id }) => id),
            }),
            'Nothing else goes with it here.',
          )
        : press(
            'Finish it',
            remake({ kind: 'finish', keep: null }),
            'It has every part of its school already.',
          )}
      {press(
        `Freshened up in week ${weeks}`,
        remake({ kind: 'refresh', weeks }),
        'Nothing wants refreshing.',
      )}
      {press(
        `From ${dateText(nextSeason.plantedWeek)} on`,
        remake({ kind: 'season', ...nextSeason }),
        'Nothing suits the pockets in that season.',
      )}
      <Button onClick={() => void twin()}>A second one like it</Button>
      {isLong(planting.container) &&
        press(
          'A part repeated',
          remake({
            kind: 'repeat',
            unit: chosen ? unitAbout(it, chosen.xCm) : null,
            ends: party ? 'party' : 'matched',
          }),
          'So many units do not go in.',
        )}
    </div>
  );
}
