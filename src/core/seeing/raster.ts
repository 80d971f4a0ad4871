import type { Part, Picture, Ramp } from './part';

/** Layers below which a change of one pixel cannot be seen: less than one step of 255. */
const LEAST_COVER = 1 / 256;
/** Lines thinner than this have no room for a round end, pixels. */
const ROUND_FROM_PX = 2;
/** Colours along a ramp. */
const RAMP_STEPS = 256;
/** Parts painted between two pauses. */
const PARTS_A_STEP = 128;
/** Edge of a tile, as a power of two: tiles count which of their pixels still let something through. */
const TILE_BITS = 3;

/**
 * Paints a picture on pixels of its own: every polygon covers each pixel by exactly the area they share, as if the pixel were cut
 * along the outline. A leaf is a few hundred pixels, and a drawing surface that takes one order for each spends longer on the orders
 * than on the leaves. Nothing here needs a browser.
 *
 * Area is summed along rows: an edge adds what it covers of its pixel and hands the rest on to the next (signed-area accumulation,
 * as renderers of type do it); overlapping outlines of one part that run the same way round are joined.
 *
 * It paints from the front to the back, each part under what is there: half of a dense planting lies behind other leaves, and where
 * nothing lets through any more nothing need be painted.
 */
export class Raster {
  /** Straight (not premultiplied) red, green, blue and opacity, a byte each, row by row. */
  readonly bytes: Uint8ClampedArray<ArrayBuffer>;
  /** The same as whole numbers with a sign: bit operations stay whole numbers, which they would not from 2³¹ up. While painting, colours are multiplied by their opacity. */
  private readonly pixels: Int32Array<ArrayBuffer>;
  private readonly area: Float32Array<ArrayBuffer>;
  private readonly stride: number;
  /** Pixels of each tile that still let something through. */
  private readonly open: Uint8Array<ArrayBuffer>;
  private readonly tilesAcross: number;
  private mask: Uint8Array | null = null;
  private left = 0;
  private right = 0;
  private top = 0;
  private bottom = 0;

  /** @param width @param height whole pixels, 1 or more */
  constructor(
    readonly width: number,
    readonly height: number,
  ) {
    this.bytes = new Uint8ClampedArray(width * height * 4);
    this.pixels = new Int32Array(this.bytes.buffer);
    // One column more on the right takes what lies beyond the edge.
    this.stride = width + 2;
    this.area = new Float32Array(this.stride * height);
    const edge = 1 << TILE_BITS;
    this.tilesAcross = Math.ceil(width / edge);
    this.open = new Uint8Array(this.tilesAcross * Math.ceil(height / edge));
    for (let i = 0, y = 0; y < height; y += edge)
      for (let x = 0; x < width; x += edge, i += 1)
        this.open[i] = Math.min(edge, width - x) * Math.min(edge, height - y);
  }

  /**
   * Paints a picture, in steps. A raster takes one picture.
   * @param density pixels of this raster per picture pixel
   * @param ground opaque colour under it all, `#rrggbb`; `null` leaves it clear
   */
  *paint(picture: Picture, density: number, ground: string | null = null): Generator<void> {
    let parts = 0;
    for (let i = picture.layers.length - 1; i >= 0; i -= 1) {
      const layer = picture.layers[i]!;
      const mask = layer.clip ? this.cut(layer.clip, density) : null;
      for (let j = layer.drawn.length - 1; j >= 0; j -= 1) {
        const drawn = layer.drawn[j]!.parts;
        for (let k = drawn.length - 1; k >= 0; k -= 1) {
          const part = drawn[k]!;
          parts += 1;
          if (parts % PARTS_A_STEP === 0) yield;
          if (!this.shows(part, density)) continue;
          this.outline(part, density);
          this.cover(part, mask, density);
        }
      }
    }
    if (ground) this.fillUnder(inkOf(ground));
    else this.settle();
  }

