/**
 * The one way words come on to the page: every element is made here, and its words are spelled for the market that was chosen.
 * tsconfig.json names this folder as the source of JSX.
 */
import { Fragment, jsx as plain, jsxs as plainMany } from 'react/jsx-runtime';
import { spelledProps } from './spelling';

export type { JSX } from 'react';
export { Fragment };

export const jsx: typeof plain = (type, props, key) =>
  plain(type, spelledProps(type, props as Record<string, unknown>), key);
export const jsxs: typeof plainMany = (type, props, key) =>
  plainMany(type, spelledProps(type, props as Record<string, unknown>), key);
