import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { CM, INCHES } from '../../../tests/builders/editing';
import { renderWithBook as render } from '../../../tests/builders/library';
import type { Container } from '@/core/containers/container';
import { usualContainer } from '@/core/containers/usual';
import { fitsIn } from '@/core/placing/fits';
import { shelfKind } from '@/core/shelf/shipped';
import { FillingSheet } from './FillingSheet';
import { FitsSheet, putIn } from './FitsSheet';
import { HoldsSheet } from './HoldsSheet';
import { frontMeasures, mixLines, planMeasures } from './measures';
import { MixSheet } from './MixSheet';
import type { ShelfEditing } from './useShelfEditing';
import { StandsWeatherSheet } from './WeatherSheet';
import { WeightSheet } from './WeightSheet';

const WIRED = shelfKind('Hanging basket, 40');
const FITS = fitsIn(WIRED);
const POT = usualContainer(
  'Pot',
  { kind: 'round', topCm: 38, baseCm: 28, depthCm: 34 },
  'terracotta',
);

const editingOf = (container: Container, more: Partial<ShelfEditing> = {}) => {
  const changed: Partial<Container>[] = [];
  const editing: ShelfEditing = {
    item: { id: 'i', count: 1, kept: '', demo: false, container },
    container,
    planted: [],
    places: [],
    apply: () => undefined,
    preview: () => undefined,
    shape: (change) => changed.push(change),
    shaping: () => undefined,
    faults: {},
    history: { past: [], future: [] },
    isHeld: false,
    undo: () => undefined,
    redo: () => undefined,
    walk: () => undefined,
    ...more,
  };
  return { editing, changed };
};
const row = (name: string) => screen.getByText(name).nextElementSibling;

test('poured litres stand beside the measured ones, and clearing them gives the measures back', async () => {
  const { editing, changed } = editingOf({ ...POT, pouredL: 24, volumeFrom: 'poured' });
  render(<HoldsSheet editing={editing} units={CM} />);
  expect(row('By its measures')).toHaveTextContent('29 L');
  expect(row('By litres poured')).toHaveTextContent('24 L');
  expect(screen.getByText(/18% less than its measures say/)).toBeVisible();
  await userEvent.clear(screen.getByLabelText(/^Litres poured/));
  await userEvent.tab();
  expect(changed).toEqual([{ pouredL: null, volumeFrom: 'shape' }]);
});

test('a basket says how many go through its sides, row by row, and what they cost the first layer', async () => {
  const sides: (string | null)[] = [];
  const { editing } = editingOf(WIRED);
  const { rerender } = render(
    <FitsSheet
      editing={editing}
      units={CM}
      fits={FITS}
      put={putIn(FITS, '9cm', null)}
      onSize={() => undefined}
      onSide={(side) => sides.push(side)}
    />,
  );
  expect(screen.queryByText(/The sides cost/)).toBeNull();
  await userEvent.click(screen.getByRole('radio', { name: '10 × 9 cm pot' }));
  expect(sides).toEqual(['9cm']);
  rerender(
    <FitsSheet
      editing={editing}
      units={CM}
      fits={FITS}
      put={putIn(FITS, '9cm', '9cm')}
      onSize={() => undefined}
      onSide={() => undefined}
    />,
  );
  expect(screen.getByText(/At 6 cm 6 of 6 holes, at 12 cm 4 of 8 holes/)).toBeVisible();
  expect(
    screen.getByText(
      new RegExp(
        `The sides cost ${FITS.top['9cm'].length - FITS.over['9cm']['9cm'].length} of the ${FITS.top['9cm'].length} places`,
      ),
    ),
  ).toBeVisible();
});

test('balls in the sides take their litres from the mix too', () => {
  const { rerender } = render(
    <FillingSheet
      editing={editingOf(WIRED).editing}
      units={CM}
      put={{ ...putIn(FITS, '9cm', '9cm'), top: [] }}
    />,
  );
  expect(row('less root balls')).toHaveTextContent(
    `${(FITS.sides['9cm'].length * 0.36).toFixed(1)} L`,
  );
  rerender(<FillingSheet editing={editingOf(WIRED).editing} units={CM} put={null} />);
  expect(screen.queryByText('less root balls')).toBeNull();
});

