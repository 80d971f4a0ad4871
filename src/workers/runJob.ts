import type { OwnKind } from '@/core/plants/own';
import { KindSender, type NewKinds } from './kindsOnce';
import type {
  Ahead,
  FromWorker,
  JobName,
  Jobs,
  PaintRequest,
  ToDrawer,
  ToThinker,
} from './messages';

interface Waiting {
  readonly resolve: (value: never) => void;
  readonly reject: (error: Error) => void;
  readonly progress: ((value: never) => void) | undefined;
}

interface Ask {
  readonly id: number;
  readonly job: JobName;
  readonly request: unknown;
  readonly kinds?: NewKinds;
}

class Desk {
  private readonly waiting = new Map<number, Waiting>();
  /** Told of pictures that were painted ahead. */
  onAhead: ((key: string, picture: ImageBitmap) => void) | null = null;

  constructor(private readonly worker: Worker) {
    worker.onmessage = ({ data }: MessageEvent<FromWorker>) => {
      if (data.kind === 'ahead')
        return this.onAhead ? this.onAhead(data.key, data.value) : data.value.close();
      const job = this.waiting.get(data.id);
      if (!job) {
        // Nobody waits for it any more: let go of the picture.
        if (data.kind === 'result' && data.value instanceof ImageBitmap) data.value.close();
        return;
      }
      if (data.kind === 'progress') return job.progress?.(data.value as never);
      this.waiting.delete(data.id);
      if (data.kind === 'result') job.resolve(data.value as never);
      else job.reject(new Error(data.message));
    };
    worker.onerror = (event) => {
      for (const job of this.waiting.values())
        job.reject(new Error(event.message || 'A worker stopped.'));
      this.waiting.clear();
    };
  }

  send(message: Ask, waiting: Waiting): void {
    this.waiting.set(message.id, waiting);
    this.worker.postMessage(message);
  }

  tell(message: ToThinker | ToDrawer): void {
    this.worker.postMessage(message);
  }

  cancel(id: number): void {
    if (this.waiting.delete(id)) this.worker.postMessage({ id, job: 'cancel' });
  }
}

let thinking: Desk | null = null;
let drawing: Desk | null = null;
let nextId = 1;
const kindSender = new KindSender();
let ownKinds: readonly OwnKind[] = [];

const aboutOwn = (): ToThinker => ({ id: 0, job: 'own kinds', request: ownKinds });

/** Tells the thinking worker, now or when it starts, what the gardener knows of kinds. */
export function setOwnKinds(records: readonly OwnKind[]): void {
  ownKinds = records;
  thinking?.tell(aboutOwn());
}

function deskFor(job: JobName): Desk {
  if (job === 'paint' || job === 'save')
    return (drawing ??= new Desk(
      new Worker(new URL('./draw.worker.ts', import.meta.url), { type: 'module' }),
    ));
  if (!thinking) {
    thinking = new Desk(
      new Worker(new URL('./think.worker.ts', import.meta.url), { type: 'module' }),
    );
    thinking.tell(aboutOwn());
  }
  return thinking;
}

/** Asks for pictures to be painted while nobody waits for a drawing; a later list takes the place of an earlier one. */
export function paintAhead(
  pictures: readonly Ahead[],
  done: (key: string, picture: ImageBitmap) => void,
): void {
  if (typeof Worker === 'undefined' || typeof OffscreenCanvas === 'undefined') return;
  const packed = pictures.map((picture) => ({ picture, ...kindSender.pack(picture.subject) }));
  const desk = deskFor('paint');
  desk.onAhead = done;
  desk.tell({
    id: 0,
    job: 'ahead',
    request: packed.map(({ picture, subject }) => ({ ...picture, subject })),
    kinds: packed.flatMap(({ kinds }) => kinds),
  });
}

/**
 * Runs a job in its worker.
 * @throws an `AbortError` when the signal is given up
 */
export function runJob<N extends JobName>(
  job: N,
  request: Jobs[N]['request'],
  options: {
    readonly signal?: AbortSignal;
    readonly onProgress?: (value: Jobs[N]['progress']) => void;
  } = {},
): Promise<Jobs[N]['result']> {
  return new Promise((resolve, reject) => {
    const { signal } = options;
    if (signal?.aborted) return reject(new DOMException('Given up', 'AbortError'));
    const desk = deskFor(job);
    const id = nextId;
    nextId += 1;
    signal?.addEventListener(
      'abort',
      () => {
        desk.cancel(id);
        reject(new DOMException('Given up', 'AbortError'));
      },
      { once: true },
    );
    desk.send(askOf(id, job, request), {
      resolve: resolve as (value: never) => void,
      reject,
      progress: options.onProgress as ((value: never) => void) | undefined,
    });
  });
}

function askOf<N extends JobName>(id: number, job: N, request: Jobs[N]['request']): Ask {
  if (job !== 'paint' && job !== 'save') return { id, job, request };
  const drawn = request as PaintRequest;
  const { subject, kinds } = kindSender.pack(drawn.subject);
  return { id, job, request: { ...drawn, subject }, kinds };
}
