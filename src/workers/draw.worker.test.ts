import { planted } from '../../tests/builders/plantings';
import { subjectOf } from '@/core/seeing/subject';
import { KindSender } from './kindsOnce';
import type { FromWorker, PaintRequest, ToDrawer } from './messages';

/** The few parts of a worker's surroundings that it uses, as plain data. */
class Sheet {
  data: Uint8ClampedArray | null = null;
  constructor(
    readonly width: number,
    readonly height: number,
  ) {}
  getContext() {
    return { putImageData: (image: { data: Uint8ClampedArray }) => (this.data = image.data) };
  }
  transferToImageBitmap() {
    return { width: this.width, height: this.height, data: this.data };
  }
}
/** Node's own would keep the test from ending. */
class Channel {
  readonly port1: { onmessage: (() => void) | null } = { onmessage: null };
  readonly port2 = { postMessage: () => void setImmediate(() => this.port1.onmessage?.()) };
}
interface Bitmap {
  readonly width: number;
  readonly data: Uint8ClampedArray;
}

const answers: FromWorker[] = [];
const scope = {
  postMessage: (message: FromWorker) => answers.push(message),
  onmessage: null as ((event: { data: ToDrawer }) => void) | null,
};

beforeAll(async () => {
  Object.assign(globalThis, {
    self: scope,
    OffscreenCanvas: Sheet,
    MessageChannel: Channel,
    ImageData: class {
      constructor(
        readonly data: Uint8ClampedArray,
        readonly width: number,
        readonly height: number,
      ) {}
    },
  });
  await import('./draw.worker');
});
beforeEach(() => void answers.splice(0));

const tell = (message: ToDrawer) => scope.onmessage!({ data: message });
const subject = subjectOf(
  planted([
    ['coleus-lime', 0, 0],
    ['petunia-white', 8, 6],
    ['petunia-white', -8, 6],
  ]),
);
const request = (change: Partial<PaintRequest> = {}): PaintRequest => ({
  subject,
  weeks: 8,
  lens: { azimuthRad: 0, pitchRad: 0.16, pxPerCm: 3, originX: 90, originY: 170 },
  detail: 'full',
  widthPx: 180,
  heightPx: 180,
  holesCm: null,
  density: 1,
  ...change,
});
const sender = new KindSender();
const paint = (id: number, change: Partial<PaintRequest> = {}) => {
  const asked = request(change);
  tell({ id, job: 'paint', ...crossing(asked) });
};
const crossing = <R extends Pick<PaintRequest, 'subject'>>(asked: R) => {
  const { subject: byNumber, kinds } = sender.pack(asked.subject);
  return { request: { ...asked, subject: byNumber }, kinds };
};
const answered = async (count: number) => {
  for (let i = 0; answers.length < count && i < 2000; i += 1)
    await new Promise((resolve) => setTimeout(resolve, 5));
  return answers.map(({ id }) => id);
};

test('a moving picture goes before full ones that were asked for earlier', async () => {
  paint(1);
  paint(2, { weeks: 9 });
  paint(3, { detail: 'flat', weeks: 10 });
  expect(await answered(3)).toEqual([3, 1, 2]);
});

test('the plan’s holes follow the moving elevation and go before full pictures', async () => {
  paint(4);
  paint(5, { detail: 'flat', holesCm: [4, 4, 4] });
  paint(6, { detail: 'flat' });
  expect(await answered(3)).toEqual([6, 5, 4]);
});

test('what nobody waits for any more is not painted', async () => {
  paint(7);
  paint(8, { weeks: 12 });
  tell({ id: 8, job: 'cancel' });
  paint(9, { weeks: 11 });
  expect(await answered(2)).toEqual([7, 9]);
  await new Promise((resolve) => setTimeout(resolve, 60));
  expect(answers).toHaveLength(2);
});

