import { EYE_KINDS, type Eye } from '@/core/spots/spot';
import { LengthField, NumberField, PickField } from '@/ui/controls/fields';
import { Tick } from '@/ui/controls/Tick';

const EYE_NAMES: Readonly<Record<Eye['kind'], string>> = {
  standing: 'Standing',
  sitting: 'Sitting',
  child: 'A child',
};

/** From where one pair of eyes looks. */
export function EyeFields({
  eye,
  change,
  unit,
  fault,
}: {
  readonly eye: Eye;
  readonly change: (eye: Eye, name: string) => void;
  readonly unit: 'in' | 'cm';
  readonly fault: (field: string) => string | undefined;
}) {
  return (
    <div className="grid grid-cols-3 gap-x-3 gap-y-2 pt-2">
      <PickField
        name="Who looks"
        value={eye.kind}
        options={EYE_KINDS.map((kind) => [kind, EYE_NAMES[kind]] as const)}
        onPick={(kind) => change({ ...eye, kind }, 'Changed who looks')}
      />
      <LengthField
        name="Distance"
        valueCm={eye.distanceCm}
        unit={unit}
        error={fault('distanceCm')}
        onCm={(distanceCm) => change({ ...eye, distanceCm }, 'Changed a distance')}
      />
      <NumberField
        name="Looks from"
        value={eye.bearingDeg}
        suffix="°"
        error={fault('bearingDeg')}
        onValue={(bearingDeg) => change({ ...eye, bearingDeg }, 'Changed a bearing')}
      />
      <NumberField
        name="Counts for"
        value={eye.weight * 100}
        suffix="%"
        error={fault('weight')}
        onValue={(weight) => change({ ...eye, weight: weight / 100 }, 'Changed a weight')}
      />
      <LengthField
        name="Floor"
        valueCm={eye.floorCm}
        unit={unit}
        error={fault('floorCm')}
        onCm={(floorCm) => change({ ...eye, floorCm }, 'Changed a floor')}
      />
      <Tick
        className="col-span-3"
        checked={eye.sill !== null}
        onChange={(event) =>
          change(
            {
              ...eye,
              sill: event.target.checked
                ? {
                    heightCm: 90,
                    nearCm: Math.max(10, eye.distanceCm - 45),
                    farCm: Math.max(20, eye.distanceCm - 20),
                  }
                : null,
            },
            'Changed a sill',
          )
        }
      >
        Looks over a sill or parapet
      </Tick>
      {eye.sill && (
        <>
          <LengthField
            name="Sill height"
            valueCm={eye.sill.heightCm}
            unit={unit}
            error={fault('sill.heightCm')}
            onCm={(heightCm) =>
              change({ ...eye, sill: { ...eye.sill!, heightCm } }, 'Changed a sill')
            }
          />
          <LengthField
            name="Near edge at"
            valueCm={eye.sill.nearCm}
            unit={unit}
            error={fault('sill.nearCm')}
            onCm={(nearCm) => change({ ...eye, sill: { ...eye.sill!, nearCm } }, 'Changed a sill')}
          />
          <LengthField
            name="Far edge at"
            valueCm={eye.sill.farCm}
            unit={unit}
            error={fault('sill.farCm')}
            onCm={(farCm) => change({ ...eye, sill: { ...eye.sill!, farCm } }, 'Changed a sill')}
          />
        </>
      )}
    </div>
  );
}
