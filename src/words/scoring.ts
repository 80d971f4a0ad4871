import type { Check } from '@/core/checks/check';
import { CHECK_IDS, CHECKS } from '@/core/checks/rules/index';
import { SCHOOL_IDS } from '@/core/plantings/schoolId';
import { SCHOOLS } from '@/core/schools/index';
import { CHECK_NAMES } from './checkNames';
import { SCHOOL_NAMES, SCHOOL_WORDS } from './schools';

type Any = Check<string, unknown>;

/** docs/scoring.md: what each check weighs and why, and what each school makes of it. */
export function scoringPage(): string {
  const checks = CHECK_IDS.map((id) => ({ id, check: CHECKS[id] as unknown as Any }));
  return `# How a planting is scored

Written by \`npm run schema\` from the code. A score is 0–1. It starts from the weighted mean of the checks that arise;
each check has one question and its own 0–1, and the worst of them weighs more than its share. That is multiplied by how the planting stands in its merits
(leaves, colour, what shows and how soon, company, ease in light and summer, how well known its kinds are, the season) among plain plantings drawn by lot
(\`npm run plain\`). It orders proposals and shows whether a change helps; it is no mark, and is shown nowhere. Cautions with weight 0 never move it. A gardener can turn any check but a caution down to half or to nothing
(Shed, house preferences), and "I mean it" quiets one remark of one planting.

| check | asks about | weight | how sure | why |
| --- | --- | --- | --- | --- |
${checks.map(({ id, check }) => `| ${id} | ${CHECK_NAMES[id]} | ${check.weight} | ${check.certainty} | ${check.source.kind === 'published' ? check.source.citation : check.source.reason} |`).join('\n')}

## What the schools make of it
A school multiplies weights: 0 means it does not ask, 2 that it cares twice as much. Checks that are not named weigh as above.

| school | how it composes | why | counts | weighs differently |
| --- | --- | --- | --- | --- |
${SCHOOL_IDS.map(
  (id) =>
    `| ${SCHOOL_NAMES[id]} | ${SCHOOL_WORDS[id].does} | ${SCHOOL_WORDS[id].why} | ${SCHOOLS[id].counts === 'free' ? 'as they fit' : SCHOOLS[id].counts} | ${
      Object.entries(SCHOOLS[id].weights)
        .map(([check, times]) => `${check} × ${times}`)
        .join(', ') || 'nothing'
    } |`,
).join('\n')}
`;
}
