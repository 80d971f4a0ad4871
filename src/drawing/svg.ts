import { escaped } from '@/core/files/markup';
import type { Part, Picture, Ramp } from '@/core/seeing/part';

/** A picture as a standalone SVG document. One decimal is finer than a screen can show. */
export function toSvg(
  picture: Picture,
  options: { readonly title: string; readonly background: string | null },
): string {
  const defs: string[] = [];
  const body: string[] = [];
  picture.layers.forEach((layer, index) => {
    const parts = layer.drawn
      .flatMap((drawn) => drawn.parts.map((part) => partSvg(part, defs)))
      .join('');
    if (!parts) return;
    if (layer.clip)
      defs.push(`<clipPath id="clip${index}"><path d="${path(layer.clip, true)}"/></clipPath>`);
    body.push(layer.clip ? `<g clip-path="url(#clip${index})">${parts}</g>` : `<g>${parts}</g>`);
  });
  const ground = options.background
    ? `<rect width="100%" height="100%" fill="${options.background}"/>`
    : '';
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${picture.widthPx} ${picture.heightPx}" width="${picture.widthPx}" height="${picture.heightPx}"><title>${escaped(options.title)}</title><defs>${defs.join('')}</defs>${ground}${body.join('')}</svg>`;
}

const one = (value: number) => String(Math.round(value * 10) / 10);

function path(xy: readonly number[], close: boolean): string {
  let d = `M${one(xy[0]!)} ${one(xy[1]!)}`;
  for (let i = 2; i < xy.length; i += 2) d += `L${one(xy[i]!)} ${one(xy[i + 1]!)}`;
  return close ? `${d}Z` : d;
}

function partSvg(part: Part, defs: string[]): string {
  const colour = typeof part.colour === 'string' ? part.colour : `url(#${ramp(part.colour, defs)})`;
  const alpha = part.alpha < 1 ? ` opacity="${part.alpha}"` : '';
  if (part.widthPx === 0) return `<path d="${path(part.xy, true)}" fill="${colour}"${alpha}/>`;
  return `<path d="${path(part.xy, false)}" fill="none" stroke="${colour}" stroke-width="${one(part.widthPx)}" stroke-linecap="round" stroke-linejoin="round"${alpha}/>`;
}

function ramp(r: Ramp, defs: string[]): string {
  const id = `ramp${defs.length}`;
  const stops = r.stops
    .map(
      ({ at, colour }) =>
        `<stop offset="${at}" stop-color="${colour.slice(0, 7)}"${colour.length > 7 ? ` stop-opacity="${(parseInt(colour.slice(7), 16) / 255).toFixed(3)}"` : ''}/>`,
    )
    .join('');
  defs.push(
    `<linearGradient id="${id}" gradientUnits="userSpaceOnUse" x1="${one(r.x0)}" y1="${one(r.y0)}" x2="${one(r.x1)}" y2="${one(r.y1)}">${stops}</linearGradient>`,
  );
  return id;
}
