/** @jest-environment node */
import { GET } from './route';

const GOOD = {
  device: 'scale',
  id: 'tub',
  day: '2026-07-17',
  since: '2026-05-14',
  truth: '12.4',
};
const ask = async (change: Readonly<Record<string, string>> = {}) => {
  const response = await GET(
    new Request(`http://localhost/api/device?${new URLSearchParams({ ...GOOD, ...change })}`),
  );
  return { status: response.status, body: (await response.json()) as Record<string, unknown> };
};

test('each device answers near what there is, or that it does not answer; the same when asked again', async () => {
  for (const device of ['moisture', 'light', 'scale']) {
    const { status, body } = await ask({ device });
    expect(status).toBe(200);
    expect(body.simulated).toBe(true);
    if (body.ok) expect(Math.abs(Number(body.value) - 12.4)).toBeLessThan(6);
    expect((await ask({ device })).body).toEqual(body);
  }
});

test('a wrong question is refused by the name of what is wrong', async () => {
  for (const [name, value] of [
    ['device', 'thermometer'],
    ['day', 'tomorrow'],
    ['hour', '25'],
    ['truth', 'much'],
    ['last', '-1'],
  ] as const) {
    const { status, body } = await ask({ [name]: value });
    expect([name, status]).toEqual([name, 400]);
    expect(String(body.error)).toContain(name);
  }
});
