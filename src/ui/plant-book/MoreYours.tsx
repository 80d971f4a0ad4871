import type { PlantKind } from '@/core/plants/kind';
import { type Told } from '@/core/plants/own';
import { LengthField, NumberField, PickField, TemperatureField } from '@/ui/controls/fields';
import type { Units } from '@/words/format';
import { More } from '@/ui/controls/More';

/** Sizes, light, cold and the rest as the gardener knows them. */
export function MoreYours({
  units,
  kind,
  faults,
  span,
  tell,
}: {
  readonly units: Units;
  readonly kind: PlantKind;
  readonly faults: Readonly<Record<string, string>>;
  readonly span: (field: 'heightCm' | 'spreadCm', at: 0 | 1, cm: number) => void;
  readonly tell: (change: Told) => void;
}) {
  return (
    <More name="More that you know better">
      <div className="grid grid-cols-2 gap-3 pt-2">
        <LengthField
          name="Height at least"
          unit={units.length}
          valueCm={kind.heightCm[0]}
          error={faults['told.heightCm']}
          onCm={(cm) => span('heightCm', 0, cm)}
        />
        <LengthField
          name="Spread at least"
          unit={units.length}
          valueCm={kind.spreadCm[0]}
          error={faults['told.spreadCm']}
          onCm={(cm) => span('spreadCm', 0, cm)}
        />
        <LengthField
          name="Trails"
          unit={units.length}
          valueCm={kind.trailCm?.[1] ?? Number.NaN}
          error={faults['told.trailCm']}
          onCm={(cm) =>
            tell({
              trailCm: Number.isNaN(cm) ? null : [Math.min(cm, kind.trailCm?.[0] ?? cm), cm],
            })
          }
        />
        <NumberField
          name="Full after"
          suffix="weeks"
          value={kind.weeksToFill}
          error={faults['told.weeksToFill']}
          onValue={(weeksToFill) => tell({ weeksToFill })}
        />
        <NumberField
          name="Sun from"
          suffix="h"
          places={1}
          value={kind.light.hours[0]}
          error={faults['told.hours']}
          onValue={(from) => tell({ hours: [from, Math.max(from, kind.light.hours[1])] })}
        />
        <NumberField
          name="Sun to"
          suffix="h"
          places={1}
          value={kind.light.hours[1]}
          error={faults['told.hours']}
          onValue={(to) => tell({ hours: [Math.min(to, kind.light.hours[0]), to] })}
        />
        <PickField
          name="Thirst"
          value={kind.thirst}
          options={[
            ['low', 'low'],
            ['medium', 'medium'],
            ['high', 'high'],
          ]}
          onPick={(thirst) => tell({ thirst })}
        />
        <TemperatureField
          name="Bears"
          unit={units.length}
          valueC={kind.lowestC}
          error={faults['told.lowestC']}
          onC={(lowestC) => tell({ lowestC })}
        />
        {kind.bloom && (
          <NumberField
            name="Flowers from week"
            value={kind.bloom.weeks[0]}
            error={faults['told.flowerWeeks']}
            onValue={(from) => tell({ flowerWeeks: [from, kind.bloom!.weeks[1]] })}
          />
        )}
        {kind.bloom && (
          <NumberField
            name="to week"
            value={kind.bloom.weeks[1]}
            error={faults['told.flowerWeeks']}
            onValue={(to) => tell({ flowerWeeks: [kind.bloom!.weeks[0], to] })}
          />
        )}
        <NumberField
          name="Price"
          suffix={units.currency}
          places={2}
          value={kind.sold[0]!.price}
          error={faults['told.price']}
          onValue={(price) => tell({ price })}
        />
      </div>
    </More>
  );
}
