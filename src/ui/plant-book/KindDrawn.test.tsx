import { act, render } from '@testing-library/react';
import { known } from '../../../tests/builders/plantings';
import type { PaintRequest } from '@/workers/messages';
import { drawnHeightPx } from './grown';
import { KindDrawn } from './KindDrawn';

const asked: { readonly request: PaintRequest; readonly signal: AbortSignal | undefined }[] = [];
const mockKept = { has: false, put: 0 };

jest.mock('@/workers/canHire', () => ({ CAN_HIRE: { thinkers: true, drawers: true } }));
jest.mock('@/workers/runJob', () => ({
  runJob: async (_: string, request: PaintRequest, { signal }: { signal?: AbortSignal } = {}) => {
    asked.push({ request, signal });
    return { width: 10, height: 10, close: () => undefined };
  },
}));
jest.mock('@/ui/session/keptPictures', () => ({
  keptPicture: async () =>
    mockKept.has ? { width: 10, height: 10, close: () => undefined } : null,
  keepPicture: async () => void (mockKept.put += 1),
}));

const AT = { pxPerCm: 0.8, widthPx: 92 };
const rest = () => act(async () => void (await jest.advanceTimersByTimeAsync(200)));

beforeEach(() => {
  jest.useFakeTimers();
  asked.splice(0);
  Object.assign(mockKept, { has: false, put: 0 });
});
afterEach(() => jest.useRealTimers());

test('a row that is flung past is not drawn; one that rests is drawn once, to scale', async () => {
  const kind = known('hosta-lime');
  const { unmount } = render(<KindDrawn kind={kind} {...AT} />);
  unmount();
  await rest();
  expect(asked).toHaveLength(0);
  const { container } = render(<KindDrawn kind={kind} {...AT} />);
  await rest();
  expect(asked).toHaveLength(1);
  expect(asked[0]!.request).toMatchObject({ detail: 'full', lens: { pxPerCm: 0.8 }, widthPx: 92 });
  expect(container.querySelector('canvas')!.dataset.painted).toBe('full');
});

test('what was drawn in this visit, or kept from an earlier one, is not drawn again', async () => {
  const { unmount } = render(<KindDrawn kind={known('coleus-lime')} {...AT} />);
  await rest();
  unmount();
  asked.splice(0);
  render(<KindDrawn kind={known('coleus-lime')} {...AT} />);
  await rest();
  expect(asked).toHaveLength(0);
  expect(mockKept.put).toBe(1);
  mockKept.has = true;
  const { container } = render(<KindDrawn kind={known('chives')} {...AT} />);
  await rest();
  expect(asked).toHaveLength(0);
  expect(container.querySelector('canvas')!.dataset.painted).toBe('full');
  // What came from an earlier visit need not be kept again.
  expect(mockKept.put).toBe(1);
});

test('a row is as tall as what it shows: twice the plant, taller by as much at one scale', () => {
  const [low, tall] = [known('thyme-creeping-red'), known('banana-hardy')];
  expect(drawnHeightPx(tall, 0.8)).toBeGreaterThan(drawnHeightPx(low, 0.8) * 3);
  expect(drawnHeightPx(tall, 1.6)).toBeCloseTo(drawnHeightPx(tall, 0.8) * 2, -1);
});
