import type { SheetPage } from '@/core/making/sheet';
import { spelledPages } from './spelledPages';
import { render, screen } from '@testing-library/react';
import { spellAs, spelled, spelledDeep } from './spelling';

afterEach(() => spellAs(false));

const Sign = ({ words }: { readonly words: string }) => (
  <p aria-label={`${words} of the pot`} className="colour">
    {words}: <b>grey</b>
    <>, autumn</>
  </p>
);

test('the page is spelled as it is written until America is chosen', () => {
  const { rerender } = render(<Sign key="1" words="Colour" />);
  expect(screen.getByLabelText('Colour of the pot').textContent).toBe('Colour: grey, autumn');
  spellAs(true);
  rerender(<Sign key="2" words="Colour" />);
  const sign = screen.getByLabelText('Color of the pot');
  expect(sign.textContent).toBe('Color: gray, fall');
  // Names of looks are no words.
  expect(sign.className).toBe('colour');
});

test('what somebody wrote or named stays as it was written', () => {
  const names = ['Grey trough', 'Grey trough (colour)', 'Plain'];
  expect(spellAs(false, names)).toEqual([]);
  expect(spellAs(true, names)).toEqual(names.slice(0, 2));
  expect(spelled('Grey trough (colour) was taken away: its colours')).toBe(
    'Grey trough (colour) was taken away: its colors',
  );
  render(
    <div>
      <p translate="no">My favourite</p>
      <textarea aria-label="Colour" defaultValue="grey" />
    </div>,
  );
  expect(screen.getByText('My favourite')).toBeTruthy();
  expect(screen.getByLabelText<HTMLTextAreaElement>('Color').value).toBe('grey');
});

test('a chart’s words are spelled; what it reckons with stays', () => {
  const date = new Date(0);
  const option = { name: 'Litres', data: [1, 'grey'], at: date, of: () => 'grey' };
  expect(spelledDeep(option)).toBe(option);
  spellAs(true);
  expect(spelledDeep(option)).toEqual({ ...option, name: 'Liters', data: [1, 'gray'] });
  expect(spelledDeep(option).at).toBe(date);
});

test('of a page to be printed the words are spelled, and nothing else is changed', () => {
  const mark = (text: string) =>
    ({ kind: 'text', what: 'black', at: [1, 2], text, sizeMm: 3, anchor: 'start' }) as const;
  const line = { kind: 'line', what: 'rim', points: [[0, 0]] } as const;
  const page: SheetPage = {
    name: 'plan',
    widthMm: 210,
    heightMm: 297,
    sheet: { widthMm: 9, heightMm: 9, marks: [mark('2 litres'), line] },
    shiftMm: [0, 0],
    clip: { at: [0, 0], widthMm: 9, heightMm: 9 },
    marks: [mark('Centre of the pot')],
  };
  spellAs(true);
  expect(spelledPages([page])).toEqual([
    {
      ...page,
      sheet: { ...page.sheet, marks: [mark('2 liters'), line] },
      marks: [mark('Center of the pot')],
    },
  ]);
});
