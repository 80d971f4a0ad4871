import { lookApart } from './ciede2000';
import type { Oklch } from './oklch';

/** Colours as gardeners name them, with one example of each. */
export const NAMED_COLOURS = {
  white: [0.97, 0.01, 100], cream: [0.94, 0.05, 100], lemon: [0.92, 0.12, 105], yellow: [0.87, 0.17, 95], gold: [0.82, 0.17, 80], apricot: [0.82, 0.11, 65], orange: [0.72, 0.19, 52],
  rust: [0.55, 0.14, 42], salmon: [0.75, 0.13, 32], scarlet: [0.62, 0.23, 27], crimson: [0.47, 0.18, 18], blush: [0.9, 0.04, 5], pink: [0.78, 0.12, 0], rose: [0.67, 0.19, 5], magenta: [0.6, 0.24, 350],
  plum: [0.38, 0.13, 345], mauve: [0.72, 0.1, 320], lilac: [0.78, 0.09, 310], violet: [0.5, 0.2, 293], purple: [0.45, 0.19, 305], indigo: [0.42, 0.17, 280], blue: [0.56, 0.17, 265], 'sky blue': [0.75, 0.1, 250],
  'blue-grey': [0.68, 0.045, 210], silver: [0.81, 0.026, 165], 'grey-green': [0.66, 0.035, 150], lime: [0.81, 0.165, 118], green: [0.55, 0.11, 138], 'dark green': [0.4, 0.07, 146], olive: [0.55, 0.085, 118],
  bronze: [0.46, 0.075, 45], copper: [0.58, 0.11, 50], wine: [0.4, 0.1, 10], black: [0.27, 0.035, 330], brown: [0.4, 0.08, 50], sand: [0.72, 0.06, 75],
} as const satisfies Record<string, Oklch>;
export type ColourName = keyof typeof NAMED_COLOURS;
export const COLOUR_NAMES = Object.keys(NAMED_COLOURS) as readonly ColourName[];

/** The name whose example looks most like a colour. */
export function colourName(colour: Oklch): ColourName {
  return COLOUR_NAMES.reduce((best, name) => (lookApart(NAMED_COLOURS[name], colour) < lookApart(NAMED_COLOURS[best], colour) ? name : best), COLOUR_NAMES[0]!);
}
