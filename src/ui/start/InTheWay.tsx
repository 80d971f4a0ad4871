import type { Proposal } from '@/core/search/proposal';
import { obstacleText, ruledOutText } from '@/words/obstacles';
import { Hurdle } from '@/core/search/ask';
import { Hindrance } from '@/core/search/obstacles';

/** What stands in the way of more plantings. */
export function InTheWay({
  proposals,
  obstacles,
  only,
  ruledOut,
}: {
  readonly proposals: readonly Proposal[];
  readonly obstacles: readonly Hindrance[];
  readonly only: string[] | null;
  readonly ruledOut: Readonly<Partial<Record<Hurdle, number>>>;
}) {
  return (
    <div className="mt-4 bg-paper p-4" data-obstacles>
      <h3 className="font-semibold">
        {proposals.length === 0 ? 'What stands in the way' : 'Why only so few'}
      </h3>
      <ul className="mt-1 grid gap-1">
        {obstacles.map((obstacle) => (
          <li key={obstacle.relaxed.join()}>{obstacleText(obstacle)}</li>
        ))}
      </ul>
      <p className="mt-1 text-ink2">
        Of {only ? 'what is there today' : 'the book'}, ruled out:{' '}
        {ruledOutText(ruledOut) || 'none'}.
      </p>
    </div>
  );
}
