import { american } from './american';

test('what Britain spells otherwise is spelled as America does, small, capital and in words made from it', () => {
  const said: readonly (readonly [here: string, there: string])[] = [
    ['Colours of its own', 'Colors of its own'],
    ['Fibreglass of two storeys', 'Fiberglass of two stories'],
    ['a neighbouring pot', 'a neighboring pot'],
    ['a coloured leaf', 'a colored leaf'],
    ['GREY', 'GRAY'],
    ['greyish', 'grayish'],
    ['3.5 litres to 40 centimetres', '3.5 liters to 40 centimeters'],
    ['Neighbours centred over it', 'Neighbors centered over it'],
    ['Centre', 'Center'],
    ['It was recognised and labelled', 'It was recognized and labeled'],
    ['Leaf mould', 'Leaf mold'],
    ['From autumn on', 'From fall on'],
    ['Autumn', 'Fall'],
    ['burnt by frost', 'burned by frost'],
    ['Autumn crocus', 'Autumn crocus'],
    ['White autumn windflower in autumn', 'White autumn windflower in fall'],
  ];
  for (const [here, there] of said) expect(american(here)).toBe(there);
});

test('what is spelled alike stays to the letter, and a second time changes nothing', () => {
  for (const same of [
    '',
    'Colchicum autumnale',
    'Fill the pot.',
    'a grid of 12',
    'barometer',
    'The fall of the year',
  ])
    expect(american(same)).toBe(same);
  const once = american('Grey colour, two litres');
  expect(american(once)).toBe(once);
});
