import { act, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { CM } from '../../../tests/builders/editing';
import { renderWithBook as render } from '../../../tests/builders/library';
import { planted } from '../../../tests/builders/plantings';
import type { BoughtEntry, BuyLine } from '@/core/making/list';
import type { TripPlan } from '@/core/making/trip';
import { BuyRow, type Told } from './BuyRow';
import { NotToBeHad } from './NotToBeHad';
import { TillBar } from './TillBar';

jest.mock('@/ui/plant-book/KindDrawn', () => ({ KindDrawn: () => null }));

const LINE: BuyLine = {
  key: 'plants petunia-white 9cm',
  stop: 'siding',
  packs: 3,
  packMinor: 250,
  what: {
    kind: 'plants',
    kindId: 'petunia-white',
    size: '9cm',
    perSale: 1,
    spare: 0,
    stock: 5,
    orElse: [{ kindId: 'alyssum-white', size: '9cm' }],
  },
};
const bought = (got: number, paidMinor: number | null): BoughtEntry =>
  ({
    id: `e${got}`,
    at: '2026-05-14T10:00:00+01:00',
    zone: 'Europe/London',
    of: {},
    what: { did: 'bought', key: LINE.key, got, paidMinor },
  }) as unknown as BoughtEntry;

function row({
  answer,
  fails = false,
}: { readonly answer?: BoughtEntry; readonly fails?: boolean } = {}) {
  const told: (Told | null)[] = [];
  const taken: string[] = [];
  const swapped: string[] = [];
  render(
    <ul>
      <BuyRow
        line={LINE}
        answer={answer}
        units={CM}
        spareFor={null}
        onTell={async (_, now) => {
          told.push(now);
          if (fails) throw new Error('full');
        }}
        onSwap={({ key }) => swapped.push(key)}
        onTake={(_, { kindId }) => taken.push(kindId)}
      />
    </ul>,
  );
  return { told, taken, swapped };
}
const item = () => screen.getByRole('listitem');
const tick = () => screen.getByRole('checkbox');

test('what is pressed is in the trolley as listed, and pressed again it is not', async () => {
  const { told } = row();
  expect(item()).toHaveTextContent('White petunia');
  expect(item()).toHaveTextContent('£7.50');
  expect(tick()).not.toBeChecked();
  await userEvent.click(tick());
  expect(told).toEqual([{ got: 3, paidMinor: null }]);
  // Shown at once, before what is kept arrives.
  expect(tick()).toBeChecked();
  await userEvent.click(tick());
  expect(told).toEqual([{ got: 3, paidMinor: null }, null]);
  expect(tick()).not.toBeChecked();
});

test('what could not be kept is not shown as bought', async () => {
  row({ fails: true });
  await userEvent.click(tick());
  await act(async () => undefined);
  expect(tick()).not.toBeChecked();
});

test('fewer and dearer are told, and nonsense is not', async () => {
  const { told } = row({ answer: bought(2, null) });
  expect(item()).toHaveTextContent('got 2 of 3');
  expect(screen.queryByLabelText(/^Got, of 3/)).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: /not as listed/ }));
  const got = screen.getByLabelText(/^Got, of 3/);
  await userEvent.clear(got);
  await userEvent.type(got, '1{Enter}');
  expect(told.at(-1)).toEqual({ got: 1, paidMinor: null });
  const paid = screen.getByLabelText(/^Paid for all of it/);
  await userEvent.clear(paid);
  await userEvent.type(paid, '4.20{Enter}');
  expect(told.at(-1)).toMatchObject({ paidMinor: 420 });
  const before = told.length;
  await userEvent.clear(got);
  await userEvent.type(got, '-4{Enter}');
  expect(told.slice(before).some((one) => one !== null && one.got < 0)).toBe(false);
});

test('another plant is sought, or the one chosen beforehand taken in one press', async () => {
  const { taken, swapped } = row();
  await userEvent.click(screen.getByRole('button', { name: /not as listed/ }));
  await userEvent.click(screen.getByRole('button', { name: /^Take .*alyssum/ }));
  await userEvent.click(screen.getByRole('button', { name: 'Take something else' }));
  expect([taken, swapped]).toEqual([['alyssum-white'], [LINE.key]]);
});

test('the sum is what is in the trolley, what is to come and the ways there, over containers and weeks', () => {
  const bar = (missing: number, budget: number | null) =>
    render(
      <TillBar
        till={{ spentMinor: 1000, openMinor: 2000, missing, ticked: 1 }}
        tripsMinor={600}
        containers={3}
        weeks={36}
        budget={budget}
        units={CM}
      />,
    );
  const { unmount } = bar(0, null);
  const total = screen.getByRole('region', { name: 'Total' });
  expect(total).toHaveTextContent('£36.00');
  expect(total).toHaveTextContent('£10.00 in the trolley, £20.00 to come, £6.00 for going there');
  expect(total).toHaveTextContent('£12.00 for each container and £1.00 for each of its weeks');
  expect(total).not.toHaveTextContent(/short|at most/);
  unmount();
  bar(2, 40);
  expect(screen.getByRole('region')).toHaveTextContent(/Plants were to cost £40(\.00)? at most\./);
  expect(screen.getByRole('region')).toHaveTextContent('2 packs short');
});

test('what no stop has is named, with how many are missing and a way on', async () => {
  const it = planted([['petunia-white', 0, 0]]);
  const swapped: (readonly [string, number])[] = [];
  const list = (short: number) =>
    render(
      <NotToBeHad
        plan={{ kinds: [{ kindId: 'petunia-white', short }] } as unknown as TripPlan}
        chosen={[it]}
        onSwap={({ key, packs }) => swapped.push([key, packs])}
        onTake={() => undefined}
      />,
    );
  const { unmount, container } = list(0);
  expect(container).toBeEmptyDOMElement();
  unmount();
  list(4);
  expect(screen.getByRole('listitem')).toHaveTextContent('White petunia4 plants missing');
  await userEvent.click(screen.getByRole('button', { name: 'Take something else' }));
  expect(swapped).toEqual([['plants petunia-white', 4]]);
});
