import { WorkerDesk, type Errand } from './workerDesk';

/** A worker that answers when it is told to. */
class Hand {
  onmessage: ((event: { data: unknown }) => void) | null = null;
  onerror: ((event: { message: string; preventDefault?: () => void }) => void) | null = null;
  onmessageerror: (() => void) | null = null;
  readonly heard: { id: number; job: string }[] = [];
  terminated = false;
  postMessage(message: { id: number; job: string }) {
    this.heard.push(message);
  }
  terminate() {
    this.terminated = true;
  }
  answer(id: number, value: unknown) {
    this.onmessage!({ data: { id, kind: 'result', value } });
  }
  die() {
    this.onerror!({ message: 'out of memory' });
  }
}

const jobsOf = (hand: Hand) => hand.heard.filter(({ job }) => job !== 'are you there');
const setUp = () => {
  const hands: Hand[] = [];
  const greeted: number[] = [];
  const desk = new WorkerDesk({
    hire: () => {
      const hand = new Hand();
      hands.push(hand);
      return hand as unknown as Worker;
    },
    onHired: () => greeted.push(hands.length),
  });
  let id = 0;
  const ask = () => {
    id += 1;
    const mine = id;
    const answer = new Promise<unknown>((resolve, reject) => {
      const errand: Errand = {
        id: mine,
        job: 'fits',
        message: () => ({ id: mine, job: 'fits', by: greeted.length }),
        resolve: resolve as (value: never) => void,
        reject,
        progress: undefined,
        tries: 0,
      };
      desk.send(errand);
    });
    return { id: mine, answer };
  };
  return { hands, greeted, desk, ask };
};

beforeEach(() => void jest.useFakeTimers());
afterEach(() => void jest.useRealTimers());

test('a worker that dies is replaced, and what it was asked is asked of the next, in the same order', async () => {
  const { hands, ask } = setUp();
  const [a, b] = [ask(), ask()];
  hands[0]!.die();
  expect(hands[0]!.terminated).toBe(true);
  expect(jobsOf(hands[1]!).map(({ id }) => id)).toEqual([a.id, b.id]);
  hands[1]!.answer(a.id, 'one');
  hands[1]!.answer(b.id, 'two');
  expect(await Promise.all([a.answer, b.answer])).toEqual(['one', 'two']);
});

test('the next worker is greeted before it is given work, and messages are made anew for it', () => {
  const { hands, greeted, ask } = setUp();
  ask();
  hands[0]!.die();
  expect(greeted).toEqual([1, 2]);
  expect(jobsOf(hands[1]!)).toMatchObject([{ by: 2 }]);
});

test('a job that costs two workers their life is told as impossible; the desk goes on', async () => {
  const { hands, ask } = setUp();
  const { answer } = ask();
  hands[0]!.die();
  hands[1]!.die();
  await expect(answer).rejects.toThrow('This could not be worked out: out of memory.');
  const next = ask();
  hands[2]!.answer(next.id, 'fine');
  expect(await next.answer).toBe('fine');
});

test('a worker that says nothing for half a minute is replaced; one that answers is left', () => {
  const { hands, ask } = setUp();
  ask();
  for (let i = 0; i < 5; i += 1) {
    jest.advanceTimersByTime(5000);
    hands[0]!.onmessage!({ data: { id: 0, kind: 'here' } });
  }
  jest.advanceTimersByTime(25_000);
  expect(hands).toHaveLength(1);
  jest.advanceTimersByTime(15_000);
  expect(hands).toHaveLength(2);
});

test('what was given up is not asked again, and its late answer reaches nobody', () => {
  const { hands, desk, ask } = setUp();
  const { id } = ask();
  desk.cancel(id);
  expect(hands[0]!.heard.at(-1)).toEqual({ id, job: 'cancel' });
  hands[0]!.answer(id, 'late');
  hands[0]!.die();
  expect(hands).toHaveLength(1);
});
