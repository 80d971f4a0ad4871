import { fireEvent, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { CM } from '../../../tests/builders/editing';
import { renderWithBook } from '../../../tests/builders/library';
import { GOOD, planted, type Put } from '../../../tests/builders/plantings';
import CompareWays from './CompareWays';

const cheaper: readonly Put[] = GOOD.filter(([id]) => id !== 'cabbage-palm-red');
const way = (id: string, name: string, puts: readonly Put[]) => ({ id, name, it: planted(puts) });
const texts = (row: HTMLElement) =>
  [...row.querySelectorAll('td')].map((cell) =>
    [...cell.childNodes]
      .slice(1)
      .map(({ textContent }) => textContent)
      .join(''),
  );
const rowOf = (title: string) => screen.getAllByText(title)[0]!.closest('tr')!;

test('what differs is said before what does not, each way in its own column', async () => {
  const used: string[] = [];
  renderWithBook(
    <CompareWays
      ways={[way('here', 'On the bench', GOOD), way('a', 'Without the palm', cheaper)]}
      weeks={8}
      settings={CM}
      onUse={(id) => used.push(id)}
      onClose={() => undefined}
    />,
  );
  expect(screen.getAllByRole('columnheader').map(({ textContent }) => textContent)).toEqual([
    'On the bench',
    'Without the palmUse it',
  ]);
  expect(texts(rowOf('Not in all of them'))[0]).toMatch(/palm/i);
  expect(texts(rowOf('Not in all of them'))[1]).toBe('–');
  expect(texts(rowOf('Plants and price')).map((text) => text.split(',')[0])).toEqual([
    '6 plants',
    '5 plants',
  ]);
  const alike = screen
    .getAllByRole('row')
    .slice(1)
    .map((row) => new Set(texts(row)).size === 1);
  expect(alike).toEqual([...alike].sort((a, b) => Number(a) - Number(b)));
  await userEvent.click(screen.getByRole('button', { name: 'Use it' }));
  expect(used).toEqual(['a']);
});

test('two ways that are the same differ in nothing', () => {
  renderWithBook(
    <CompareWays
      ways={[way('here', 'On the bench', GOOD), way('a', 'The same', GOOD)]}
      weeks={8}
      settings={CM}
      onUse={() => undefined}
      onClose={() => undefined}
    />,
  );
  for (const row of screen.getAllByRole('row').slice(1)) expect(new Set(texts(row)).size).toBe(1);
});

test('all are looked at in one week, which can be moved; closing is asked for, not done', async () => {
  const onClose = jest.fn();
  renderWithBook(
    <CompareWays
      ways={[way('here', 'On the bench', GOOD), way('a', 'Without the palm', cheaper)]}
      weeks={1}
      settings={CM}
      onUse={() => undefined}
      onClose={onClose}
    />,
  );
  const week = screen.getByRole('slider', { name: 'Week compared' });
  expect(week).toHaveAttribute('aria-valuetext', '4 weeks after planting');
  fireEvent.change(week, { target: { value: '13' } });
  expect(week).toHaveAttribute('aria-valuetext', '13 weeks after planting');
  await userEvent.keyboard('{Escape}');
  expect(onClose).toHaveBeenCalled();
});
