import { Picturing } from '@/drawing/picturing';
import type { Picture } from '@/core/seeing/part';
import { Raster } from '@/core/seeing/raster';
import { toSvg } from '@/drawing/svg';
import { finished } from '@/core/work/steps';
import { KindReceiver } from './kindsOnce';
import type { FromWorker, GrowRequest, PaintRequest, SaveRequest, ToDrawer } from './messages';

interface Job {
  readonly id: number;
  /** What there is to do, in steps, once its turn has come. */
  readonly steps: () => Generator<void>;
}

const scope = self as unknown as {
  postMessage: (message: FromWorker, transfer?: Transferable[]) => void;
  onmessage: ((event: MessageEvent<ToDrawer>) => void) | null;
};
const pictures = new Picturing();
const kinds = new KindReceiver();
const cancelled = new Set<number>();
/** Coarse pictures of something that moves: a hand is waiting. */
const urgent: Job[] = [];
/** Coarse pictures of the stencil's holes, which are looked at second: made as soon as nothing is urgent. */
const soon: Job[] = [];
/** Full pictures, and after them those of the stencil. */
const patient: Job[] = [];
const last: Job[] = [];
/** What may be asked for soon. */
const ahead: Job[] = [];
let busy = false;
/** How long a patient picture may keep others waiting, ms. */
const SLICE_MS = 8;
/**
 * Moving pictures made for nobody while nobody waits. Engines make code fast only once it has run for a while: the first pictures under
 * a hand would take three times as long as the tenth.
 */
const REHEARSALS = 10;
let rehearsed = false;
/** What moved last, or may be about to. */
let stage: PaintRequest | null = null;

scope.onmessage = ({ data }) => {
  if (data.job === 'cancel') {
    cancelled.add(data.id);
    return;
  }
  if (data.job === 'are you there') return scope.postMessage({ id: data.id, kind: 'here' });
  kinds.learn(data.kinds);
  const { id } = data;
  if (data.job === 'save')
    return void answering(id, () =>
      save(id, { ...data.request, subject: kinds.unpack(data.request.subject) }),
    );
  const subject = kinds.unpack(data.request.subject);
  if (data.job === 'grow') {
    const { weeks } = data.request;
    ahead.push({ id, steps: () => grow(id, { subject, weeks }) });
  } else {
    const request = { ...data.request, subject };
    queueFor(request).push({ id, steps: () => paint(id, request) });
    if (request.detail === 'flat' && !request.holesCm) stage = request;
  }
  if (!busy) void drain();
};

function queueFor({ detail, holesCm }: PaintRequest): Job[] {
  if (detail === 'full') return holesCm ? last : patient;
  return holesCm ? soon : urgent;
}

/** Lets messages that came in meanwhile be heard: new pictures, and those nobody waits for any more. A timer would wait 4 ms. */
const channel = new MessageChannel();
function turn(): Promise<void> {
  return new Promise((resolve) => {
    channel.port1.onmessage = () => resolve();
    channel.port2.postMessage(null);
  });
}

/** Moving pictures first, then full ones, then what may be asked for next. */
async function drain(): Promise<void> {
  busy = true;
  let idle = false;
  do {
    await turn();
    paintUrgent();
    const next = soon.shift() ?? patient.shift() ?? last.shift() ?? ahead.shift();
    if (!next) await slowly(whileNobodyWaits(), somebodyWaits);
    else if (!cancelled.delete(next.id))
      await answering(next.id, () => slowly(next.steps(), () => cancelled.delete(next.id)));
    idle = !next;
  } while (!idle || urgent.length > 0 || somebodyWaits());
  busy = false;
}

const somebodyWaits = () => soon.length + patient.length + last.length + ahead.length > 0;

/** Paints what moves. */
function paintUrgent(): void {
  for (const job of urgent.splice(0)) void answering(job.id, () => finished(job.steps()));
}

/** Works off steps in short slices, moving pictures between them, until all are done or it is told to give up. */
async function slowly(steps: Generator<void>, giveUp: () => boolean): Promise<void> {
  for (;;) {
    await turn();
    paintUrgent();
    if (giveUp()) return;
    const from = performance.now();
    while (performance.now() - from < SLICE_MS) if (steps.next().done) return;
  }
}

/** Works that nobody asked for. What cannot be made is left: whoever asks for it is told. */
function* whileNobodyWaits(): Generator<void> {
  yield* leniently(pictures.growingAhead());
  if (!stage || rehearsed) return;
  yield* leniently(rehearse(stage));
  rehearsed = true;
}

function* leniently(steps: Generator<void>): Generator<void> {
  try {
    yield* steps;
  } catch {
    // Left.
  }
}

function* rehearse(picture: PaintRequest): Generator<void> {
  for (let i = 0; i < REHEARSALS; i += 1) {
    const request = {
      ...picture,
      lens: { ...picture.lens, azimuthRad: picture.lens.azimuthRad + i / REHEARSALS },
    };
    yield* rasterFor(request).paint(yield* pictures.rehearsing(request), request.density);
  }
}

function* grow(id: number, { subject, weeks }: GrowRequest): Generator<void> {
  yield* pictures.growing(subject, weeks);
  scope.postMessage({ id, kind: 'result', value: null });
}

function* paint(id: number, request: PaintRequest): Generator<void> {
  const value = yield* painted(request, pictures.drawing(request));
  scope.postMessage({ id, kind: 'result', value }, [value]);
}

function* painted(
  request: PaintRequest,
  drawing: Generator<void, Picture>,
): Generator<void, ImageBitmap> {
  const raster = rasterFor(request);
  yield* raster.paint(yield* drawing, request.density);
  return sheetOf(raster).transferToImageBitmap();
}

/** A picture as a file. Nobody turns anything while a file is being saved: it is made in one go. */
async function save(id: number, request: SaveRequest): Promise<void> {
  const picture = finished(pictures.drawing(request));
  if (request.as === 'svg')
    return scope.postMessage({
      id,
      kind: 'result',
      value: new Blob([toSvg(picture, { title: request.title, background: request.ground })], {
        type: 'image/svg+xml',
      }),
    });
  const raster = rasterFor(request);
  finished(raster.paint(picture, request.density, request.ground));
  scope.postMessage({
    id,
    kind: 'result',
    value: await sheetOf(raster).convertToBlob({ type: 'image/png' }),
  });
}

function rasterFor({ widthPx, heightPx, density }: PaintRequest): Raster {
  return new Raster(
    Math.max(1, Math.round(widthPx * density)),
    Math.max(1, Math.round(heightPx * density)),
  );
}

function sheetOf({ bytes, width, height }: Raster): OffscreenCanvas {
  const canvas = new OffscreenCanvas(width, height);
  const context = canvas.getContext('2d');
  if (!context) throw new Error('No drawing surface could be made.');
  context.putImageData(new ImageData(bytes, width, height), 0, 0);
  return canvas;
}

/** Does a job; tells the page when it fails. */
async function answering(id: number, work: () => void | Promise<void>): Promise<void> {
  try {
    await work();
  } catch (error) {
    scope.postMessage({
      id,
      kind: 'error',
      message: error instanceof Error ? error.message : String(error),
    });
  }
}
