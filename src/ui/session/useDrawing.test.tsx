import { act, render } from '@testing-library/react';
import { useRef } from 'react';
import { GOOD, planted } from '../../../tests/builders/plantings';
import { subjectOf } from '@/core/seeing/subject';
import type { PaintRequest } from '@/workers/messages';
import { useDrawing } from './useDrawing';

/** Pictures that were asked for and not yet made. */
interface Ask {
  readonly request: PaintRequest;
  readonly signal: AbortSignal | undefined;
  readonly make: () => Promise<void>;
}
const asks: Ask[] = [];
const closed: unknown[] = [];

const mockKept = { fails: false, picture: null as object | null, kept: 0 };
jest.mock('./keptPictures', () => ({
  keptPicture: async () => {
    if (mockKept.fails) throw new Error('refused');
    return mockKept.picture;
  },
  keepPicture: async () => void (mockKept.kept += 1),
}));
jest.mock('@/workers/canHire', () => ({ CAN_HIRE: { thinkers: true, drawers: true } }));
jest.mock('@/workers/runJob', () => ({
  runJob: (_: string, request: PaintRequest, { signal }: { signal?: AbortSignal } = {}) =>
    new Promise((resolve, reject) => {
      signal?.addEventListener('abort', () => reject(new DOMException('Given up', 'AbortError')));
      const bitmap = {
        width: request.widthPx * request.density,
        height: request.heightPx * request.density,
        close: () => closed.push(request.weeks),
      };
      asks.push({ request, signal, make: () => act(async () => resolve(bitmap)) });
    }),
}));

beforeEach(() => {
  jest.useFakeTimers();
  asks.splice(0);
  closed.splice(0);
  Object.assign(mockKept, { fails: false, picture: null, kept: 0 });
  Object.assign(globalThis, { OffscreenCanvas: class {} });
});
afterEach(() => jest.useRealTimers());

const subject = subjectOf(planted(GOOD));
const request = (weeks: number, widthPx = 100) => ({
  subject,
  weeks,
  lens: { azimuthRad: 0, pitchRad: 0.1, pxPerCm: 2, originX: 50, originY: 90 },
  widthPx,
  heightPx: 100,
  holesCm: null,
});

function Drawn({
  weeks,
  still = false,
  widthPx = 100,
  onShown = () => undefined,
}: {
  readonly weeks: number;
  readonly still?: boolean;
  readonly widthPx?: number;
  readonly onShown?: () => void;
}) {
  const canvas = useRef<HTMLCanvasElement>(null);
  useDrawing(canvas, request(weeks, widthPx), { still, onShown });
  return <canvas ref={canvas} />;
}
const rest = async (ms: number) => {
  // What is looked for among kept pictures is answered first.
  await act(async () => undefined);
  await act(async () => void jest.advanceTimersByTime(ms));
};
const painted = (container: HTMLElement) => container.querySelector('canvas')!.dataset.painted;

test('a coarse picture is asked for at once, at fewer pixels, and a full one after a rest', async () => {
  const { container, rerender } = render(<Drawn weeks={1} />);
  await rest(0);
  expect(asks.map(({ request: { detail, density } }) => [detail, density])).toEqual([
    ['flat', 0.75],
    ['full', 1],
  ]);
  await asks[0]!.make();
  expect(painted(container)).toBe('flat');
  await asks[1]!.make();
  expect(painted(container)).toBe('full');
  rerender(<Drawn weeks={2} />);
  expect(asks).toHaveLength(3);
  await rest(179);
  expect(asks).toHaveLength(3);
  await rest(1);
  expect(asks[3]!.request).toMatchObject({ detail: 'full', weeks: 2 });
});

test('while one coarse picture is being made no second is asked for; then the latest is, and those between are never drawn', async () => {
  const { rerender } = render(<Drawn weeks={1} />);
  for (const weeks of [2, 3, 4]) rerender(<Drawn weeks={weeks} />);
  const coarse = () =>
    asks
      .filter(({ request: { detail } }) => detail === 'flat')
      .map(({ request: { weeks } }) => weeks);
  expect(coarse()).toEqual([1]);
  await asks[0]!.make();
  expect(coarse()).toEqual([1, 4]);
});

test('a full picture that was overtaken is given up', async () => {
  const { container, rerender } = render(<Drawn weeks={1} />);
  await rest(0);
  await asks[0]!.make();
  const overtaken = asks[1]!;
  rerender(<Drawn weeks={2} />);
  expect(overtaken.signal!.aborted).toBe(true);
  await overtaken.make();
  expect(painted(container)).toBe('flat');
});

test('a still picture that was painted is shown at once when it is seen again, and tells once that it is in sight', async () => {
  const onShown = jest.fn();
  const first = render(<Drawn still weeks={5} onShown={onShown} />);
  await rest(0);
  expect(onShown).not.toHaveBeenCalled();
  for (const ask of [...asks]) await ask.make();
  expect(onShown).toHaveBeenCalledTimes(1);
  first.unmount();
  asks.splice(0);
  const again = render(<Drawn still weeks={5} onShown={onShown} />);
  await rest(500);
  expect(asks).toEqual([]);
  expect(painted(again.container)).toBe('full');
  expect(onShown).toHaveBeenCalledTimes(2);
  // Another size is another picture.
  again.rerender(<Drawn still weeks={5} widthPx={120} />);
  await rest(500);
  expect(asks.map(({ request: { widthPx, detail } }) => [widthPx, detail])).toEqual([
    [120, 'full'],
  ]);
});

test('of many still pictures the oldest are let go of, with their memory', async () => {
  const { rerender } = render(<Drawn still weeks={100} />);
  for (let weeks = 101; weeks <= 160; weeks += 1) {
    await rest(200);
    for (const ask of asks.splice(0)) await ask.make();
    rerender(<Drawn still weeks={weeks} />);
  }
  expect(closed).toContain(101);
  expect(closed).not.toContain(158);
});

test('a large picture that moves has fewer pixels, so that a hand waits no longer for it; at rest it is as sharp as any', async () => {
  render(<Drawn weeks={3} widthPx={6400} />);
  await rest(0);
  const [moving, resting] = asks.map(({ request: { detail, density, widthPx, heightPx } }) => ({
    detail,
    pixels: widthPx * heightPx * density ** 2,
    density,
  }));
  expect(moving!.detail).toBe('flat');
  expect(moving!.pixels).toBeCloseTo(100_000);
  expect([resting!.detail, resting!.density]).toEqual(['full', 1]);
});

test('where nothing can be looked up among kept pictures, a still one is painted all the same', async () => {
  mockKept.fails = true;
  const { container } = render(<Drawn still weeks={77} />);
  await rest(0);
  await rest(0);
  for (const ask of asks.splice(0)) await ask.make();
  expect(painted(container)).toBe('full');
});

test('a still picture that was kept at an earlier visit is shown and not painted', async () => {
  mockKept.picture = { width: 100, height: 100, close: () => undefined };
  const onShown = jest.fn();
  const { container } = render(<Drawn still weeks={78} onShown={onShown} />);
  await rest(0);
  await rest(500);
  expect(asks).toEqual([]);
  expect(painted(container)).toBe('full');
  expect(onShown).toHaveBeenCalledTimes(1);
});
