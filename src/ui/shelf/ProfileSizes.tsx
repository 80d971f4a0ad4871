import type { Container } from '@/core/containers/container';
import { LengthField } from '@/ui/controls/fields';
import { Button } from '@/ui/controls/Button';

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

/** Inside widths of an urn at heights above its base. */
export function ProfileSizes({
  shape,
  unit,
  fault,
  put,
}: {
  readonly shape: { kind: 'urn'; profile: { heightCm: number; widthCm: number }[] };
  readonly unit: 'in' | 'cm';
  readonly fault: (path: string) => string | undefined;
  readonly put: (change: Partial<Container>, name: string) => void;
}) {
  return (
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
  );
}
