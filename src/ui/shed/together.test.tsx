import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { Meeting, Met, Taking } from '@/data/meeting';
import { TogetherPreview } from './TogetherPreview';

const ROW = { id: 'x' };
const met = (name: string, change: Partial<Met>): Met => ({
  of: `plantings/${name}`,
  table: 'plantings',
  name,
  calledThere: null,
  outcome: { is: 'here' },
  here: ROW,
  there: ROW,
  ...change,
});
const there = { is: 'there', record: ROW } as const;

function preview(
  records: readonly Met[],
  { entries = 0, onlyHere = 0, photographs = 0, taking = new Map<string, Taking>() } = {},
) {
  const picked: (readonly [string, Taking])[] = [];
  const meeting: Meeting = { records, entries: Array(entries).fill(null) as never, onlyHere };
  render(
    <TogetherPreview
      meeting={meeting}
      photographs={photographs}
      taking={taking}
      onTaking={(of, as) => picked.push([of, as])}
    />,
  );
  return picked;
}
const line = (title: string) => screen.getByText(title).nextElementSibling;

test('what comes, what changes, what goes and what stays is told by name, each under its own title', () => {
  preview(
    [
      met('New tub', { outcome: there, here: null }),
      met('Moved tub', { outcome: there }),
      met('Old tub', { outcome: { is: 'there', record: null }, there: null }),
      met('Shared tub', { outcome: { is: 'both', record: ROW } }),
      met('My tub', {}),
    ],
    { entries: 1, onlyHere: 2, photographs: 3 },
  );
  expect(line('New from the file')).toHaveTextContent(/New tub$/);
  expect(line('Changed there')).toHaveTextContent(/Moved tub$/);
  expect(line('Taken away there')).toHaveTextContent(/Old tub$/);
  expect(line('Changed on both, laid together')).toHaveTextContent(/Shared tub$/);
  expect(line('Only here, or newer here: stays')).toHaveTextContent(/My tub$/);
  expect(line('Diary')).toHaveTextContent('1 entry comes in, 2 are only here and stay');
  expect(line('Photographs')).toHaveTextContent('3 in the file');
});

test('of many the first four are named', () => {
  preview(['one', 'two', 'three', 'four', 'five'].map((name) => met(name, { outcome: there })));
  expect(line('Changed there')).toHaveTextContent(/5 plantings: one, two, three, four …$/);
});

test('a file with nothing newer says so, unless it has photographs or entries', () => {
  preview([met('My tub', {})]);
  expect(screen.getByText('Nothing in it is newer than what is here.')).toBeVisible();
});

test('only what both changed is asked: here as it stands, until another is picked; of a planting both can be kept', async () => {
  const clash = met('Tub by the clock', {
    calledThere: 'Tub at the end',
    outcome: { is: 'choice', differences: [{ at: ['name'], was: 'a', is: 'b' }] },
  });
  const picked = preview([clash, met('My tub', {})]);
  expect(screen.getAllByRole('radiogroup')).toHaveLength(1);
  expect(screen.getByText(/changed on both: name. In the file it is called/)).toBeVisible();
  expect(screen.getByRole('radio', { name: 'As it is here' })).toBeChecked();
  await userEvent.click(screen.getByRole('radio', { name: 'Keep both' }));
  expect(picked).toEqual([['plantings/Tub by the clock', 'both']]);
});

test('what one side took away and the other changed is asked in those words, and cannot be kept twice', () => {
  const choice = { is: 'choice', differences: [] } as const;
  preview([met('Gone here', { outcome: choice, here: null })]);
  expect(screen.getByText('taken away here, changed in the file')).toBeVisible();
  expect(screen.getByRole('radio', { name: 'Leave it away' })).toBeChecked();
  expect(screen.queryByRole('radio', { name: 'Keep both' })).toBeNull();
});
