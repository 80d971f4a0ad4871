import { BOOK } from '../src/core/plants/book/index';
const m = new Map<string, string[]>();
for (const k of BOOK) {
  const v = `${k.thirst} ${k.dryBetween}`;
  (m.get(v) ?? m.set(v, []).get(v)!).push(k.botanical.split(' ')[0]!);
}
for (const [k, l] of m) console.log(k, l.length, [...new Set(l)].slice(0, 60).join(' '));
const c = BOOK.filter((k) => k.support === 'climb');
console.log(
  c
    .map((k) => k.id + ':' + k.habit + ':' + k.roles + ':' + k.heightCm + ':' + k.trailCm)
    .join('  '),
);
console.log(
  BOOK.filter((k) => k.support === 'stake')
    .map((k) => k.id)
    .join(' '),
);
