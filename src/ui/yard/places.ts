/** What containers of a spot stand on or hang from. */
export const PLACES = ['canopy', 'bracket', 'sill', 'rail', 'ledge', 'roofed', 'ground'] as const;

/** A spot as a place, plainly: plain data, so that it can be kept between visits. */
export interface Place {
  readonly kind: (typeof PLACES)[number];
  /** Colours told to lie behind, as CSS, the wall first; none where nothing was told. */
  readonly behind: readonly string[];
  /** What it stands on or hangs above, cm over the ground. */
  readonly dropCm: number;
}
