import type { Container } from '@/core/containers/container';
import { NumberField } from '@/ui/controls/fields';
import { Button } from '@/ui/controls/Button';

/** How an outline narrows towards its floor. */
export function OutlineSizes({
  shape,
  fault,
  put,
}: {
  readonly shape: {
    kind: 'outline';
    points: [number, number][];
    shares: number[];
    depthCm: number;
  };
  readonly fault: (path: string) => string | undefined;
  readonly put: (change: Partial<Container>, name: string) => void;
}) {
  return (
    <div className="grid gap-1.5">
      <p className="text-note leading-[17px] text-ink2">
        Drag the corners of the outline in the plan. How much narrower it is further down, in per
        cent of the outline, from the floor to the rim:
      </p>
      <div className="grid grid-cols-4 gap-3">
        {shape.shares.slice(0, -1).map((share, i) => (
          <NumberField
            key={i}
            name={
              i === 0 ? 'At the floor' : `${Math.round((i / (shape.shares.length - 1)) * 100)}% up`
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
  );
}
