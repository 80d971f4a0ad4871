import { Raster } from '@/core/seeing/raster';
import { finished } from '@/core/work/steps';
import { Picturing } from '@/drawing/picturing';
import { toSvg } from '@/drawing/svg';
import type { SaveRequest } from './messages';

/** Makes a picture as a file on the page itself, for browsers without workers that can draw. */
export async function saveHere(request: SaveRequest): Promise<Blob> {
  const picture = finished(new Picturing().drawing(request));
  if (request.as === 'svg') {
    const svg = toSvg(picture, { title: request.title, background: request.ground });
    return new Blob([svg], { type: 'image/svg+xml' });
  }
  const raster = new Raster(request.widthPx * request.density, request.heightPx * request.density);
  finished(raster.paint(picture, request.density, request.ground));
  const canvas = document.createElement('canvas');
  canvas.width = raster.width;
  canvas.height = raster.height;
  canvas
    .getContext('2d')
    ?.putImageData(new ImageData(raster.bytes, raster.width, raster.height), 0, 0);
  return new Promise((resolve, reject) =>
    canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error('No picture was made.')))),
  );
}
