import { hourText, lightText, sunRuns, viewName, viewText } from './looking';

const path = (hours: readonly (readonly [hour: number, through: number])[]) =>
  hours.map(([hour, through]) => ({ hour, through }));

test('hours are told as clocks show them, and what of the sun gets through', () => {
  expect([hourText(9), hourText(14.5), hourText(0)]).toEqual(['9:00', '14:30', '0:00']);
  const light = (sunShare: number) => lightText(9.5, { toSun: [0, 1, 0], sunShare });
  expect([light(1), light(0.94), light(0.02), lightText(23, null)]).toEqual([
    '9:30, in the sun',
    '9:30, in dappled light',
    '9:30, in shade',
    '23:00, dark',
  ]);
});

test('runs of sun are joined from half hour to half hour, and gaps are told', () => {
  expect(
    sunRuns(
      path([
        [7, 1],
        [7.5, 1],
        [8, 0.2],
        [13, 0.5],
        [13.5, 0.49],
      ]),
    ),
  ).toBe('sun 7:00–8:00 and 13:00–13:30');
  expect(sunRuns(path([[7, 0.4]]))).toBe('no direct sun this week');
});

test('a viewpoint goes by its own name where it has one, in the reader’s lengths', () => {
  const view = { id: 'indoors', name: null, eyeCm: 150, distanceCm: 75, azimuthRad: 0, sill: null };
  expect(viewText(view, { length: 'cm' })).toBe(
    'Indoors, over the sill, eyes 150 cm up, 75 cm away',
  );
  expect(viewText({ ...view, name: 'Sink' }, { length: 'in' })).toBe(
    'Sink, eyes 59 in up, 30 in away',
  );
  expect(viewName({ id: 'standing', name: null })).toBe('Standing');
});
