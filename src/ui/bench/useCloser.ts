import {
  useCallback,
  useEffect,
  useMemo,
  useRef,
  useState,
  type PointerEvent,
  type RefObject,
} from 'react';
import { FIT, gone, stepped, within, type Closer, type Reach } from './closer';

/** How near the drawings are looked at, and what changes it. */
export function useCloser(reach: Reach) {
  const [asked, setAsked] = useState<Closer>(FIT);
  const closer = useMemo(() => within(asked, reach), [asked, reach]);
  const change = useCallback(
    (by: (now: Closer) => Closer) => setAsked((now) => within(by(within(now, reach)), reach)),
    [reach],
  );
  return useMemo(
    () => ({
      closer,
      change,
      /** Towards a plant, where one is picked. */
      nearer: (at: { readonly xCm: number; readonly zCm: number } | null) =>
        change((now) => ({ ...stepped(now, 1), ...(at && now.times === 1 ? at : {}) })),
      further: () => change((now) => stepped(now, -1)),
      fit: () => change(() => FIT),
      go: (way: Parameters<typeof gone>[1]) => change((now) => gone(now, way, reach)),
    }),
    [closer, change, reach],
  );
}

export type CloserHere = ReturnType<typeof useCloser>;

/** Drags what is looked at from near to the side, up and down; nothing while it fits. */
export function useCloserDrag({ closer, change }: CloserHere, pxPerCm: number) {
  const last = useRef<{ readonly x: number; readonly y: number } | null>(null);
  if (closer.times === 1) return {};
  return {
    onPointerDown: (event: PointerEvent<HTMLElement>) => {
      if (event.button !== 0) return;
      event.currentTarget.setPointerCapture(event.pointerId);
      last.current = { x: event.clientX, y: event.clientY };
    },
    onPointerMove: (event: PointerEvent<HTMLElement>) => {
      const from = last.current;
      if (!from) return;
      last.current = { x: event.clientX, y: event.clientY };
      const cm = 1 / (pxPerCm * closer.times);
      const [xCm, upCm] = [(event.clientX - from.x) * cm, (event.clientY - from.y) * cm];
      change((now) => ({ ...now, xCm: now.xCm - xCm, upCm: now.upCm + upCm }));
    },
    onPointerUp: () => void (last.current = null),
    onPointerCancel: () => void (last.current = null),
  };
}

/** Times a notch of the wheel. */
const WHEEL_TIMES = 1.15;

/** A wheel turned while Ctrl is held, or two fingers on a pad, goes closer and further instead of enlarging the page. */
export function useWheel({ change }: CloserHere): RefObject<HTMLDivElement | null> {
  const field = useRef<HTMLDivElement>(null);
  useEffect(() => {
    const element = field.current;
    if (!element) return;
    const turn = (event: WheelEvent) => {
      if (!event.ctrlKey && !event.metaKey) return;
      event.preventDefault();
      change((now) => ({ ...now, times: now.times * WHEEL_TIMES ** -Math.sign(event.deltaY) }));
    };
    // Passive listeners, as the page's own are, could not keep the page as it is.
    element.addEventListener('wheel', turn, { passive: false });
    return () => element.removeEventListener('wheel', turn);
  }, [change]);
  return field;
}
