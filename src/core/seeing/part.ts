/** `flat` while something moves, `full` at rest. Both keep every mark in its place and its colours. */
export type Detail = 'flat' | 'full';

/** One stop of a shading ramp: place 0–1 and colour. */
export interface GradientStop {
  readonly at: number;
  readonly colour: string;
}

/** Straight shading from one picture point to another. */
export interface Ramp {
  readonly x0: number;
  readonly y0: number;
  readonly x1: number;
  readonly y1: number;
  readonly stops: readonly GradientStop[];
}

/**
 * The smallest thing every sink understands: a filled polygon, or a round-ended line when `widthPx` > 0.
 * Pixels, y down.
 */
export interface Part {
  readonly xy: readonly number[];
  readonly colour: string | Ramp;
  readonly widthPx: number;
  readonly alpha: number;
}

/** The parts of one mark, with the depth that orders them and the plant they belong to (−1: container). */
export interface Drawn {
  readonly depthCm: number;
  readonly plant: number;
  /** A flower, plume or fruit rather than leaf or stem. */
  readonly floral?: boolean;
  readonly parts: readonly Part[];
}

/** A group of drawn things painted in order, some of it kept inside a clipping outline. */
export interface Layer {
  readonly drawn: readonly Drawn[];
  /** Outline that cuts the layer; `null` for none. Pixels. */
  readonly clip: readonly number[] | null;
}

export interface Picture {
  readonly widthPx: number;
  readonly heightPx: number;
  readonly layers: readonly Layer[];
}

export function fill(xy: readonly number[], colour: string | Ramp, alpha = 1): Part {
  return { xy, colour, widthPx: 0, alpha };
}

export function line(xy: readonly number[], colour: string, widthPx: number, alpha = 1): Part {
  return { xy, colour, widthPx, alpha };
}

/** Joins an edge and another run backwards to one closed outline. */
export function closed(edge: readonly number[], back: readonly number[]): number[] {
  const out = new Array<number>(edge.length + back.length);
  for (let i = 0; i < edge.length; i += 1) out[i] = edge[i]!;
  for (let i = back.length - 2, at = edge.length; i >= 0; i -= 2, at += 2) {
    out[at] = back[i]!;
    out[at + 1] = back[i + 1]!;
  }
  return out;
}
