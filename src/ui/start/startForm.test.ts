import { FIRST_FORM, readStart, withShape } from './startForm';

test('the sheet as it opens reads as a good pot at a good spot', () => {
  const reading = readStart(FIRST_FORM, 'cm', 's');
  expect(reading).toMatchObject({ ok: true, container: { shape: { topCm: 38 } }, spot: { sunHours: 6 } });
});

test('inches become centimetres', () => {
  const reading = readStart({ ...FIRST_FORM, top: 15, base: 11, depth: 13 }, 'in', 's');
  expect(reading.ok && reading.container.shape).toMatchObject({ topCm: 38.1, baseCm: 27.94 });
});

test('each shape starts from a usual size that reads', () => {
  for (const shape of ['round', 'box', 'basket'] as const) for (const unit of ['cm', 'in'] as const) expect([shape, unit, readStart(withShape(FIRST_FORM, shape, unit), unit, 's')]).toEqual([shape, unit, expect.objectContaining({ ok: true })]);
});

test('faults are told at their own field, with the value', () => {
  const faults = (change: Partial<typeof FIRST_FORM>) => {
    const reading = readStart({ ...FIRST_FORM, ...change }, 'cm', 's');
    return reading.ok ? {} : reading.faults;
  };
  expect(faults({ top: -5 }).top).toMatch(/5–200 cm; got -5/);
  expect(faults({ depth: Number.NaN }).depth).toMatch(/got NaN/);
  expect(faults({ budget: 'lots' }).budget).toBeDefined();
  expect(faults({ budget: '0' }).budget).toMatch(/more than 0/);
});
