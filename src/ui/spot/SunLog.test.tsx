import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { usualSpot, type Spot } from '@/core/spots/spot';
import { expectedByHour } from '@/core/spots/sunLog';
import { SunLog } from './SunLog';
import type { SpotEditing } from './useSpotEditing';

const OPEN = usualSpot({ id: 's', name: 'S', lightFrom: 'reckoned' });
const noted = (seen: Readonly<Record<number, 'sun' | 'dappled' | 'shade'>>) => [
  { date: '2026-06-20', hours: Array.from({ length: 24 }, (_, hour) => seen[hour] ?? null) },
];
const show = (spot: Spot) => {
  const applied: Partial<Spot>[] = [];
  const editing: SpotEditing = {
    spot,
    plantings: [],
    apply: (change) => applied.push(change),
    preview: () => undefined,
    faults: {},
    history: { past: [], future: [] },
    isHeld: false,
    undo: () => undefined,
    redo: () => undefined,
    walk: () => undefined,
  };
  render(<SunLog editing={editing} today="2026-06-20" onRule={() => undefined} />);
  return applied;
};

test('an hour is noted as sun, then dappled, then shade, then not at all', async () => {
  const applied = show(OPEN);
  await userEvent.click(screen.getByRole('button', { name: '12 to 13: not noted' }));
  expect(applied[0]!.sunLog![0]!.hours[12]).toBe('sun');
});

test('the last note of a day taken back takes the day out of the log', async () => {
  const applied = show({ ...OPEN, sunLog: noted({ 12: 'shade' }) });
  await userEvent.click(screen.getByRole('button', { name: '12 to 13: shade' }));
  expect(applied[0]!.sunLog).toEqual([]);
});

test('only hours with the sun up can be noted', () => {
  show(OPEN);
  const up = expectedByHour(OPEN, '2026-06-20').filter((seen) => seen !== null).length;
  expect(screen.getAllByRole('button', { name: /not noted/ })).toHaveLength(up);
});

test('agreement and difference are told in words, and the gardener chooses who rules', async () => {
  const applied = show({ ...OPEN, sunLog: noted({ 11: 'sun', 14: 'shade', 15: 'shade' }) });
  expect(screen.getByText('They differ in 2 of 3 hours.')).toBeVisible();
  expect(screen.getByText(/14–16 you saw shade, sun was reckoned/)).toBeVisible();
  await userEvent.click(screen.getByRole('button', { name: 'Let my log rule' }));
  expect(applied).toEqual([{ lightFrom: 'log' }]);
});

test('when nothing stands around there is nothing to fit to the log', () => {
  show({ ...OPEN, sunLog: noted({ 14: 'shade' }) });
  expect(screen.queryByRole('button', { name: /Fit what stands around/ })).toBeNull();
});