  /** Whether any tile that a part may reach still lets something through. */
  private shows({ xy, widthPx }: Part, density: number): boolean {
    let [left, right, top, bottom] = [Infinity, -Infinity, Infinity, -Infinity];
    for (let i = 0; i < xy.length; i += 2) {
      const x = xy[i]!;
      const y = xy[i + 1]!;
      if (x < left) left = x;
      if (x > right) right = x;
      if (y < top) top = y;
      if (y > bottom) bottom = y;
    }
    // A mitred corner reaches farther than half the width, at most so much.
    const beyond = widthPx * MITRE_REACH;
    const { width, height, open, tilesAcross } = this;
    const fromX = Math.max(0, Math.floor((left - beyond) * density)) >> TILE_BITS;
    const toX = Math.min(width - 1, Math.floor((right + beyond) * density)) >> TILE_BITS;
    const fromY = Math.max(0, Math.floor((top - beyond) * density)) >> TILE_BITS;
    const toY = Math.min(height - 1, Math.floor((bottom + beyond) * density)) >> TILE_BITS;
    for (let y = fromY; y <= toY; y += 1)
      for (let i = y * tilesAcross + fromX, last = i + toX - fromX; i <= last; i += 1)
        if (open[i]! > 0) return true;
    return false;
  }

  /** Lays an opaque colour under everything. */
  private fillUnder(ink: number): void {
    const { pixels } = this;
    for (let i = 0; i < pixels.length; i += 1)
      if (pixels[i]! >>> 24 < 255) pixels[i] = under(pixels[i]!, ink, 1);
  }

  /** Colours as they are, no longer multiplied by their opacity. */
  private settle(): void {
    const { pixels, bytes } = this;
    for (let i = 0; i < pixels.length; i += 1) {
      const alpha = pixels[i]! >>> 24;
      if (alpha === 255 || alpha === 0) continue;
      const up = 255 / alpha;
      for (let at = 4 * i; at < 4 * i + 3; at += 1) bytes[at] = bytes[at]! * up;
    }
  }

  private outline(part: Part, density: number): void {
    this.left = this.width;
    this.top = this.height;
    this.right = 0;
    this.bottom = 0;
    if (part.widthPx === 0) this.addPolygon(part.xy, part.xy.length, density);
    else this.addLine(part.xy, part.widthPx, density);
  }

  /**
   * Adds the area to the right of each edge, row by row, and widens the bounds. One long loop with everything in local variables:
   * it runs for every edge of every leaf.
   */
  private addPolygon(xy: readonly number[], length: number, density: number): void {
    const { width, height, area, stride } = this;
    let { left, right, top, bottom } = this;
    let x1 = xy[length - 2]! * density;
    let y1 = xy[length - 1]! * density;
    for (let n = 0; n < length; n += 2) {
      const x0 = x1;
      const y0 = y1;
      x1 = xy[n]! * density;
      y1 = xy[n + 1]! * density;
      if (x1 < left) left = x1;
      if (x1 > right) right = x1;
      if (y1 < top) top = y1;
      if (y1 > bottom) bottom = y1;
      if (y0 === y1) continue;
      const falls = y0 < y1;
      const way = falls ? 1 : -1;
      const upX = falls ? x0 : x1;
      const upY = falls ? y0 : y1;
      const downY = falls ? y1 : y0;
      if (downY <= 0 || upY >= height) continue;
      const slope = (x1 - x0) / (y1 - y0);
      let x = upY < 0 ? upX - upY * slope : upX;
      const last = downY < height ? downY : height;
      for (let y = upY < 0 ? 0 : upY | 0; y < last; y += 1) {
        const reach = (y + 1 < downY ? y + 1 : downY) - (y > upY ? y : upY);
        const next = x + slope * reach;
        let by = reach * way;
        let from = x < next ? x : next;
        let to = x < next ? next : x;
        x = next;
        if (from < 0 || to > width) {
          // What runs along outside: on the left it covers whole rows, on the right nothing.
          const share = by / (to - from || 1);
          if (from < 0) area[y * stride]! += to <= 0 ? by : -from * share;
          if (to <= 0 || from >= width) continue;
          from = from < 0 ? 0 : from;
          to = to > width ? width : to;
          by = share * (to - from);
        }
        const first = from | 0;
        const at = y * stride + first;
        if (to <= first + 1) {
          const beyond = by * ((from + to) / 2 - first);
          area[at]! += by - beyond;
          area[at + 1]! += beyond;
          continue;
        }
        const after = Math.ceil(to) - first;
        const each = 1 / (to - from);
        const start = 1 - (from - first);
        const head = 0.5 * each * start * start;
        const end = to - first - after + 1;
        const tail = 0.5 * each * end * end;
        area[at]! += by * head;
        if (after === 2) area[at + 1]! += by * (1 - head - tail);
        else {
          const second = each * (start + 0.5);
          area[at + 1]! += by * (second - head);
          for (let i = 2; i < after - 1; i += 1) area[at + i]! += by * each;
          area[at + after - 1]! += by * (1 - (second + (after - 3) * each) - tail);
        }
        area[at + after]! += by * tail;
      }
    }
    this.left = left;
    this.right = right;
    this.top = top;
    this.bottom = bottom;
  }

