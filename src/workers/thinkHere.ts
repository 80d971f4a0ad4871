import type { Gardener } from '@/core/plants/library';
import { GivenUp, Workshop, type Handler } from './jobs/desk';
import { HANDLERS } from './jobs/index';
import type { Jobs, ThinkingJob } from './messages';

const workshop = new Workshop();
let nextId = 1;

/** Thinks on the page itself, in the same short stretches, for browsers without workers. */
export async function thinkHere<N extends ThinkingJob>(
  job: N,
  request: Jobs[N]['request'],
  gardener: Gardener,
  {
    signal,
    onProgress,
  }: { readonly signal?: AbortSignal; readonly onProgress?: (value: never) => void },
): Promise<Jobs[N]['result']> {
  workshop.learn(gardener);
  const id = nextId;
  nextId += 1;
  signal?.addEventListener('abort', () => workshop.giveUp(id), { once: true });
  const desk = workshop.deskFor(id, (value: Jobs[N]['progress']) => onProgress?.(value as never));
  try {
    return await (HANDLERS[job] as Handler<N>)(request, desk);
  } catch (error) {
    if (error instanceof GivenUp) throw new DOMException('Given up', 'AbortError');
    throw error;
  } finally {
    workshop.done(id);
  }
}
