import { fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { TUB } from '../../../tests/builders/plantings';
import type { Edit } from '@/core/plantings/edits';
import { usualSupport, type Support } from '@/core/plantings/support';
import { SupportPop } from './SupportPop';

const open = async (
  support: Support | null,
  at: { xCm: number; zCm: number } | null = null,
  unit: 'cm' | 'in' = 'cm',
) => {
  const applied: Edit[] = [];
  render(
    <SupportPop
      support={support}
      usual={(form) => usualSupport(TUB, form)}
      at={at}
      apply={(edit) => applied.push(edit)}
      unit={unit}
    />,
  );
  await userEvent.click(screen.getByRole('button', { name: 'Support' }));
  return applied;
};

test('with nothing in it, each form can be set in as is usual for the container', async () => {
  const applied = await open(null);
  expect(screen.getByRole('radio', { name: 'None' })).toBeChecked();
  expect(screen.queryByRole('slider')).toBeNull();
  for (const name of [/^Obelisk/, /^Wigwam of canes/, /^Fan trellis/])
    await userEvent.click(screen.getByRole('radio', { name }));
  expect(applied).toEqual(
    (['obelisk', 'wigwam', 'trellis'] as const).map((form) => ({
      kind: 'support',
      support: usualSupport(TUB, form),
    })),
  );
});

test('one that stands there is made higher and wider, stood by the plant picked, and taken out', async () => {
  const there = usualSupport(TUB, 'obelisk');
  const applied = await open(there, { xCm: 6, zCm: -4 });
  fireEvent.change(screen.getByRole('slider', { name: 'Above the mix' }), {
    target: { value: '120' },
  });
  fireEvent.change(screen.getByRole('slider', { name: 'Across its foot' }), {
    target: { value: '24' },
  });
  await userEvent.click(screen.getByRole('button', { name: 'Stand it by the plant picked' }));
  await userEvent.click(screen.getByRole('radio', { name: 'None' }));
  expect(applied).toEqual([
    { kind: 'support', support: { ...there, heightCm: 120 } },
    { kind: 'support', support: { ...there, widthCm: 24 } },
    { kind: 'support', support: { ...there, xCm: 6, zCm: -4 } },
    { kind: 'support', support: null },
  ]);
});

test('with no plant picked it asks for one; those who measure in inches read inches', async () => {
  await open({ ...usualSupport(TUB, 'trellis'), heightCm: 100 }, null, 'in');
  expect(screen.getByText('Pick a plant to stand it by.')).toBeVisible();
  expect(screen.getByRole('slider', { name: 'Above the mix' })).toHaveAttribute(
    'aria-valuetext',
    expect.stringMatching(/^39.* in/),
  );
  expect(screen.getByRole('slider', { name: 'Across its top' })).toBeVisible();
});
