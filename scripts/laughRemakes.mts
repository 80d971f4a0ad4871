// Hand-composed plantings made anew in every way; what a practitioner would laugh at is counted. `npm run laughs:remakes [plantings]`.
import { handComposed } from '../tests/builders/handComposed';
import { laughsAtRemakes } from '../tests/builders/laughRemakes';

const most = Number(process.argv[2] ?? 60);
const found = new Map<string, string[]>();
let all = 0;
for (const { name, it } of handComposed().slice(0, most)) {
  const { laughs, ways } = laughsAtRemakes(it);
  all += ways;
  for (const [rule, about] of laughs)
    found.set(rule, [...(found.get(rule) ?? []), `${name}: ${about}`]);
}
console.log(`${all} ways of ${Math.min(most, handComposed().length)} plantings`);
for (const [rule, list] of [...found].sort((a, b) => b[1].length - a[1].length)) {
  console.log(`${String(list.length).padStart(5)} ${rule}`);
  for (const one of list.slice(0, 6)) console.log(`        ${one}`);
}
if (found.size > 0) process.exitCode = 1;
