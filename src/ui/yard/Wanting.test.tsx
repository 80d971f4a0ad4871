import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { opinionOf } from '@/core/checks/opinion';
import { USUAL_SETTINGS } from '@/data/usualSettings';
import { handComposed } from '../../../tests/builders/handComposed';
import { Wanting } from './Wanting';

const [{ it: one }] = handComposed() as readonly [ReturnType<typeof handComposed>[number]];
/** So many of a kind, each with a name of its own. */
const many = (count: number, name: string) =>
  Array.from({ length: count }, (_, i) => ({
    ...one,
    planting: { ...one.planting, id: `${name}-${i}`, name: `${name} ${i}` },
  }));
const remarks = opinionOf(one).remarks.slice(0, 1);
jest.mock('@/ui/session/StoreProvider', () => ({ useSettings: () => USUAL_SETTINGS }));
jest.mock('./useJudged', () => ({
  useJudged: (its: readonly (typeof one)[]) =>
    its.map((it) => ({ it, remarks: it.planting.name.startsWith('Loud') ? remarks : [] })),
}));

test('of many remarks a dozen are told, the rest at a press; many calm ones are a number', async () => {
  render(<Wanting its={[...many(14, 'Loud'), ...many(13, 'Calm')]} />);
  const aside = screen.getByRole('complementary', { name: 'Worth a look' });
  expect(aside.textContent).toContain('14 containers with something');
  expect(within(aside).getAllByRole('listitem')).toHaveLength(12);
  await userEvent.click(screen.getByRole('button', { name: '2 more of 14' }));
  expect(within(aside).getAllByRole('listitem')).toHaveLength(14);
  expect(aside.textContent).toContain('Nothing: the other 13');
});

test('a few calm ones are named', () => {
  render(<Wanting its={[...many(1, 'Loud'), ...many(2, 'Calm')]} />);
  expect(screen.getByText('Nothing: calm 0, calm 1')).toBeTruthy();
  expect(screen.queryByRole('button')).toBeNull();
});
