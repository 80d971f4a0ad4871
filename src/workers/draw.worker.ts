import { picturing } from '@/drawing/picturing';
import { paintPicture } from '@/drawing/canvas';
import type { FromWorker, ToWorker } from './messages';

const scope = self as unknown as { postMessage: (message: FromWorker, transfer?: Transferable[]) => void; onmessage: ((event: MessageEvent<ToWorker>) => void) | null };
const pictureOf = picturing();
const cancelled = new Set<number>();
const queue: Extract<ToWorker, { job: 'paint' }>[] = [];
let busy = false;

scope.onmessage = ({ data }) => {
  if (data.job === 'cancel') {
    cancelled.add(data.id);
    return;
  }
  if (data.job !== 'paint') return;
  queue.push(data);
  if (!busy) void drain();
};

/** One drawing at a time; between two the event loop turns, so that drawings nobody waits for any more are dropped. */
async function drain(): Promise<void> {
  busy = true;
  for (let next = queue.shift(); next; next = queue.shift()) {
    await new Promise<void>((resolve) => setTimeout(resolve, 0));
    if (cancelled.delete(next.id)) continue;
    const { id, request } = next;
    try {
      const { widthPx, heightPx, density } = request;
      const canvas = new OffscreenCanvas(Math.max(1, Math.round(widthPx * density)), Math.max(1, Math.round(heightPx * density)));
      const context = canvas.getContext('2d');
      if (!context) throw new Error('No drawing surface could be made.');
      context.scale(density, density);
      paintPicture(context, pictureOf(request));
      const value = canvas.transferToImageBitmap();
      scope.postMessage({ id, kind: 'result', value }, [value]);
    } catch (error) {
      scope.postMessage({ id, kind: 'error', message: error instanceof Error ? error.message : String(error) });
    }
  }
  busy = false;
}
