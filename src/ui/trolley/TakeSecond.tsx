import type { BuyLine, Unit } from '@/core/making/list';
import { Button } from '@/ui/controls/Button';
import { useLibrary } from '@/ui/session/LibraryProvider';
import { inSentence } from '@/words/names';

/** Takes another plant in the place of a line's. */
export type TakeInstead = (line: BuyLine, unit: Unit) => void;

/** What was chosen beforehand, taken in one press: nobody has to search while standing at the bench. */
export function TakeSecond({
  line,
  onTake,
}: {
  readonly line: BuyLine;
  readonly onTake: TakeInstead;
}) {
  const { kindOf } = useLibrary();
  if (line.what.kind !== 'plants') return null;
  return line.what.orElse.map((unit) => (
    <Button key={`${unit.kindId} ${unit.size}`} onClick={() => onTake(line, unit)}>
      Take {inSentence(kindOf(unit.kindId)?.common ?? unit.kindId)}
    </Button>
  ));
}
