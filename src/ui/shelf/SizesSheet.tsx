'use client';

import { SHAPE_NAMES } from '@/words/containers';
import type { Shape } from '@/core/containers/shape';
import { turnedInto } from '@/core/containers/usualShape';
import { LengthField, NumberField, PickField, Sheet } from '@/ui/controls/fields';
import type { Units } from '@/words/format';
import { changeName, MEASURES } from './sizes';
import type { ShelfEditing } from './useShelfEditing';
import { Button } from '@/ui/controls/Button';

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
        {shape.kind === 'urn' && (
          <div className="grid gap-1.5">
            <p className="text-note text-ink2">
              Inside width at heights above the inside base, from the base up
            </p>
            {shape.profile.map((point, i) => (
              <div key={i} className="grid grid-cols-[1fr_1fr_auto] items-end gap-3">
                <LengthField
                  fine
                  name={i === 0 ? 'Base at' : i === shape.profile.length - 1 ? 'Rim at' : 'Height'}
                  unit={unit}
                  valueCm={point.heightCm}
                  error={fault(`profile[${i}].heightCm`)}
                  onCm={(heightCm) =>
                    put(
                      {
                        shape: {
                          ...shape,
                          profile: shape.profile.map((p, k) => (k === i ? { ...p, heightCm } : p)),
                        },
                      },
                      'Changed a height',
                    )
                  }
                />
                <LengthField
                  fine
                  name="Width there"
                  unit={unit}
                  valueCm={point.widthCm}
                  error={fault(`profile[${i}].widthCm`)}
                  onCm={(widthCm) =>
                    put(
                      {
                        shape: {
                          ...shape,
                          profile: shape.profile.map((p, k) => (k === i ? { ...p, widthCm } : p)),
                        },
                      },
                      'Changed a width',
                    )
                  }
                />
                <Button
                  look="plain"
                  className="pb-1.5"
                  disabled={shape.profile.length <= 2 || i === 0}
                  onClick={() =>
                    put(
                      { shape: { ...shape, profile: shape.profile.filter((_, k) => k !== i) } },
                      'Took a width away',
                    )
                  }
                >
                  {shape.profile.length > 2 && i > 0 ? 'Remove' : ''}
                </Button>
              </div>
            ))}
            {shape.profile.length < 12 && (
              <Button
                look="link"
                className="justify-self-start"
                onClick={() =>
                  put({ shape: { ...shape, profile: withMiddle(shape.profile) } }, 'Added a width')
                }
              >
                Measure one more height
              </Button>
            )}
          </div>
        )}
        {shape.kind === 'tiered' && (
          <div className="grid gap-2">
            {shape.tiers.map((tier, i) => (
              <fieldset key={i} className="grid grid-cols-3 gap-3">
                <legend className="text-note font-semibold">
                  Tier {i + 1}
                  {i === 0 ? ', the lowest' : ''}
                </legend>
                {(['topCm', 'baseCm', 'depthCm'] as const).map((field) => (
                  <LengthField
                    fine
                    key={field}
                    name={{ topCm: 'Top', baseCm: 'Base', depthCm: 'Depth' }[field]}
                    unit={unit}
                    valueCm={tier[field]}
                    error={fault(`tiers[${i}].${field}`)}
                    onCm={(cm) =>
                      put(
                        {
                          shape: {
                            ...shape,
                            tiers: shape.tiers.map((t, k) => (k === i ? { ...t, [field]: cm } : t)),
                          },
                        },
                        `Changed tier ${i + 1}`,
                      )
                    }
                  />
                ))}
              </fieldset>
            ))}
            <p className="flex gap-4">
              {shape.tiers.length < 5 && (
                <Button
                  look="link"

                  onClick={() => {
                    const last = shape.tiers[shape.tiers.length - 1]!;
                    put(
                      {
                        shape: {
                          ...shape,
                          tiers: [
                            ...shape.tiers,
                            {
                              topCm: Math.max(5, Math.round(last.topCm * 0.6)),
                              baseCm: Math.max(3, Math.round(last.baseCm * 0.6)),
                              depthCm: last.depthCm,
                            },
                          ],
                        },
                      },
                      'Added a tier',
                    );
                  }}
                >
                  Add a tier
                </Button>
              )}
              {shape.tiers.length > 2 && (
                <Button
                  look="plain"

                  onClick={() =>
                    put(
                      { shape: { ...shape, tiers: shape.tiers.slice(0, -1) } },
                      'Took a tier away',
                    )
                  }
                >
                  Take the top one away
                </Button>
              )}
            </p>
          </div>
        )}
        {shape.kind === 'outline' && (
          <div className="grid gap-1.5">
            <p className="text-note leading-[17px] text-ink2">
              Drag the corners of the outline in the plan. How much narrower it is further down, in
              per cent of the outline, from the floor to the rim:
            </p>
            <div className="grid grid-cols-4 gap-3">
              {shape.shares.slice(0, -1).map((share, i) => (
                <NumberField
                  key={i}
                  name={
                    i === 0
                      ? 'At the floor'
                      : `${Math.round((i / (shape.shares.length - 1)) * 100)} % up`
                  }
                  suffix="%"
                  value={Math.round(share * 100)}
                  error={fault(`shares[${i}]`)}
                  onValue={(percent) =>
                    put(
                      {
                        shape: {
                          ...shape,
                          shares: shape.shares.map((s, k) => (k === i ? percent / 100 : s)),
                        },
                      },
                      'Changed the depth profile',
                    )
                  }
                />
              ))}
            </div>
            <p className="flex gap-4">
              {shape.shares.length < 9 && (
                <Button
                  look="link"

                  onClick={() =>
                    put(
                      { shape: { ...shape, shares: [shape.shares[0]!, ...shape.shares] } },
                      'Added a level',
                    )
                  }
                >
                  One more level
                </Button>
              )}
              {shape.shares.length > 2 && (
                <Button
                  look="plain"

                  onClick={() =>
                    put({ shape: { ...shape, shares: shape.shares.slice(1) } }, 'Took a level away')
                  }
                >
                  One less
                </Button>
              )}
            </p>
          </div>
        )}
        {whole && (
          <p role="alert" className="text-note leading-4 font-semibold">
            ▲ {whole}
          </p>
        )}
      </div>
    </Sheet>
  );
}

/** A profile with one more width, halfway up its longest stretch. */
function withMiddle(profile: readonly { readonly heightCm: number; readonly widthCm: number }[]) {
  let at = 1;
  for (let i = 1; i < profile.length; i += 1)
    if (
      profile[i]!.heightCm - profile[i - 1]!.heightCm >
      profile[at]!.heightCm - profile[at - 1]!.heightCm
    )
      at = i;
  const [low, high] = [profile[at - 1]!, profile[at]!];
  const middle = {
    heightCm: Math.round(((low.heightCm + high.heightCm) / 2) * 10) / 10,
    widthCm: Math.round(((low.widthCm + high.widthCm) / 2) * 10) / 10,
  };
  return [...profile.slice(0, at), middle, ...profile.slice(at)];
}
