import { HANDLERS } from './jobs/index';
import { GivenUp, Workshop, type Handler } from './jobs/desk';
import type { FromWorker, ThinkingJob, ToThinker } from './messages';

const scope = self as unknown as {
  postMessage: (message: FromWorker) => void;
  onmessage: ((event: MessageEvent<ToThinker>) => void) | null;
};
const workshop = new Workshop();

scope.onmessage = ({ data }) => {
  switch (data.job) {
    case 'cancel':
      return workshop.giveUp(data.id);
    case 'gardener':
      return workshop.learn(data.request);
    case 'are you there':
      return scope.postMessage({ id: data.id, kind: 'here' });
    default:
      return void answer(data.id, data.job, data.request);
  }
};

async function answer(id: number, job: ThinkingJob, request: unknown): Promise<void> {
  const desk = workshop.deskFor(id, (value) => scope.postMessage({ id, kind: 'progress', value }));
  // The map of handlers is typed job by job; a message names its own.
  const handler = HANDLERS[job] as Handler<ThinkingJob>;
  try {
    const value = await handler(request as never, desk as never);
    scope.postMessage({ id, kind: 'result', value });
  } catch (error) {
    if (error instanceof GivenUp) return;
    const message = error instanceof Error ? error.message : String(error);
    scope.postMessage({ id, kind: 'error', message });
  } finally {
    workshop.done(id);
  }
}
