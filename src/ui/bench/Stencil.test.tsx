import { fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { CM, drawn, editingOf, INCHES } from '../../../tests/builders/editing';
import { GOOD, planted } from '../../../tests/builders/plantings';
import { Stencil } from './Stencil';

const PX_PER_CM = 4;
const show = (unit: 'cm' | 'in' = 'cm', selection: readonly string[] = []) => {
  const it = planted(GOOD);
  const editing = editingOf(it);
  const onSelect = jest.fn();
  render(
    <Stencil
      {...drawn(it)}
      weeks={8}
      closer={{ xCm: 0, zCm: 0 }}
      pxPerCm={PX_PER_CM}
      widthPx={360}
      heightPx={400}
      selection={selection}
      shown={['spread']}
      eye={{ azimuthRad: 0, pitchRad: 0.16 }}
      onSelect={onSelect}
      culprits={[]}
      editing={editing}
      unit={unit === 'cm' ? CM.length : INCHES.length}
    />,
  );
  return { editing, onSelect, lead: document.querySelector('[data-place=p0]')! };
};

test('every plant is a control that says what it is and where it stands', () => {
  show();
  expect(screen.getAllByRole('button')).toHaveLength(GOOD.length);
  expect(document.querySelector('[data-place=p0]')).toHaveAccessibleName(
    'Red cabbage palm, 2 cm left, 9 cm to the back',
  );
});

test('places are told in inches to those who measure in inches', () => {
  const { lead } = show('in');
  expect(lead).toHaveAccessibleName('Red cabbage palm, 1 in left, 3.5 in to the back');
});

test('arrow keys move by 1 cm, with Shift by 5; Delete takes out; Escape lets go', () => {
  const { editing, lead, onSelect } = show();
  fireEvent.keyDown(lead, { key: 'ArrowRight' });
  fireEvent.keyDown(lead, { key: 'ArrowUp', shiftKey: true });
  fireEvent.keyDown(lead, { key: 'Delete' });
  fireEvent.keyDown(lead, { key: 'Escape' });
  expect(editing.applied).toEqual([
    { kind: 'move', place: 'p0', xCm: -1, zCm: -9 },
    { kind: 'move', place: 'p0', xCm: -2, zCm: -14 },
    { kind: 'remove', place: 'p0' },
  ]);
  expect(editing.previewed).toEqual([null]);
  expect(onSelect).toHaveBeenLastCalledWith([]);
});

test('a drag is shown under the hand and kept once, when it ends', () => {
  const { editing, lead } = show();
  fireEvent.pointerDown(lead, { button: 0, clientX: 100, clientY: 100, pointerId: 1 });
  fireEvent.pointerMove(lead, { clientX: 120, clientY: 108, pointerId: 1 });
  fireEvent.pointerMove(lead, { clientX: 140, clientY: 100, pointerId: 1 });
  expect(editing.previewed.at(-1)).toEqual({
    kind: 'move',
    place: 'p0',
    xCm: -2 + 40 / PX_PER_CM,
    zCm: -9,
  });
  expect(editing.applied).toEqual([]);
  fireEvent.pointerUp(lead, { clientX: 140, clientY: 100, pointerId: 1 });
  expect(editing.applied).toEqual([{ kind: 'move', place: 'p0', xCm: 8, zCm: -9 }]);
});

test('a trembling press picks the plant and moves nothing', () => {
  const { editing, lead, onSelect } = show();
  fireEvent.pointerDown(lead, { button: 0, clientX: 100, clientY: 100, pointerId: 1 });
  fireEvent.pointerMove(lead, { clientX: 102, clientY: 101, pointerId: 1 });
  fireEvent.pointerUp(lead, { clientX: 102, clientY: 101, pointerId: 1 });
  expect(onSelect).toHaveBeenCalledWith(['p0']);
  expect([editing.applied, editing.previewed]).toEqual([[], []]);
});

test('plants are reached with the Tab key and picked with Enter', async () => {
  const { onSelect } = show();
  await userEvent.tab();
  await userEvent.keyboard('{Enter}');
  expect(onSelect).toHaveBeenCalledWith(['p0']);
});
