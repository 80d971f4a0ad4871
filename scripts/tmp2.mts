import { PANEL } from '../tests/panel/asks';
import { panelAsk } from '../tests/builders/panelAsk';
import { plainPlanting } from '../tests/builders/plain';
import { handComposed } from '../tests/builders/handComposed';
import { proposeNow } from '../src/core/search/propose';
import { proposedIn } from '../src/core/search/proposal';
import { kindOf } from '../src/core/plants/book/index';
import { opinionOf } from '../src/core/checks/opinion';
const groups: Record<string, any[]> = { hand: [], prop: [], plain: [] };
for (const { it } of handComposed()) groups.hand!.push(opinionOf(it));
for (const [at, ask] of PANEL.entries()) {
  const q = panelAsk(ask, at);
  for (const p of proposeNow(q)) groups.prop!.push(opinionOf(proposedIn(p, q, kindOf)));
  for (let l = 0; l < 6; l++) {
    const it = plainPlanting(q, l);
    if (it) groups.plain!.push(opinionOf(it));
  }
}
const q = (l: number[], p: number) => {
  const s = [...l].sort((a, b) => a - b);
  return s.length ? s[Math.min(s.length - 1, Math.floor(p * s.length))]!.toFixed(2) : '-';
};
for (const g of Object.keys(groups))
  console.log(
    g,
    groups[g]!.length,
    'score',
    [0.05, 0.1, 0.25, 0.5, 0.75, 0.9]
      .map((p) =>
        q(
          groups[g]!.map((o) => o.score),
          p,
        ),
      )
      .join(' '),
  );
const ids = [
  ...new Set(
    Object.values(groups)
      .flat()
      .flatMap((o: any) => o.remarks.map((r: any) => r.check)),
  ),
];
for (const id of ids)
  console.log(
    id.padEnd(14),
    Object.keys(groups)
      .map((g) => {
        const l = groups[g]!.flatMap((o: any) =>
          o.remarks.filter((r: any) => r.check === id).map((r: any) => r.score),
        );
        return `${g} ${String(l.length).padStart(3)}: ${[0.1, 0.25, 0.5, 0.75, 0.9].map((p) => q(l, p)).join(' ')}`;
      })
      .join('   '),
  );
const rnd = (g: string) => groups[g]!.map((o) => o.score);
const pl = rnd('plain').sort((a, b) => a - b);
const p90 = pl[Math.floor(pl.length * 0.9)]!;
console.log('hand above p90 plain', rnd('hand').filter((s) => s > p90).length / rnd('hand').length);
