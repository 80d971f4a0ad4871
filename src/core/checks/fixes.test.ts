import { handComposed } from '../../../tests/builders/handComposed';
import { GOOD, planted, planting } from '../../../tests/builders/plantings';
import { SPOILINGS } from '../../../tests/builders/spoilings';
import { kindOf } from '../plants/book/index';
import { applyEdit, type Edit } from '../plantings/edits';
import type { PlantingInSpot } from '../plantings/planting';
import type { Check } from './check';
import { tryFixes } from './opinion';
import { read } from './reading';
import { CHECK_IDS, CHECKS, type CheckId } from './rules/index';

const rules = CHECKS as unknown as Readonly<Record<CheckId, Check<CheckId, unknown>>>;
/** Good plantings, each spoiled in turn in one of the ways. */
const spoiled = handComposed()
  .filter((_, i) => i % 4 === 0)
  .flatMap(({ it }, i) =>
    SPOILINGS.filter((_, s) => s % 3 === i % 3).flatMap(({ name, spoil }) => {
      const worse = spoil(it);
      return worse ? [{ name, it: worse }] : [];
    }),
  );

/** Everything that a rule would offer on a planting it finds wanting. */
function offered(it: PlantingInSpot): readonly (readonly [CheckId, Edit])[] {
  const reading = read(it);
  return CHECK_IDS.flatMap((check) => {
    const verdict = rules[check].judge(reading);
    if (!verdict || verdict.score >= rules[check].limits.look) return [];
    return (rules[check].fixes?.(reading, verdict) ?? []).map((edit) => [check, edit] as const);
  });
}

test('whatever a check would do about a spoiled planting does something, and loses no plant but those it names', () => {
  const kinds = new Set<string>();
  for (const { name, it } of spoiled)
    for (const [check, edit] of offered(it)) {
      kinds.add(edit.kind);
      const after = applyEdit(it.planting, edit);
      expect([
        name,
        check,
        edit.kind,
        JSON.stringify(after) === JSON.stringify(it.planting),
      ]).toEqual([name, check, edit.kind, false]);
      const ids = new Set(after.places.map(({ id }) => id));
      expect([name, check, edit.kind, ids.size]).toEqual([
        name,
        check,
        edit.kind,
        after.places.length,
      ]);
      if (edit.kind === 'arrange')
        expect([...ids].sort()).toEqual(it.planting.places.map(({ id }) => id).sort());
    }
  expect(kinds.size).toBeGreaterThan(4);
});

test('a tall lead at the front changes places with what stands where it should: the lead goes back, the other comes forward', () => {
  const it = planted(
    [
      ['canna-bronze', 0, 10, '3L'],
      ['calibrachoa-yellow', -9, 4],
      ['calibrachoa-yellow', 9, 4],
      ['coleus-lime', 1, -8],
    ],
    {},
    { view: 'one side' },
  );
  const [lead, , , back] = it.planting.places;
  const swap = offered(it).find(
    ([check, edit]) => check === 'lead-place' && edit.kind === 'arrange',
  )![1];
  const at = new Map(applyEdit(it.planting, swap).places.map((place) => [place.id, place]));
  expect(at.get(lead!.id)).toMatchObject({ xCm: back!.xCm, zCm: back!.zCm });
  expect(at.get(back!.id)).toMatchObject({ xCm: lead!.xCm, zCm: lead!.zCm });
  const fix = tryFixes(it, 'lead-place', kindOf)!;
  expect(fix.after).toBeGreaterThan(fix.before);
});

test('a single plant over the budget is not taken away: an empty pot would be cheaper still', () => {
  const budget = (puts: Parameters<typeof planted>[0]) =>
    planted(puts, { wishes: { ...planting([]).wishes, budget: 3 } });
  const one = budget([['canna-bronze', 0, 0, '3L']]);
  expect(rules.budget.judge(read(one))!.score).toBeLessThan(rules.budget.limits.look);
  expect(tryFixes(one, 'budget', kindOf)).toBeNull();
  // Of several, one goes.
  const many = planted([...GOOD, ['coleus-lime', 5, -3, '3L']], {
    wishes: { ...planting([]).wishes, budget: 20 },
  });
  const fixes = rules.budget.fixes!(read(many), rules.budget.judge(read(many))!);
  expect(fixes.length).toBeGreaterThan(0);
  for (const fix of fixes) expect(applyEdit(many.planting, fix).places).toHaveLength(6);
});

test('a fix that is offered helps its own matter and does the whole no harm', () => {
  let offeredFixes = 0;
  for (const { name, it } of spoiled.filter((_, i) => i % 3 === 0))
    for (const check of new Set(offered(it).map(([id]) => id))) {
      const fix = tryFixes(it, check, kindOf);
      if (!fix) continue;
      offeredFixes += 1;
      expect([name, check, fix.after > fix.before, fix.wholeGain >= -0.005]).toEqual([
        name,
        check,
        true,
        true,
      ]);
    }
  expect(offeredFixes).toBeGreaterThan(8);
});
