import dynamic from 'next/dynamic';
import { mixL } from '@/core/containers/container';
import type { Settings } from '@/core/files/plantingFile';
import type { ShelfItem } from '@/core/shelf/shelf';
import { ButtonLink } from '@/ui/controls/Button';
import { entryLook } from '@/ui/controls/looks';
import { Select } from '@/ui/controls/Select';
import { shelfHref } from '@/ui/session/links';
import { MATERIAL_NAMES, sizeText } from '@/words/containers';
import { capital, volumeText } from '@/words/format';
import { faultOf, type RowProps } from './formOf';
import { HavePicker } from './HavePicker';
import { HAVE, type LengthField } from './haves';
import { Entry, SheetRow } from './sheetParts';
import { withHave } from './startForm';

const TapeDrawing = dynamic(() => import('./TapeDrawing'), {
  ssr: false,
  loading: () => <div className="mt-2.5 h-[170px] bg-field" />,
});

interface ContainerRowProps extends RowProps {
  readonly settings: Settings;
  /** Empty containers on the shelf, and the one taken from it. */
  readonly free: readonly ShelfItem[];
  readonly chosen: ShelfItem | null;
  readonly onContainer: (id: string | null) => void;
}

/** Which container: one from the shelf, or one described here. */
export function ContainerRow({
  form,
  values,
  reading,
  settings,
  free,
  chosen,
  onContainer,
}: ContainerRowProps) {
  const { measures, materials, drop } = HAVE[values.have];
  const length = (field: LengthField, name: string) => (
    <Entry key={field} name={name} suffix={values.unit} error={faultOf(reading, field)}>
      <input
        type="number"
        inputMode="decimal"
        step="any"
        className={entryLook({ className: 'w-full pr-8' })}
        aria-invalid={!!faultOf(reading, field)}
        {...form.register(field, { valueAsNumber: true })}
      />
    </Entry>
  );
  return (
    <SheetRow
      title="What have you got?"
      note={
        reading.ok ? `holds ${volumeText(mixL(reading.container), settings)} of mix` : undefined
      }
    >
      <HavePicker
        free={free}
        chosen={chosen}
        have={values.have}
        onContainer={onContainer}
        onHave={(have) => {
          if (chosen) onContainer(null);
          form.reset(withHave(values, have));
        }}
      />
      {reading.ok && <TapeDrawing container={reading.container} unit={values.unit} />}
      {chosen ? (
        <p className="pt-2">
          {capital(MATERIAL_NAMES[chosen.container.material])},{' '}
          {sizeText(chosen.container.shape, values.unit)} {values.unit}
          {chosen.kept ? `, kept ${chosen.kept}` : ''}.{' '}
          <ButtonLink look="link" href={shelfHref(chosen.id)}>
            Look at its measures
          </ButtonLink>
        </p>
      ) : (
        <div className="mt-2.5 grid grid-cols-3 gap-3">
          {measures.map(([field, name]) => length(field, name))}
          {materials.length > 1 && (
            <Entry name="Made of">
              <Select className="w-full" {...form.register('material')}>
                {materials.map((material) => (
                  <option key={material} value={material}>
                    {MATERIAL_NAMES[material]}
                  </option>
                ))}
              </Select>
            </Entry>
          )}
          {drop && length('drop', drop)}
        </div>
      )}
    </SheetRow>
  );
}
