import type { Part, Picture } from '@/core/seeing/part';
import { finished } from '@/core/seeing/steps';

type Context = CanvasRenderingContext2D | OffscreenCanvasRenderingContext2D;

/** Paints a picture on a canvas, back to front. The caller clears and scales the context. */
export function paintPicture(context: Context, picture: Picture): void {
  finished(painting(context, picture));
}

/** Paints as {@link paintPicture} does, stopping after every few marks so that something more urgent can go first. */
export function* painting(context: Context, picture: Picture): Generator<void> {
  context.lineCap = 'round';
  context.lineJoin = 'round';
  for (const layer of picture.layers) {
    if (layer.clip) {
      context.save();
      trace(context, layer.clip, true);
      context.clip();
    }
    for (const [i, drawn] of layer.drawn.entries()) {
      for (const part of drawn.parts) paintPart(context, part);
      if (i % 64 === 63) yield;
    }
    if (layer.clip) context.restore();
  }
}

function trace(context: Context, xy: readonly number[], close: boolean): void {
  context.beginPath();
  context.moveTo(xy[0]!, xy[1]!);
  for (let i = 2; i < xy.length; i += 2) context.lineTo(xy[i]!, xy[i + 1]!);
  if (close) context.closePath();
}

function paintPart(context: Context, part: Part): void {
  if (part.alpha !== 1) context.globalAlpha = part.alpha;
  const colour = typeof part.colour === 'string' ? part.colour : rampOf(context, part.colour);
  trace(context, part.xy, part.widthPx === 0);
  if (part.widthPx === 0) {
    context.fillStyle = colour;
    context.fill();
  } else {
    context.strokeStyle = colour;
    context.lineWidth = part.widthPx;
    context.stroke();
  }
  if (part.alpha !== 1) context.globalAlpha = 1;
}

function rampOf(context: Context, ramp: Exclude<Part['colour'], string>): CanvasGradient {
  const gradient = context.createLinearGradient(ramp.x0, ramp.y0, ramp.x1, ramp.y1);
  for (const { at, colour } of ramp.stops) gradient.addColorStop(at, colour);
  return gradient;
}
