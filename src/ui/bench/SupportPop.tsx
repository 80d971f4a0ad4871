import { Fence } from 'lucide-react';
import type { Edit } from '@/core/plantings/edits';
import type { Place } from '@/core/plantings/planting';
import type { Support, SupportForm } from '@/core/plantings/support';
import { Pop } from '@/ui/controls/Pop';
import { lengthText, type Units } from '@/words/format';
import { SUPPORT_NAMES } from '@/words/names';
import { Button } from '@/ui/controls/Button';
import { Range } from '@/ui/controls/Range';

interface SupportPopProps {
  readonly support: Support | null;
  readonly usual: (form: SupportForm) => Support;
  /** The plant picked, to stand it by. */
  readonly at: Pick<Place, 'xCm' | 'zCm'> | null;
  readonly apply: (edit: Edit) => void;
  readonly unit: Units['length'];
}

const FORMS = Object.keys(SUPPORT_NAMES) as readonly SupportForm[];

/** Sets something to climb into the mix, makes it higher or wider, stands it by a plant, takes it out. */
export function SupportPop({ support, usual, at, apply, unit }: SupportPopProps) {
  const put = (change: Partial<Support>) =>
    support && apply({ kind: 'support', support: { ...support, ...change } });
  return (
    <Pop icon={<Fence size={15} aria-hidden />} name="Support">
      <fieldset className="grid gap-1">
        <legend className="sr-only">Something to climb</legend>
        <label className="flex items-center gap-2">
          <input
            type="radio"
            name="support"
            className="size-4 accent-ink"
            checked={!support}
            onChange={() => apply({ kind: 'support', support: null })}
          />
          None
        </label>
        {FORMS.map((form) => (
          <label key={form} className="flex items-center gap-2">
            <input
              type="radio"
              name="support"
              className="size-4 accent-ink"
              checked={support?.form === form}
              onChange={() => apply({ kind: 'support', support: usual(form) })}
            />
            {SUPPORT_NAMES[form].name}{' '}
            <span className="text-ink2">{SUPPORT_NAMES[form].about}</span>
          </label>
        ))}
      </fieldset>
      {support && (
        <>
          <Size
            name="Above the mix"
            valueCm={support.heightCm}
            least={30}
            most={240}
            unit={unit}
            onPut={(heightCm) => put({ heightCm })}
          />
          <Size
            name={support.form === 'trellis' ? 'Across its top' : 'Across its foot'}
            valueCm={support.widthCm}
            least={8}
            most={120}
            unit={unit}
            onPut={(widthCm) => put({ widthCm })}
          />
          <p>
            {at ? (
              <Button
                look="link"

                onClick={() => put({ xCm: at.xCm, zCm: at.zCm })}
              >
                Stand it by the plant picked
              </Button>
            ) : (
              <span className="text-ink2">Pick a plant to stand it by.</span>
            )}
          </p>
          <p className="text-ink2">
            Climbers within a hand’s breadth of it are drawn on it. Push its feet well down; cap
            what ends at eye height.
          </p>
        </>
      )}
    </Pop>
  );
}

function Size({
  name,
  valueCm,
  least,
  most,
  unit,
  onPut,
}: {
  readonly name: string;
  readonly valueCm: number;
  readonly least: number;
  readonly most: number;
  readonly unit: Units['length'];
  readonly onPut: (cm: number) => void;
}) {
  const told = lengthText(valueCm, { length: unit });
  return (
    <label className="grid gap-0.5">
      <span>
        {name} <b className="font-semibold">{told}</b>
      </span>
      <Range
        aria-label={name}
        aria-valuetext={told}
        min={least}
        max={most}
        step={2}
        value={valueCm}
        onValue={onPut}
      />
    </label>
  );
}
