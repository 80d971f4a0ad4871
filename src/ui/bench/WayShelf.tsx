import { Pin } from 'lucide-react';
import { useMemo, useRef, type ReactNode } from 'react';
import type { Edit } from '@/core/plantings/edits';
import { Button } from '@/ui/controls/Button';
import { ProposalPicture } from '@/ui/start/ProposalPicture';
import { useSharedScale } from '@/ui/start/useSharedScale';
import { moneyText, type Units } from '@/words/format';
import type { Way } from './ways';

interface WayShelfProps {
  readonly ways: readonly Way[];
  /** What the planting on the bench costs. */
  readonly cost: number;
  readonly weeks: number;
  readonly settings: Units;
  readonly onTry: (edit: Edit) => void;
  readonly onPin: (way: Way) => void;
  /** Told the way that is held against the one on the bench, and `null` when it is let go. */
  readonly onHold: (way: Way | null) => void;
}

/** A difference in money smaller than this is none. */
const SAME_PRICE = 0.005;
const PICTURE = { widthPx: 216, heightPx: 176 } as const;
/** Pressed for so long a way is held against the present one, and not tried, ms. */
const HOLD_MS = 260;

/** Ways to plant it as a strip of drawings to one scale, with what changes and what they cost more or less. */
export function WayShelf({ ways, cost, weeks, settings, onTry, onPin, onHold }: WayShelfProps) {
  const its = useMemo(() => ways.map(({ it }) => it), [ways]);
  const pxPerCm = useSharedScale(its, PICTURE.widthPx - 8, PICTURE.heightPx - 8);
  const priceOf = (way: Way) => {
    const more = way.cost - cost;
    if (Math.abs(more) < SAME_PRICE) return 'same price';
    return `${more > 0 ? '+' : '−'}${moneyText(Math.abs(more), settings)}`;
  };
  return (
    <>
      <p className="pt-1.5 text-note text-ink2">
        Press one to try it. Hold it, or the space bar on it, to see it in the place of yours.
      </p>
      <ul className="mt-1 flex snap-x gap-3 overflow-x-auto pb-1">
        {ways.map((way) => (
          <li key={keyOf(way)} className="relative w-[216px] shrink-0 snap-start">
            <Button
              look="icon"
              aria-label={`Pin: ${way.title}`}
              title="Pin it: it stays on the tray"
              onClick={() => onPin(way)}
              className="absolute top-0 right-0 z-10 bg-paper/80"
            >
              <Pin size={14} aria-hidden />
            </Button>
            <Held way={way} onTry={onTry} onHold={onHold}>
              <span className="block border-b-[1.5px] border-tick bg-field">
                <ProposalPicture
                  it={way.it}
                  {...PICTURE}
                  weeks={Math.max(6, weeks)}
                  pxPerCm={pxPerCm}
                />
              </span>
              <span className="flex justify-between gap-2 pt-1 text-small">
                <b className="font-semibold">{way.title}</b>
                <span className="whitespace-nowrap text-ink2">{priceOf(way)}</span>
              </span>
              <span className="block text-note leading-4 text-ink2">{way.about}</span>
            </Held>
          </li>
        ))}
      </ul>
    </>
  );
}

/** A picture that is tried at a press, and held against the present one as long as it is kept pressed. */
function Held({
  way,
  onTry,
  onHold,
  children,
}: {
  readonly way: Way;
  readonly onTry: (edit: Edit) => void;
  readonly onHold: (way: Way | null) => void;
  readonly children: ReactNode;
}) {
  const timer = useRef<ReturnType<typeof setTimeout> | null>(null);
  const isHeld = useRef(false);
  const hold = () => {
    isHeld.current = true;
    onHold(way);
  };
  const letGo = () => {
    if (timer.current) clearTimeout(timer.current);
    timer.current = null;
    if (isHeld.current) onHold(null);
  };
  /** Left otherwise than by letting go over it: no press follows that is not to be one. */
  const leave = () => {
    letGo();
    isHeld.current = false;
  };
  return (
    <Button
      look="bare"
      data-way
      aria-label={`Try: ${way.about}`}
      className="block w-full touch-manipulation text-left select-none"
      onPointerDown={() => {
        isHeld.current = false;
        timer.current = setTimeout(hold, HOLD_MS);
      }}
      onPointerUp={letGo}
      onPointerLeave={leave}
      onPointerCancel={leave}
      onContextMenu={(event) => isHeld.current && event.preventDefault()}
      onKeyDown={(event) => {
        if (event.key !== ' ') return;
        event.preventDefault();
        if (!isHeld.current) hold();
      }}
      onKeyUp={(event) => {
        if (event.key !== ' ') return;
        event.preventDefault();
        letGo();
        isHeld.current = false;
      }}
      onBlur={leave}
      onClick={() => {
        if (!isHeld.current) onTry(way.edit);
        isHeld.current = false;
      }}
    >
      {children}
    </Button>
  );
}

const keyOf = ({ it, about }: Way) =>
  `${about} ${it.planting.places.map(({ id, kindId, xCm, zCm }) => `${id}${kindId}${xCm},${zCm}`).join()}`;
