import fc from 'fast-check';
import { climateOf } from '../climate/climates';
import { dayNumber, isoDate, simulatedDay } from '../climate/weather';
import { MOST_LINES, readWeatherCsv } from './weatherCsv';

const DAYS = Array.from({ length: 40 }, (_, i) =>
  simulatedDay(
    { climate: climateOf('cool-maritime'), latitudeDeg: 51.5, seed: 3 },
    isoDate(dayNumber('2025-05-01') + i),
  ),
);
const csv = (header: string, row: (day: (typeof DAYS)[number]) => string) =>
  [header, ...DAYS.map(row)].join('\n');
const PLAIN = csv(
  'date,min °C,max °C,rain mm',
  ({ date, minC, maxC, rainMm }) => `${date},${minC},${maxC},${rainMm}`,
);
const read = (text: string, answers = {}) => {
  const reading = readWeatherCsv(text, answers);
  if (reading.kind !== 'read') throw new Error(JSON.stringify(reading).slice(0, 300));
  return reading;
};
const faults = (text: string) => {
  const reading = readWeatherCsv(text);
  return reading.kind === 'faulty' ? reading.faults : [];
};

test('a plain file is read as it is', () => {
  const { days, gaps } = read(PLAIN);
  expect(days).toEqual(DAYS.map((day) => ({ ...day, windMs: null, radiationMJ: null })));
  expect(gaps).toEqual([]);
});

test('columns in another order and language, semicolons, decimal commas, other units and a byte-order mark', () => {
  const other = `\uFEFF${csv('Niederschlag (mm);Datum;Tmax [°F];Tmin [°F];Wind km/h', ({ date, minC, maxC, rainMm }) => `${String(rainMm).replace('.', ',')};${date.split('-').reverse().join('.')};${String(maxC * 1.8 + 32).replace('.', ',')};${String(minC * 1.8 + 32).replace('.', ',')};18`)}`;
  const { days, units } = read(other);
  expect(units).toMatchObject({ max: '°F', rain: 'mm', wind: 'km/h' });
  expect(days[3]!.maxC).toBeCloseTo(DAYS[3]!.maxC, 1);
  expect(days[3]!.windMs).toBeCloseTo(5, 6);
});

test('units that are not named are told by size where they can be, and asked where not', () => {
  expect(
    read(
      csv(
        'date,min,max,rain mm',
        ({ date, minC, maxC, rainMm }) => `${date},${minC},${maxC},${rainMm}`,
      ),
    ).units,
  ).toMatchObject({ min: '°C', max: '°C' });
  const asked = readWeatherCsv('date,min °C,max °C,rain\n2025-05-01,4,12,1.2\n2025-05-02,5,12,0');
  expect(asked).toMatchObject({
    kind: 'asks',
    questions: [{ about: 'unit', field: 'rain', choices: ['mm', 'in'] }],
  });
  expect(
    read('date,min °C,max °C,rain\n2025-05-01,4,12,1', { units: { rain: 'in' } }).days[0]!.rainMm,
  ).toBe(25.4);
});

test('a column that is missing is asked for, and can be pointed at', () => {
  const text = 'when,coldest,warmest,water mm\n2025-05-01,4,12,1';
  const reading = readWeatherCsv(text);
  expect(reading.kind === 'asks' && reading.questions.map(({ about }) => about)).toEqual([
    'column',
    'column',
    'column',
    'column',
  ]);
  expect(read(text, { columns: { date: 0, min: 1, max: 2, rain: 3 } }).days).toHaveLength(1);
});

