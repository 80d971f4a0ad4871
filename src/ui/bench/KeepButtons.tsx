import type { Kept } from '@/core/plantings/kept';
import { freeName } from '@/core/plantings/kept';
import { Button } from '@/ui/controls/Button';

/** Keeping the planting as it is. */
export function KeepButtons({
  setNaming,
  kept,
  whatIf,
  shown,
  chosen,
  setComparing,
}: {
  readonly setNaming: (next: string | null) => void;
  readonly kept: readonly Kept[];
  readonly whatIf: () => Promise<void>;
  readonly shown: Kept[];
  readonly chosen: readonly string[];
  readonly setComparing: (next: boolean) => void;
}) {
  return (
    <div className="flex flex-wrap items-center gap-1.5">
      <Button
        onClick={() =>
          setNaming(
            freeName(
              'Version',
              kept.map((one) => one.name),
            ),
          )
        }
      >
        Keep this version
      </Button>
      <Button onClick={() => void whatIf()}>What if…</Button>
      {shown.length > 0 && (
        <Button
          look="act"

          disabled={chosen.length === 0}
          onClick={() => setComparing(true)}
        >
          Compare{chosen.length > 0 ? ` ${chosen.length + 1}` : ''}
        </Button>
      )}
    </div>
  );
}
