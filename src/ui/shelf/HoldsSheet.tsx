'use client';

import { brimL, type Container } from '@/core/containers/container';
import { insideVolumeL } from '@/core/containers/shape';
import { Choices } from '@/ui/controls/Choices';
import { NumberField, Sheet } from '@/ui/controls/fields';
import { volumeText } from '@/words/format';
import { FigureRow, type SheetProps } from './sheet';

/** What it holds by its shape and by litres poured, side by side, and which is used. */
export function HoldsSheet({ editing, units }: SheetProps) {
  const { container, faults, shape: put } = editing;
  const byShape = insideVolumeL(container);
  const { pouredL } = container;
  const apart = pouredL === null ? null : pouredL / byShape - 1;
  return (
    <Sheet title="What it holds" note="to the brim">
      <div className="px-3.5 py-3">
        <p className="display text-room leading-9" data-holds>
          {volumeText(brimL(container), units)}
        </p>
        <dl className="grid grid-cols-[1fr_auto] gap-x-3 gap-y-0.5 pt-1">
          <FigureRow name="By its measures">{volumeText(byShape, units)}</FigureRow>
          <FigureRow name="By litres poured">
            {pouredL === null ? 'not poured yet' : volumeText(pouredL, units)}
          </FigureRow>
        </dl>
        {apart !== null && (
          <p className="pt-1" data-compared>
            {Math.abs(apart) < 0.05
              ? 'The two agree within 5%.'
              : `Poured, it holds ${Math.round(Math.abs(apart) * 100)}% ${apart < 0 ? 'less' : 'more'} than its measures say. A bucket is the surer measure of an odd shape; look again if they are far apart.`}
          </p>
        )}
        <div className="grid grid-cols-[1fr_2fr] items-end gap-3 pt-2.5">
          <NumberField
            name="Litres poured"
            suffix="L"
            places={1}
            value={pouredL ?? Number.NaN}
            error={faults['container.pouredL']}
            onValue={(litres) =>
              put(
                Number.isNaN(litres)
                  ? { pouredL: null, volumeFrom: 'shape' }
                  : { pouredL: litres, volumeFrom: 'poured' },
                'Poured it full',
              )
            }
          />
          {pouredL !== null && (
            <Choices
              name="Take the litres from"
              value={container.volumeFrom}
              options={[
                ['shape', 'Its measures'],
                ['poured', 'Poured'],
              ]}
              onPick={(from) =>
                put(
                  { volumeFrom: from as Container['volumeFrom'] },
                  from === 'poured' ? 'Took litres as poured' : 'Took litres by its measures',
                )
              }
            />
          )}
        </div>
      </div>
    </Sheet>
  );
}
