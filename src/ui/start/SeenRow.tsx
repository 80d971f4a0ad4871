import type { Spot } from '@/core/spots/spot';
import { Choices } from '@/ui/controls/Choices';
import { entryLook } from '@/ui/controls/looks';
import { faultOf, setter, type RowProps } from './formOf';
import { HAVE } from './haves';
import { Entry, SheetRow } from './sheetParts';
import type { SeenFrom } from './startForm';

/** From where it is looked at; over a sill, how high that is and who looks. */
export function SeenRow({
  form,
  values,
  reading,
  given,
}: RowProps & { readonly given: Spot | null }) {
  const set = setter(form);
  // A spot that is there knows its own viewpoints; what hangs overhead stands on no sill.
  const isOffered = !given && HAVE[values.have].start.view !== 'from below';
  return (
    <SheetRow title="Seen from">
      <Choices<SeenFrom>
        name="Seen from"
        value={values.view}
        options={[
          ['one side', 'One side'],
          ['all round', 'All round'],
          ['from below', 'From below'],
          ...(isOffered ? ([['over a sill', 'Indoors, over the sill']] as const) : []),
        ]}
        onPick={(view) => set('view', view)}
      />
      {values.view === 'over a sill' && (
        <div className="grid grid-cols-2 items-start gap-3 pt-2">
          <Entry
            name="Sill above the floor inside"
            suffix={values.unit}
            error={faultOf(reading, 'sill')}
          >
            <input
              type="number"
              inputMode="decimal"
              step="any"
              className={entryLook({ className: 'w-full pr-8' })}
              {...form.register('sill', { valueAsNumber: true })}
            />
          </Entry>
          <div>
            <span className="block pb-0.5 text-note text-ink2">Whoever looks out</span>
            <Choices
              name="Whoever looks out"
              value={values.eye}
              options={[
                ['standing', 'Stands'],
                ['sitting', 'Sits'],
              ]}
              onPick={(eye) => set('eye', eye)}
            />
          </div>
        </div>
      )}
    </SheetRow>
  );
}