test('what crocks cost is told in litres, and mesh costs nothing', () => {
  const { rerender } = render(
    <FillingSheet
      editing={editingOf({ ...POT, foot: 'crocks', footCm: 5 }).editing}
      units={CM}
      put={null}
    />,
  );
  expect(screen.getByText(/^Crocks cost 3.\d L of mix$/)).toBeVisible();
  rerender(
    <FillingSheet editing={editingOf({ ...POT, foot: 'mesh' }).editing} units={CM} put={null} />,
  );
  expect(screen.queryByText(/Crocks cost/)).toBeNull();
});

test('winter cold is told as a temperature where it stands, in the reader’s scale', () => {
  const { editing } = editingOf(POT, {
    places: [{ name: 'the platform', coldestC: -6, stands: true }],
  });
  const { rerender } = render(<StandsWeatherSheet editing={editing} units={CM} />);
  expect(
    screen.getByText(/At the platform most winters reach −6 °C.*hardy to −17 °C/),
  ).toBeVisible();
  rerender(<StandsWeatherSheet editing={editing} units={INCHES} />);
  expect(screen.getByText(/21 °F.*hardy to 1 °F/)).toBeVisible();
  rerender(
    <StandsWeatherSheet
      editing={
        editingOf(POT, { places: [{ name: 'the platform', coldestC: -6, stands: false }] }).editing
      }
      units={CM}
    />,
  );
  expect(screen.getByText(/^If it stood at the platform/)).toBeVisible();
});

test('what hangs is told a rating to ask for, half as much again as it weighs soaked; what stands, who lifts it', () => {
  const { rerender } = render(<WeightSheet editing={editingOf(WIRED).editing} units={CM} />);
  expect(screen.getByText(/Ask the maker of hook, bracket and chain/)).toBeVisible();
  rerender(<WeightSheet editing={editingOf(POT).editing} units={CM} />);
  expect(screen.queryByText(/hook, bracket/)).toBeNull();
  expect(screen.getByText(/two people, or a trolley/)).toBeVisible();
});

test('a mix of one’s own begins from parts that can be stirred in and taken out, but never all', async () => {
  const { editing, changed } = editingOf(POT);
  const { rerender } = render(<MixSheet editing={editing} units={CM} />);
  await userEvent.selectOptions(screen.getByRole('combobox', { name: 'Mix' }), 'own');
  expect(changed[0]!.ownMix!.parts.map(({ part }) => part)).toEqual(['peat-free mix', 'grit']);
  rerender(
    <MixSheet
      editing={
        editingOf({ ...POT, ownMix: { name: 'Mine', parts: [{ part: 'grit', share: 1 }] } }).editing
      }
      units={CM}
    />,
  );
  expect(screen.getByRole('button', { name: 'Remove' })).toBeDisabled();
});

test('measures drawn: each shape has the ones a tape takes, and a dashed line where water or a coarse layer ends', () => {
  const drawn = (container: Container) =>
    [
      ...frontMeasures(container).across,
      ...frontMeasures(container).upright,
      ...planMeasures(container).across,
      ...planMeasures(container).upright,
    ].map(({ name, fromCm, toCm }) => `${name} ${Math.round(toCm - fromCm)}`);
  expect(drawn(POT)).toEqual(['rim 38', 'base 28', 'depth 34', 'width 38']);
  expect(drawn(shelfKind('Railing box'))).toEqual([
    'rim 58',
    'base 55',
    'depth 22',
    'slot 9',
    'width 58',
    'front to back 26',
    'base 24',
    'slot 7',
  ]);
  expect(drawn(shelfKind('Wall basket'))).toEqual([
    'rim 40',
    'depth 20',
    'width 40',
    'front to back 20',
  ]);
  expect(drawn(shelfKind('Three tiers'))).toEqual([
    'rim 25',
    'base 54',
    'tier 1 70',
    'tier 2 46',
    'depth 64',
    'width 70',
  ]);
  expect(drawn(shelfKind('Growing bag'))).toEqual([
    'middle 90',
    'depth 14',
    'width 90',
    'front to back 38',
  ]);
  expect(mixLines(POT).map(({ text }) => text)).toEqual(['mix to here']);
  expect(mixLines({ ...POT, reservoirL: 4 }).map(({ text }) => text)).toEqual([
    'mix to here',
    'water to here',
  ]);
});
