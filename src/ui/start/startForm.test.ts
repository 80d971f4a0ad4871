import { USUAL_HOUSE } from '@/core/plantings/house';
import { readStart } from './readStart';
import { FIRST_FORM, withShape, withUnit } from './startForm';

test('house preferences go into a container described here: headspace, what lies over the holes, the words for light', () => {
  const read = (house: Partial<typeof USUAL_HOUSE>) => {
    const reading = readStart(FIRST_FORM, 's', null, { ...USUAL_HOUSE, ...house });
    if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
    return reading;
  };
  expect(
    [read({}), read({ headspace: 'shallow' }), read({ headspace: 'deep' })].map(
      ({ container }) => container.headspaceCm,
    ),
  ).toEqual([2, 1, 3]);
  expect(read({ drainage: 'coarse layer' }).container).toMatchObject({ foot: 'coarse', footCm: 3 });
  expect(read({}).container.foot).not.toBe('coarse');
  expect(read({ sun: 'british' }).spot.lightHabit).toBe('british');
});

test('the sheet as it opens reads as a good pot at a good spot', () => {
  const reading = readStart(FIRST_FORM, 's', null, USUAL_HOUSE);
  expect(reading).toMatchObject({
    ok: true,
    container: { shape: { topCm: 38 } },
    spot: { sunHours: 6 },
  });
});

test('inches become centimetres', () => {
  const reading = readStart(
    { ...FIRST_FORM, unit: 'in', top: 15, base: 11, depth: 13 },
    's',
    null,
    USUAL_HOUSE,
  );
  expect(reading.ok && reading.container.shape).toMatchObject({ topCm: 38.1, baseCm: 27.94 });
});

test('each shape starts from a usual size that reads', () => {
  for (const shape of ['round', 'box', 'basket'] as const)
    for (const unit of ['cm', 'in'] as const)
      expect([
        shape,
        unit,
        readStart(withShape(withUnit(FIRST_FORM, unit), shape), 's', null, USUAL_HOUSE),
      ]).toEqual([shape, unit, expect.objectContaining({ ok: true })]);
});

test('faults are told at their own field, with the value', () => {
  const faults = (change: Partial<typeof FIRST_FORM>) => {
    const reading = readStart({ ...FIRST_FORM, ...change }, 's', null, USUAL_HOUSE);
    return reading.ok ? {} : reading.faults;
  };
  expect(faults({ top: -5 }).top).toMatch(/5–200 cm; got -5/);
  expect(faults({ depth: Number.NaN }).depth).toMatch(/got NaN/);
  expect(faults({ budget: 'lots' }).budget).toBeDefined();
  expect(faults({ budget: '0' }).budget).toMatch(/more than 0/);
});

test('turned to inches the pot is the same pot, and turned back it is itself to half a centimetre', () => {
  const inches = withUnit(FIRST_FORM, 'in');
  expect(inches).toMatchObject({ unit: 'in', top: 15, base: 11, depth: 13.5 });
  const back = withUnit(inches, 'cm');
  for (const field of ['top', 'base', 'depth', 'length', 'width'] as const)
    expect(Math.abs(back[field] - FIRST_FORM[field])).toBeLessThanOrEqual(1);
});
