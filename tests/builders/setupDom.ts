import '@testing-library/jest-dom';
import { configure } from '@testing-library/react';
import { deserialize, serialize } from 'node:v8';

// What is waited for comes late on a busy machine.
configure({ asyncUtilTimeout: 15000 });

globalThis.structuredClone ??= (value: unknown) => deserialize(serialize(value));
globalThis.ResizeObserver ??= class {
  observe() {}
  unobserve() {}
  disconnect() {}
};
// jsdom draws nothing: a canvas without a context is what a browser gives when it cannot draw.
HTMLCanvasElement.prototype.getContext = () => null;
// What pointers need of an element; jsdom has no pointer capture.
HTMLElement.prototype.setPointerCapture ??= () => undefined;
SVGElement.prototype.setPointerCapture ??= () => undefined;
globalThis.PointerEvent ??= class extends MouseEvent {
  readonly pointerId: number;
  constructor(type: string, init: PointerEventInit = {}) {
    super(type, init);
    this.pointerId = init.pointerId ?? 0;
  }
} as unknown as typeof PointerEvent;
