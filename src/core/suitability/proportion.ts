import { isLong, visibleHeightCm, type Container } from '../containers/container';
import { reachOf } from '../containers/section';
import { insideDepthCm, isHung, rimSection } from '../containers/shape';
import type { Wishes } from '../plantings/planting';
import { HIGHEST_CM } from '../plantings/heights';

/** A dish so shallow, cm, is for mats and rosettes. Ours. */
export const DISH_CM = 16;

/** Tallest plant over visible height that looks right: 1–2 for pots, more for low wide bowls, less for dishes, baskets and sills. */
export function goodRatios(container: Container): readonly [least: number, most: number] {
  const { shape } = container;
  if (isHung(shape)) return [0.6, 2.1];
  const { acrossCm, deepCm } = reachOf(rimSection(shape));
  if (isLong(container) || shape.kind === 'bag') return [0.9, 2.6];
  if (insideDepthCm(shape) <= DISH_CM) return [0.6, 2.4];
  return insideDepthCm(shape) < Math.min(acrossCm, deepCm) * 1.1 ? [1.3, 2.4] : [0.9, 2.1];
}

/** Who wishes it tall without an end bears so many times the least that was wished. Ours. */
const MOST_OVER_LEAST = 1.8;
/** Under so many cm, or so many times the least height that looks right, a lead is none. Ours. */
const LEAD_CM = 35;
const LOW_OF_USUAL = 1.2;

/** The same as multiples of the visible height, where heights over the mix are wished for: those; else what looks right. */
export function wishedRatios(
  container: Container,
  { tallestCm }: Pick<Wishes, 'tallestCm'>,
): readonly [least: number, most: number] {
  const usual = goodRatios(container);
  if (!tallestCm) return usual;
  const pot = visibleHeightCm(container);
  const [least, most] = tallestCm.map((cm) => cm / pot) as [number, number];
  return [least, endsAbove({ tallestCm }) ? most : Math.max(usual[1], least * MOST_OVER_LEAST)];
}

/** Is it wished so low that nothing can stand over the others? */
export function asksLow(container: Container, { tallestCm }: Pick<Wishes, 'tallestCm'>): boolean {
  return (
    tallestCm !== undefined &&
    tallestCm[1] <
      Math.max(LEAD_CM, visibleHeightCm(container) * goodRatios(container)[0] * LOW_OF_USUAL)
  );
}

/** Was it said how high it may stand at most? */
export const endsAbove = ({ tallestCm }: Pick<Wishes, 'tallestCm'>): boolean =>
  tallestCm !== undefined && tallestCm[1] < HIGHEST_CM;

/** Is something wished for that stands up? */
export const asksTall = ({ tallestCm }: Pick<Wishes, 'tallestCm'>): boolean =>
  tallestCm !== undefined && tallestCm[0] > 0;
