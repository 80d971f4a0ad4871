import { known } from '../../tests/builders/plantings';
import { renamedIn } from '../core/plants/renamed';
import { coldText, earlyText, shopsText, summerText, sureText, yearText } from './kinds';
import { otherNames } from './otherNames';
import { renamedText } from './renamed';

const CM = { length: 'cm', currency: '£' } as const;

test('other names leave out what its own name says, and keep old and mistaken ones apart', () => {
  expect(otherNames(known('pansy-blue'))).toBe('also winter pansy');
  expect(otherNames(known('rosemary-upright'))).toContain('once Rosmarinus officinalis');
  expect(otherNames(known('bacopa-white'))).toContain('sold by mistake as Bacopa');
});

test('cold names the top, the roots in a pot and the way in', () => {
  expect(coldText(known('box-ball'), CM)).toBe(
    'bears about −23 °C; its roots in a pot about −9 °C',
  );
  expect(coldText(known('coleus-lime'), CM)).toBe(
    'bears about 3 °C; bring in below 12 °C at night; stands still in nights below 13 °C',
  );
});

test('summers, years and shops are told in words', () => {
  expect(summerText(known('pansy-blue'), CM)).toBe(
    'wants days of 10 °C or more; bears dry heat to 27 °C, damp heat to 26 °C',
  );
  expect(summerText(known('coleus-lime'), CM)).toContain('any damp heat');
  expect(yearText(known('box-ball'))).toBe('all year');
  expect(yearText(known('hosta-lime'))).toMatch(/; over by .*(Oct|Nov)/);
  expect(shopsText(known('pansy-blue'))).toMatch(/ and /);
});

test('what is raised at home is told with what it costs and when', () => {
  expect(earlyText(known('nasturtium-orange'), CM)).toBe(
    'packet of seed about £2.00–3.50, sown 2 April to 21 May',
  );
  expect(earlyText(known('sweet-pea-dwarf'), CM)).toMatch(/ October to .* or .* to .* April/);
  expect(earlyText(known('petunia-white'), CM)).toMatch(/^12 plugs about £\d.*, .* to .* April$/);
  expect(earlyText(known('hosta-lime'), CM)).toMatch(/^bare root about £4.00–7.00, /);
  expect(earlyText(known('box-ball'), CM)).toBe('');
});

test('how sure the book is comes group by group', () => {
  expect(sureText(known('coleus-lime'))).toContain('widely agreed: cold');
});

test('a file from before a rename tells which of its plants are called otherwise now', () => {
  const file = JSON.stringify({
    places: [{ kindId: 'million-bells-yellow' }, { kindId: 'chives' }],
  });
  expect(renamedText(renamedIn(file), known)).toBe(
    'Some plants have another name in the book now: million bells yellow is now yellow calibrachoa.',
  );
  expect(renamedText(renamedIn('{"kindId":"chives"}'), known)).toBe('');
});
