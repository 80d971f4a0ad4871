import { Choices } from '@/ui/controls/Choices';

/** Which of the two drawings, where one is seen at a time. */
export type Side = 'stand' | 'plan';

const SIDES: readonly (readonly [Side, string])[] = [
  ['stand', 'From the front'],
  ['plan', 'From above'],
];

export default function DrawingChoice({
  side,
  onSide,
}: {
  readonly side: Side;
  readonly onSide: (side: Side) => void;
}) {
  return <Choices name="Drawing" value={side} options={SIDES} onPick={onSide} />;
}
