import { mixL } from '@/core/containers/container';
import type { Settings } from '@/core/files/plantingFile';
import type { ShelfItem } from '@/core/shelf/shelf';
import { ButtonLink } from '@/ui/controls/Button';
import { Choices } from '@/ui/controls/Choices';
import { entryLook } from '@/ui/controls/looks';
import { Select } from '@/ui/controls/Select';
import { shelfHref } from '@/ui/session/links';
import { MATERIAL_NAMES, sizeText } from '@/words/containers';
import { capital, volumeText } from '@/words/format';
import { faultOf, type RowProps } from './formOf';
import { Entry, SheetRow } from './sheetParts';
import { MATERIALS_OF, START_SHAPE_NAMES, withShape, type StartForm } from './startForm';

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
  const length = (field: 'top' | 'base' | 'depth' | 'length' | 'width' | 'drop', name: string) => (
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
      title="Container"
      note={
        reading.ok ? `holds ${volumeText(mixL(reading.container), settings)} of mix` : undefined
      }
    >
      {free.length > 0 && (
        <Entry name="Which one">
          <Select
            className="mb-2 w-full"
            value={chosen?.id ?? ''}
            onChange={(event) => onContainer(event.target.value || null)}
          >
            <option value="">one described here</option>
            {free.map(({ id, container }) => (
              <option key={id} value={id}>
                {container.name}, {sizeText(container.shape, values.unit)} {values.unit}
              </option>
            ))}
          </Select>
        </Entry>
      )}
      {chosen ? (
        <p>
          {capital(MATERIAL_NAMES[chosen.container.material])},{' '}
          {sizeText(chosen.container.shape, values.unit)} {values.unit}
          {chosen.kept ? `, kept ${chosen.kept}` : ''}.{' '}
          <ButtonLink look="link" href={shelfHref(chosen.id)}>
            Look at its measures
          </ButtonLink>
        </p>
      ) : (
        <>
          <Choices
            name="Container shape"
            value={values.shape}
            options={Object.entries(START_SHAPE_NAMES) as [StartForm['shape'], string][]}
            onPick={(shape) => form.reset(withShape(values, shape))}
          />
          <div className="mt-2.5 grid grid-cols-3 gap-3">
            {values.shape === 'box'
              ? [length('length', 'Length inside'), length('width', 'Width inside')]
              : length('top', 'Width at top')}
            {values.shape === 'round' && length('base', 'Width at base')}
            {length('depth', 'Depth inside')}
          </div>
          <div className="mt-2.5 grid grid-cols-2 gap-3">
            {MATERIALS_OF[values.shape].length > 1 && (
              <Entry name="Made of">
                <Select className="w-full" {...form.register('material')}>
                  {MATERIALS_OF[values.shape].map((material) => (
                    <option key={material} value={material}>
                      {material}
                    </option>
                  ))}
                </Select>
              </Entry>
            )}
            {values.shape !== 'round' &&
              length('drop', values.shape === 'box' ? 'Sill above ground' : 'Free drop below')}
          </div>
        </>
      )}
    </SheetRow>
  );
}
