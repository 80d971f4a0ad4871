import { opinionOf, type Opinion } from '@/core/checks/opinion';
import { CHECK_IDS, type CheckId } from '@/core/checks/rules/index';
import { handComposed } from './handComposed';
import { SPOILINGS } from './spoilings';
import { MORE_SPOILINGS } from './spoilingsMore';

/** One spoiling against the planting it was done to. */
interface Pair {
  readonly planting: string;
  readonly spoiling: string;
  readonly goodScore: number;
  readonly spoiltScore: number;
  /** Did one of the checks that should mind speak? */
  readonly spoke: boolean;
}

/** All good plantings judged, against all that can be done wrong to them one at a time. */
export interface Judgement {
  readonly good: readonly {
    readonly name: string;
    readonly school: string;
    readonly plants: number;
    readonly score: number;
    readonly spoilings: number;
    readonly opinion: Opinion;
  }[];
  readonly pairs: readonly Pair[];
  /** By check: on how many good plantings it arises, and on how many it finds fault. Cautions are not faults. */
  readonly alarms: readonly {
    readonly check: CheckId;
    readonly arises: number;
    readonly speaks: number;
  }[];
}

const finds = ({ remarks }: Opinion, checks: readonly string[]) =>
  remarks.some(({ check, severity }) => checks.includes(check) && severity !== 'right');

export function judgeAll(): Judgement {
  const pairs: Pair[] = [];
  const good = handComposed().map(({ name, it }) => {
    const opinion = opinionOf(it);
    let spoilings = 0;
    for (const { name: spoiling, minds, spoil } of [...SPOILINGS, ...MORE_SPOILINGS]) {
      const spoilt = spoil(it);
      if (!spoilt) continue;
      spoilings += 1;
      const after = opinionOf(spoilt);
      pairs.push({
        planting: name,
        spoiling,
        goodScore: opinion.score,
        spoiltScore: after.score,
        spoke: finds(after, minds),
      });
    }
    return {
      name,
      school: it.planting.wishes.school,
      plants: it.plants.length,
      score: opinion.score,
      spoilings,
      opinion,
    };
  });
  const alarms = CHECK_IDS.map((check) => {
    const remarks = good.flatMap(({ opinion }) =>
      opinion.remarks.filter(
        (remark) => remark.check === check && remark.certainty !== 'a caution',
      ),
    );
    return {
      check,
      arises: remarks.length,
      speaks: remarks.filter(({ severity }) => severity !== 'right').length,
    };
  }).filter(({ arises }) => arises > 0);
  return { good, pairs, alarms };
}

const percent = (part: number, whole: number) =>
  `${whole === 0 ? '–' : ((100 * part) / whole).toFixed(1)} %`;

/** The table that `npm run schema` writes into docs. */
export function judgementTable({ good, pairs, alarms }: Judgement): string {
  const outranked = pairs.filter(({ goodScore, spoiltScore }) => goodScore > spoiltScore).length;
  const spoke = pairs.filter((pair) => pair.spoke).length;
  const bySpoiling = [...new Set(pairs.map(({ spoiling }) => spoiling))].map((name) => ({
    name,
    of: pairs.filter(({ spoiling }) => spoiling === name),
  }));
  return `# Good against spoiled

${good.length} plantings composed by hand (\`tests/builders/handComposed.ts\` and its rows), each spoiled in every way that can be done to it, one thing at a time (\`tests/builders/spoilings.ts\`, \`spoilingsMore.ts\`): ${pairs.length} pairs.
Written by \`npm run schema\`; a test keeps the good one above in 97 of 100 pairs, the check speaking in 95 of 100 of every spoiling, false alarms of every check at 3 of 100 at most, and this page true.

- The good one outranks the spoiled one in **${percent(outranked, pairs.length)}** of pairs.
- A check that should speak of the spoiling does speak in **${percent(spoke, pairs.length)}**.
- On good plantings no check finds fault in more than **${percent(Math.max(...alarms.map(({ arises, speaks }) => speaks / arises)), 1)}** of those in which it arises. Cautions (weight, sap, frost of pots and the like) are not faults.

| spoiling | pairs | outranked | spoken of |
| --- | --- | --- | --- |
${bySpoiling.map(({ name, of }) => `| ${name} | ${of.length} | ${percent(of.filter((pair) => pair.goodScore > pair.spoiltScore).length, of.length)} | ${percent(of.filter((pair) => pair.spoke).length, of.length)} |`).join('\n')}

| check | arises on good ones | finds fault |
| --- | --- | --- |
${alarms.map(({ check, arises, speaks }) => `| ${check} | ${arises} | ${speaks} (${percent(speaks, arises)}) |`).join('\n')}

| planting | school | plants | score | spoilings |
| --- | --- | --- | --- | --- |
${good.map(({ name, school, plants, score, spoilings }) => `| ${name} | ${school} | ${plants} | ${score.toFixed(3)} | ${spoilings} |`).join('\n')}
`;
}
