import { Raster } from '@/core/seeing/raster';
import { finished } from '@/core/work/steps';
import { Picturing, type PictureRequest } from './picturing';

let pictures: Picturing | null = null;

/** Paints on the page itself, for browsers without OffscreenCanvas. */
export function paintHere(
  element: HTMLCanvasElement,
  request: PictureRequest & { readonly density: number },
): void {
  pictures ??= new Picturing();
  element.width = Math.round(request.widthPx * request.density);
  element.height = Math.round(request.heightPx * request.density);
  const context = element.getContext('2d');
  if (!context) return;
  const raster = new Raster(element.width, element.height);
  finished(raster.paint(finished(pictures.drawing(request)), request.density));
  context.putImageData(new ImageData(raster.bytes, raster.width, raster.height), 0, 0);
  element.dataset.painted = request.detail;
}
