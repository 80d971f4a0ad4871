import fc from 'fast-check';
import { toCm } from '@/core/units/units';
import {
  unbroken,
  degreesText,
  countText,
  dateText,
  lengthFigure,
  farText,
  lengthText,
  moneyText,
  monthOf,
  sizeName,
  temperatureText,
  volumeText,
  weekText,
  weightText,
} from './format';

const CM = { length: 'cm', currency: '£' } as const;
const INCHES = { length: 'in', currency: '$' } as const;

test('lengths: whole centimetres; inches by halves below 20, whole above', () => {
  expect([
    lengthText(38.4, CM),
    lengthText(38.1, INCHES),
    lengthText(30, INCHES),
    lengthText(19.4 * 2.54, INCHES),
    lengthText(61, INCHES),
  ]).toEqual(['38 cm', '15 in', '12 in', '19.5 in', '24 in']);
});

test('an inch figure read back as inches is the length again, to the digit shown', () => {
  fc.assert(
    fc.property(fc.double({ min: 1, max: 300, noNaN: true }), (cm) => {
      const shown = Number(lengthFigure(cm, 'in'));
      expect(Math.abs(toCm(shown, 'in') - cm)).toBeLessThanOrEqual(
        (shown < 20 ? 0.25 : 0.5) * 2.54 + 1e-9,
      );
    }),
    { seed: 91 },
  );
});

test('volumes: litres with a decimal below ten; quarts below a gallon', () => {
  expect([
    volumeText(9.94, CM),
    volumeText(10.2, CM),
    volumeText(3, INCHES),
    volumeText(47, INCHES),
  ]).toEqual(['9.9 L', '10 L', '3.2 qt', '12.4 gal']);
});

test('weights, money, temperatures and sizes in the reader’s terms', () => {
  expect([weightText(9.96, CM), weightText(10, CM), weightText(10, INCHES)]).toEqual([
    '10.0 kg',
    '10 kg',
    '22 lb',
  ]);
  expect([moneyText(4.5, CM), moneyText(1204, INCHES)]).toEqual(['£4.50', '$1,204.00']);
  expect([
    temperatureText(-5, CM),
    temperatureText(-5, INCHES),
    temperatureText(0, INCHES),
  ]).toEqual(['−5 °C', '23 °F', '32 °F']);
  expect([sizeName('9cm', CM), sizeName('9cm', INCHES)]).toEqual(['9 cm pot', '3½ in pot']);
});

test('weeks cover seven days and follow one another round the year', () => {
  expect(weekText(1)).toBe('1–7 January');
  expect(weekText(5)).toBe('29 Jan – 4 Feb');
  expect(dateText(21)).toBe('21 May');
  expect(monthOf(52)).toBe('December');
});

test('one is one, none and two are many', () => {
  expect([0, 1, 2].map((count) => countText(count, 'plant'))).toEqual([
    '0 plants',
    '1 plant',
    '2 plants',
  ]);
});

test('a difference of temperatures has no zero of its own', () => {
  expect([degreesText(4, { length: 'cm' }), degreesText(4, { length: 'in' })]).toEqual([
    '4 °C',
    '7 °F',
  ]);
});

test('what is paced is told in metres or feet, what is near as a tape tells it', () => {
  expect([99, 100, 1400, 1234].map((cm) => farText(cm, CM))).toEqual([
    '99 cm',
    '1 m',
    '14 m',
    '12.3 m',
  ]);
  expect(farText(1400, INCHES)).toBe('46 ft');
});

test('a number stays with what it counts', () => {
  expect(unbroken('about 0 °C; 9 cm pot, 2 April to 3 July, from 5 to 12')).toBe(
    'about 0\u00a0°C; 9\u00a0cm pot, 2\u00a0April to 3\u00a0July, from 5\u00a0to 12',
  );
});
