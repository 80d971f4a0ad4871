import { randomAsk } from '../tests/builders/randomAsk';
import { eligible, castsFor } from '../src/core/search/compose';
import { proposeNow } from '../src/core/search/propose';
import { hurdleOf } from '../src/core/search/ask';
import { BOOK } from '../src/core/plants/book/index';
const hist = new Map<string, number>();
for (let s = 1; s <= 150; s++) {
  const q = randomAsk(s);
  const n = proposeNow(q).length;
  const e = eligible(q).length;
  const b = `n=${n === 0 ? 0 : n < 6 ? '1-5' : 6} e=${e < 8 ? '<8' : e < 20 ? '8-20' : e < 60 ? '20-60' : '60+'}`;
  hist.set(b, (hist.get(b) ?? 0) + 1);
  if (n < 2 && e >= 20) {
    const m = new Map<string, number>();
    for (const k of BOOK) {
      const h = hurdleOf(k, q);
      if (h) m.set(h, (m.get(h) ?? 0) + 1);
    }
    console.log(
      s,
      n,
      'elig',
      e,
      'casts',
      [...castsFor(q)].flat().length,
      q.container.name,
      q.spot.site.climate,
      q.plantedWeek,
      q.endWeek,
      q.spot.sunHours,
      q.wishes.scheme.kind,
      q.wishes.school,
      q.wishes.budget,
      JSON.stringify(Object.fromEntries(m)),
    );
  }
}
console.log(
  [...hist]
    .sort()
    .map(([a, b]) => a + ':' + b)
    .join('\n'),
);