  /** A line as the outline of its stroke: along one side and back along the other, corners mitred, round at both ends when it is broad. */
  private addLine(xy: readonly number[], widthPx: number, density: number): void {
    const half = widthPx / 2;
    const last = xy.length - 2;
    const round = widthPx * density >= ROUND_FROM_PX;
    const size = 2 * xy.length;
    // Direction of the run before a point and after it.
    let bx = 0;
    let by = 0;
    for (let i = 0; i <= last; i += 2) {
      let ax = i < last ? xy[i + 2]! - xy[i]! : 0;
      let ay = i < last ? xy[i + 3]! - xy[i + 1]! : 0;
      const run = Math.sqrt(ax * ax + ay * ay);
      if (run > 0) {
        ax /= run;
        ay /= run;
      } else {
        ax = bx;
        ay = by;
      }
      if (i === 0) {
        bx = ax || (ay ? 0 : 1);
        by = ay;
      }
      const square = (ax + bx) ** 2 + (ay + by) ** 2;
      // A mitre reaches farther the sharper the corner; past the limit it is cut.
      const reach = square > MITRE ? (2 * half) / square : half;
      const nx = -(ay + by) * reach;
      const ny = (ax + bx) * reach;
      STROKE[i] = xy[i]! + nx;
      STROKE[i + 1] = xy[i + 1]! + ny;
      STROKE[size - 2 - i] = xy[i]! - nx;
      STROKE[size - 1 - i] = xy[i + 1]! - ny;
      if (round && (i === 0 || i === last))
        this.addEnd(
          xy[i]!,
          xy[i + 1]!,
          (i === 0 ? -bx : bx) * half,
          (i === 0 ? -by : by) * half,
          density,
        );
      bx = ax;
      by = ay;
    }
    this.addPolygon(STROKE, size, density);
  }

  /** Half a disc that closes a stroke, outward along (ox, oy). It runs the same way round as the stroke, so that the two join. */
  private addEnd(x: number, y: number, ox: number, oy: number, density: number): void {
    for (let i = 0; i < ROUND_END.length; i += 1) {
      const [c, s] = ROUND_END[i]!;
      END[2 * i] = x - oy * c + ox * s;
      END[2 * i + 1] = y + ox * c + oy * s;
    }
    this.addPolygon(END, END.length, density);
  }
  /** Lays a part's colour on what was outlined, and clears the sums. */
  private cover(part: Part, mask: Uint8Array | null, density: number): void {
    if (typeof part.colour !== 'string')
      return this.coverMixed(rampOf(part.colour, density), part.alpha, mask);
    const ink = inkOf(part.colour);
    if (mask || part.alpha < 1 || ink >>> 24 < 255)
      this.coverMixed({ inks: Int32Array.of(ink), from: 0, across: 0, down: 0 }, part.alpha, mask);
    else this.coverPlain(ink);
  }

