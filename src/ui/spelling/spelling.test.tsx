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
