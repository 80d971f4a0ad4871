import type { Picture } from './part';

/** Which plant is seen at each cell of a coarse picture. */
export interface ItemBuffer {
  readonly width: number;
  readonly height: number;
  /** Plant index + 1, with {@link FLORAL} added for its flowers where they are told apart; 0 is background; 65535 is the container. */
  readonly ids: Uint16Array;
}

export const CONTAINER_ID = 65535;
/** Added to the id of a plant's flowers, plumes and fruit. */
export const FLORAL = 16384;

/**
 * Counts what is seen: fills the picture's own polygons, in painting order, with exact ids (a canvas would blur them at the edges).
 * Even–odd scanline fill; lines become quads of their own width: thinner than a cell they are met by as many cell middles as their area asks.
 * @param scale cells per pixel of the picture, e.g. ¼
 * @param flowers are told apart from leaves
 */
export function itemBuffer(
  picture: Picture,
  scale: number,
  flowers: 'apart' | 'with leaves' = 'with leaves',
): ItemBuffer {
  const width = Math.max(1, Math.ceil(picture.widthPx * scale));
  const height = Math.max(1, Math.ceil(picture.heightPx * scale));
  const ids = new Uint16Array(width * height);
  for (const layer of picture.layers) {
    const mask = layer.clip ? rasterMask(layer.clip, width, height, scale) : null;
    for (const drawn of layer.drawn) {
      const id =
        drawn.plant < 0
          ? CONTAINER_ID
          : drawn.plant + 1 + (flowers === 'apart' && drawn.floral ? FLORAL : 0);
      for (const part of drawn.parts) {
        if (part.alpha < 0.5) continue;
        if (part.widthPx === 0)
          scan(part.xy, width, height, scale, (row, from, to) =>
            paint(ids, mask, row * width, from, to, id),
          );
        else
          strokeQuads(part.xy, part.widthPx, (quad) =>
            scan(quad, width, height, scale, (row, from, to) =>
              paint(ids, mask, row * width, from, to, id),
            ),
          );
      }
    }
  }
  return { width, height, ids };
}

/** Share of the picture's plant cells that belong to each plant; sums to 1 when any plant is seen. */
export function seenShares(buffer: ItemBuffer, plants: number): number[] {
  const counts = new Array<number>(plants).fill(0);
  let total = 0;
  for (const id of buffer.ids) {
    if (id === 0 || id === CONTAINER_ID) continue;
    counts[id - 1]! += 1;
    total += 1;
  }
  return counts.map((count) => (total > 0 ? count / total : 0));
}

function paint(
  ids: Uint16Array,
  mask: Uint8Array | null,
  row: number,
  from: number,
  to: number,
  id: number,
): void {
  if (!mask) ids.fill(id, row + from, row + to);
  else for (let x = from; x < to; x += 1) if (mask[row + x]) ids[row + x] = id;
}

function rasterMask(
  clip: readonly number[],
  width: number,
  height: number,
  scale: number,
): Uint8Array {
  const mask = new Uint8Array(width * height);
  scan(clip, width, height, scale, (row, from, to) =>
    mask.fill(1, row * width + from, row * width + to),
  );
  return mask;
}

/** Calls `span(row, from, to)` for each run of cells whose middles lie inside the polygon. */
function scan(
  xy: readonly number[],
  width: number,
  height: number,
  scale: number,
  span: (row: number, from: number, to: number) => void,
): void {
  let [low, high] = [Infinity, -Infinity];
  for (let i = 1; i < xy.length; i += 2) {
    const y = xy[i]! * scale;
    if (y < low) low = y;
    if (y > high) high = y;
  }
  const first = Math.max(0, Math.ceil(low - 0.5));
  const last = Math.min(height - 1, Math.floor(high - 0.5));
  const n = xy.length;
  for (let row = first; row <= last; row += 1) {
    const y = row + 0.5;
    const cuts: number[] = [];
    let x1 = xy[n - 2]! * scale;
    let y1 = xy[n - 1]! * scale;
    for (let i = 0; i < n; i += 2) {
      const x2 = xy[i]! * scale;
      const y2 = xy[i + 1]! * scale;
      if (y1 <= y !== y2 <= y) cuts.push(x1 + ((y - y1) / (y2 - y1)) * (x2 - x1));
      x1 = x2;
      y1 = y2;
    }
    if (cuts.length > 2) cuts.sort((p, q) => p - q);
    else if (cuts.length === 2 && cuts[0]! > cuts[1]!) cuts.reverse();
    for (let i = 0; i + 1 < cuts.length; i += 2) {
      const from = Math.max(0, Math.ceil(cuts[i]! - 0.5));
      const to = Math.min(width, Math.floor(cuts[i + 1]! - 0.5) + 1);
      if (to > from) span(row, from, to);
    }
  }
}

function strokeQuads(
  xy: readonly number[],
  widthPx: number,
  each: (quad: readonly number[]) => void,
): void {
  for (let i = 0; i + 3 < xy.length; i += 2) {
    const [x1, y1, x2, y2] = [xy[i]!, xy[i + 1]!, xy[i + 2]!, xy[i + 3]!];
    const run = Math.hypot(x2 - x1, y2 - y1) || 1;
    const [nx, ny] = [(-(y2 - y1) / run) * (widthPx / 2), ((x2 - x1) / run) * (widthPx / 2)];
    each([x1 + nx, y1 + ny, x2 + nx, y2 + ny, x2 - nx, y2 - ny, x1 - nx, y1 - ny]);
  }
}
