import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { CM, INCHES } from '../../../tests/builders/editing';
import { usualObstacle } from '@/core/spots/usualObstacles';
import { usualSpot, type Spot } from '@/core/spots/spot';
import { Around } from './Around';
import { BackgroundSheet, EyesSheet } from './Looks';
import { ShelterSheet, SiteSheet } from './Place';
import type { SpotEditing } from './useSpotEditing';

const editingOf = (change: Partial<Spot> = {}, faults: SpotEditing['faults'] = {}) => {
  const applied: Partial<Spot>[] = [];
  const editing: SpotEditing = {
    spot: usualSpot({ id: 's', name: 'S', ...change }),
    plantings: [],
    apply: (done) => applied.push(done),
    preview: () => undefined,
    faults,
    history: { past: [], future: [] },
    isHeld: false,
    undo: () => undefined,
    redo: () => undefined,
    walk: () => undefined,
  };
  return { editing, applied };
};
const type = async (field: HTMLElement, text: string) => {
  await userEvent.clear(field);
  await userEvent.type(field, `${text}{Enter}`);
};

test('an obstacle in hand shows its figures; a typed height is kept in centimetres whatever the ruler', async () => {
  const { editing, applied } = editingOf({ obstacles: [usualObstacle('wall', 'w', 180)] });
  render(<Around editing={editing} selected="w" onSelect={() => undefined} unit="in" />);
  expect(screen.getByLabelText(/^Height/)).toHaveValue('70.9');
  await type(screen.getByLabelText(/^Height/), '100');
  expect(applied[0]!.obstacles![0]).toMatchObject({ heightCm: 254 });
});

test('a fault stands at the figure it is about', () => {
  const { editing } = editingOf(
    { obstacles: [usualObstacle('wall', 'a', 90), usualObstacle('wall', 'w', 180)] },
    { 'obstacles[1].distanceCm': 'Distance must be 5–20000 cm; got 0.' },
  );
  render(<Around editing={editing} selected="w" onSelect={() => undefined} unit="cm" />);
  expect(screen.getByLabelText(/^Distance/)).toHaveAccessibleDescription(/got 0/);
  expect(screen.getByLabelText(/^Height/)).not.toHaveAccessibleDescription();
});

test('leafy things have leaves to set, walls have none; an evergreen has no dates', () => {
  const { editing } = editingOf({ obstacles: [usualObstacle('tree', 't', 180)] });
  const { unmount } = render(
    <Around editing={editing} selected="t" onSelect={() => undefined} unit="cm" />,
  );
  expect(screen.getByLabelText(/^Leaves out/)).toHaveValue('17');
  expect(screen.getByLabelText(/^Through leaves/)).toHaveValue('20');
  unmount();
  render(
    <Around
      editing={editingOf({ obstacles: [usualObstacle('hedge', 'h', 180)] }).editing}
      selected="h"
      onSelect={() => undefined}
      unit="cm"
    />,
  );
  expect(screen.queryByLabelText(/^Leaves out/)).toBeNull();
});

test('what is typed and left as it was changes nothing; letters are not a number', async () => {
  const { editing, applied } = editingOf();
  render(<SiteSheet editing={editing} settings={CM} />);
  const latitude = screen.getByLabelText(/^Latitude/);
  await type(latitude, '51.5');
  expect(applied).toEqual([]);
  await type(latitude, 'north');
  expect(applied[0]!.site!.latitudeDeg).toBeNaN();
});

test('frost, cold and growing weeks are told in the reader’s scale, typical until own figures rule', () => {
  const { rerender } = render(<SiteSheet editing={editingOf().editing} settings={INCHES} />);
  expect(screen.getByText('15 April')).toBeVisible();
  expect(screen.getByText('21 °F')).toBeVisible();
  expect(screen.getByText(/Typical figures: local ones win/)).toBeVisible();
  const own = editingOf({
    normals: {
      minC: null,
      maxC: null,
      rainMm: null,
      frost: { lastDay: 130, firstDay: 280, spreadDays: 8 },
      coldestC: -12,
      from: 'my notes',
    },
  });
  rerender(<SiteSheet editing={own.editing} settings={CM} />);
  expect(screen.getByText('11 May')).toBeVisible();
  expect(screen.getByText('−12 °C')).toBeVisible();
  expect(screen.getByText(/Your own figures rule: my notes/)).toBeVisible();
});

test('one month of one’s own leaves the others typical', async () => {
  const { editing, applied } = editingOf();
  render(<SiteSheet editing={editing} settings={CM} />);
  await userEvent.click(screen.getByRole('button', { name: 'Put in your own figures' }));
  const may = screen.getByLabelText('Mean highest in May');
  await userEvent.clear(may);
  await userEvent.type(may, '19.5');
  await userEvent.tab();
  expect(applied[0]!.normals!.maxC).toEqual([8, 8, 11, 14, 19.5, 20, 23, 22, 19, 15, 11, 8]);
  expect(applied[0]!.normals!.minC).toBeNull();
});

test('a time zone nobody knows is refused where it is typed', async () => {
  const { editing, applied } = editingOf();
  render(<SiteSheet editing={editing} settings={CM} />);
  const zone = screen.getByLabelText('Clocks here keep');
  await userEvent.clear(zone);
  await userEvent.type(zone, 'Europe/Nowhere');
  await userEvent.tab();
  expect(screen.getByText(/No time zone is called “Europe\/Nowhere”/)).toBeVisible();
  expect(applied).toEqual([]);
});

test('a viewpoint over a sill says what it hides; without one, all is seen', () => {
  const eye = {
    id: 'e',
    name: 'Sink',
    kind: 'standing' as const,
    bearingDeg: 0,
    distanceCm: 220,
    floorCm: 0,
    sill: { heightCm: 90, nearCm: 200, farCm: 200 },
    weight: 1,
  };
  const { rerender } = render(
    <EyesSheet editing={editingOf({ leafHeightCm: 95, eyes: [eye] }).editing} settings={CM} />,
  );
  expect(screen.getByText('8 cm')).toBeVisible();
  rerender(
    <EyesSheet
      editing={editingOf({ leafHeightCm: 95, eyes: [{ ...eye, sill: null }] }).editing}
      settings={CM}
    />,
  );
  expect(screen.getByText('Sees all of it.')).toBeVisible();
});

test('layers behind can be added with flowering weeks and taken away', async () => {
  const { editing, applied } = editingOf({
    background: [{ id: 'w', name: 'Wall', colour: [0.5, 0.08, 35], weeks: null }],
  });
  render(<BackgroundSheet editing={editing} />);
  await userEvent.click(screen.getByRole('button', { name: 'Flowering shrub' }));
  expect(applied[0]!.background!.map(({ name, weeks }) => [name, weeks])).toEqual([
    ['Wall', null],
    ['Flowering shrub', [18, 24]],
  ]);
  await userEvent.click(
    within(screen.getByRole('listitem')).getByRole('button', { name: 'Take away' }),
  );
  expect(applied[1]!.background).toEqual([]);
});

test('a rated load is copied, never worked out; none is none', async () => {
  const { editing, applied } = editingOf();
  render(<ShelterSheet editing={editing} settings={CM} />);
  expect(screen.getByText(/It is never worked out here/)).toBeVisible();
  await userEvent.type(screen.getByLabelText('Told by'), 'the maker');
  await type(screen.getByLabelText(/^Rated load/), '25');
  expect(applied[0]).toEqual({ ratedLoad: { kg: 25, toldBy: 'the maker' } });
});
