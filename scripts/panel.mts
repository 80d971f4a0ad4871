// The panel's asks put to the engine, and what it answers, to be read one by one. `npm run panel [word of an id]`; `npm run panel held`,
// `again`, `third`, `fourth`, `fifth`, `sixth`, `seventh`, `eighth`, `ninth`, `tenth` and `eleventh` those held back. IMPROVE=300 reads them as Start shows them at last.
import { PANEL } from '../tests/panel/asks';
import { HELD, HELD_AGAIN } from '../tests/panel/held';
import { HELD_EIGHTH } from '../tests/panel/heldEighth';
import { HELD_ELEVENTH } from '../tests/panel/heldEleventh';
import { HELD_FIFTH } from '../tests/panel/heldFifth';
import { HELD_FOURTH } from '../tests/panel/heldFourth';
import { HELD_NINTH } from '../tests/panel/heldNinth';
import { HELD_SEVENTH } from '../tests/panel/heldSeventh';
import { HELD_SIXTH } from '../tests/panel/heldSixth';
import { HELD_TENTH } from '../tests/panel/heldTenth';
import { HELD_THIRD } from '../tests/panel/heldThird';
import { isNamed, panelAsk } from '../tests/builders/panelAsk';
import { kindOf } from '../src/core/plants/book/index';
import { proposeNow, USUAL_EFFORT } from '../src/core/search/propose';

const ASKS = {
  held: HELD,
  again: HELD_AGAIN,
  third: HELD_THIRD,
  fourth: HELD_FOURTH,
  fifth: HELD_FIFTH,
  sixth: HELD_SIXTH,
  seventh: HELD_SEVENTH,
  eighth: HELD_EIGHTH,
  ninth: HELD_NINTH,
  tenth: HELD_TENTH,
  eleventh: HELD_ELEVENTH,
};
/** Lots in which colours are left open where none are named, as the app leaves them now. */
const OPEN_COLOURS: ReadonlySet<keyof typeof ASKS> = new Set([
  'sixth',
  'seventh',
  'eighth',
  'ninth',
  'tenth',
  'eleventh',
]);
/** Start improves what it shows by so many steps; a reading without them is of the first sight. */
const options = { ...USUAL_EFFORT, improve: Number(process.env.IMPROVE ?? 0) };
const word = process.argv[2] ?? '';
const isHeld = (text: string): text is keyof typeof ASKS => Object.hasOwn(ASKS, text);
const list = isHeld(word) ? word : null;
const only = process.argv[list ? 3 : 2];
let [named, shunned, all, first] = [0, 0, 0, 0];
for (const [at, ask] of (list ? ASKS[list] : PANEL).entries()) {
  if (only && !ask.id.includes(only)) continue;
  const proposals = proposeNow(
    panelAsk(ask, at, undefined, list !== null && OPEN_COLOURS.has(list)),
    options,
  );
  console.log(
    `\n${ask.id}: ${ask.words} [${ask.climate} wk ${ask.week}+${ask.weeks}, ${ask.pot}, ${ask.sunHours} h]`,
  );
  for (const [rank, { places, school, score, cost }] of proposals.entries()) {
    const counts = new Map<string, number>();
    for (const { kindId } of places) counts.set(kindId, (counts.get(kindId) ?? 0) + 1);
    const words = [...counts].map(([id, count]) => {
      const kind = kindOf(id)!;
      const mark = isNamed(kind, ask.wouldNot) ? '!!' : isNamed(kind, ask.would) ? '+' : '';
      return `${count} ${mark}${id}`;
    });
    const kinds = [...counts.keys()].map((id) => kindOf(id)!);
    const good = kinds.filter((kind) => isNamed(kind, ask.would)).length;
    const isBad = kinds.some((kind) => isNamed(kind, ask.wouldNot));
    all += 1;
    if (isBad) shunned += 1;
    if (!isBad && good >= Math.min(3, Math.ceil(kinds.length * 0.6))) {
      named += 1;
      if (rank === 0) first += 1;
    }
    console.log(`  ${score.toFixed(3)} ${school} ${cost.toFixed(0)}: ${words.join(', ')}`);
  }
  if (proposals.length === 0) console.log('  NOTHING');
}
console.log(
  `\n${all} proposals; ${named} mostly of what the panel names, ${first} of them first; ${shunned} with a kind it shuns`,
);
