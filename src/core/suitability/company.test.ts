import { known } from '../../../tests/builders/plantings';
import { COMPANIES } from '../plants/terms';
import { besides, commonGround, keepsCompany, TOGETHER } from './company';

const ground = (...ids: readonly string[]) => commonGround(ids.map(known));

test('who is met with whom goes both ways, and each is at home with its own', () => {
  for (const a of COMPANIES) {
    expect(besides(a, a)).toBe(1);
    for (const b of COMPANIES) expect(besides(a, b)).toBe(besides(b, a));
  }
});

test('what people grow together has a common ground; what nobody does has none, and the stranger is named', () => {
  expect(ground('pelargonium-scarlet', 'petunia-white', 'canna-bronze').worth).toBeGreaterThan(
    TOGETHER,
  );
  expect(ground('pansy-purple', 'skimmia-red-bud', 'ivy-white-edge').worth).toBeGreaterThan(
    TOGETHER,
  );
  const odd = ground('zebra-haworthia', 'begonia-bedding-red', 'petunia-white');
  expect(odd.worth).toBeLessThan(TOGETHER);
  expect(odd.stranger!.id).toBe('zebra-haworthia');
  expect(keepsCompany(known('beetroot-dark'), known('echeveria-frilled'))).toBeLessThan(0.2);
});

test('the ground is one of theirs: two that would each stand beside a third, which is not there, are not together for that', () => {
  for (const company of [ground('pelargonium-scarlet', 'hosta-blue').company])
    expect([...known('pelargonium-scarlet').company, ...known('hosta-blue').company]).toContain(
      company,
    );
});
