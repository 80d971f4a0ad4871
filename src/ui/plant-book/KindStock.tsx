import { countText, moneyText, sizeName, type Units } from '@/words/format';
import { BenchLine } from '@/core/shopping/stops';

/** Where one kind is to be had today. */
export function KindStock({
  lines,
  units,
}: {
  readonly lines: readonly BenchLine[];
  readonly units: Units;
}) {
  return (
    <section aria-label="To be had" className="bg-paper px-4 py-3">
      <h3 className="font-semibold">To be had today</h3>
      {lines.length === 0 ? (
        <p data-out>Not sold there.</p>
      ) : lines.every(({ count }) => count === 0) ? (
        <p data-out>Out today.</p>
      ) : (
        <ul>
          {lines
            .filter(({ count }) => count > 0)
            .map((line) => (
              <li key={line.size} className="flex gap-2">
                <span>
                  {line.count} × {sizeName(line.size, units)}, {line.note},{' '}
                  {line.daysIn === 0
                    ? 'came in today'
                    : `came in ${countText(line.daysIn, 'day')} ago`}
                </span>
                <span className="ml-auto font-semibold">{moneyText(line.price, units)}</span>
              </li>
            ))}
        </ul>
      )}
    </section>
  );
}
