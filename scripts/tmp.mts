import { PANEL } from '../tests/panel/asks';
import { panelAsk } from '../tests/builders/panelAsk';
import { castsFor, eligible } from '../src/core/search/compose';
import { proposeNow } from '../src/core/search/propose';
import { placeCast } from '../src/core/search/place';
let [a, b, c, n] = [0, 0, 0, 0];
for (const [at, ask] of PANEL.entries()) {
  if (at % 4) continue;
  const q = panelAsk(ask, at);
  let t = performance.now();
  const e = eligible(q).length;
  a += performance.now() - t;
  t = performance.now();
  const casts = [...castsFor(q)].flat();
  b += performance.now() - t;
  t = performance.now();
  proposeNow(q);
  c += performance.now() - t;
  n++;
  console.log(ask.id, e, casts.length);
}
console.log(a / n, b / n, c / n);
