import { useState } from 'react';
import { LogComparison, type SunSeen } from '@/core/spots/sunLog';
import type { Spot } from '@/core/spots/spot';
import { countText } from '@/words/format';
import { hoursListText } from '@/words/light';
import type { SpotEditing } from './useSpotEditing';
import { Button } from '@/ui/controls/Button';

/** "15–17 you saw shade, sun was reckoned" */
function differText(
  differ: readonly { readonly hour: number; readonly seen: SunSeen; readonly expected: SunSeen }[],
): string {
  const kinds = new Map<string, number[]>();
  for (const { hour, seen, expected } of differ) {
    const key = `you saw ${seen}, ${expected} was reckoned`;
    kinds.set(key, [...(kinds.get(key) ?? []), hour]);
  }
  return [...kinds].map(([text, hours]) => `${hoursListText(hours)} ${text}`).join('; ');
}

function FitButton({
  spot,
  differing,
  apply,
}: {
  readonly spot: Spot;
  readonly differing: number;
  readonly apply: SpotEditing['apply'];
}) {
  const [told, setTold] = useState<string | null>(null);
  const fit = async () => {
    const { calibrate } = await import('@/core/spots/sunLog');
    const { obstacles, differ } = calibrate(spot);
    if (differ >= differing)
      return setTold('No change of height agrees better. Something that shades may be missing.');
    setTold(null);
    apply(
      { obstacles: [...obstacles], lightFrom: 'reckoned' },
      'Fitted what stands around to the log',
    );
  };
  return (
    <>
      <Button onClick={() => void fit()}>Fit what stands around to it</Button>
      {told && (
        <span role="status" className="w-full text-ink2">
          {told}
        </span>
      )}
    </>
  );
}

/** What the log says of the light as reckoned, and what would make both agree. */
export function LogVerdict({
  differing,
  looked,
  comparisons,
  spot,
  apply,
  onRule,
}: {
  readonly differing: number;
  readonly looked: number;
  readonly comparisons: LogComparison[];
  readonly spot: Spot;
  readonly apply: (change: Partial<Spot>, name: string) => void;
  readonly onRule: () => void;
}) {
  return (
    <div className="mt-3 border-t border-rule pt-2.5" data-log-verdict>
      <p className="font-semibold">
        {differing === 0
          ? 'Log and reckoning agree.'
          : `They differ in ${differing} of ${countText(looked, 'hour')}.`}
      </p>
      {comparisons
        .filter((one) => one.differ.length > 0)
        .slice(0, 3)
        .map((one) => (
          <p key={one.date} className="text-ink2">
            {one.date}: {differText(one.differ)}.
          </p>
        ))}
      {differing > 0 && (
        <p className="flex flex-wrap gap-3 pt-2">
          {spot.lightFrom !== 'log' && (
            <Button
              look="act"

              onClick={() => {
                apply({ lightFrom: 'log' }, 'Let the log rule');
                onRule();
              }}
            >
              Let my log rule
            </Button>
          )}
          {spot.obstacles.length > 0 && (
            <FitButton spot={spot} differing={differing} apply={apply} />
          )}
          {spot.lightFrom === 'log' && (
            <Button onClick={() => apply({ lightFrom: 'reckoned' }, 'Let the reckoning rule')}>
              Let the reckoning rule
            </Button>
          )}
        </p>
      )}
    </div>
  );
}
