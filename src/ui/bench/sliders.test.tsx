import { fireEvent, render, screen } from '@testing-library/react';
import { drawn } from '../../../tests/builders/editing';
import { GOOD, planted } from '../../../tests/builders/plantings';
import { TurnSlider } from './TurnSlider';
import { WeekSlider } from './WeekSlider';

test('the week slider goes from planting day to the end of the season, and names its months', () => {
  const onWeek = jest.fn();
  render(
    <WeekSlider
      keys={drawn(planted(GOOD)).keys}
      weeks={4}
      last={20}
      plantedWeek={21}
      onWeek={onWeek}
    />,
  );
  const slider = screen.getByRole('slider', { name: 'Weeks since planting' });
  expect(slider).toHaveAttribute('aria-valuetext', '4 weeks after planting');
  fireEvent.keyDown(slider, { key: 'End' });
  expect(onWeek).toHaveBeenLastCalledWith(20);
  fireEvent.keyDown(slider, { key: 'Home' });
  expect(onWeek).toHaveBeenLastCalledWith(0);
  expect(
    ['May', 'Jun', 'Jul', 'Aug', 'Sep'].map((month) => screen.getAllByText(month).length),
  ).toEqual([1, 1, 1, 1, 1]);
});

test('only kinds that flower have a flowering line', () => {
  const { container } = render(
    <WeekSlider
      keys={
        drawn(
          planted([
            ['coleus-lime', 0, 0],
            ['petunia-white', 8, 0],
          ]),
        ).keys
      }
      weeks={0}
      last={20}
      plantedWeek={21}
      onWeek={() => undefined}
    />,
  );
  expect(container.querySelectorAll('[style*="background"]')).toHaveLength(1);
  expect(screen.getByRole('slider')).toHaveAttribute('aria-valuetext', 'planting day');
});

test('the turn slider turns by fifteen degrees, all the way to the back', () => {
  const onTurn = jest.fn();
  render(<TurnSlider turnDeg={0} onTurn={onTurn} />);
  const slider = screen.getByRole('slider', { name: 'Turn the view' });
  fireEvent.keyDown(slider, { key: 'ArrowRight' });
  expect(onTurn).toHaveBeenLastCalledWith(15);
  fireEvent.keyDown(slider, { key: 'Home' });
  expect(onTurn).toHaveBeenLastCalledWith(-180);
});
