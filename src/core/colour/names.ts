import { lookApart } from './ciede2000';
import type { Oklch } from './oklch';
import { once } from '../work/once';

/** Colours as gardeners name them, with one example of each. */
export const NAMED_COLOURS = {
  white: [0.97, 0.01, 100],
  cream: [0.94, 0.05, 100],
  straw: [0.86, 0.08, 92],
  lemon: [0.92, 0.12, 105],
  yellow: [0.87, 0.17, 95],
  gold: [0.82, 0.17, 80],
  amber: [0.7, 0.14, 68],
  apricot: [0.82, 0.11, 65],
  peach: [0.84, 0.08, 45],
  orange: [0.72, 0.19, 52],
  rust: [0.55, 0.14, 42],
  salmon: [0.75, 0.13, 32],
  coral: [0.7, 0.17, 25],
  scarlet: [0.62, 0.23, 27],
  red: [0.54, 0.2, 25],
  crimson: [0.46, 0.18, 16],
  wine: [0.4, 0.1, 10],
  brown: [0.4, 0.08, 50],
  blush: [0.9, 0.04, 5],
  pink: [0.78, 0.12, 0],
  rose: [0.67, 0.19, 5],
  magenta: [0.6, 0.24, 350],
  plum: [0.38, 0.13, 345],
  mauve: [0.7, 0.11, 325],
  lilac: [0.79, 0.09, 310],
  lavender: [0.7, 0.11, 293],
  violet: [0.5, 0.2, 293],
  purple: [0.43, 0.19, 307],
  indigo: [0.42, 0.17, 280],
  blue: [0.56, 0.17, 265],
  'sky blue': [0.75, 0.1, 250],
  'blue-grey': [0.68, 0.045, 220],
  teal: [0.55, 0.08, 195],
  silver: [0.81, 0.026, 165],
  grey: [0.6, 0.012, 200],
  black: [0.27, 0.035, 330],
  'pale green': [0.8, 0.08, 138],
  lime: [0.81, 0.165, 118],
  green: [0.56, 0.11, 138],
  'grey-green': [0.66, 0.035, 150],
  olive: [0.55, 0.085, 115],
  'dark green': [0.4, 0.07, 146],
  bronze: [0.46, 0.075, 45],
  copper: [0.58, 0.11, 52],
  sand: [0.72, 0.06, 75],
} as const satisfies Record<string, Oklch>;
export type ColourName = keyof typeof NAMED_COLOURS;
export const COLOUR_NAMES = Object.keys(NAMED_COLOURS) as readonly ColourName[];

/** The name whose example looks most like a colour. Records keep their colours, and screens name them again and again. */
export const colourName = once((colour: Oklch): ColourName => {
  const apart = COLOUR_NAMES.map((each) => lookApart(NAMED_COLOURS[each], colour));
  return COLOUR_NAMES[apart.indexOf(Math.min(...apart))]!;
});
