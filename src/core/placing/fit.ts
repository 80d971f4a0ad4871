import { fillable, mixDepthCm, surfacesOf, type Container } from '../containers/container';
import { insetCm, reachOf, type Section } from '../containers/section';
import { rimSection } from '../containers/shape';
import { gapCm } from '../geometry/discs';
import type { Place } from '../plantings/planting';
import type { PlantKind } from '../plants/kind';
import { NURSERY_SIZES, type NurserySizeId } from '../plants/nursery';
import { clamp } from '../units/units';
import { once } from '../work/once';

/** Mix between a root ball and the wall, cm: it keeps roots from drying and burning. The usual advice is 2–3; 1 is the least. */
export const RIM_BUFFER_CM = 1;
/** How far two root balls may be squeezed into each other, as a share of their mean width. */
export const SQUASH = 0.12;

/** A root ball where it stands, cm. Of a kind that is shaken out only a part of it is set in. */
export interface Ball extends Pick<Place, 'xCm' | 'zCm' | 'size'> {
  readonly kind?: SetIn | undefined;
}

/** Cuts at which a ball is held against the wall, with half its width there, by level of mix. */
type Cuts = readonly (readonly (readonly [section: Section, halfCm: number])[])[];

/** What of a kind tells how it is set in. */
export type SetIn = Pick<PlantKind, 'cycle' | 'company'>;

/** A plant that is set in as it is. */
const ANY: SetIn = { cycle: 'annual', company: [] };

/** Succulents and alpines are shaken out of their mix and planted shallow: share of the ball's height they need. A usual practice. */
const SHAKEN_OUT = 0.65;

const isShakenOut = ({ cycle, company }: SetIn): boolean =>
  cycle === 'succulent' || cycle === 'desert succulent' || company.includes('alpine');

const cutsIn = once((_container: Container) => ({
  whole: new Map<NurserySizeId, Cuts>(),
  shaken: new Map<NurserySizeId, Cuts>(),
}));

function cutsFor(container: Container, size: NurserySizeId, kind: SetIn): Cuts {
  const held = cutsIn(container)[isShakenOut(kind) ? 'shaken' : 'whole'];
  let cuts = held.get(size);
  if (!cuts) held.set(size, (cuts = makeCuts(container, size, settingDepthCm(size, kind))));
  return cuts;
}

function makeCuts(container: Container, size: NurserySizeId, settingCm: number): Cuts {
  const ball = NURSERY_SIZES[size];
  const form = fillable(container);
  const levels = surfacesOf(container);
  return levels.flatMap(({ section, heightCm, floorCm }) => {
    const foot = heightCm - settingCm;
    // Of several levels those that are too shallow take no ball.
    if (levels.length > 1 && foot < floorCm - 1e-6) return [];
    const bends = form.jutsCm.filter((bend) => bend > foot && bend < heightCm && bend >= floorCm);
    return [
      [
        [section, ball.topCm / 2] as const,
        ...bends.map(
          (bend) =>
            [
              form.sectionAt(bend),
              (ball.baseCm + ((ball.topCm - ball.baseCm) * (bend - foot)) / settingCm) / 2,
            ] as const,
        ),
        [form.sectionAt(Math.max(floorCm, foot)), ball.baseCm / 2] as const,
      ],
    ];
  });
}

/**
 * Room left between a root ball and the wall where it is tightest, cm: at its top and bottom edges, and where the wall juts inward between
 * them. Of several levels of mix the roomiest counts.
 * @param kind whose ball it is; without one it is set in whole
 * @returns negative when the ball does not fit there
 */
export function wallRoomCm(container: Container, ball: Ball): number {
  return wallRoomOf(container, ball)(ball.xCm, ball.zCm);
}

/** {@link wallRoomCm} of one ball wherever it may stand: for what moves it many times. */
export function wallRoomOf(
  container: Container,
  { size, kind = ANY }: Pick<Ball, 'size' | 'kind'>,
): (xCm: number, zCm: number) => number {
  const levels = cutsFor(container, size, kind);
  return (xCm, zCm) => {
    let best = -Infinity;
    for (const cuts of levels) {
      let room = Infinity;
      for (const [section, half] of cuts) room = Math.min(room, insetCm(section, xCm, zCm) - half);
      best = Math.max(best, room);
    }
    return best - RIM_BUFFER_CM;
  };
}

const gravelIn = once((_container: Container) => new Map<NurserySizeId, number>());

/**
 * Gravel that lies between a plant shaken out of its mix and the rim, cm, because the container narrows below: farther from the
 * rim than against a straight wall, at the front, which is what is seen. 0 for what is set in whole, and where it fits against the
 * rim; never more than a share of the way to the middle, since a ball that fits only there stands in the middle.
 */
export function gravelCm(container: Container, size: NurserySizeId, kind: SetIn): number {
  if (!isShakenOut(kind)) return 0;
  const held = gravelIn(container);
  let gravel = held.get(size);
  if (gravel === undefined) {
    const rim = reachOf(rimSection(container.shape)).deepCm;
    let [fits, not] = [0, rim];
    for (let i = 0; i < HALVINGS; i += 1) {
      const zCm = (fits + not) / 2;
      if (wallRoomCm(container, { size, kind, xCm: 0, zCm }) >= 0) fits = zCm;
      else not = zCm;
    }
    const off = rim - fits - NURSERY_SIZES[size].topCm / 2 - RIM_BUFFER_CM;
    held.set(size, (gravel = clamp(off, 0, MOST_GRAVEL * rim)));
  }
  return gravel;
}

/** The most of the way to the middle that still counts as the rim. Ours. */
const MOST_GRAVEL = 0.2;
/** Halvings of a radius that leave less than a millimetre. */
const HALVINGS = 10;

/** Depth of mix a plant from a nursery pot needs to be set in, cm. */
export function settingDepthCm(size: NurserySizeId, kind: SetIn): number {
  return NURSERY_SIZES[size].heightCm * (isShakenOut(kind) ? SHAKEN_OUT : 1);
}

/** Is the mix deep enough to set this kind in from this nursery size? */
export function deepEnough(container: Container, size: NurserySizeId, kind: SetIn = ANY): boolean {
  return mixDepthCm(container) >= settingDepthCm(size, kind);
}

/**
 * Room between two root balls beyond the squeeze allowed, cm.
 * @returns negative when they do not fit side by side
 */
export function ballRoomCm(a: Ball, b: Ball): number {
  const [ra, rb] = [NURSERY_SIZES[a.size].topCm / 2, NURSERY_SIZES[b.size].topCm / 2];
  return (
    gapCm({ xCm: a.xCm, zCm: a.zCm, radiusCm: ra }, { xCm: b.xCm, zCm: b.zCm, radiusCm: rb }) +
    SQUASH * (ra + rb)
  );
}

/** The worst shortfall of room in a set of root balls, cm; 0 when all fit. */
export function worstShortfallCm(container: Container, balls: readonly Ball[]): number {
  let worst = 0;
  balls.forEach((ball, i) => {
    worst = Math.min(worst, wallRoomCm(container, ball));
    for (let j = 0; j < i; j += 1) worst = Math.min(worst, ballRoomCm(ball, balls[j]!));
  });
  return -worst;
}

/** Shortfalls smaller than this, cm, are within what a hand can tease. */
export const FIT_TOLERANCE_CM = 0.3;
