import { Pin } from 'lucide-react';
import type { Edit } from '@/core/plantings/edits';
import { Button } from '@/ui/controls/Button';
import { ProposalPicture } from '@/ui/start/ProposalPicture';
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
}

/** A difference in money smaller than this is none. */
const SAME_PRICE = 0.005;

/** Ways to plant it as little elevations standing on one line, with their names and what they cost more or less. */
export function WayShelf({ ways, cost, weeks, settings, onTry, onPin }: WayShelfProps) {
  const priceOf = (way: Way) => {
    const more = way.cost - cost;
    if (Math.abs(more) < SAME_PRICE) return 'same price';
    return `${more > 0 ? '+' : '−'}${moneyText(Math.abs(more), settings)}`;
  };
  return (
    <>
      <ul className="mt-2 grid grid-cols-4 border-x-[1.5px] border-b-[1.5px] border-tick">
        {ways.map((way) => (
          <li key={keyOf(way)} className="relative">
            <Button
              look="icon"
              aria-label={`Pin: ${way.title}`}
              title="Pin it: it stays on the tray"
              onClick={() => onPin(way)}
              className="absolute top-0 right-0 z-10 bg-paper/80"
            >
              <Pin size={14} aria-hidden />
            </Button>
            <Button
              look="bare"
              data-way
              title={way.about}
              aria-label={`Try: ${way.about}`}
              onClick={() => onTry(way.edit)}
              className="block w-full"
            >
              <ProposalPicture it={way.it} widthPx={84} heightPx={104} weeks={Math.max(6, weeks)} />
            </Button>
          </li>
        ))}
      </ul>
      <ul className="mt-1 grid grid-cols-4 text-note leading-4">
        {ways.map((way) => (
          <li key={keyOf(way)} className="pr-1">
            <b className="line-clamp-2 font-semibold">{way.title}</b>
            <span className="text-ink2">{priceOf(way)}</span>
          </li>
        ))}
      </ul>
    </>
  );
}

const keyOf = ({ it, about }: Way) =>
  `${about} ${it.planting.places.map(({ id, kindId, xCm, zCm }) => `${id}${kindId}${xCm},${zCm}`).join()}`;
