// Asks drawn by lot, put to the engine; what a practitioner would laugh at is counted. `npm run laughs [asks] [first seed] [steps of improvement]`;
// Start shows proposals after 300 such steps.
import { proposeNow, USUAL_EFFORT } from '../src/core/search/propose';
import { laughsAtProposal, laughsAtSix } from '../tests/builders/laughs';
import { randomAsk } from '../tests/builders/randomAsk';

const asks = Number(process.argv[2] ?? 600);
const first = Number(process.argv[3] ?? 1);
const options = { ...USUAL_EFFORT, improve: Number(process.argv[4] ?? 0) };
const counts = new Map<string, number>();
const examples = new Map<string, string[]>();
const often = new Map<string, number>();
let [unmet, proposals, full, empty, thrifty, leafy] = [0, 0, 0, 0, 0, 0];
const schools = new Map<number, number>();
for (let seed = first; seed < first + asks; seed += 1) {
  const ask = randomAsk(seed);
  const six = proposeNow(ask, options);
  proposals += six.length;
  unmet += six.filter(({ missing }) => missing.length > 0).length;
  if (six.length === 6) {
    full += 1;
    const costs = six.map(({ cost }) => cost);
    if (Math.min(...costs) <= Math.max(...costs) * 0.6) thrifty += 1;
    if (six.some(({ school }) => school === 'leaf-led')) leafy += 1;
    const different = new Set(six.map(({ school }) => school)).size;
    if (ask.wishes.school === 'any' && !ask.wishes.kitchen)
      schools.set(different, (schools.get(different) ?? 0) + 1);
  }
  if (six.length === 0) empty += 1;
  for (const { places } of six)
    for (const id of new Set(places.map(({ kindId }) => kindId)))
      often.set(id, (often.get(id) ?? 0) + 1);
  const laughs = [...six.flatMap((one) => laughsAtProposal(one, ask)), ...laughsAtSix(six)];
  for (const [rule, about] of laughs) {
    counts.set(rule, (counts.get(rule) ?? 0) + 1);
    const list = examples.get(rule) ?? [];
    if (list.length < 6)
      list.push(
        `${seed} ${ask.spot.site.climate} ${ask.plantedWeek}-${ask.endWeek} ${ask.spot.sunHours} h: ${about}`,
      );
    examples.set(rule, list);
  }
}
console.log(`${asks} asks, ${proposals} proposals, ${full} asks with six, ${empty} with none`);
console.log(
  `of those with six: a thrifty one in ${thrifty}, one led by leaves in ${leafy}; schools among six: ${[
    ...schools,
  ]
    .sort()
    .map(([n, count]) => `${n} in ${count}`)
    .join(', ')}`,
);
console.log(`without a colour of the wish, and said so: ${unmet}`);
const most = [...often].sort((a, b) => b[1] - a[1]).slice(0, 8);
console.log(
  `oftenest: ${most.map(([id, count]) => `${id} ${((100 * count) / proposals).toFixed(1)} %`).join(', ')}`,
);
for (const [rule, count] of [...counts].sort((a, b) => b[1] - a[1])) {
  console.log(`${String(count).padStart(5)} ${rule}`);
  for (const example of examples.get(rule)!) console.log(`        ${example}`);
}
if (counts.size > 0) process.exitCode = 1;
