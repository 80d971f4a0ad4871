import type { FromWorker, JobName } from './messages';

/** A job on its way: as it was asked, so that it can be asked again. */
export interface Errand {
  readonly id: number;
  readonly job: JobName;
  /** The message as it goes out. Made anew for each worker: one that is new knows nothing of what another was told. */
  readonly message: () => unknown;
  readonly resolve: (value: never) => void;
  readonly reject: (error: Error) => void;
  readonly progress: ((value: never) => void) | undefined;
  /** How many workers have been asked. */
  tries: number;
}

/** Workers that are asked for one job before it counts as impossible: the first may have died of another's. */
const MOST_TRIES = 2;
/** How often a worker that has work is asked whether it is there, and after how long without a word it counts as dead, ms. */
const ASKS_EVERY_MS = 5000;
const SILENT_MS = 30_000;

interface DeskOptions {
  /** @throws where the browser has no workers */
  readonly hire: () => Worker;
  /** Told whenever a new worker stands ready, before it is given work. */
  readonly onHired: (tell: (message: unknown) => void) => void;
}

/**
 * A worker and what it was asked. One that fails or falls silent is replaced, and what it was asked
 * is asked again; a job that costs two workers their life is told as impossible.
 */
export class WorkerDesk {
  private readonly errands = new Map<number, Errand>();
  private worker: Worker | null = null;
  private heardAt = 0;
  private watch: ReturnType<typeof setInterval> | null = null;

  constructor(private readonly options: DeskOptions) {}

  send(errand: Errand): void {
    this.errands.set(errand.id, errand);
    this.give(errand);
  }

  tell(message: unknown): void {
    this.hired().postMessage(message);
  }

  /** Tells a worker that is there; one that is hired later learns it then. */
  tellIfThere(message: unknown): void {
    this.worker?.postMessage(message);
  }

  cancel(id: number): void {
    if (this.errands.delete(id)) this.worker?.postMessage({ id, job: 'cancel' });
    this.restWatch();
  }

  private give(errand: Errand): void {
    errand.tries += 1;
    const worker = this.hired();
    worker.postMessage(errand.message());
    this.heardAt = performance.now();
    this.watch ??= setInterval(() => this.look(), ASKS_EVERY_MS);
  }

  private hired(): Worker {
    if (this.worker) return this.worker;
    const worker = this.options.hire();
    worker.onmessage = ({ data }: MessageEvent<FromWorker>) => this.hear(data);
    worker.onerror = (event) => {
      event.preventDefault?.();
      this.replace(worker, event.message || 'it stopped');
    };
    worker.onmessageerror = () => this.replace(worker, 'it could not be understood');
    this.worker = worker;
    this.heardAt = performance.now();
    this.options.onHired((message) => worker.postMessage(message));
    return worker;
  }

  private hear(data: FromWorker): void {
    this.heardAt = performance.now();
    if (data.kind === 'here') return;
    const errand = this.errands.get(data.id);
    if (!errand) {
      // Nobody waits for it any more: let go of the picture.
      if (data.kind === 'result' && isPicture(data.value)) data.value.close();
      return;
    }
    if (data.kind === 'progress') return errand.progress?.(data.value as never);
    this.errands.delete(data.id);
    this.restWatch();
    if (data.kind === 'result') errand.resolve(data.value as never);
    else errand.reject(new Error(data.message));
  }

  /** Asks a worker that has work whether it is there; replaces one that has not answered for long. */
  private look(): void {
    const { worker } = this;
    if (!worker || this.errands.size === 0) return this.restWatch();
    if (performance.now() - this.heardAt > SILENT_MS) this.replace(worker, 'it fell silent');
    else worker.postMessage({ id: 0, job: 'are you there' });
  }

  private replace(gone: Worker, why: string): void {
    if (this.worker !== gone) return;
    gone.terminate();
    this.worker = null;
    for (const errand of [...this.errands.values()])
      if (errand.tries < MOST_TRIES) this.give(errand);
      else {
        this.errands.delete(errand.id);
        errand.reject(new Error(`This could not be worked out: ${why}.`));
      }
    this.restWatch();
  }

  private restWatch(): void {
    if (this.errands.size > 0 || this.watch === null) return;
    clearInterval(this.watch);
    this.watch = null;
  }
}

function isPicture(value: unknown): value is ImageBitmap {
  return typeof ImageBitmap !== 'undefined' && value instanceof ImageBitmap;
}
