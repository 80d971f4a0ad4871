/**
 * What the Diary told last when it was looked at, in words: it stands at the next visit as soon as the page itself is there, before any
 * script of the app. A hint kept by this device; nothing that could be missed.
 */
export interface ToldEntry {
  /** The day, in words. */
  readonly day: string;
  readonly text: string;
  /** Of which container or spot. */
  readonly where: string;
}

const KEY = 'rillbank-diary-sight';
/** So many entries are kept: a window full. */
const MOST_TOLD = 16;

/** How the list looks, here and in {@link ToldLast}. */
export const TOLD_LOOK = {
  list: 'mt-3 max-w-[760px] bg-paper px-3 py-1',
  entry: 'py-1 wrap-anywhere',
  day: 'border-t-2 border-tick pt-2 text-small font-semibold',
  where: 'block text-note text-ink2',
} as const;

/** Keeps the newest for the next visit; none: what was kept is forgotten. */
export function keepTold(told: readonly ToldEntry[]): void {
  try {
    const kept = told.slice(0, MOST_TOLD).map(({ day, text, where }) => ({ day, text, where }));
    if (kept.length === 0) window.localStorage.removeItem(KEY);
    else window.localStorage.setItem(KEY, JSON.stringify(kept));
  } catch {
    // Storage that is full or refused costs a moment at the next visit, no more.
  }
}

/**
 * Writes what was kept into the page. It stands in the page as a text of its own and runs before all else, so it may refer to nothing
 * outside itself. What was kept is only ever text; whatever else lies there is not shown.
 */
function tellAtOnce(key: string, most: number, look: typeof TOLD_LOOK): void {
  try {
    const place = document.querySelector('[data-told-at-once]');
    const kept: unknown = JSON.parse(window.localStorage.getItem(key) || '[]');
    if (!place || !Array.isArray(kept) || kept.length === 0 || kept.length > most) return;
    const made = (tag: string, className: string, text: string) => {
      const element = document.createElement(tag);
      element.className = className;
      element.textContent = text;
      return element;
    };
    const list = made('ol', look.list, '');
    list.setAttribute('aria-label', 'Told last');
    let last = '';
    for (const { day, text, where } of kept as readonly Record<string, unknown>[]) {
      if (typeof day !== 'string' || typeof text !== 'string' || typeof where !== 'string') return;
      const entry = made('li', look.entry, '');
      if (day !== last) entry.append(made('h2', look.day, day));
      entry.append(text, made('span', look.where, where));
      list.append(entry);
      last = day;
    }
    place.replaceChildren(list);
  } catch {
    // Nothing is known, or may be read: the page says that it is opening.
  }
}

/** {@link tellAtOnce} as the page holds it, after the place it writes to. */
export const TELL_AT_ONCE = `(${tellAtOnce.toString()})(${JSON.stringify(KEY)},${MOST_TOLD},${JSON.stringify(TOLD_LOOK)})`;
