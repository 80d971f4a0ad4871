'use client';

import { SHAPE_NAMES } from '@/words/containers';
import type { Shape } from '@/core/containers/shape';
import { turnedInto } from '@/core/containers/usualShape';
import { LengthField, PickField, Sheet } from '@/ui/controls/fields';
import type { Units } from '@/words/format';
import { changeName, MEASURES } from './sizes';
import type { ShelfEditing } from './useShelfEditing';
import { OutlineSizes } from './OutlineSizes';
import { TierSizes } from './TierSizes';
import { ProfileSizes } from './ProfileSizes';

const KINDS = Object.entries(SHAPE_NAMES) as (readonly [Shape['kind'], string])[];

/** What kind it is and its inside measures, as a tape takes them. */
export function SizesSheet({
  editing,
  unit,
}: {
  readonly editing: ShelfEditing;
  readonly unit: Units['length'];
}) {
  const { container, faults, shape: put } = editing;
  const { shape } = container;
  const fault = (path: string) => faults[`container.shape.${path}`];
  const measures = shape as unknown as Readonly<Record<string, number>>;
  const whole = fault('points') ?? fault('profile') ?? fault('tiers') ?? fault('shares');
  return (
    <Sheet title="Inside measures" note={`in ${unit}`}>
      <div className="grid gap-2.5 px-3.5 py-3">
        <PickField
          name="Shape"
          value={shape.kind}
          options={KINDS}
          onPick={(kind) =>
            put(
              { shape: turnedInto(kind, shape), sideHoles: [] },
              `Made it ${SHAPE_NAMES[kind].toLowerCase()}`,
            )
          }
        />
        {MEASURES[shape.kind].length > 0 && (
          <div className="grid grid-cols-3 gap-x-3 gap-y-2">
            {MEASURES[shape.kind].map(({ field, name }) => (
              <LengthField
                fine
                key={field}
                name={name}
                unit={unit}
                valueCm={measures[field]!}
                error={fault(field)}
                onCm={(cm) => put({ shape: { ...shape, [field]: cm } as Shape }, changeName(name))}
              />
            ))}
          </div>
        )}
        {shape.kind === 'urn' && <ProfileSizes shape={shape} unit={unit} fault={fault} put={put} />}
        {shape.kind === 'tiered' && <TierSizes shape={shape} unit={unit} fault={fault} put={put} />}
        {shape.kind === 'outline' && <OutlineSizes shape={shape} fault={fault} put={put} />}
        {whole && (
          <p role="alert" className="text-note leading-4 font-semibold">
            ▲ {whole}
          </p>
        )}
      </div>
    </Sheet>
  );
}