test('pictures are painted ahead while nobody waits, told by their key, and are the same as those asked for', async () => {
  const other = subjectOf(planted([['coleus-lime', 2, 1]]));
  const wanted = request({ subject: other, weeks: 6, density: 2 });
  const { request: crossed, kinds } = crossing({ ...wanted, key: 'the pot' });
  tell({ id: 0, job: 'ahead', request: [crossed], kinds });
  await answered(1);
  const made = answers[0] as FromWorker & { kind: 'ahead' };
  expect([made.kind, made.key]).toEqual(['ahead', 'the pot']);
  const ahead = made.value as unknown as Bitmap;
  expect(ahead.width).toBe(360);
  paint(10, { subject: { ...other }, weeks: 6, density: 2 });
  await answered(2);
  expect(
    Buffer.from((answers[1] as { value: Bitmap }).value.data).equals(Buffer.from(ahead.data)),
  ).toBe(true);
  // Something was painted, and not everywhere.
  const clear = ahead.data.filter((byte, i) => i % 4 === 3 && byte === 0).length;
  expect(clear).toBeGreaterThan(0);
  expect(clear).toBeLessThan(360 * 360);
});

test('a picture that somebody waits for goes before those painted ahead, which are made after all', async () => {
  const { request: crossed, kinds } = crossing({ ...request({ weeks: 13 }), key: 'later' });
  const made = () => answers.map((answer) => (answer.kind === 'ahead' ? answer.key : answer.id));
  tell({ id: 0, job: 'ahead', request: [crossed], kinds });
  paint(14, { detail: 'flat', weeks: 13 });
  await answered(2);
  expect(made()).toEqual([14, 'later']);
  // Told in the midst of other work, too.
  paint(15, { weeks: 12 });
  await new Promise((resolve) => setTimeout(resolve, 1));
  tell({ id: 0, job: 'ahead', request: [crossed], kinds: [] });
  await answered(4);
  expect(made().slice(2)).toEqual([15, 'later']);
});

test('a later list of pictures to paint ahead takes the place of an earlier one, even in the midst of it', async () => {
  const list = (...keys: readonly string[]) => {
    const packed = keys.map((key, i) => crossing({ ...request({ weeks: 14 + i }), key }));
    tell({
      id: 0,
      job: 'ahead',
      request: packed.map(({ request: one }) => one),
      kinds: packed.flatMap(({ kinds }) => kinds),
    });
  };
  const made = () => answers.map((answer) => (answer.kind === 'ahead' ? answer.key : answer.id));
  list('old 1', 'old 2', 'old 3');
  await answered(1);
  list('new 1', 'new 2');
  for (let i = 0; !made().includes('new 2') && i < 2000; i += 1)
    await new Promise((resolve) => setTimeout(resolve, 5));
  expect(made().slice(-2)).toEqual(['new 1', 'new 2']);
  await new Promise((resolve) => setTimeout(resolve, 60));
  expect(made()).not.toContain('old 3');
});

test('what cannot be painted ahead, or grown while nobody waits, keeps nobody else waiting', async () => {
  const broken = { ...subject, conditions: null as never };
  const { request: crossed, kinds } = crossing({ ...request({ subject: broken }), key: 'broken' });
  tell({ id: 0, job: 'ahead', request: [crossed], kinds });
  await new Promise((resolve) => setTimeout(resolve, 60));
  // The last that was asked for is what is grown on while nobody waits.
  paint(20, { subject: broken });
  await answered(1);
  expect(answers[0]!.kind).toBe('error');
  await new Promise((resolve) => setTimeout(resolve, 60));
  paint(21);
  await answered(2);
  expect(answers[1]).toMatchObject({ id: 21, kind: 'result' });
});

test('a picture that cannot be made is told as an error, and the next one is made', async () => {
  paint(12, { subject: { ...subject, conditions: null as never } });
  paint(13);
  expect((await answered(2)).sort()).toEqual([12, 13]);
  expect(answers.find(({ id }) => id === 12)!.kind).toBe('error');
  expect(answers.find(({ id }) => id === 13)!.kind).toBe('result');
});
