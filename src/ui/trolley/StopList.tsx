import type { BuyLine } from '@/core/making/list';
import { useSettings } from '@/ui/session/StoreProvider';
import { countText } from '@/words/format';
import { BuyRow, type Told } from './BuyRow';
import type { TakeInstead } from './TakeSecond';
import type { Shopping } from './useShopping';

interface StopListProps {
  readonly name: string;
  /** Its lines stand in walking order. */
  readonly isWalked: boolean;
  readonly lines: readonly BuyLine[];
  readonly shopping: Shopping | undefined;
  readonly spareFor: (line: BuyLine) => string | null;
  readonly onTell: (line: BuyLine, told: Told | null) => Promise<unknown>;
  readonly onSwap: (line: BuyLine) => void;
  readonly onTake: TakeInstead;
}

/** What to take at one stop. */
export function StopList({
  name,
  isWalked,
  lines,
  shopping,
  spareFor,
  onTell,
  onSwap,
  onTake,
}: StopListProps) {
  const settings = useSettings();
  return (
    <section aria-label={name} className="mt-4">
      <h2 className="mb-1 flex items-baseline gap-3 text-name font-semibold">
        {name}
        <span className="text-note font-normal text-ink2">
          {countText(lines.length, 'line')}
          {isWalked ? ', in walking order' : ''}
        </span>
      </h2>
      <ul className="bg-paper">
        {lines.map((line) => (
          <BuyRow
            key={line.key}
            line={line}
            answer={shopping?.answers.get(line.key)}
            units={settings}
            spareFor={spareFor(line)}
            onTell={onTell}
            onSwap={onSwap}
            onTake={onTake}
          />
        ))}
      </ul>
    </section>
  );
}
