import * as z from 'zod';
import { askService, askUnkeptAgain } from './askService';

const schema = z.object({ litres: z.number() });
const answering = (body: BodyInit, init: ResponseInit = {}) =>
  jest.spyOn(globalThis, 'fetch').mockImplementation(async () => new Response(body, init));
const ask = () => askService('/api/x', schema, new AbortController().signal);
afterEach(() => jest.restoreAllMocks());

test('an answer is read by its schema; one that is only known says since when', async () => {
  answering('{"litres":3}');
  expect(await ask()).toEqual({ answer: { litres: 3 }, knownSince: null });
  answering('{"litres":3}', { headers: { 'x-known-since': '2026-05-01T08:00:00.000Z' } });
  expect((await ask()).knownSince).toEqual(new Date('2026-05-01T08:00:00Z'));
});

test.each([
  ['another answer than was promised', '{"litres":"3"}', 200],
  ['no JSON', '<html>', 200],
  ['a refusal', '{"litres":3}', 503],
])('%s is no answer', async (_, body, status) => {
  answering(body, { status });
  await expect(ask()).rejects.toThrow();
});

test('an answer that never ends is cut off at a million bytes', async () => {
  let sent = 0;
  const endless = new ReadableStream<Uint8Array>({
    pull: (out) => {
      sent += 1;
      out.enqueue(new Uint8Array(100_000));
    },
  });
  answering(endless);
  await expect(ask()).rejects.toThrow('more than it should');
  expect(sent).toBeLessThan(15);
});

test('a service that does not answer is given up after eight seconds, and at once when nobody waits any more', async () => {
  jest.spyOn(globalThis, 'fetch').mockImplementation(async (_, init) => {
    const { signal } = init!;
    await new Promise((resolve) =>
      signal!.aborted ? resolve(null) : signal!.addEventListener('abort', resolve),
    );
    throw signal!.reason as Error;
  });
  const timeout = jest.spyOn(AbortSignal, 'timeout').mockImplementation((ms) => {
    expect(ms).toBe(8000);
    return AbortSignal.abort(new DOMException('Too long', 'TimeoutError'));
  });
  await expect(ask()).rejects.toThrow();
  timeout.mockRestore();
  const gone = new AbortController();
  const asked = askService('/api/x', schema, gone.signal);
  gone.abort();
  await expect(asked).rejects.toMatchObject({ name: 'AbortError' });
});

test('what was asked before there was anybody to keep the answers is asked once more, each once, and whoever is silent is let be', async () => {
  const asked = answering('{"litres":3}');
  await askUnkeptAgain();
  asked.mockClear();
  await Promise.all([ask(), ask()]);
  await askService('/api/y', schema, new AbortController().signal);
  asked.mockClear();
  asked.mockImplementation(async () => {
    throw new TypeError('Failed to fetch');
  });
  await askUnkeptAgain();
  expect(asked.mock.calls.map(([address]) => address)).toEqual(['/api/x', '/api/y']);
  asked.mockClear();
  await askUnkeptAgain();
  expect(asked).not.toHaveBeenCalled();
});
