import { Slider } from 'radix-ui';
import type { Spot } from '@/core/spots/spot';
import { Thumb } from '@/ui/bench/TurnSlider';
import { ButtonLink } from '@/ui/controls/Button';
import { Choices } from '@/ui/controls/Choices';
import { More } from '@/ui/controls/More';
import { Select } from '@/ui/controls/Select';
import { spotHref } from '@/ui/session/links';
import { hoursText } from '@/words/format';
import { setter, type RowProps } from './formOf';
import { Entry, SheetRow } from './sheetParts';
import { SUN_PARTS, withSun, type StartForm, type SunAt } from './startForm';

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
const ASKED = {
  'before noon': 'Sun in the morning?',
  'around noon': 'Sun around noon?',
  'after noon': 'Sun late in the day?',
} as const;

/** What light it gets: that of a spot described already, or told here. */
export function LightRow({ form, values, given, spots, onSpot }: LightRowProps) {
  return (
    <SheetRow title="Light" note={`about ${hoursText(values.sunHours)} of sun in June`}>
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
        <SunAsked form={form} values={values} />
      )}
    </SheetRow>
  );
}

/** Three questions that anybody can answer, and the hours themselves for who knows them. */
function SunAsked({ form, values }: Pick<RowProps, 'form' | 'values'>) {
  const set = setter(form);
  // Where hours were told by themselves, no part of the day is marked.
  const at = values.sunAt;
  const tell = (i: number, share: SunAt[number]) => {
    const told = [...(at ?? (['some', 'some', 'some'] as const))];
    told[i] = share;
    form.reset(withSun(values, told as unknown as SunAt));
  };
  return (
    <>
      {SUN_PARTS.map((part, i) => (
        <div key={part} className="flex flex-wrap items-center justify-between gap-x-3 py-0.5">
          <span>{ASKED[part]}</span>
          <Choices
            name={ASKED[part]}
            value={at?.[i] ?? ''}
            options={[
              ['none', 'No'],
              ['some', 'Some'],
              ['all', 'Yes'],
            ]}
            onPick={(share) => tell(i, share as SunAt[number])}
          />
        </div>
      ))}
      <More name="I know the hours" className="pt-1">
        <Slider.Root
          min={0}
          max={12}
          step={0.5}
          value={[values.sunHours]}
          onValueChange={([hours]) => {
            set('sunAt', null);
            set('sunHours', hours!);
          }}
          className="relative mt-1 flex h-6 touch-none items-center select-none"
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
            onPick={(when: StartForm['sunWhen']) => set('sunWhen', when)}
          />
        </div>
      </More>
    </>
  );
}
