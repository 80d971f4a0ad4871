import { USUAL_HOUSE } from '@/core/plantings/house';
import { mixL } from '@/core/containers/container';
import { hiddenBelowCm, viewpointsOf } from '@/core/seeing/viewpoint';
import { readStart } from './readStart';
import { HAVE, HAVES } from './haves';
import { FIRST_FORM, withHave, withSun, withUnit, type StartForm } from './startForm';

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

test('each of the fifteen starts from a usual size that reads', () => {
  for (const have of HAVES)
    for (const unit of ['cm', 'in'] as const)
      expect([
        have,
        unit,
        readStart(withHave(withUnit(FIRST_FORM, unit), have), 's', null, USUAL_HOUSE),
      ]).toEqual([have, unit, expect.objectContaining({ ok: true })]);
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

test('what a tape takes is what the container measures, in every shape: twice as wide holds more, half as deep less', () => {
  const litres = (
    have: (typeof HAVES)[number],
    change: (form: StartForm) => Partial<StartForm>,
  ) => {
    const form = withHave(FIRST_FORM, have);
    const reading = readStart({ ...form, ...change(form) }, 's', null, USUAL_HOUSE);
    if (!reading.ok) throw new Error(`${have}: ${JSON.stringify(reading.faults)}`);
    return mixL(reading.container);
  };
  for (const have of HAVES) {
    const [wide] = HAVE[have].measures[0]!;
    const usual = litres(have, () => ({}));
    expect([have, litres(have, (form) => ({ [wide]: form[wide] * 1.2 })) > usual]).toEqual([
      have,
      true,
    ]);
    if (HAVE[have].measures.some(([field]) => field === 'depth'))
      expect([have, litres(have, (form) => ({ depth: form.depth * 0.8 })) < usual]).toEqual([
        have,
        true,
      ]);
  }
});

test('sun told by parts of the day becomes hours, and when most of them come', () => {
  const told = (...at: Parameters<typeof withSun>[1]) => {
    const { sunHours, sunWhen } = withSun(FIRST_FORM, at);
    return [sunHours, sunWhen];
  };
  expect(told('none', 'none', 'none')).toEqual([0, 'spread']);
  expect(told('all', 'all', 'all')).toEqual([12, 'spread']);
  expect(told('all', 'some', 'none')).toEqual([6, 'morning']);
  expect(told('none', 'some', 'all')).toEqual([6, 'afternoon']);
  expect(told('some', 'all', 'some')).toEqual([8, 'spread']);
  // As it opens, both ways of telling agree.
  expect(withSun(FIRST_FORM, FIRST_FORM.sunAt!)).toEqual(FIRST_FORM);
});

test('seen over a sill from indoors, the eye looks over it from its own floor, and only what is higher is seen', () => {
  const from = (change: Partial<StartForm>) => {
    const form = { ...withHave(FIRST_FORM, 'box'), view: 'over a sill' as const, ...change };
    const reading = readStart(form, 's', null, USUAL_HOUSE);
    if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
    return reading.spot;
  };
  const spot = from({ drop: 110, sill: 100 });
  expect(spot).toMatchObject({ view: 'one side', exposure: 'sill', dropCm: 110 });
  const [eye] = spot.eyes;
  expect(eye).toMatchObject({ kind: 'standing', floorCm: 10, sill: { heightCm: 100 } });
  // Level with what the box stands on.
  expect(eye!.floorCm + eye!.sill!.heightCm).toBe(spot.dropCm);
  const hidden = (of: typeof spot) => {
    const box = readStart(withHave(FIRST_FORM, 'box'), 's', null, USUAL_HOUSE);
    const [view] = viewpointsOf(of, box.ok ? box.container : (undefined as never));
    return hiddenBelowCm(view!, of.dropCm)!;
  };
  expect(hidden(from({ eye: 'sitting' }))).toBeGreaterThan(hidden(from({ eye: 'standing' })));
  const faults = readStart(
    { ...withHave(FIRST_FORM, 'box'), view: 'over a sill', sill: 900 },
    's',
    null,
    USUAL_HOUSE,
  );
  expect(faults.ok ? '' : faults.faults.sill).toMatch(/0–300 cm; got 900/);
});

test('colours that are named and a height become wishes; a height that is none is told at its field', () => {
  const read = (change: Partial<StartForm>) =>
    readStart({ ...FIRST_FORM, ...change }, 's', null, USUAL_HOUSE);
  const wishes = (change: Partial<StartForm>) => {
    const reading = read(change);
    if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
    return reading.wishes;
  };
  expect(wishes({})).not.toHaveProperty('tallestCm');
  expect(wishes({ height: 'low', high: 25 }).tallestCm).toEqual([0, 25]);
  expect(wishes({ height: 'tall', high: 30, unit: 'in' }).tallestCm).toEqual([76.2, 400]);
  expect(wishes({ scheme: 'named', named: ['#f7f6f1', '#ee7d1d'] }).scheme).toMatchObject({
    kind: 'named',
    colours: [expect.any(Array), expect.any(Array)],
  });
  for (const high of [0, 401, Number.NaN, -3])
    expect([high, read({ height: 'low', high })]).toMatchObject([
      high,
      { ok: false, faults: { high: expect.stringMatching(/height/) } },
    ]);
});
