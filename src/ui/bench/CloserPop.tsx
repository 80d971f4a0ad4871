import { ArrowDown, ArrowLeft, ArrowRight, ArrowUp, Minus, Plus, ZoomIn } from 'lucide-react';
import { Button } from '@/ui/controls/Button';
import { IconButton } from '@/ui/controls/IconButton';
import { Pop } from '@/ui/controls/Pop';
import { MOST } from './closer';
import type { CloserHere } from './useCloser';

const ARROWS = [
  ['left', 'To the left', ArrowLeft],
  ['up', 'Up, or to the back', ArrowUp],
  ['down', 'Down, or to the front', ArrowDown],
  ['right', 'To the right', ArrowRight],
] as const;

/** Both drawings from nearer or further off, and what of them is in the middle. */
export function CloserPop({
  here,
  picked,
}: {
  readonly here: CloserHere;
  /** The plant that is picked. */
  readonly picked: { readonly xCm: number; readonly zCm: number } | null;
}) {
  const { closer, nearer, further, fit, go } = here;
  const isFit = closer.times === 1;
  return (
    <Pop
      icon={<ZoomIn size={15} aria-hidden />}
      name="Closer"
      now={isFit ? 'Closer' : `${closer.times.toFixed(1).replace('.0', '')} × as near`}
    >
      <p className="flex flex-wrap items-center gap-2">
        <Button disabled={isFit} onClick={further}>
          <Minus size={15} aria-hidden /> Further
        </Button>
        <Button disabled={closer.times >= MOST} onClick={() => nearer(picked)}>
          <Plus size={15} aria-hidden /> Closer
        </Button>
        <Button disabled={isFit} onClick={fit}>
          All of it
        </Button>
      </p>
      <p className="flex items-center gap-1" role="group" aria-label="Go to">
        {ARROWS.map(([way, name, Arrow]) => (
          <IconButton
            key={way}
            name={name}
            disabled={isFit}
            icon={<Arrow size={17} aria-hidden />}
            onClick={() => go(way)}
          />
        ))}
      </p>
      <p className="text-ink2">
        Drag the view
        <span className="pointer-coarse:hidden">, or turn a wheel over it while Ctrl is held</span>.
        The rulers stay true.
      </p>
    </Pop>
  );
}