  /** With one opaque colour: nearly all that is painted. */
  private coverPlain(ink: number): void {
    const { area, stride, pixels, width, open, tilesAcross } = this;
    const [top, bottom, left, right] = this.bounds();
    for (let y = top; y < bottom; y += 1) {
      const tiles = (y >> TILE_BITS) * tilesAcross;
      let sum = 0;
      let at = y * stride + left;
      for (let x = left, to = y * width + left; x < right; x += 1, at += 1, to += 1) {
        sum += area[at]!;
        area[at] = 0;
        const share = sum < 0 ? -sum : sum;
        if (share <= LEAST_COVER) continue;
        const held = pixels[to]!;
        if (held >>> 24 === 255) continue;
        const laid = share > WHOLE && held === 0 ? ink : under(held, ink, share > 1 ? 1 : share);
        pixels[to] = laid;
        if (laid >>> 24 === 255) open[tiles + (x >> TILE_BITS)]! -= 1;
      }
      area[at] = 0;
      area[at + 1] = 0;
    }
  }

  private coverMixed(
    { inks, from, across, down }: RampInks,
    alpha: number,
    mask: Uint8Array | null,
  ): void {
    const { area, stride, pixels, width, open, tilesAcross } = this;
    const [top, bottom, left, right] = this.bounds();
    const last = inks.length - 1;
    for (let y = top; y < bottom; y += 1) {
      const tiles = (y >> TILE_BITS) * tilesAcross;
      let sum = 0;
      let at = y * stride + left;
      let to = y * width + left;
      let step = from + down * y + across * left;
      for (let x = left; x < right; x += 1, at += 1, to += 1, step += across) {
        sum += area[at]!;
        area[at] = 0;
        let share = sum < 0 ? -sum : sum;
        if (share < LEAST_COVER) continue;
        const held = pixels[to]!;
        if (held >>> 24 === 255) continue;
        if (share > 1) share = 1;
        const ink = inks[step <= 0 ? 0 : step >= last ? last : (step + 0.5) | 0]!;
        share *= alpha * (ink >>> 24) * BYTE;
        if (mask) share *= mask[to]! * BYTE;
        const laid = under(held, ink, share);
        pixels[to] = laid;
        if (laid >>> 24 === 255) open[tiles + (x >> TILE_BITS)]! -= 1;
      }
      area[at] = 0;
      area[at + 1] = 0;
    }
  }

  /** How much of each pixel lies inside a clipping outline, 0–255. */
  private cut(clip: readonly number[], density: number): Uint8Array {
    const mask = (this.mask ??= new Uint8Array(this.width * this.height));
    mask.fill(0);
    this.outline({ xy: clip, widthPx: 0, colour: '', alpha: 1 }, density);
    const { area, stride, width } = this;
    const [top, bottom, left, right] = this.bounds();
    for (let y = top; y < bottom; y += 1) {
      let sum = 0;
      for (let x = left, at = y * stride + left; x < right; x += 1, at += 1) {
        sum += area[at]!;
        const share = sum < 0 ? -sum : sum;
        mask[y * width + x] = share > 1 ? 255 : share * 255 + 0.5;
      }
      area.fill(0, y * stride + left, y * stride + right + 2);
    }
    return mask;
  }

  private bounds(): readonly [top: number, bottom: number, left: number, right: number] {
    const { width, height } = this;
    const left = Math.max(0, Math.min(width, Math.floor(this.left)));
    return [
      Math.max(0, Math.floor(this.top)),
      Math.min(height, Math.ceil(this.bottom)),
      left,
      Math.max(left, Math.min(width, Math.ceil(this.right))),
    ];
  }
}

