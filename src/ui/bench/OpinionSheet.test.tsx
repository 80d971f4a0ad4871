import { USUAL_HOUSE } from '@/core/plantings/house';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { CM, editingOf, INCHES } from '../../../tests/builders/editing';
import { renderWithBook as render } from '../../../tests/builders/library';
import { GOOD, planted, TUB } from '../../../tests/builders/plantings';
import { applyEdit } from '@/core/plantings/edits';
import { kindOf } from '@/core/plants/book/index';
import { inSpot } from '@/core/plantings/planting';
import { OpinionSheet } from './OpinionSheet';

const NO_HOLE = planted(GOOD, { container: { ...TUB, drainHoles: 0 } });
const show = (it = NO_HOLE, pointed: 'drainage' | null = null, settings = CM) => {
  const editing = editingOf(it);
  const onPoint = jest.fn();
  render(
    <OpinionSheet editing={editing} settings={settings} pointed={pointed} onPoint={onPoint} />,
  );
  return { editing, onPoint };
};

test('the worst remark stands first and open, with its reason; the rest are one line each', () => {
  show();
  const [first, second] = screen.getAllByRole('listitem');
  expect(first).toHaveAttribute('data-check', 'drainage');
  expect(first).toHaveTextContent(/^Trouble, quite sure/);
  expect(within(first!).getByRole('button', { name: /hole/i })).toHaveAttribute(
    'aria-expanded',
    'true',
  );
  expect(within(second!).queryByText('I mean it')).toBeNull();
});

test('"I mean it" is an edit; what is meant is kept quiet and can be asked again', async () => {
  const { editing } = show();
  await userEvent.click(screen.getByRole('button', { name: 'I mean it' }));
  expect(editing.applied).toEqual([{ kind: 'mean', check: 'drainage', meant: true }]);
});

test('a remark that was meant is counted, not shown, and comes back when asked', async () => {
  const { editing } = show(
    inSpot(
      applyEdit(NO_HOLE.planting, { kind: 'mean', check: 'drainage', meant: true }),
      NO_HOLE.spot,
      kindOf,
      USUAL_HOUSE,
    ),
  );
  expect(document.querySelector('[data-check=drainage]')).toBeNull();
  expect(screen.getByText(/1 remark kept quiet, because you meant it/)).toBeVisible();
  await userEvent.click(screen.getByRole('button', { name: 'Ask again' }));
  expect(editing.applied).toEqual([{ kind: 'mean', check: 'drainage', meant: false }]);
});

test('working shows the figures behind a remark and where the rule comes from', async () => {
  show();
  await userEvent.click(screen.getByText('Working'));
  expect(screen.getByText('suggested').nextSibling).toHaveTextContent('3');
  expect(screen.getByText(/Without a hole mix drowns roots/)).toBeVisible();
});

test('pressing a remark points at its plants, pressing it again lets go', async () => {
  const { onPoint } = show();
  const other = screen.getAllByRole('listitem')[1]!;
  await userEvent.click(within(other).getAllByRole('button')[0]!);
  expect(onPoint).toHaveBeenLastCalledWith(other.dataset.check);
});

test('what is right is counted and can be read in full', async () => {
  show(planted(GOOD));
  const before = screen.getAllByRole('listitem').length;
  const more = screen.getByRole('button', { name: /more that (is|are) right/ });
  // "4 more cautions, 19 more that are right"
  const hidden = [...more.textContent!.matchAll(/\d+/g)].reduce((sum, [n]) => sum + Number(n), 0);
  await userEvent.click(more);
  expect(screen.getAllByRole('listitem')).toHaveLength(before + hidden);
});

test('figures in sentences come in the reader’s units', () => {
  const sentences = () =>
    [...document.querySelectorAll('li button[aria-expanded]')]
      .map(({ textContent }) => textContent)
      .join(' ');
  show(planted(GOOD), null, CM);
  expect(sentences()).toMatch(/\d kg/);
  document.body.replaceChildren();
  show(planted(GOOD), null, INCHES);
  expect(sentences()).toMatch(/\d lb/);
  expect(sentences()).not.toMatch(/\d (cm|kg)\b/);
});
