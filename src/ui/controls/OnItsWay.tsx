import { Button } from './Button';
import type { LongWork } from './useLongWork';

/** How far something is that takes its time, and a way to stop it. */
export function OnItsWay({ work: { at, stop } }: { readonly work: LongWork }) {
  if (!at) return null;
  const percent = Math.round(at.share * 100);
  return (
    <div className="flex flex-wrap items-center gap-4 border-t border-rule px-4 py-3">
      <p role="status" className="grow">
        {at.what}: {percent}%
        <progress className="mt-1 block h-1.5 w-full" max={100} value={percent} aria-hidden />
      </p>
      <Button onClick={stop}>Stop</Button>
    </div>
  );
}
