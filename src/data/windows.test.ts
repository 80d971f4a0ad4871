import { openWindows } from './windows';

/** The browser's locks, granted when the test says so. */
class Locks {
  readonly held = new Set<string>();
  private readonly waiting: (() => void)[] = [];

  request(name: string, whileHeld: () => Promise<never>): Promise<never> {
    return new Promise(() => {
      this.waiting.push(() => {
        this.held.add(name);
        void whileHeld();
      });
    });
  }

  query() {
    return Promise.resolve({ held: [...this.held].map((name) => ({ name })) });
  }

  grantAll(): void {
    for (const grant of this.waiting.splice(0)) grant();
  }
}

/** Lets messages between windows and answers of the browser arrive. */
const settled = () => new Promise((resolve) => setTimeout(resolve, 50));

let locks: Locks;
const channels: BroadcastChannel[] = [];
const Channel = globalThis.BroadcastChannel;
beforeEach(() => {
  locks = new Locks();
  Object.defineProperty(globalThis, 'navigator', { value: { locks }, configurable: true });
  Object.assign(globalThis, {
    addEventListener: () => undefined,
    BroadcastChannel: class extends Channel {
      constructor(name: string) {
        super(name);
        channels.push(this);
      }
    },
  });
});
afterEach(() => {
  for (const channel of channels.splice(0)) channel.close();
  Object.assign(globalThis, { BroadcastChannel: Channel });
});

test('a window whose lock is granted late is still known to the one before it', async () => {
  const first = openWindows();
  locks.grantAll();
  await settled();
  const second = openWindows();
  await settled();
  locks.grantAll();
  await settled();
  expect(first.isOpen(second.me)).toBe(true);
  expect(second.isOpen(first.me)).toBe(true);
});

test('a window that is gone is no longer open to the others', async () => {
  const first = openWindows();
  const second = openWindows();
  locks.grantAll();
  await settled();
  expect(first.isOpen(second.me)).toBe(true);
  locks.held.delete(`rillbank-window-${second.me}`);
  channels[1]!.postMessage({ word: 'bye', from: second.me });
  await settled();
  expect(first.isOpen(second.me)).toBe(false);
});
