import type { Settings } from '@/core/files/plantingFile';
import { STOPS } from '@/core/shopping/stops';
import { entryLook } from '@/ui/controls/looks';
import { Select } from '@/ui/controls/Select';
import { faultOf, type RowProps } from './formOf';
import { Entry, SheetRow } from './sheetParts';

interface MoneyRowProps extends RowProps {
  readonly settings: Settings;
  /** Where plants must be on the benches today; empty: anywhere. */
  readonly stop: string;
  readonly onStop: (id: string) => void;
}

/** Money, the shop and the place's name. */
export function MoneyRow({ form, reading, settings, stop, onStop }: MoneyRowProps) {
  return (
    <SheetRow title="Money and place" last>
      <div className="grid grid-cols-2 gap-3">
        <Entry
          name="Budget for plants"
          suffix={settings.currency}
          error={faultOf(reading, 'budget')}
        >
          <input
            inputMode="decimal"
            placeholder="no limit"
            className={entryLook({ className: 'w-full pr-8' })}
            {...form.register('budget')}
          />
        </Entry>
        <Entry name="Plants from">
          <Select className="w-full" value={stop} onChange={(event) => onStop(event.target.value)}>
            <option value="">anywhere</option>
            {STOPS.map(({ id, name }) => (
              <option key={id} value={id}>
                {name}, today
              </option>
            ))}
          </Select>
        </Entry>
        <Entry name="Call the place" error={faultOf(reading, 'spotName')}>
          <input
            placeholder="e.g. back door"
            className={entryLook({ className: 'w-full' })}
            maxLength={80}
            {...form.register('spotName')}
          />
        </Entry>
      </div>
    </SheetRow>
  );
}
