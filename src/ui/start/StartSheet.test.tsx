import { USUAL_HOUSE } from '@/core/plantings/house';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useForm, useWatch } from 'react-hook-form';
import { CM, INCHES } from '../../../tests/builders/editing';
import { readStart } from './readStart';
import { FIRST_FORM, type StartForm, type StartReading } from './startForm';
import { StartSheet } from './StartSheet';

let reading: StartReading;

function Sheet({ settings }: { readonly settings: typeof CM }) {
  const form = useForm<StartForm>({ defaultValues: FIRST_FORM });
  const values = useWatch({ control: form.control }) as StartForm;
  reading = readStart(values, 'spot', null, USUAL_HOUSE);
  return (
    <StartSheet
      form={form}
      values={values}
      reading={reading}
      settings={settings}
      given={null}
      spots={[]}
      onSpot={() => undefined}
      free={[]}
      chosen={null}
      onContainer={() => undefined}
      stop=""
      onStop={() => undefined}
      week={20}
    />
  );
}

test('it opens filled in, and says what the pot holds', () => {
  render(<Sheet settings={CM} />);
  expect(reading.ok).toBe(true);
  expect(screen.getByText(/holds \d+ L of mix/)).toBeVisible();
});

test('a width that cannot be is told at its field, and the field is marked', async () => {
  render(<Sheet settings={CM} />);
  const width = screen.getByLabelText(/Width at top/);
  await userEvent.clear(width);
  await userEvent.type(width, '900');
  expect(await screen.findByRole('alert')).toHaveTextContent(
    'Inner top width must be 5–200 cm; got 900',
  );
  expect(width).toHaveAttribute('aria-invalid', 'true');
  await userEvent.clear(width);
  await userEvent.type(width, '30');
  expect(screen.queryByRole('alert')).toBeNull();
});

test('another shape asks for its own sizes and keeps the rest', async () => {
  render(<Sheet settings={CM} />);
  await userEvent.click(screen.getByRole('radio', { name: 'Cool' }));
  await userEvent.click(screen.getByRole('radio', { name: 'Window box' }));
  expect(screen.getByLabelText(/Length inside/)).toHaveValue(80);
  expect(screen.queryByLabelText(/Width at base/)).toBeNull();
  expect(reading).toMatchObject({
    ok: true,
    container: { shape: { kind: 'box' } },
    wishes: { scheme: { kind: 'cool' } },
  });
});

test('colours are left open until a scheme is picked, and again when they are', async () => {
  render(<Sheet settings={CM} />);
  expect(reading).toMatchObject({ ok: true, wishes: { anyColours: true } });
  await userEvent.click(screen.getByRole('radio', { name: 'Hot' }));
  expect(reading).toMatchObject({ wishes: { scheme: { kind: 'hot' } } });
  expect(reading).not.toHaveProperty('wishes.anyColours');
  await userEvent.click(screen.getByRole('radio', { name: 'Any that suit' }));
  expect(reading).toMatchObject({ wishes: { anyColours: true } });
});

test('a colour is asked for only by schemes that start from one', async () => {
  render(<Sheet settings={CM} />);
  expect(screen.queryByRole('radiogroup', { name: 'Colour to start from' })).toBeNull();
  await userEvent.click(screen.getByRole('radio', { name: 'From a loved colour' }));
  await userEvent.click(screen.getByRole('radio', { name: 'coral' }));
  expect(reading).toMatchObject({ ok: true, wishes: { scheme: { kind: 'loved' } } });
});

test('who can reach it and what may be spent reach the wishes; a comma is a decimal point', async () => {
  render(<Sheet settings={INCHES} />);
  await userEvent.click(screen.getByRole('checkbox', { name: 'Pets' }));
  await userEvent.click(screen.getByRole('button', { name: /^More wishes/ }));
  await userEvent.type(await screen.findByLabelText(/Budget for plants/), '24,50');
  expect(reading).toMatchObject({
    ok: true,
    spot: { pets: true, children: false },
    wishes: { budget: 24.5 },
  });
});
