import { BOX, GOOD, planted } from '../../../tests/builders/plantings';
import { wayKinds } from './wayKinds';

test('kinds of way: what is picked stays or is repeated, a part is repeated only along a box', () => {
  const names = (...it: Parameters<typeof wayKinds>) => wayKinds(...it).map(({ name }) => name);
  const tub = planted(GOOD);
  const [first] = tub.plants;
  expect(names(tub, 8, null)).toContain('Fill the gaps');
  expect(names(tub, 8, null)).not.toContain('A part repeated');
  const keeping = wayKinds(tub, 8, first!).find(({ how }) => how?.kind === 'finish');
  expect(keeping!.name).toMatch(/^Keep .*, change the rest$/);
  expect(keeping!.how).toEqual({
    kind: 'finish',
    keep: tub.plants.filter(({ kindId }) => kindId === first!.kindId).map(({ id }) => id),
  });
  const box = planted(GOOD, { container: BOX });
  const repeated = (chosen: typeof first | null) =>
    wayKinds(box, 8, chosen ?? null).flatMap(({ how }) => (how?.kind === 'repeat' ? [how] : []));
  expect(repeated(null)).toEqual([
    { kind: 'repeat', unit: null, ends: 'matched' },
    { kind: 'repeat', unit: null, ends: 'party' },
  ]);
  expect(repeated(first)[0]!.unit).toContain(first!.id);
  // No two kinds of way are called the same.
  expect(new Set(names(box, 8, first!)).size).toBe(names(box, 8, first!).length);
});