/** Square of the sum of two unit directions below which a corner is too sharp for a mitre: some 130°. */
const MITRE = 0.7;
/** How far a mitred corner may reach, in widths: half of twice the unit over the square root of the limit. */
const MITRE_REACH = 1 / Math.sqrt(MITRE);
/** The points of a half disc, from one corner to the other. */
const ROUND_END = [0, 1, 2, 3, 4, 5, 6].map(
  (i) => [Math.cos((i * Math.PI) / 6), Math.sin((i * Math.PI) / 6)] as const,
);
/** Room for one stroke and one end; written anew for every one. The first fraction lays them out for fractions. */
const STROKE: number[] = new Array<number>(512).fill(0.5);
const END: number[] = new Array<number>(2 * ROUND_END.length).fill(0.5);

const OPAQUE = 0xff000000 | 0;
const BYTE = 1 / 255;
/** Cover from which a pixel is taken to be covered whole. */
const WHOLE = 1 - LEAST_COVER;

/** One colour laid under another, which is multiplied by its opacity; both as opacity, blue, green, red from the highest byte down. @param share 0–1 */
function under(held: number, ink: number, share: number): number {
  const opacity = held >>> 24;
  const room = (255 - opacity) * share;
  const alpha = opacity + room + 0.5;
  // What is left of the last step of 255 cannot be seen; a pixel that is whole is never looked at again.
  const whole = alpha >= 254.5;
  const part = (whole ? 255 - opacity : room) * BYTE;
  const r = (held & 255) + (ink & 255) * part + 0.5;
  const g = ((held >> 8) & 255) + ((ink >> 8) & 255) * part + 0.5;
  const b = ((held >> 16) & 255) + ((ink >> 16) & 255) * part + 0.5;
  const high = r | 0 | ((g | 0) << 8) | ((b | 0) << 16);
  return whole ? high | OPAQUE : high | ((alpha | 0) << 24);
}

const inks = new Map<string, number>();

/** `#rrggbb` or `#rrggbbaa` as the pixels hold it. */
function inkOf(colour: string): number {
  let ink = inks.get(colour);
  if (ink === undefined) {
    const byte = (at: number) => parseInt(colour.slice(at, at + 2), 16);
    ink = byte(1) | (byte(3) << 8) | (byte(5) << 16) | ((colour.length > 7 ? byte(7) : 255) << 24);
    inks.set(colour, ink);
  }
  return ink;
}

/** Colours along a ramp, and at which of them a pixel stands: `from + across·x + down·y`. */
interface RampInks {
  readonly inks: Int32Array;
  readonly from: number;
  readonly across: number;
  readonly down: number;
}

function rampOf({ x0, y0, x1, y1, stops }: Ramp, density: number): RampInks {
  const steps = new Int32Array(RAMP_STEPS);
  for (let i = 0; i < RAMP_STEPS; i += 1) {
    const at = i / (RAMP_STEPS - 1);
    const next = stops.findIndex((stop) => stop.at >= at);
    const to = stops[next < 0 ? stops.length - 1 : next]!;
    const from = stops[next < 0 ? stops.length - 1 : Math.max(0, next - 1)]!;
    steps[i] = between(
      inkOf(from.colour),
      inkOf(to.colour),
      to.at > from.at ? (at - from.at) / (to.at - from.at) : 0,
    );
  }
  const square = (x1 - x0) ** 2 + (y1 - y0) ** 2;
  const [dx, dy] =
    square > 0
      ? [((x1 - x0) / square) * (RAMP_STEPS - 1), ((y1 - y0) / square) * (RAMP_STEPS - 1)]
      : [0, 0];
  return {
    inks: steps,
    from: (0.5 / density - x0) * dx + (0.5 / density - y0) * dy,
    across: dx / density,
    down: dy / density,
  };
}

function between(p: number, q: number, share: number): number {
  let out = 0;
  for (const shift of [0, 8, 16, 24])
    out |=
      Math.round(((p >>> shift) & 255) + (((q >>> shift) & 255) - ((p >>> shift) & 255)) * share) <<
      shift;
  return out;
}
