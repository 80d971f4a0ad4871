import { paintPicture } from './canvas';
import { picturing, type PictureRequest } from './picturing';

let pictureOf: ReturnType<typeof picturing> | null = null;

/** Paints on the page itself, for browsers without OffscreenCanvas. */
export function paintHere(element: HTMLCanvasElement, request: PictureRequest & { readonly density: number }): void {
  pictureOf ??= picturing();
  element.width = Math.round(request.widthPx * request.density);
  element.height = Math.round(request.heightPx * request.density);
  const context = element.getContext('2d');
  if (!context) return;
  context.scale(request.density, request.density);
  paintPicture(context, pictureOf(request));
  element.dataset.painted = request.detail;
}
