import { FLOWER_FORMS, HABITS, LEAF_SHAPES, SURFACES, TEXTURES } from '@/core/plants/kind';
import { type Query } from '@/core/search/query';
import { LengthField, NumberField, PickField, TemperatureField } from '@/ui/controls/fields';
import type { Units } from '@/words/format';
import { More } from '@/ui/controls/More';

const any = <T extends string>(
  options: readonly T[],
  none: string,
): readonly (readonly [string, string])[] => [
  ['', none],
  ...options.map((option) => [option, option] as const),
];

/** Everything else a tag may say. */
export function FinderMore({
  units,
  query,
  put,
  number,
}: {
  readonly units: Units;
  readonly query: Query;
  readonly put: (change: Partial<Query>) => void;
  readonly number: (value: number) => number | null;
}) {
  return (
    <More name="Size, leaf, flower, cold, price">
      <div className="grid grid-cols-2 gap-3 pt-2">
        <LengthField
          name="No taller than"
          unit={units.length}
          valueCm={query.tallestCm ?? Number.NaN}
          onCm={(cm) => put({ tallestCm: number(cm) })}
        />
        <LengthField
          name="No wider than"
          unit={units.length}
          valueCm={query.widestCm ?? Number.NaN}
          onCm={(cm) => put({ widestCm: number(cm) })}
        />
        <PickField
          name="Habit"
          value={query.habit ?? ''}
          options={any(HABITS, 'any')}
          onPick={(habit) => put({ habit: habit === '' ? null : (habit as Query['habit']) })}
        />
        <PickField
          name="Thirst"
          value={query.thirst ?? ''}
          options={any(['low', 'medium', 'high'], 'any')}
          onPick={(thirst) => put({ thirst: thirst === '' ? null : (thirst as Query['thirst']) })}
        />
        <PickField
          name="Leaf size"
          value={query.texture ?? ''}
          options={any(TEXTURES, 'any')}
          onPick={(texture) =>
            put({ texture: texture === '' ? null : (texture as Query['texture']) })
          }
        />
        <PickField
          name="Leaf shape"
          value={query.leafShape ?? ''}
          options={any(LEAF_SHAPES, 'any')}
          onPick={(shape) =>
            put({ leafShape: shape === '' ? null : (shape as Query['leafShape']) })
          }
        />
        <PickField
          name="Leaf surface"
          value={query.surface ?? ''}
          options={any(SURFACES, 'any')}
          onPick={(surface) =>
            put({ surface: surface === '' ? null : (surface as Query['surface']) })
          }
        />
        <PickField
          name="Flower form"
          value={query.form ?? ''}
          options={any(FLOWER_FORMS, 'any')}
          onPick={(form) => put({ form: form === '' ? null : (form as Query['form']) })}
        />
        <TemperatureField
          name="Lives through"
          unit={units.length}
          valueC={query.coldestC ?? Number.NaN}
          onC={(value) => put({ coldestC: number(value) })}
        />
        <NumberField
          name="Price at most"
          suffix={units.currency}
          places={2}
          value={query.priceMost ?? Number.NaN}
          onValue={(value) => put({ priceMost: number(value) })}
        />
      </div>
    </More>
  );
}
