interface Pot {
  readonly place: number;
  readonly half: 0 | 1;
}

/** Two neighbours at a time; a pot that lost its own stands alone. */
function pairsOf(pots: readonly Pot[]): readonly (readonly Pot[])[] {
  const pairs = new Map<number, Pot[]>();
  for (const pot of pots) {
    const pair = Math.floor((pot.place - 1) / 2);
    pairs.set(pair, [...(pairs.get(pair) ?? []), pot]);
  }
  return [...pairs.values()];
}

/** The pots of a trial in the order in which they stand: open squares are as planned, filled ones differ. */
export function HalvesRow({
  halves,
  pots,
}: {
  readonly halves: readonly [string, string];
  readonly pots: readonly Pot[];
}) {
  return (
    <div className="pt-3">
      <ul aria-label="Places by lot" className="flex flex-wrap gap-x-2.5 gap-y-1">
        {pairsOf(pots).map((pair) => (
          <li key={pair[0]!.place} className="flex gap-x-0.5">
            {pair.map(({ place, half }) => (
              <span
                key={place}
                role="img"
                aria-label={`Place ${place}: ${halves[half]}`}
                data-half={half}
                className={`grid size-7 place-items-center border border-ink text-note ${half === 1 ? 'bg-ink text-paper' : 'bg-paper'}`}
              >
                {place}
              </span>
            ))}
          </li>
        ))}
      </ul>
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
