import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { GOOD, planted } from '../../../tests/builders/plantings';
import { opinionOf } from '@/core/checks/opinion';
import { SCHOOL_IDS, type SchoolId } from '@/core/plantings/schoolId';
import { SCHOOL_NAMES } from '@/words/schools';
import SchoolsPicture from './SchoolsPicture';

const NOTHING_COUNTED = new Map();

test('every school that suits is judged one after another; the planting’s own is marked, and another can be taken', async () => {
  const it = planted(GOOD, { wishes: { ...planted(GOOD).planting.wishes, school: 'thriller' } });
  const taken: SchoolId[] = [];
  render(
    <SchoolsPicture it={it} counted={NOTHING_COUNTED} onSchool={(school) => taken.push(school)} />,
  );
  const line = await screen.findByRole('img', { name: /^By school/ });
  expect(line.querySelectorAll('circle').length).toBeGreaterThan(2);
  expect(screen.getByText('yours')).toBeInTheDocument();
  await userEvent.click(screen.getByText('See it as another school does'));
  const others = screen
    .getAllByRole('button')
    .map(({ textContent }) => textContent!)
    .filter((text) => text !== 'See it as another school does');
  expect(others).not.toContain(SCHOOL_NAMES['thriller']);
  await userEvent.click(screen.getByRole('button', { name: others[0]! }));
  expect(SCHOOL_NAMES[taken[0]!]).toBe(others[0]);
  // The order told is that of how little each school would have to answer.
  const label = line.getAttribute('aria-label')!;
  const told = SCHOOL_IDS.filter((id) => label.includes(SCHOOL_NAMES[id])).sort(
    (p, q) => label.indexOf(SCHOOL_NAMES[p]) - label.indexOf(SCHOOL_NAMES[q]),
  );
  expect(told).toContain('thriller');
  const scores = told.map(
    (school) =>
      opinionOf({ ...it, planting: { ...it.planting, wishes: { ...it.planting.wishes, school } } })
        .answered,
  );
  expect(scores).toEqual([...scores].sort((a, b) => b - a));
});

test('one that is taken away while schools are still being asked leaves nothing running', async () => {
  const failed = jest.spyOn(console, 'error').mockImplementation(() => undefined);
  const { unmount } = render(
    <SchoolsPicture it={planted(GOOD)} counted={NOTHING_COUNTED} onSchool={() => undefined} />,
  );
  unmount();
  await new Promise((resolve) => setTimeout(resolve, 60));
  await waitFor(() => expect(failed).not.toHaveBeenCalled());
  failed.mockRestore();
});
