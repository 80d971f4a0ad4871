import { PANEL } from '../tests/panel/asks';
import { panelAsk } from '../tests/builders/panelAsk';
import { plainPlanting } from '../tests/builders/plain';
import { handComposed } from '../tests/builders/handComposed';
import { proposeNow } from '../src/core/search/propose';
import { proposedIn } from '../src/core/search/proposal';
import { kindOf } from '../src/core/plants/book/index';
import { read } from '../src/core/checks/reading';
import { meritsOf, MERIT_IDS } from '../src/core/checks/merits';
const groups: Record<string, any[]> = { hand: [], prop: [], plain: [] };
for (const { it } of handComposed()) groups.hand!.push(meritsOf(read(it)));
for (const [at, ask] of PANEL.entries()) {
  const q = panelAsk(ask, at);
  for (const p of proposeNow(q)) groups.prop!.push(meritsOf(read(proposedIn(p, q, kindOf))));
  for (let l = 0; l < 6; l++) {
    const it = plainPlanting(q, l);
    if (it) groups.plain!.push(meritsOf(read(it)));
  }
}
const q = (l: number[], p: number) => {
  const s = [...l].sort((a, b) => a - b);
  return s.length ? s[Math.min(s.length - 1, Math.floor(p * s.length))]!.toFixed(2) : '-';
};
for (const id of MERIT_IDS)
  console.log(
    id.padEnd(10),
    Object.keys(groups)
      .map(
        (g) =>
          `${g}: ${[0.05, 0.1, 0.25, 0.5, 0.75, 0.9]
            .map((p) =>
              q(
                groups[g]!.map((m) => m[id]),
                p,
              ),
            )
            .join(' ')}`,
      )
      .join('   '),
  );
