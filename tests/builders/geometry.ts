import type { Page } from '@playwright/test';

/** What of a page cannot be read as it is laid out: named by its text. */
export interface LaidOut {
  /** Texts that lie over each other. */
  readonly over: readonly string[];
  /** Texts of which a part is cut off. */
  readonly cut: readonly string[];
  /** Words broken in the middle. */
  readonly broken: readonly string[];
  /** What is pressed and is smaller than a fingertip: only where pointers are coarse. */
  readonly small: readonly string[];
}

/**
 * Reads the geometry of all text of the page itself that can be seen: letters within drawings are the drawings' own. What floats over
 * the page on purpose (bars, messages, what sticks) is left out.
 */
export function laidOut(page: Page, isTouch: boolean): Promise<LaidOut> {
  return page.evaluate((touch) => {
    const LEAST_PX = 44;
    const isFloating = (element: Element | null): boolean => {
      for (let at = element; at; at = at.parentElement) {
        const { position } = getComputedStyle(at);
        if (position === 'fixed' || position === 'sticky') return true;
      }
      return false;
    };
    const isHidden = (element: Element) => {
      const style = getComputedStyle(element);
      return (
        style.visibility !== 'visible' ||
        Number(style.opacity) === 0 ||
        element.closest('.sr-only, [aria-hidden="true"] canvas, svg, select, option') !== null
      );
    };
    /** What of a rectangle its scrolling and clipping ancestors let through. */
    const shownOf = (rect: DOMRect, element: Element): DOMRect | null => {
      let { left, top, right, bottom } = rect;
      for (let at: Element | null = element; at; at = at.parentElement) {
        const style = getComputedStyle(at);
        if (style.overflowX === 'visible' && style.overflowY === 'visible') continue;
        const box = at.getBoundingClientRect();
        left = Math.max(left, box.left);
        right = Math.min(right, box.right);
        top = Math.max(top, box.top);
        bottom = Math.min(bottom, box.bottom);
      }
      return right - left > 1 && bottom - top > 1
        ? new DOMRect(left, top, right - left, bottom - top)
        : null;
    };
    interface Text {
      readonly text: string;
      readonly element: Element;
      readonly rects: readonly DOMRect[];
    }
    const texts: Text[] = [];
    const cut: string[] = [];
    const broken: string[] = [];
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const text = node.textContent!.trim();
      const element = node.parentElement!;
      if (!text || isHidden(element) || ['SCRIPT', 'STYLE', 'NOSCRIPT'].includes(element.tagName))
        continue;
      const range = document.createRange();
      range.selectNodeContents(node);
      const whole = [...range.getClientRects()].filter((rect) => rect.width > 0.5);
      if (whole.length === 0) continue;
      const shown = whole.flatMap((rect) => shownOf(rect, element) ?? []);
      // Cut: partly in sight within something that does not scroll.
      const scrolls = (at: Element | null): boolean =>
        at !== null &&
        (['auto', 'scroll'].includes(getComputedStyle(at).overflowX) || scrolls(at.parentElement));
      if (!scrolls(element))
        whole.forEach((rect) => {
          const left = shownOf(rect, element);
          if (left && (rect.width - left.width > 2 || rect.height - left.height > 5))
            cut.push(text);
        });
      for (const word of text.split(/[\s–—-]+/)) {
        const from = node.textContent!.indexOf(word);
        if (word.length < 3 || from < 0) continue;
        range.setStart(node, from);
        range.setEnd(node, from + word.length);
        const lines = new Set([...range.getClientRects()].map(({ top }) => Math.round(top / 4)));
        if (lines.size > 1 && !/[/.,×@&?=]/.test(word)) broken.push(word);
      }
      if (shown.length > 0 && !isFloating(element)) texts.push({ text, element, rects: shown });
    }
    const over: string[] = [];
    texts.forEach((one, i) => {
      for (const other of texts.slice(i + 1)) {
        if (one.element.contains(other.element) || other.element.contains(one.element)) continue;
        const isOver = one.rects.some((a) =>
          other.rects.some(
            (b) =>
              Math.min(a.right, b.right) - Math.max(a.left, b.left) > 2 &&
              Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top) > 5,
          ),
        );
        if (isOver) over.push(`${one.text.slice(0, 40)} | ${other.text.slice(0, 40)}`);
      }
    });
    const small: string[] = [];
    if (touch)
      for (const element of document.querySelectorAll<HTMLElement>(
        'main button, main a[href], main select, main input:not([type=checkbox]):not([type=radio]):not([type=file]), nav a, nav button',
      )) {
        const box = element.getBoundingClientRect();
        if (box.width < 1 || box.height < 1 || isHidden(element)) continue;
        const inText = element.tagName === 'A' && getComputedStyle(element).display === 'inline';
        // A link within a sentence is as high as its line.
        if (!inText && box.height < LEAST_PX - 0.5)
          small.push(
            `${element.getAttribute('aria-label') ?? element.textContent!.trim().slice(0, 40)} ${Math.round(box.height)}`,
          );
      }
    return { over, cut, broken, small };
  }, isTouch);
}
