import type { Gardener } from '@/core/plants/library';
import { CAN_HIRE } from './canHire';
import { KindSender } from './kindsOnce';
import type { DrawingJob, JobName, Jobs, ThinkingJob, ToThinker } from './messages';
import { WorkerDesk } from './workerDesk';

interface JobOptions<N extends JobName> {
  readonly signal?: AbortSignal;
  readonly onProgress?: (value: Jobs[N]['progress']) => void;
}

let nextId = 1;
let gardener: Gardener = { own: [], market: 'european' };
let kindSender = new KindSender();

const aboutGardener = (): ToThinker => ({ id: 0, job: 'gardener', request: gardener });

const thinking = new WorkerDesk({
  hire: () => new Worker(new URL('./think.worker.ts', import.meta.url), { type: 'module' }),
  onHired: (tell) => tell(aboutGardener()),
});
const drawing = new WorkerDesk({
  hire: () => new Worker(new URL('./draw.worker.ts', import.meta.url), { type: 'module' }),
  // A new worker has not been sent any kind yet.
  onHired: () => void (kindSender = new KindSender()),
});

/** Tells the thinking worker, now or when it starts, what the gardener knows of kinds and where they buy. */
export function setKinds(known: Gardener): void {
  gardener = known;
  thinking.tellIfThere(aboutGardener());
}

/** Hires both workers before they are needed: starting one takes longer than most of what is asked of it. */
export function beReady(): void {
  const message = { id: 0, job: 'are you there' };
  if (CAN_HIRE.thinkers) thinking.tell(message);
  if (CAN_HIRE.drawers) drawing.tell(message);
}

/**
 * Runs a job in its worker; without workers, on the page.
 * @throws an `AbortError` when the signal is given up
 */
export function runJob<N extends JobName>(
  job: N,
  request: Jobs[N]['request'],
  options: JobOptions<N> = {},
): Promise<Jobs[N]['result']> {
  const { signal, onProgress } = options;
  if (isThinking(job) && !CAN_HIRE.thinkers)
    return import('./thinkHere').then(({ thinkHere }) =>
      thinkHere(job, request as never, gardener, options as never),
    ) as Promise<Jobs[N]['result']>;
  if (job === 'save' && !CAN_HIRE.drawers)
    return import('./drawHere').then(({ saveHere }) =>
      saveHere(request as Jobs['save']['request']),
    ) as Promise<Jobs[N]['result']>;
  const desk = isThinking(job) ? thinking : drawing;
  return new Promise((resolve, reject) => {
    const givenUp = () => reject(new DOMException('Given up', 'AbortError'));
    if (signal?.aborted) return givenUp();
    const id = nextId;
    nextId += 1;
    signal?.addEventListener(
      'abort',
      () => {
        desk.cancel(id);
        givenUp();
      },
      { once: true },
    );
    desk.send({
      id,
      job,
      message: () => messageOf(id, job, request),
      resolve: resolve as (value: never) => void,
      reject,
      progress: onProgress as ((value: never) => void) | undefined,
      tries: 0,
    });
  });
}

function isThinking(job: JobName): job is ThinkingJob {
  return job !== 'paint' && job !== 'save' && job !== 'grow';
}

function messageOf<N extends JobName>(id: number, job: N, request: Jobs[N]['request']): unknown {
  if (isThinking(job)) return { id, job, request };
  const drawn = request as Jobs[DrawingJob]['request'];
  const { subject, kinds } = kindSender.pack(drawn.subject);
  return { id, job, request: { ...drawn, subject }, kinds };
}
