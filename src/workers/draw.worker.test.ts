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

test('what cannot be grown while nobody waits keeps nobody else waiting', async () => {
  const broken = { ...subject, conditions: null as never };
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

test('what is grown ahead waits for every picture, and answers with nothing', async () => {
  tell({ id: 30, job: 'grow', ...crossing({ subject, weeks: 5 }) });
  paint(31, { weeks: 6 });
  paint(32, { detail: 'flat', weeks: 7 });
  // One that is given up is not grown.
  tell({ id: 33, job: 'grow', ...crossing({ subject, weeks: 4 }) });
  tell({ id: 33, job: 'cancel' });
  expect(await answered(3)).toEqual([32, 31, 30]);
  expect(answers[2]).toEqual({ id: 30, kind: 'result', value: null });
  await new Promise((resolve) => setTimeout(resolve, 60));
  expect(answers).toHaveLength(3);
});
