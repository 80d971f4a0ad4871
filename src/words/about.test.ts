import { proposalOf } from '../../tests/builders/proposals';
import { kindOf } from '@/core/plants/book/index';
import { aboutText, ideaTitle, ideaTitles } from './about';

const about = (lead: string | null, bodies: readonly string[], edges: readonly string[]) =>
  aboutText({ lead, bodies, edges }, kindOf);

test('a sentence says who leads, what fills and what spills', () => {
  expect(about('flax-bronze', ['petunia-apricot'], ['potato-vine-lime'])).toMatch(
    /^Bronze flax over apricot petunia, lime potato vine spilling: .*\.$/,
  );
});

test('without a lead the body starts it; an edge that does not trail stands at the rim', () => {
  expect(about(null, ['nemesia-white'], ['alyssum-white'])).toMatch(/^White nemesia/);
  expect(about(null, ['nemesia-white'], ['viola-white'])).toMatch(/at the rim/);
});

test('dark leaves with bright ones, white with green, and leaves alone are told apart', () => {
  expect(about('flax-bronze', ['coral-bells-plum'], ['potato-vine-lime'])).toMatch(
    /dark and bright leaves/,
  );
  expect(about(null, ['petunia-white', 'nemesia-white'], ['bacopa-white'])).toMatch(/white/);
});

test('a plant the book does not know is called by its id rather than left out', () => {
  expect(about('moon-lily', ['nemesia-white'], [])).toMatch(/^Moon-lily over/);
});

test('what sleeps beneath the others is told last, and nothing of it where nothing does', () => {
  const planted = { lead: null, bodies: ['pansy-blue'], edges: [] };
  expect(aboutText({ ...planted, beneath: ['tulip-white'] }, kindOf)).toMatch(
    / Beneath, until spring: white [a-z -]*tulip\.$/,
  );
  expect(aboutText({ ...planted, beneath: [] }, kindOf)).not.toMatch(/Beneath/);
});

test('proposals that one name would fit are told apart by their fullest kind; the others keep their short names', () => {
  const dome = (body: string) => proposalOf('', { school: 'dome', lead: null, bodies: [body] });
  const run = proposalOf('', { school: 'repeat-run', lead: null, bodies: ['petunia-white'] });
  const titles = ideaTitles([dome('petunia-white'), run, dome('pelargonium-white')], kindOf);
  expect(new Set(titles).size).toBe(3);
  expect(titles[0]).toMatch(/^A dome of white, with .*petunia/);
  expect(titles[1]).toBe('A run of white');
  expect(titles[2]).toMatch(/^A dome of white, with .*pelargonium/);
});

test('what is named with its colour does not have it told again', () => {
  const title = (school: 'shares' | 'leaf-led', bodies: string[], edges: string[]) =>
    ideaTitle({ school, lead: 'salvia-scarlet', bodies, edges }, kindOf);
  expect(title('shares', ['petunia-white'], ['calibrachoa-blue'])).toMatch(
    /^Mostly white petunia, with (?!.*white)\w+ and \w+$/,
  );
  expect(
    ideaTitle(
      { school: 'shares', lead: null, bodies: ['petunia-white'], edges: ['bacopa-white'] },
      kindOf,
    ),
  ).toBe('Mostly white petunia');
  expect(title('leaf-led', ['petunia-white'], ['bacopa-white'])).toBe(
    'Leaves first: scarlet sage, with white',
  );
});
