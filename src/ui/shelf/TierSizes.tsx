import type { Container } from '@/core/containers/container';
import { LengthField } from '@/ui/controls/fields';
import { Button } from '@/ui/controls/Button';

/** The measures of each tier. */
export function TierSizes({
  shape,
  unit,
  fault,
  put,
}: {
  readonly shape: { kind: 'tiered'; tiers: { topCm: number; baseCm: number; depthCm: number }[] };
  readonly unit: 'in' | 'cm';
  readonly fault: (path: string) => string | undefined;
  readonly put: (change: Partial<Container>, name: string) => void;
}) {
  return (
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
              put({ shape: { ...shape, tiers: shape.tiers.slice(0, -1) } }, 'Took a tier away')
            }
          >
            Take the top one away
          </Button>
        )}
      </p>
    </div>
  );
}
