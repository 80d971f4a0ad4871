import { Slider } from 'radix-ui';
import type { Spot } from '@/core/spots/spot';
import { Thumb } from '@/ui/bench/TurnSlider';
import { ButtonLink } from '@/ui/controls/Button';
import { Choices } from '@/ui/controls/Choices';
import { Select } from '@/ui/controls/Select';
import { spotHref } from '@/ui/session/links';
import { hoursText } from '@/words/format';
import { setter, type RowProps } from './formOf';
import { Entry, SheetRow } from './sheetParts';

interface LightRowProps extends RowProps {
  /** The spot it will stand at, when that is one described already. */
  readonly given: Spot | null;
  readonly spots: readonly Spot[];
  readonly onSpot: (id: string | null) => void;
}

const FROM = { told: 'as told', log: 'as logged', reckoned: 'as reckoned' } as const;
const WHEN = {
  spread: '',
  morning: ', mostly before noon',
  afternoon: ', mostly after noon',
} as const;

/** What light it gets: that of a spot described already, or told here. */
export function LightRow({ form, values, given, spots, onSpot }: LightRowProps) {
  const set = setter(form);
  return (
    <SheetRow title="Light" note={`${hoursText(values.sunHours)} of direct sun in June`}>
      {spots.length > 0 && (
        <Entry name="Stands at">
          <Select
            className="mb-2 w-full"
            value={given?.id ?? ''}
            onChange={(event) => onSpot(event.target.value || null)}
          >
            <option value="">a new place</option>
            {spots.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}
              </option>
            ))}
          </Select>
        </Entry>
      )}
      {given ? (
        <p>
          {hoursText(given.sunHours)} {FROM[given.lightFrom]}
          {WHEN[given.sunWhen]}.{' '}
          <ButtonLink look="link" href={spotHref(given.id)}>
            Look at its sky
          </ButtonLink>
        </p>
      ) : (
        <>
          <Slider.Root
            min={0}
            max={12}
            step={0.5}
            value={[values.sunHours]}
            onValueChange={([hours]) => set('sunHours', hours!)}
            className="relative flex h-6 touch-none items-center select-none"
          >
            <Slider.Track className="relative h-[11px] flex-1 border-y-[1.5px] border-tick bg-strip">
              <Slider.Range className="absolute h-full bg-ink2" />
            </Slider.Track>
            <Thumb label="Hours of direct sun" text={`${values.sunHours} hours`} />
          </Slider.Root>
          <p className="flex justify-between text-note text-ink2" aria-hidden>
            <span>shade</span>
            <span>half the day</span>
            <span>all day</span>
          </p>
          <div className="mt-1.5">
            <Choices
              name="When the sun comes"
              value={values.sunWhen}
              options={[
                ['morning', 'Morning'],
                ['afternoon', 'Afternoon'],
                ['spread', 'All through'],
              ]}
              onPick={(when) => set('sunWhen', when)}
            />
          </div>
        </>
      )}
    </SheetRow>
  );
}
