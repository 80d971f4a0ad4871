import { fireEvent, render, screen } from '@testing-library/react';
import { heightsAt } from '@/core/spots/silhouette';
import { usualObstacle } from '@/core/spots/usualObstacles';
import { usualSpot } from '@/core/spots/spot';
import type { Obstacle } from '@/core/spots/obstacle';
import { SkyStrip } from './SkyStrip';

const WALL = usualObstacle('wall', 'w', 180);
const show = (
  obstacles: readonly Obstacle[],
  selected: string | null = null,
  latitudeDeg = 51.5,
) => {
  const spot = usualSpot({
    id: 's',
    name: 'S',
    obstacles: [...obstacles],
    site: { latitudeDeg, longitudeDeg: 0, timeZone: 'Europe/London', climate: 'cool-maritime' },
  });
  const did = {
    changes: [] as [Obstacle, boolean][],
    selected: [] as (string | null)[],
    removed: [] as string[],
    letGo: 0,
  };
  const view = render(
    <SkyStrip
      spot={spot}
      widthPx={752}
      heightPx={204}
      selected={selected}
      onSelect={(id) => did.selected.push(id)}
      onChange={(o, done) => did.changes.push([o, done])}
      onLetGo={() => (did.letGo += 1)}
      onRemove={(id) => did.removed.push(id)}
      season={{ from: 20, weeks: 22 }}
      today={140}
    />,
  );
  return { did, view };
};

test('each thing is a control named by what it is and where it stands; today’s path carries its date', () => {
  show([WALL, usualObstacle('tree', 't', 270), usualObstacle('building', 'b', 225)]);
  expect(screen.getAllByRole('button').map((button) => button.getAttribute('aria-label'))).toEqual([
    'Wall or fence, toward S',
    'Tree, toward W',
    'House wall behind, toward NE',
  ]);
  expect(screen.getByText('21 May')).toBeInTheDocument();
  expect(screen.getByText('21 December')).toBeInTheDocument();
});

test('arrow keys turn and raise, Delete takes away, Escape lets go', () => {
  const { did } = show([WALL]);
  const wall = screen.getByRole('button');
  fireEvent.keyDown(wall, { key: 'ArrowRight' });
  fireEvent.keyDown(wall, { key: 'ArrowUp', shiftKey: true });
  fireEvent.keyDown(wall, { key: 'Delete' });
  fireEvent.keyDown(wall, { key: 'Escape' });
  expect(did.changes[0]).toEqual([{ ...WALL, bearingDeg: 182 }, true]);
  expect(heightsAt(did.changes[1]![0], 60, 180)![1] - heightsAt(WALL, 60, 180)![1]).toBeCloseTo(
    10,
    0,
  );
  expect([did.removed, did.letGo, did.selected]).toEqual([['w'], 1, [null]]);
});

test('a drag changes under the hand, is kept once at its end, and two pixels are no drag', () => {
  const { did } = show([WALL]);
  const wall = screen.getByRole('button');
  fireEvent.pointerDown(wall, { button: 0, clientX: 360, clientY: 150, pointerId: 1 });
  fireEvent.pointerMove(wall, { clientX: 362, clientY: 150, pointerId: 1 });
  expect(did.changes).toEqual([]);
  // 720 px are 360°: twenty pixels are ten degrees.
  fireEvent.pointerMove(wall, { clientX: 380, clientY: 150, pointerId: 1 });
  fireEvent.pointerUp(wall, { clientX: 380, clientY: 150, pointerId: 1 });
  expect(
    did.changes.map(([o, done]) => [(o as typeof WALL & { bearingDeg: number }).bearingDeg, done]),
  ).toEqual([
    [190, false],
    [190, true],
  ]);
  expect(did.selected).toEqual(['w']);
});

test('the handles of the thing in hand: its edge and, where it has them, its ends', () => {
  const grips = (obstacle: Obstacle) => {
    const { view } = show([obstacle], obstacle.id);
    const found = [...document.querySelectorAll('[data-grip]')].map((grip) =>
      grip.getAttribute('data-grip'),
    );
    view.unmount();
    return found;
  };
  expect(grips(WALL)).toEqual(['body', 'left', 'right']);
  expect(grips(usualObstacle('eave', 'e', 180))).toEqual(['body']);
  expect(grips(usualObstacle('tree', 't', 180))).toEqual(['body', 'left', 'right']);
});

test('in the south the strip looks north', () => {
  const { view } = show([], null, -37);
  expect(screen.getByText('21 December')).toBeInTheDocument();
  const names = [...view.container.querySelectorAll('text')]
    .map((text) => text.textContent)
    .filter((text) => /^[NSEW]{1,2}$/.test(text ?? ''));
  expect(names).toEqual(['SW', 'W', 'NW', 'N', 'NE', 'E', 'SE']);
});
