import { LOVED_COLOURS } from './startForm';

/** Colours that can be named: those, white, and leaves so dark that they go as black. */
export const NAMEABLE_COLOURS: typeof LOVED_COLOURS = [
  ...LOVED_COLOURS,
  { name: 'white', hex: '#f7f6f1' },
  { name: 'nearly black', hex: '#35232e' },
];
