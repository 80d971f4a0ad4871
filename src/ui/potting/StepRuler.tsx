import type { Potting } from './usePotting';

/** How far it has come, as a ruler: a tick for every step, filled as far as the one shown. */
export function StepRuler({ potting: { steps, progress, at } }: { readonly potting: Potting }) {
  const done = steps.filter(({ key }) => progress.answers.has(key)).length;
  return (
    <div
      role="progressbar"
      aria-label="Steps done"
      aria-valuemin={0}
      aria-valuemax={steps.length}
      aria-valuenow={done}
      className="pt-1"
    >
      <div className="relative h-2.5 border-y border-tick bg-paper">
        <div className="h-full bg-act" style={{ width: `${(done / steps.length) * 100}%` }} />
      </div>
      <div className="flex justify-between px-px">
        {[...steps, null].map((step, i) => (
          <span
            key={step?.key ?? 'end'}
            className={`w-px bg-tick ${i === at ? 'h-3.5 w-[3px]' : 'h-1.5'}`}
          />
        ))}
      </div>
    </div>
  );
}
