/** Which windows of this app are open, so that undo in one leaves the work of another alone. */
export interface Windows {
  /** This window. */
  readonly me: string;
  /** Is a window, by its mark, still open? As last heard. */
  readonly isOpen: (mark: string) => boolean;
}

const LOCK = 'rillbank-window-';

/** What windows tell each other. */
interface Word {
  readonly word: 'hello' | 'bye';
  readonly from: string;
}

/** One window by itself: tests, and browsers that cannot tell. */
export function onlyWindow(me: string): Windows {
  return { me, isOpen: (mark) => mark === me };
}

/**
 * This window among those that are open: each holds a lock of the browser under its own mark for as
 * long as it lives. Where there are no locks, every other window counts as closed.
 */
export function openWindows(): Windows {
  const me = crypto.randomUUID().slice(0, 8);
  const locks = typeof navigator === 'undefined' ? undefined : navigator.locks;
  if (!locks) return onlyWindow(me);
  let open: ReadonlySet<string> = new Set([me]);
  const ask = async () => {
    const { held = [] } = await locks.query();
    const marks = held.flatMap(({ name }) =>
      name?.startsWith(LOCK) ? [name.slice(LOCK.length)] : [],
    );
    open = new Set([me, ...marks]);
  };
  const channel = new BroadcastChannel('rillbank-windows');
  channel.onmessage = ({ data }: MessageEvent<Word>) => {
    // Counted as open at once: its changes may be here before the browser has told of its lock.
    if (data.word === 'hello') open = new Set([...open, data.from]);
    void ask();
  };
  // Held until the window goes: the promise never settles. Others are told when it is held, not before.
  void locks.request(LOCK + me, () => {
    channel.postMessage({ word: 'hello', from: me } satisfies Word);
    void ask();
    return new Promise<never>(() => undefined);
  });
  addEventListener('pagehide', () => channel.postMessage({ word: 'bye', from: me } satisfies Word));
  addEventListener('focus', () => void ask());
  return { me, isOpen: (mark) => open.has(mark) };
}
