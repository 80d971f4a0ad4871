import { askFor } from '../../../tests/builders/ask';
import type { PlantKind, Role } from '../plants/kind';
import { castsFor, eligible, type Cast } from './compose';
import { Judge } from './judge';
import { SCHOOLS } from '../schools/index';

const ask = (must: readonly PlantKind[]) =>
  askFor({}, { school: 'thriller', must: must.map(({ id }) => id) });
const castsOf = (must: readonly PlantKind[]): readonly Cast[] => [...castsFor(ask(must))].flat();
/** A kind that plays this role and no other, and may be used here. */
const only = (role: Role): PlantKind =>
  eligible(ask([])).find(({ roles }) => roles.length === 1 && roles[0] === role)!;

test('casts have a lead, a body and an edge, none twice in one, the best of a lead first', () => {
  const casts = castsOf([]);
  expect(casts.length).toBeGreaterThan(12);
  for (const { members, promise } of casts) {
    const roles = new Set(members.map(({ role }) => role));
    expect(['lead', 'body', 'edge'].every((role) => roles.has(role as Role))).toBe(true);
    expect(new Set(members.map(({ kind }) => kind.id)).size).toBe(members.length);
    expect(promise).toBeGreaterThan(0);
  }
});

test.each(['lead', 'body', 'edge'] as const)(
  'a kind that must be in it and can only be the %s has that part in every cast',
  (role) => {
    const must = only(role);
    const casts = castsOf([must]);
    expect(casts.length).toBeGreaterThan(3);
    for (const { members } of casts)
      expect(members.filter(({ kind }) => kind.id === must.id).map((one) => one.role)).toEqual([
        role,
      ]);
  },
);

test('two that must be in it are both in every cast; of two leads only those casts that have room for both', () => {
  const [body, edge] = [only('body'), only('edge')];
  const both = castsOf([body, edge]);
  expect(both.length).toBeGreaterThan(0);
  for (const { members } of both) {
    const ids = members.map(({ kind }) => kind.id);
    expect(ids).toEqual(expect.arrayContaining([body.id, edge.id]));
  }
});

test('what stands in casts already is looked for later, for any role it plays', () => {
  const plain = ask([]);
  const judge = new Judge(plain, eligible(plain), SCHOOLS.thriller);
  const [first] = judge.best('body', 1);
  const placeOf = () => judge.best('body', 30).indexOf(first!);
  expect(placeOf()).toBe(0);
  const before = judge.promise([{ kind: first!, role: 'body' }]);
  judge.wear([first!, first!, first!]);
  expect(placeOf()).not.toBe(0);
  expect(judge.promise([{ kind: first!, role: 'body' }])).toBeLessThan(before);
});
