import {
  brimL,
  fillable,
  footL,
  mixAreaCm2,
  mixDepthCm,
  mixFloorCm,
  mixHeightCm,
  mixL,
  mixSurface,
  type Container,
} from '../containers/container';
import { grown, sectionAreaCm2 } from '../containers/section';
import { rimLengthCm } from '../containers/shape';
import { NURSERY_SIZES, type NurserySizeId } from '../plants/nursery';
import { CM3_PER_L } from '../units/units';

/** What filling a container takes, litres and cm. */
export interface Filling {
  readonly grossL: number;
  /** Mix up to the headspace, root balls counted as mix. */
  readonly fillL: number;
  readonly ballsL: number;
  /** Mix in place with the balls out; 0 when the balls alone fill it. */
  readonly netL: number;
  /** To buy: loose mix settles when it is firmed and watered. */
  readonly buyL: number;
  /** Height of mix above the inside base before planting, so that the tallest ball ends level with the mix; `null` without balls. */
  readonly preFillCm: number | null;
  /** The same measured down from the rim. */
  readonly belowRimCm: number | null;
  readonly preFillL: number;
  /** Mix to renew each year where a plant stays. */
  readonly topThirdL: number;
  readonly dressingL: number;
  readonly surfaceCm2: number;
  readonly rimCm: number;
  /** Rim that is seen: the front half from one side. */
  readonly rimInViewCm: number;
  readonly depthCm: number;
  /** Mix per plant once roots have filled it, litres; `null` without plants. */
  readonly rootRunL: number | null;
  /** Litres a coarse layer or crocks take from roots. */
  readonly lostL: number;
}

/** Settling of loose bagged mix when filled and watered (EN 12580 measures bags loose): share added. */
export const SETTLING = 0.15;

/**
 * Litres and heights for filling a container round these root balls.
 * @param balls nursery sizes of the plants that go in from above
 * @param sides of those that go in through the sides
 */
export function fillingOf(
  container: Container,
  balls: readonly NurserySizeId[],
  seenAllRound: boolean,
  sides: readonly NurserySizeId[] = [],
): Filling {
  const form = fillable(container);
  const [floor, height] = [mixFloorCm(container), mixHeightCm(container)];
  const fillL = mixL(container);
  // Poured litres stretch every part of the reckoning alike.
  const stretch = fillL / Math.max(1e-9, form.volumeBelowL(height) - form.volumeBelowL(floor));
  const between = (low: number, high: number) =>
    Math.max(0, form.volumeBelowL(high) - form.volumeBelowL(low)) * stretch;
  const ballsL = [...balls, ...sides].reduce((sum, size) => sum + NURSERY_SIZES[size].ballL, 0);
  const tallest =
    balls.length === 0 ? null : Math.max(...balls.map((size) => NURSERY_SIZES[size].heightCm));
  const preFillCm = tallest === null ? null : Math.max(floor, height - tallest);
  const netL = Math.max(0, fillL - ballsL);
  const rimCm = rimLengthCm(container.shape);
  return {
    grossL: brimL(container),
    fillL,
    ballsL,
    netL,
    buyL: netL * (1 + SETTLING),
    preFillCm,
    belowRimCm: preFillCm === null ? null : form.depthCm - preFillCm,
    preFillL: preFillCm === null ? 0 : between(floor, preFillCm),
    topThirdL: between(height - (height - floor) / 3, height),
    dressingL: (mixAreaCm2(container) * container.dressingCm) / CM3_PER_L,
    surfaceCm2: mixAreaCm2(container),
    rimCm,
    rimInViewCm: seenAllRound ? rimCm : rimCm / 2,
    depthCm: mixDepthCm(container),
    rootRunL: balls.length + sides.length === 0 ? null : fillL / (balls.length + sides.length),
    lostL: container.foot === 'coarse' || container.foot === 'crocks' ? footL(container) : 0,
  };
}

/** Height above the lowest drained level in which mix stays nearly full of water, cm: it comes with the mix, not with the pot, so a layer under it lifts it. */
const WET_ZONE_CM = { least: 4, most: 8 } as const;

/** What crocks or a coarse layer cost: where the wet zone ends above the inside base with them, and without, cm. */
export function wetZone(container: Container): {
  readonly withCm: readonly [number, number];
  readonly withoutCm: readonly [number, number];
} {
  const floor = mixFloorCm(container);
  const bare =
    floor - (container.foot === 'coarse' || container.foot === 'crocks' ? container.footCm : 0);
  return {
    withCm: [floor + WET_ZONE_CM.least, floor + WET_ZONE_CM.most],
    withoutCm: [bare + WET_ZONE_CM.least, bare + WET_ZONE_CM.most],
  };
}

/** Share of the mix's surface that lies within a hand's breadth of a hot or freezing wall, where fine roots die first. */
export function edgeShare(container: Container): number {
  const surface = mixSurface(container);
  return 1 - sectionAreaCm2(grown(surface, -4)) / sectionAreaCm2(surface);
}
