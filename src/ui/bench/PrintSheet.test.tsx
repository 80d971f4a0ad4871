import { fireEvent, render, screen, within } from '@testing-library/react';
import { CM, editingOf, INCHES } from '../../../tests/builders/editing';
import { GOOD, planted } from '../../../tests/builders/plantings';
import { read } from '@/core/checks/reading';
import { usualSupport } from '@/core/plantings/support';
import PrintSheet from './PrintSheet';

const print = jest.fn();
beforeEach(() => {
  print.mockClear();
  window.print = print;
});
const sheet = (settings = CM, change: Parameters<typeof planted>[1] = {}) => {
  const it = planted(GOOD, { name: 'By the seat', ...change });
  const onDone = jest.fn();
  const view = render(
    <PrintSheet
      url="blob:drawing"
      editing={editingOf(it)}
      reading={read(it)}
      weeks={8}
      settings={settings}
      onDone={onDone}
    />,
  );
  return {
    it,
    onDone,
    view,
    paper: within(screen.getByRole('region', { name: 'Sheet to print', hidden: true })),
  };
};

test('it prints once its drawing is there, not before, and goes when that is done', () => {
  const { onDone, paper } = sheet();
  expect(print).not.toHaveBeenCalled();
  fireEvent.load(
    paper.getByRole('img', { name: 'By the seat, 8 weeks after planting', hidden: true }),
  );
  expect(print).toHaveBeenCalledTimes(1);
  expect(onDone).not.toHaveBeenCalled();
  fireEvent(window, new Event('afterprint'));
  expect(onDone).toHaveBeenCalledTimes(1);
});

test('a drawing that cannot be shown prints nothing and leaves nothing behind', () => {
  const { onDone, paper } = sheet();
  fireEvent.error(paper.getAllByRole('img', { hidden: true })[0]!);
  expect(print).not.toHaveBeenCalled();
  expect(onDone).toHaveBeenCalledTimes(1);
});

test('every kind has its row: what to buy, where each of its balls goes, and a price that sums up', () => {
  const { it, paper } = sheet();
  const rows = paper
    .getAllByRole('row', { hidden: true })
    .slice(1, -1)
    .map((row) => [...row.querySelectorAll('td')].map(({ textContent }) => textContent!));
  expect(rows.map(([letter]) => letter)).toEqual(['A', 'B', 'C', 'D']);
  const bells = rows.find(([, name]) => /calibrachoa/i.test(name!))!;
  expect(bells[2]).toMatch(/^2 × 9 cm pot/);
  expect(bells[4]).toBe('8 cm left, 11 cm to the front; 8 cm right, 11 cm to the front');
  const prices = rows.map((cells) => Number(cells[5]!.replace(/[^\d.]/g, '')));
  const whole = Number(
    paper
      .getAllByRole('row', { hidden: true })
      .at(-1)!
      .textContent!.match(/£([\d.]+)/)![1],
  );
  expect(prices.reduce((sum, price) => sum + price, 0)).toBeCloseTo(whole, 2);
  // As many balls on the plan as there are plants, each with its letter.
  expect(
    paper.getByRole('img', { name: /^Where the balls/, hidden: true }).querySelectorAll('circle'),
  ).toHaveLength(it.plants.length);
});

test('cautions are on it, and what to climb; in inches for who measures so', () => {
  const support = usualSupport(planted(GOOD).planting.container, 'obelisk');
  const { paper } = sheet(INCHES, { support });
  expect(paper.getAllByText('Caution.').length).toBeGreaterThan(0);
  expect(paper.getByText(/^Obelisk, .* in above the mix, in the middle\./)).toBeInTheDocument();
  expect(paper.getByText(/^Drawn as it may grow/)).toBeInTheDocument();
});
