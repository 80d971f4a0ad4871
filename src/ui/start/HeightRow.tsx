import { Choices } from '@/ui/controls/Choices';
import { entryLook } from '@/ui/controls/looks';
import { faultOf, setter, type RowProps } from './formOf';
import { Entry, SheetRow } from './sheetParts';
import type { StartForm } from './startForm';

/** How high it may or shall stand, over the mix: as suits the container, unless one says. */
export function HeightRow({ form, values, reading }: RowProps) {
  const set = setter(form);
  return (
    <SheetRow title="Height">
      <Choices<StartForm['height']>
        name="Height of the tallest"
        value={values.height}
        options={[
          ['any', 'As suits the container'],
          ['low', 'Low'],
          ['tall', 'Tall'],
        ]}
        onPick={(height) => set('height', height)}
      />
      {values.height !== 'any' && (
        <div className="max-w-60 pt-2">
          <Entry
            name={
              values.height === 'low'
                ? 'Nothing higher over the mix than'
                : 'Tallest over the mix, at least'
            }
            suffix={values.unit}
            error={faultOf(reading, 'high')}
          >
            <input
              type="number"
              inputMode="decimal"
              step="any"
              className={entryLook({ className: 'w-full pr-8' })}
              {...form.register('high', { valueAsNumber: true })}
            />
          </Entry>
        </div>
      )}
    </SheetRow>
  );
}