test('dates in three orders: a part above twelve tells; when none does, it is asked', () => {
  const dated = (dates: readonly string[]) =>
    `date,min °C,max °C,rain mm\n${dates.map((date) => `${date},4,12,0`).join('\n')}`;
  expect(read(dated(['03/05/2025', '14/05/2025'])).days[0]!.date).toBe('2025-05-03');
  expect(read(dated(['03/05/2025', '03/14/2025'])).days[0]!.date).toBe('2025-03-05');
  expect(read(dated(['20250503', '20250504'])).days[0]!.date).toBe('2025-05-03');
  expect(readWeatherCsv(dated(['03/05/2025', '04/05/2025']))).toMatchObject({
    kind: 'asks',
    questions: [{ about: 'date order' }],
  });
  expect(
    read(dated(['03/05/2025', '04/05/2025']), { dateOrder: 'month first' }).days.map(
      ({ date }) => date,
    ),
  ).toEqual(['2025-03-05', '2025-04-05']);
  expect(faults(dated(['30/05/2025', '31/02/2025']))).toEqual([
    { line: 3, message: 'Date must be a day, day first; got "31/02/2025".' },
  ]);
});

test.each<[string, string, number, RegExp]>([
  [
    'a repeated day',
    `${PLAIN}\n2025-05-03,1,2,0`,
    42,
    /2025-05-03 stands here again; it stood in line 4/,
  ],
  [
    'words for a number',
    PLAIN.replace(/\n2025-05-02,[^,]*/, '\n2025-05-02,cold'),
    3,
    /Lowest must be a number; got "cold"/,
  ],
  [
    'mixed units',
    PLAIN.replace(/\n2025-05-02,[^,]*/, '\n2025-05-02,41 °F'),
    3,
    /Lowest is in °C in this file; here it says "41 °F"/,
  ],
  [
    'absurd heat',
    PLAIN.replace(/\n2025-05-02,([^,]*),[^,]*/, '\n2025-05-02,$1,99'),
    3,
    /Highest must be -90–60 °C; got 99/,
  ],
  [
    'lowest above highest',
    PLAIN.replace(/\n2025-05-02,[^,]*,[^,]*/, '\n2025-05-02,20,10'),
    3,
    /lowest \(20 °C\) is above the highest \(10 °C\)/,
  ],
  ['no heading', '2025-05-01,4,12,0\n2025-05-02,4,12,0', 1, /must name the columns/],
  ['nothing below the heading', 'date,min,max,rain', 1, /no days below it/],
  ['nothing at all', '  \n', 1, /empty/],
  ['a picture', 'PNG\u0000\u0001', 1, /not text/],
])('%s is told with its line, and nothing is taken', (_, text, line, message) => {
  const [fault] = faults(text);
  expect(fault?.line).toBe(line);
  expect(fault?.message).toMatch(message);
});

test('gaps are told with the line before them; days out of order are put in order', () => {
  const gappy = PLAIN.split('\n').filter((line) => !/2025-05-(10|11)/.test(line));
  expect(read(gappy.join('\n')).gaps).toEqual([{ after: '2025-05-09', line: 10, days: 2 }]);
  expect(read([gappy[0]!, ...gappy.slice(1).reverse()].join('\n')).days[0]!.date).toBe(
    '2025-05-01',
  );
});

test('a hundred thousand lines are read; many faults are listed short and counted', () => {
  const many = (count: number) =>
    `date,min °C,max °C,rain mm\n${Array.from({ length: count }, (_, i) => `${isoDate(dayNumber('1750-01-01') + i)},1,2,0`).join('\n')}`;
  expect(read(many(100_000)).days).toHaveLength(100_000);
  expect(faults(many(MOST_LINES + 1))[0]!.message).toMatch(/at most 110000 days; it has 110001/);
  const bad = readWeatherCsv(PLAIN.replace(/,(-?\d[\d.]*)$/gm, ',x'));
  expect(bad).toMatchObject({ kind: 'faulty', more: 20 });
});

test('nothing a file may hold makes it throw', () => {
  fc.assert(
    fc.property(
      fc.string({ maxLength: 200 }),
      (text) => void readWeatherCsv(`date,min,max,rain\n${text}`),
    ),
    { seed: 141, numRuns: 300 },
  );
});

test('days of this age only: from 1701 to 2199, and such as there are', () => {
  const oneDay = (date: string) => readWeatherCsv(`${PLAIN}\n${date},4,11,0`).kind;
  expect(
    ['1700-05-01', '1701-05-01', '2199-12-31', '2200-01-01', '2025-02-29'].map(oneDay),
  ).toEqual(['faulty', 'read', 'read', 'faulty', 'faulty']);
});
