import '@testing-library/jest-dom';
import { deserialize, serialize } from 'node:v8';

globalThis.structuredClone ??= (value: unknown) => deserialize(serialize(value));
globalThis.ResizeObserver ??= class {
  observe() {}
  unobserve() {}
  disconnect() {}
};
