import { PANEL } from '../tests/panel/asks';
import { panelAsk } from '../tests/builders/panelAsk';
import { castsFor } from '../src/core/search/compose';
import { placeCast } from '../src/core/search/place';
import { proposedIn } from '../src/core/search/proposal';
import { opinionOf } from '../src/core/checks/opinion';
import { kindOf } from '../src/core/plants/book/index';
for (const [at, ask] of PANEL.entries()) {
  const q = panelAsk(ask, at);
  const casts = [...castsFor(q)].flat().filter((_, i) => i % 6 === 0);
  const m = new Map<string, number>();
  let n = 0,
    un = 0;
  for (const c of casts) {
    const places = placeCast(c, q);
    if (!places) {
      un++;
      continue;
    }
    n++;
    for (const r of opinionOf(proposedIn({ places, school: c.school }, q, kindOf)).remarks)
      if (r.severity === 'trouble') m.set(r.check, (m.get(r.check) ?? 0) + 1);
  }
  if (m.size) console.log(ask.id, n, un, [...m].map(([k, v]) => k + ':' + v).join(' '));
}
