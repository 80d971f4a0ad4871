/** The pots of a trial in the order in which they stand: open squares are as planned, filled ones differ. */
export function HalvesRow({
  halves,
  pots,
}: {
  readonly halves: readonly [string, string];
  readonly pots: readonly { readonly place: number; readonly half: 0 | 1 }[];
}) {
  return (
    <div className="pt-3">
      <ol aria-label="Places by lot" className="flex flex-wrap gap-x-0.5 gap-y-1">
        {pots.map(({ place, half }) => (
          <li
            key={place}
            aria-label={`Place ${place}: ${halves[half]}`}
            data-half={half}
            // Two neighbours are a pair: a little room before the next.
            className={`grid size-7 place-items-center border border-ink text-note ${half === 1 ? 'bg-ink text-paper' : 'bg-paper'} ${place % 2 === 0 ? 'mr-2' : ''}`}
          >
            {place}
          </li>
        ))}
      </ol>
      <p className="flex flex-wrap gap-x-4 pt-1 text-small">
        {halves.map((words, half) => (
          <span key={words} className="flex items-center gap-1.5">
            <span
              aria-hidden
              className={`size-3 border border-ink ${half === 1 ? 'bg-ink' : 'bg-paper'}`}
            />
            {words}
          </span>
        ))}
      </p>
    </div>
  );
}
