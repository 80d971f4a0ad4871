import { fromHex, fromRgb, toHex, type Oklch } from './oklch';

/** A palette file as it was read, or what is wrong with it. */
export type PaletteRead =
  | { readonly ok: true; readonly colours: readonly Oklch[] }
  | { readonly ok: false; readonly message: string };

/** Most colours a scheme takes from a palette. */
export const PALETTE_MOST = 12;

/**
 * Colours of a palette file: `#rrggbb` anywhere in the text (CSS, JSON, CSV, plain lists), or rows of three numbers 0–255 as in palette files of
 * drawing programs. Colours that repeat are taken once, the first twelve are kept.
 * @returns empty when the text holds no colour
 */
export function paletteFrom(text: string): readonly Oklch[] {
  const hexes = [...text.matchAll(/#([0-9a-f]{6})(?![0-9a-f])/gi)].map(
    ([, hex]) => `#${hex!.toLowerCase()}`,
  );
  const found =
    hexes.length > 0
      ? hexes
      : text.split(/\r?\n/).flatMap((line) => {
          const row = /^\s*(\d{1,3})[\s,;]+(\d{1,3})[\s,;]+(\d{1,3})(?:[\s,;].*)?$/.exec(line);
          const rgb = row?.slice(1, 4).map(Number);
          return rgb && rgb.every((value) => value <= 255)
            ? [toHex(fromRgb([rgb[0]! / 255, rgb[1]! / 255, rgb[2]! / 255]))]
            : [];
        });
  return [...new Set(found)].slice(0, PALETTE_MOST).map((hex) => fromHex(hex)!);
}

/** @param name of the file, as it is told */
export function readPalette(text: string, name: string): PaletteRead {
  const colours = paletteFrom(text);
  return colours.length > 0
    ? { ok: true, colours }
    : {
        ok: false,
        message: `${name} holds no colours: #rrggbb, or rows of three numbers 0–255.`,
      };
}
