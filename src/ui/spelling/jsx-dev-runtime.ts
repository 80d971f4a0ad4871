/** As jsx-runtime, for the development server. */
import { Fragment, jsxDEV as plain } from 'react/jsx-dev-runtime';
import { spelledProps } from './spelling';

export type { JSX } from 'react';
export { Fragment };

export const jsxDEV: typeof plain = (type, props, ...rest) =>
  plain(type, spelledProps(type, props as Record<string, unknown>), ...rest);
